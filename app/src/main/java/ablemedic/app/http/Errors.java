package ablemedic.app.http;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the server answers where no view was reached. Asked for by itself, the address is one that is not there. */
@Hidden
@RestController
class Errors implements ErrorController {
    private static final Words SAID = Catalogue.beside(Errors.class, "words").of("errors");

    @RequestMapping("/error")
    ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
        HttpStatus status = request.getAttribute(RequestGuard.CUT_OFF) != null
                ? HttpStatus.REQUEST_TIMEOUT
                : request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code
                        ? HttpStatus.valueOf(code)
                        : HttpStatus.NOT_FOUND;
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                status,
                status == HttpStatus.NOT_FOUND
                        ? SAID.line("nothing").plain()
                        : status == HttpStatus.REQUEST_TIMEOUT
                                ? SAID.line("late").plain()
                                : status.getReasonPhrase() + ".");
        problem.setProperty("errors", List.of());
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }
}
