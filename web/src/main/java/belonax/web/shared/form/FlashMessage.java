package belonax.web.shared.form;

import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What the next page says about what was done. */
public final class FlashMessage {
    private FlashMessage() {}

    /** Lets the next page say this. */
    public static void next(RedirectAttributes next, String sentence) {
        next.addFlashAttribute("said", sentence);
    }
}
