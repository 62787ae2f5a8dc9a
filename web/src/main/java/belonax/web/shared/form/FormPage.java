package belonax.web.shared.form;

import belonax.BadInput;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.ui.Model;

/** What the templates of forms look for in a model: what was typed, and what is wrong with it. */
public final class FormPage {
    private FormPage() {}

    /** Shows these entries, and over them what was sent and refused just now. */
    public static void show(Model model, Map<String, String> typed) {
        Map<String, String> shown = new LinkedHashMap<>(typed);
        if (model.getAttribute(Refusals.SENT) instanceof Map<?, ?> sent) {
            sent.forEach((name, value) -> shown.put(String.valueOf(name), String.valueOf(value)));
        }
        model.addAttribute("typed", shown);
        model.addAttribute("wrong", Map.of());
    }

    /** Shows what is wrong: beside its field, and all of it at the top. */
    public static void refuse(Model model, BadInput refused) {
        Map<String, String> wrong = new LinkedHashMap<>();
        refused.problems().forEach(it -> wrong.putIfAbsent(it.field(), it.message()));
        model.addAttribute("wrong", wrong);
        model.addAttribute("problems", refused.problems());
    }
}
