package belonax.web.shared.form;

import belonax.BadInput;
import belonax.room.ChangedMeanwhile;
import belonax.room.usecase.IdempotencyConflict;
import jakarta.servlet.http.HttpServletRequest;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.stereotype.Controller;
import org.springframework.validation.BindingResult;
import org.springframework.validation.MapBindingResult;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.util.UriComponents;
import org.springframework.web.util.UriComponentsBuilder;

/**
 * What a use case refuses is told on the page that asked, in the very sentence of the refusal, beside what was sent. Nothing was
 * recorded then.
 */
@ControllerAdvice(annotations = Controller.class)
@Order(Ordered.LOWEST_PRECEDENCE)
class Refusals {
    /** The sentence, on the page that is shown next. */
    static final String SENTENCE = "refused";

    @ExceptionHandler({BadInput.class, ChangedMeanwhile.class, IdempotencyConflict.class})
    String refused(RuntimeException refusal, HttpServletRequest request, RedirectAttributes next) {
        next.addFlashAttribute(SENTENCE, String.valueOf(refusal.getMessage()));
        BindingResult sent = sent(request);
        if (refusal instanceof BadInput refused) {
            Problems.show(refused, sent);
        }
        next.addFlashAttribute(BindingResult.MODEL_KEY_PREFIX + FormPage.FORM, sent);
        return "redirect:" + asking(request);
    }

    /** What was sent, word for word. */
    private static BindingResult sent(HttpServletRequest request) {
        Map<String, String> sent = new LinkedHashMap<>();
        request.getParameterMap().forEach((name, values) -> sent.put(name, String.join(",", values)));
        return new MapBindingResult(sent, FormPage.FORM);
    }

    /** The page that asked: one of ours, never an address. Without its name the thread path's first stop. */
    private static String asking(HttpServletRequest request) {
        if (HttpMethod.GET.matches(request.getMethod())) {
            return "/" + request.getRequestURI().split("/")[1]; // The stop, for the page itself is what was refused.
        }
        String referer = request.getHeader(HttpHeaders.REFERER);
        UriComponents page = UriComponentsBuilder.fromUriString(referer == null ? "/" : referer)
                .build();
        String path = page.getPath();
        if (path == null || !path.startsWith("/") || path.startsWith("//")) {
            return "/";
        }
        return path + (page.getQuery() == null ? "" : "?" + page.getQuery());
    }
}
