package belonax.web.drawer.machine;

import belonax.machine.Foot;
import belonax.machine.FootLength;
import belonax.room.machine.MachineShelf;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.settings.Units;
import belonax.web.drawer.KeptForm;
import belonax.web.shared.AtStop;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.form.Ask;
import belonax.web.shared.form.Problems;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** Ten stitches measured under each foot: how long they really are, and what to set for the length that is wanted. */
@Controller
@AtStop(Stop.DRAWER)
class TenStitchesPage {
    private static final String PAGE = "drawer/machine/ten-stitches";

    private final MachineShelf shelf;
    private final SewingRoom room;
    private final Layout layout;

    TenStitchesPage(MachineShelf shelf, SewingRoom room, Layout layout) {
        this.shelf = shelf;
        this.room = room;
        this.layout = layout;
    }

    /** What was set and measured, in the sewist's own measure. */
    public record Form(
            @Nullable Integer revision,
            @Nullable String foot,

            @Ask(value = "Read the stitch length off the machine, such as 2.5.", needed = true) @Nullable
            Double set,

            @Ask(value = "Measure from the first hole to the eleventh.", needed = true) @Nullable
            Double ten) {
        FootLength measured(Units units) {
            return FootLength.measured(
                    Objects.requireNonNullElse(foot, ""),
                    Objects.requireNonNull(set),
                    units.toMm(Objects.requireNonNull(ten)));
        }
    }

    @GetMapping("/drawer/machine/{id}/stitches")
    String ask(@PathVariable String id, @ModelAttribute("form") Form form, BindingResult unread, Model model) {
        return show(id, model);
    }

    @PostMapping("/drawer/machine/{id}/stitches")
    String keep(
            @PathVariable String id,
            @Validated @ModelAttribute("form") Form form,
            BindingResult errors,
            HttpServletResponse response,
            Model model) {
        show(id, model);
        return KeptForm.leads(
                Problems.read(
                        errors,
                        () -> List.of(shelf.change(
                                        id,
                                        Objects.requireNonNullElse(form.revision(), 0),
                                        machine(id).card().with(form.measured(units())))
                                .change())),
                PAGE,
                response);
    }

    private String show(String id, Model model) {
        MachineNow machine = machine(id);
        layout.show(model, machine);
        model.addAttribute("called", machine.machine().name());
        model.addAttribute("revision", shelf.revision(id).orElse(0));
        model.addAttribute(
                "feet", machine.card().feet().stream().map(Foot::name).toList());
        model.addAttribute(
                "measured",
                machine.card().measured().stream()
                        .map(footLength -> TenStitchesView.of(footLength, units()))
                        .toList());
        return PAGE;
    }

    private MachineNow machine(String id) {
        return room.get(id);
    }

    private Units units() {
        return layout.settings().units();
    }
}
