package ablemedic.app.http;

import ablemedic.craft.NoCraftException;
import ablemedic.electrics.UnusableSheetException;
import ablemedic.reading.Meter;
import ablemedic.reading.Written;
import java.net.URI;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;

/** Turns everything that is refused into problem details (RFC 9457) with {@code errors}: where and what is right. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

  /** One thing that is wrong. */
  record Wrong(String where, String right) {}

  @ExceptionHandler
  ResponseEntity<ProblemDetail> refused(Refusal refusal) {
    return answer(refusal.status(), String.valueOf(refusal.getMessage()), List.of(
        new Wrong(refusal.where(), String.valueOf(refusal.getMessage()))));
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> noCraft(NoCraftException e) {
    return answer(HttpStatus.UNPROCESSABLE_CONTENT, "This makes no craft: " + e.getMessage(),
        List.of(new Wrong(e.where(), String.valueOf(e.getMessage()))));
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> noSheet(UnusableSheetException e) {
    return answer(HttpStatus.UNPROCESSABLE_CONTENT, String.valueOf(e.getMessage()),
        e.wrong().stream().map(w -> new Wrong(w.where(), w.right())).toList());
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> noMeter(Meter.UnusableMeterException e) {
    return answer(HttpStatus.UNPROCESSABLE_CONTENT, String.valueOf(e.getMessage()),
        List.of(new Wrong(e.where(), String.valueOf(e.getMessage()))));
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> unreadable(Written.UnreadableException e) {
    return answer(HttpStatus.UNPROCESSABLE_CONTENT, String.valueOf(e.getMessage()),
        List.of(new Wrong("reading", String.valueOf(e.getMessage()))));
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> wrongType(MethodArgumentTypeMismatchException e) {
    return answer(HttpStatus.BAD_REQUEST, e.getName() + " cannot be “" + shortened(e.getValue()) + "”.",
        List.of(new Wrong(e.getName(), "a value of another kind")));
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> anythingElse(Exception e) {
    LOG.error("Unforeseen failure", e);
    return answer(HttpStatus.INTERNAL_SERVER_ERROR,
        "This should not have happened, and nothing was written. The reason stands in the program's log.", List.of());
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
    List<Wrong> wrong = e.getBindingResult().getFieldErrors().stream()
        .map(field -> new Wrong(field.getField(), String.valueOf(field.getDefaultMessage())))
        .toList();
    return widened(answer(HttpStatus.UNPROCESSABLE_CONTENT, wrong.stream()
        .map(w -> w.where() + ": " + w.right()).collect(Collectors.joining("; ")), wrong));
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
    for (Throwable t = e; t != null; t = t.getCause()) {
      if (t instanceof TooLargeException) {
        return widened(answer(HttpStatus.CONTENT_TOO_LARGE, String.valueOf(t.getMessage()), List.of()));
      }
      if (t instanceof Meter.UnusableMeterException meter) {
        return widened(noMeter(meter));
      }
    }
    if (e.getCause() instanceof DatabindException bind) {
      String where = bind.getPath().stream()
          .map(ref -> ref.getPropertyName() == null ? "[" + ref.getIndex() + "]" : ref.getPropertyName())
          .collect(Collectors.joining("."));
      String right = shortened(bind.getOriginalMessage());
      return widened(answer(HttpStatus.BAD_REQUEST, (where.isEmpty() ? "" : where + ": ") + right,
          List.of(new Wrong(where, right))));
    }
    String place = e.getCause() instanceof JacksonException json && json.getLocation() != null
        ? "line " + json.getLocation().getLineNr() + ", column " + json.getLocation().getColumnNr() : "the body";
    return widened(answer(HttpStatus.BAD_REQUEST, "The request is not JSON that can be read (" + place + ").",
        List.of(new Wrong(place, "JSON as the document under /api/docs describes it"))));
  }

  private static ResponseEntity<ProblemDetail> answer(HttpStatus status, String detail, List<Wrong> errors) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
    problem.setType(URI.create("about:blank"));
    problem.setProperty("errors", errors);
    return ResponseEntity.status(status).body(problem);
  }

  private static ResponseEntity<Object> widened(ResponseEntity<ProblemDetail> answer) {
    return ResponseEntity.status(answer.getStatusCode()).body(answer.getBody());
  }

  private static String shortened(@Nullable Object value) {
    String text = String.valueOf(value);
    return text.length() <= 200 ? text : text.substring(0, 200) + "…";
  }
}
