package belonax.web.drawer.tools;

import belonax.room.drawer.ClothShelf;
import belonax.room.settings.Units;
import belonax.web.shared.AtStop;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.form.Problems;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Draws a stack of several cloths in section while layers are added. */
@Controller
@AtStop(Stop.DRAWER)
class StackPage {
    private final ClothShelf cloths;
    private final Layout layout;

    StackPage(ClothShelf cloths, Layout layout) {
        this.cloths = cloths;
        this.layout = layout;
    }

    @GetMapping("/drawer/stack")
    String build(
            @ModelAttribute("form") StackForm form, BindingResult errors, HttpServletResponse response, Model model) {
        model.addAttribute("cloths", cloths.choices());
        Units units = layout.settings().units();
        Problems.read(errors, () -> form.section(cloths::get, units))
                .ifPresentOrElse(
                        section -> section.ifPresent(stackSection -> model.addAttribute("section", stackSection)),
                        () -> response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value()));
        return "drawer/tools/stack";
    }
}
