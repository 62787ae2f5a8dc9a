package belonax.web.shared.api;

import belonax.BadInput.Problem;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** Builds problem documents (RFC 9457). */
public final class ProblemDocuments {
    private ProblemDocuments() {}

    /** Returns a document with its field errors, where there are any to name. */
    public static ProblemDetail of(HttpStatus status, String detail, List<Problem> problems) {
        ProblemDetail document = ProblemDetail.forStatusAndDetail(status, detail);
        List<Problem> errors =
                problems.stream().filter(problem -> !problem.field().isEmpty()).toList();
        if (!errors.isEmpty()) {
            document.setProperty("errors", errors);
        }
        return document;
    }
}
