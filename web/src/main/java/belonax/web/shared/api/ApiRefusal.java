package belonax.web.shared.api;

import belonax.BadInput.Problem;
import java.util.List;
import org.springframework.http.HttpStatus;

/** A call that is refused, with its status and what is wrong in which field. */
public final class ApiRefusal extends RuntimeException {
    private final HttpStatus status;
    private final transient List<Problem> problems;

    ApiRefusal(HttpStatus status, String message, List<Problem> problems) {
        super(message);
        this.status = status;
        this.problems = List.copyOf(problems);
    }

    /** The body cannot be read as what this call takes. */
    static ApiRefusal malformed(String field, String message) {
        return new ApiRefusal(
                HttpStatus.BAD_REQUEST, message, field.isEmpty() ? List.of() : List.of(new Problem(field, message)));
    }

    /** The body can be read and makes no sense. */
    static ApiRefusal senseless(String field, String message) {
        return new ApiRefusal(HttpStatus.UNPROCESSABLE_ENTITY, message, List.of(new Problem(field, message)));
    }

    /** A field is missing that this call cannot do without. */
    public static ApiRefusal missing(String field, String whatToSend) {
        return malformed(field, "“" + field + "” is missing. " + whatToSend);
    }

    /** Nothing is known under the id in the path. */
    public static ApiRefusal unknown(String message) {
        return new ApiRefusal(HttpStatus.NOT_FOUND, message, List.of());
    }

    HttpStatus status() {
        return status;
    }

    List<Problem> problems() {
        return problems;
    }
}
