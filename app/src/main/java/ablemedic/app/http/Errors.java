package ablemedic.app.http;

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
                        ? "There is nothing at this address."
                        : status == HttpStatus.REQUEST_TIMEOUT
                                ? "The body did not come in time, or not whole."
                                : status.getReasonPhrase() + ".");
        problem.setProperty("errors", List.of());
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }
}
