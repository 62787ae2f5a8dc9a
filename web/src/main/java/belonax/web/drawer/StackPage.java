package belonax.web.drawer;

import belonax.BadInput;
import belonax.room.drawer.ClothShelf;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.form.Entries;
import belonax.web.shared.form.FormPage;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Draws a stack of several cloths in section while layers are added. */
@Controller
class StackPage {
    private final ClothShelf cloths;
    private final Layout layout;

    StackPage(ClothShelf cloths, Layout layout) {
        this.cloths = cloths;
        this.layout = layout;
    }

    @GetMapping("/drawer/stack")
    String build(
            @RequestParam MultiValueMap<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Entries entries = new Entries(typed);
        layout.addTo(model, Optional.of(Stop.DRAWER), request);
        FormPage.show(model, entries.shown());
        StackForm form = StackForm.of(entries);
        model.addAttribute("rows", form.rows());
        model.addAttribute("cloths", cloths.choices());
        try {
            form.section(cloths, layout.settings().units()).ifPresent(it -> model.addAttribute("section", it));
        } catch (BadInput refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            FormPage.refuse(model, refused);
        }
        return "drawer/stack";
    }
}
