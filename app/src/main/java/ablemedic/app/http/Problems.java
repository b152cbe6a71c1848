package ablemedic.app.http;

import ablemedic.app.storage.Receipt;
import ablemedic.app.storage.Trouble;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import java.io.IOException;
import java.net.URI;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import org.apache.catalina.connector.ClientAbortException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.http.converter.HttpMessageNotWritableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.ServletWebRequest;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.context.request.async.AsyncRequestTimeoutException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;

/** Turns everything that is refused into problem details (RFC 9457) with {@code errors}: where and what is right. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
    private static final Words SAID = Catalogue.beside(Problems.class, "words").of("problems");
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    /** One thing that is wrong. */
    record Wrong(String where, String right) {}

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refusal refusal) {
        return answer(
                refusal.status(),
                String.valueOf(refusal.getMessage()),
                List.of(new Wrong(refusal.where(), String.valueOf(refusal.getMessage()))));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> rejected(Rejected e) {
        return answer(
                HttpStatus.UNPROCESSABLE_CONTENT,
                e.right(),
                e.wrong().stream().map(w -> new Wrong(w.where(), w.right())).toList());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooLarge(ReadRequest.TooLargeException e) {
        String right = SAID.with("most", RequestGuard.LARGEST_FILE / 1024)
                .line("too-large")
                .plain();
        return answer(HttpStatus.CONTENT_TOO_LARGE, right, List.of(new Wrong("file", right)));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> wrongType(MethodArgumentTypeMismatchException e) {
        return answer(
                HttpStatus.BAD_REQUEST,
                SAID.with("name", e.getName())
                        .with("value", Refusal.shortened(e.getValue()))
                        .line("wrong-type")
                        .plain(),
                List.of(new Wrong(
                        e.getName(),
                        UnreadableJson.is(e.getRequiredType() == null ? Object.class : e.getRequiredType()))));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unreadableRecord(UnreadableRecordException e) {
        LOG.warn("A record cannot be read: {}", e.getMessage());
        return answer(
                HttpStatus.CONFLICT,
                SAID.with("why", e.getMessage()).line("unreadable").plain(),
                List.of());
    }

    /** Nothing can be said any more; the server cuts the connection for it. */
    @ExceptionHandler
    void brokenOff(BrokenOffException e) {
        LOG.warn("An answer was broken off: {}", String.valueOf(e.getCause()));
        throw e;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> anythingElse(Exception e) {
        if (isGone(e)) {
            return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE).build();
        }
        Optional<Trouble> trouble = Trouble.behind(e);
        if (trouble.isEmpty()) {
            return answer(HttpStatus.INTERNAL_SERVER_ERROR, unforeseen(e), List.of());
        }
        HttpStatus status =
                switch (trouble.get()) {
                    case LOCKED, CROWDED -> HttpStatus.SERVICE_UNAVAILABLE;
                    case FULL -> HttpStatus.INSUFFICIENT_STORAGE;
                    default -> HttpStatus.INTERNAL_SERVER_ERROR;
                };
        if (!trouble.get().passes()) {
            LOG.error("Trouble with the data file", e);
        }
        return answer(
                status,
                SAID.with("what", trouble.get().of("data file"))
                        .with("stored", stored())
                        .line("trouble")
                        .plain(),
                List.of());
    }

    /** Whoever asked has gone, or the work was broken off. */
    private static boolean isGone(Throwable thrown) {
        for (Throwable t = thrown; t != null; t = t.getCause()) {
            if (t instanceof CancellationException
                    || t instanceof AsyncRequestNotUsableException
                    || t instanceof AsyncRequestTimeoutException
                    || t instanceof ClientAbortException
                    || thrown instanceof HttpMessageNotWritableException && t instanceof IOException) {
                return true;
            }
        }
        return false;
    }

    private static String unforeseen(Exception e) {
        LOG.error("Unforeseen failure", e);
        return SAID.with("stored", stored()).line("unforeseen").plain();
    }

    private static String stored() {
        return Receipt.isWritten()
                ? SAID.line("written").plain()
                : SAID.line("not-written").plain();
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<Wrong> wrong = e.getBindingResult().getFieldErrors().stream()
                .map(field -> new Wrong(
                        WrittenPath.of(e.getParameter().getParameterType(), field.getField()),
                        String.valueOf(field.getDefaultMessage())))
                .toList();
        return widened(answer(
                HttpStatus.UNPROCESSABLE_CONTENT,
                wrong.stream().map(w -> w.where() + ": " + w.right()).collect(Collectors.joining("; ")),
                wrong));
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        for (Throwable t = e; t != null; t = t.getCause()) {
            if (t instanceof Rejected rejected) {
                return widened(rejected(rejected));
            }
        }
        Wrong wrong = e.getCause() instanceof JacksonException json
                ? UnreadableJson.of(json)
                : new Wrong(SAID.line("body").plain(), SAID.line("body-missing").plain());
        return widened(answer(HttpStatus.BAD_REQUEST, wrong.where() + ": " + wrong.right() + ".", List.of(wrong)));
    }

    /** Everything else that the framework refuses, without its own words about how it is made. */
    @Override
    protected @Nullable ResponseEntity<Object> handleExceptionInternal(
            Exception e, @Nullable Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (isGone(e)) {
            return null;
        }
        HttpStatus known = HttpStatus.valueOf(status.value());
        String detail =
                switch (known) {
                    case NOT_FOUND -> SAID.line("nothing").plain();
                    case METHOD_NOT_ALLOWED ->
                        SAID.with("method", ((ServletWebRequest) request).getHttpMethod())
                                .line("method")
                                .plain();
                    case UNSUPPORTED_MEDIA_TYPE -> SAID.line("json").plain();
                    case NOT_ACCEPTABLE -> SAID.line("answer").plain();
                    case BAD_REQUEST ->
                        e instanceof MissingServletRequestParameterException missing
                                ? SAID.with("name", missing.getParameterName())
                                        .line("parameter")
                                        .plain()
                                : SAID.line("request").plain();
                    default -> known.is5xxServerError() ? unforeseen(e) : known.getReasonPhrase() + ".";
                };
        ResponseEntity<ProblemDetail> answer = answer(known, detail, List.of());
        return ResponseEntity.status(known).headers(headers).body(answer.getBody());
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
}
