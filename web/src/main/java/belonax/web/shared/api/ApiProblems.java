package belonax.web.shared.api;

import belonax.BadInput;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Tells everything that is wrong with a call to the JSON interface as a problem document in plain words. */
@RestControllerAdvice(annotations = RestController.class)
@Order(0) // A page's refusals would take these too.
final class ApiProblems extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ApiProblems.class);

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(ApiRefusal refusal) {
        return problem(refusal.status(), String.valueOf(refusal.getMessage()), refusal.problems());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> senseless(BadInput input) {
        return problem(HttpStatus.UNPROCESSABLE_ENTITY, String.valueOf(input.getMessage()), input.problems());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> ourMistake(RuntimeException mistake, HttpServletRequest request) {
        LOG.error("Could not answer {}", request.getRequestURI(), mistake);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Belonax made a mistake here, not you. Nothing was stored; its log tells more.",
                List.of());
    }

    @Override
    protected ResponseEntity<Object> handleExceptionInternal(
            Exception exception,
            @Nullable Object body,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        HttpStatus known = HttpStatus.valueOf(status.value());
        return ResponseEntity.status(status)
                .headers(headers)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(ProblemDocuments.of(known, PlainWords.of(known), List.of()));
    }

    private static ResponseEntity<ProblemDetail> problem(
            HttpStatus status, String detail, List<BadInput.Problem> problems) {
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(ProblemDocuments.of(status, detail, problems));
    }
}
