package belonax.web.shared;

import belonax.web.shared.api.PlainWords;
import belonax.web.shared.api.ProblemDocuments;
import belonax.web.shared.pairing.AccessPolicy;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.boot.web.servlet.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** What is answered when no other answer could be given. It never shows the inside of the program. */
@Controller
class ErrorPage implements ErrorController {
    private final AccessPolicy policy;

    ErrorPage(AccessPolicy policy) {
        this.policy = policy;
    }

    @RequestMapping(path = "/error", produces = MediaType.TEXT_HTML_VALUE)
    String page(HttpServletRequest request, Model model) {
        HttpStatus status = status(request);
        model.addAttribute("heading", heading(status));
        model.addAttribute("advice", advice(status));
        return policy.knows(request) ? "shared/error" : "shared/outside";
    }

    /** Only a refused body leads here; what else asks for it has lost its way. */
    @GetMapping("/too-large")
    String tooLarge(HttpServletResponse response, Model model) {
        if (response.getStatus() != HttpStatus.PAYLOAD_TOO_LARGE.value()) {
            response.setStatus(HttpStatus.NOT_FOUND.value());
        }
        HttpStatus status = HttpStatus.valueOf(response.getStatus());
        model.addAttribute("heading", heading(status));
        model.addAttribute("advice", advice(status));
        return "shared/error";
    }

    @RequestMapping("/error")
    ResponseEntity<ProblemDetail> document(HttpServletRequest request) {
        HttpStatus status = status(request);
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(ProblemDocuments.of(status, PlainWords.of(status), List.of()));
    }

    private static HttpStatus status(HttpServletRequest request) {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus known = code instanceof Integer number ? HttpStatus.resolve(number) : null;
        return known == null ? HttpStatus.INTERNAL_SERVER_ERROR : known;
    }

    private static String heading(HttpStatus status) {
        return switch (status) {
            case NOT_FOUND -> "There is no such page.";
            case FORBIDDEN -> "That form has expired.";
            case PAYLOAD_TOO_LARGE -> "That is more than Belonax takes at once.";
            default -> status.is4xxClientError() ? "That cannot be answered." : "Belonax made a mistake here, not you.";
        };
    }

    private static String advice(HttpStatus status) {
        return switch (status) {
            case NOT_FOUND -> "Take the thread back to a stop that exists.";
            case FORBIDDEN -> "Open the page again and send it once more; nothing was changed.";
            case PAYLOAD_TOO_LARGE ->
                "Nothing was changed, and what you typed is still on the page before. Go back and send a smaller file: a picture up to 8 MB, a manual up to 20 MB, an archive up to 600 MB.";
            default ->
                status.is4xxClientError()
                        ? "Go back, look at what was typed, and try again; nothing was changed."
                        : "Nothing was stored. Try once more; if it stays, the log in the data folder tells what happened.";
        };
    }
}
