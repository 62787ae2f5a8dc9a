package belonax.web.drawer.tools;

import belonax.needle.NeedleSize;
import belonax.room.Choice;
import belonax.room.needle.MachineNow;
import belonax.room.settings.Units;
import belonax.web.shared.AtStop;
import belonax.web.shared.Layout;
import belonax.web.shared.OnTheTable;
import belonax.web.shared.Stop;
import belonax.web.shared.form.FormPage;
import belonax.web.shared.form.Problems;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Tells whether a needle clears plate and foot; starts from what is on the machine. */
@Controller
@AtStop(Stop.DRAWER)
class ClearancePage {
    private static final List<Choice> KINDS =
            List.of(new Choice("1", "one needle"), new Choice("2", "a twin"), new Choice("3", "a triple"));

    private static final List<Choice> SIZES = NeedleSize.LADDER.stream()
            .map(size -> new Choice(String.valueOf(size.nm()), size.toString()))
            .toList();

    private final Layout layout;

    ClearancePage(Layout layout) {
        this.layout = layout;
    }

    @GetMapping("/drawer/clearance")
    String clear(
            @ModelAttribute("form") PassageForm asked,
            BindingResult errors,
            @OnTheTable Optional<MachineNow> machine,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Units units = layout.settings().units();
        model.addAttribute("kinds", KINDS);
        model.addAttribute("sizes", SIZES);
        Optional<PassageView> passage =
                errors.hasErrors() ? Optional.empty() : passage(asked, units, machine, request, model);
        passage.ifPresentOrElse(
                passageView -> model.addAttribute("passage", passageView),
                () -> response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value()));
        return "drawer/tools/clearance";
    }

    private Optional<PassageView> passage(
            PassageForm asked, Units units, Optional<MachineNow> machine, HttpServletRequest request, Model model) {
        PassageForm form = machine.map(
                        machineNow -> asked.on(machineNow, field -> request.getParameter(field) == null, units))
                .orElse(asked);
        return Problems.read(
                FormPage.filled(model, FormPage.FORM, form), () -> PassageView.of(form.passage(units), units));
    }
}
