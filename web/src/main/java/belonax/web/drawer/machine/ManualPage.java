package belonax.web.drawer.machine;

import belonax.room.machine.Manual;
import belonax.room.machine.ManualShelf;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.web.drawer.KeptForm;
import belonax.web.shared.AtStop;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.form.FormPage;
import belonax.web.shared.form.Problems;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** A machine's manual: a link to it, and its pages by name. */
@Controller
@AtStop(Stop.DRAWER)
class ManualPage {
    private static final String PAGE = "drawer/machine/manual";

    private final ManualShelf manuals;
    private final SewingRoom room;
    private final Layout layout;

    ManualPage(ManualShelf manuals, SewingRoom room, Layout layout) {
        this.manuals = manuals;
        this.room = room;
        this.layout = layout;
    }

    /** The manual as it is typed, a page a line. */
    record Form(@Nullable String link, @Nullable String pages) {
        static Form of(Manual manual) {
            return new Form(
                    manual.link(),
                    manual.pages().stream()
                            .map(it -> it.about() + " " + it.page())
                            .collect(Collectors.joining("\n")));
        }

        Manual manual(String machineId) {
            return Manual.typed(machineId, Objects.requireNonNullElse(link, ""), Objects.requireNonNullElse(pages, ""));
        }
    }

    @GetMapping("/drawer/machine/{id}/manual")
    String ask(@PathVariable String id, Model model) {
        FormPage.show(model, manuals.of(id).map(Form::of).orElse(new Form("", "")));
        return show(id, model);
    }

    @PostMapping("/drawer/machine/{id}/manual")
    String keep(
            @PathVariable String id,
            @Validated @ModelAttribute("form") Form form,
            BindingResult errors,
            HttpServletResponse response,
            Model model) {
        show(id, model);
        return KeptForm.leads(Problems.read(errors, () -> List.of(manuals.keep(form.manual(id)))), PAGE, response);
    }

    private String show(String id, Model model) {
        MachineNow machine = room.get(id);
        layout.show(model, machine);
        model.addAttribute("called", machine.machine().name());
        model.addAttribute("lies", machine.card().manualPlace());
        return PAGE;
    }
}
