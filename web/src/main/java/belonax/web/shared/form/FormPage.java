package belonax.web.shared.form;

import java.util.Optional;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.validation.MapBindingResult;

/** The form of a page, as its template looks for it. */
public final class FormPage {
    /** The name of the form in the model of a page. */
    public static final String FORM = "form";

    private FormPage() {}

    /** Shows a form, and over it what was sent and refused just now. */
    public static void show(Model model, Object form) {
        Object sent = model.getAttribute(BindingResult.MODEL_KEY_PREFIX + FORM);
        model.addAttribute(FORM, form);
        if (sent instanceof MapBindingResult) {
            model.addAttribute(BindingResult.MODEL_KEY_PREFIX + FORM, sent);
        }
    }

    /** Returns what was sent for an entry and refused just now. */
    public static Optional<String> sent(Model model, String entry) {
        return model.getAttribute(BindingResult.MODEL_KEY_PREFIX + FORM) instanceof MapBindingResult sent
                ? Optional.ofNullable(sent.getFieldValue(entry)).map(String::valueOf)
                : Optional.empty();
    }

    /** Shows a form that was filled in further after it was sent; what is wrong with it is told in the result. */
    public static BindingResult filled(Model model, String name, Object form) {
        BindingResult errors = FormBinding.filled(form, name);
        model.addAttribute(name, form);
        model.addAttribute(BindingResult.MODEL_KEY_PREFIX + name, errors);
        return errors;
    }
}
