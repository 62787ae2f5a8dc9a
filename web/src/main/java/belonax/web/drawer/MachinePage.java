package belonax.web.drawer;

import belonax.BadInput;
import belonax.machine.Machine;
import belonax.machine.MachineKind;
import belonax.room.machine.MachineCard;
import belonax.room.machine.MachineShelf;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.settings.Units;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.form.Entries;
import belonax.web.shared.form.FormPage;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What the owner keeps about a machine, with the plate and the foot that are on it now. */
@Controller
class MachinePage {
    private final MachineShelf shelf;
    private final SewingRoom room;
    private final Layout layout;

    MachinePage(MachineShelf shelf, SewingRoom room, Layout layout) {
        this.shelf = shelf;
        this.room = room;
        this.layout = layout;
    }

    @GetMapping("/drawer/machine")
    String blank(
            @RequestParam(defaultValue = "COMPUTER_CONTROLLED") MachineKind kind,
            HttpServletRequest request,
            Model model) {
        MachineForm usual = MachineForm.of(MachineCard.of(Machine.ordinary("new", kind), ""), 0, units());
        show(usual.withoutName(), request, model);
        return "drawer/machine";
    }

    @GetMapping("/drawer/machine/{id}")
    String edit(@PathVariable String id, HttpServletRequest request, Model model) {
        MachineNow machine = room.find(id).orElseThrow(() -> new BadInput("machine", "It is no longer in the drawer."));
        show(MachineForm.of(machine.card(), shelf.revision(id).orElse(0), units()), request, model);
        model.addAttribute("id", id);
        return "drawer/machine";
    }

    @PostMapping({"/drawer/machine", "/drawer/machine/{id}"})
    String keep(
            @PathVariable(required = false) Optional<String> id,
            @RequestParam MultiValueMap<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Entries entries = new Entries(typed);
        id.ifPresent(it -> model.addAttribute("id", it));
        return new Again("drawer/machine", response, model, it -> show(MachineForm.typed(it), request, model))
                .or(entries, () -> change(id, entries));
    }

    private UUID change(Optional<String> id, Entries entries) {
        if (id.isEmpty()) {
            return shelf.add(MachineForm.card(entries, units())).change();
        }
        int revision = entries.whole("revision", "Open the page again.");
        return entries.has("remove")
                ? shelf.remove(id.get(), revision).change()
                : shelf.change(id.get(), revision, MachineForm.card(entries, units()))
                        .change();
    }

    private void show(MachineForm form, HttpServletRequest request, Model model) {
        layout.addTo(model, Optional.of(Stop.DRAWER), request);
        FormPage.show(model, form.typed());
        model.addAttribute("plates", form.plates());
        model.addAttribute("feet", form.feet());
        model.addAttribute("lists", MachineForm.LISTS);
    }

    private Units units() {
        return layout.settings().units();
    }
}
