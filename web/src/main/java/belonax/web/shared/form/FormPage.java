package belonax.web.shared.form;

import belonax.BadInput;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.ui.Model;

/** What the templates of forms look for in a model: what was typed, and what is wrong with it. */
public final class FormPage {
    private FormPage() {}

    /** Shows these entries. */
    public static void show(Model model, Map<String, String> typed) {
        model.addAttribute("typed", typed);
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
