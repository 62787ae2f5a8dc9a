package belonax.web.drawer.machine;

import belonax.machine.FootLength;
import belonax.machine.Machine;
import belonax.machine.MachineKind;
import belonax.machine.Past;
import belonax.room.machine.MachineCard;
import belonax.room.machine.MachineShelf;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.settings.Units;
import belonax.web.drawer.BobbinChoices;
import belonax.web.drawer.KeptForm;
import belonax.web.shared.AtStop;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.form.FormPage;
import belonax.web.shared.form.Problems;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What the owner keeps about a machine, with the plate and the foot that are on it now. */
@Controller
@AtStop(Stop.DRAWER)
class MachinePage {
    private final MachineShelf shelf;
    private final SewingRoom room;
    private final Layout layout;

    MachinePage(MachineShelf shelf, SewingRoom room, Layout layout) {
        this.shelf = shelf;
        this.room = room;
        this.layout = layout;
    }

    @ModelAttribute("lists")
    MachineRows.Lists lists() {
        return MachineRows.LISTS;
    }

    @ModelAttribute
    void choices(
            @RequestParam Optional<MachineKind> kind,
            @RequestParam(defaultValue = "") String bobbinClass,
            Model model) {
        model.addAttribute("kinds", MachineKind.values());
        model.addAttribute("pasts", Past.values());
        model.addAttribute("loopers", kind.filter(MachineKind::hasLoopers).isPresent());
        model.addAttribute("bobbinClasses", BobbinChoices.classes(bobbinClass));
    }

    /** A new one as its kind usually is; what was typed of it stays. */
    @GetMapping("/drawer/machine")
    String blank(
            @RequestParam(defaultValue = "COMPUTER_CONTROLLED") MachineKind kind,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String standsAt,
            Model model) {
        MachineCard usual = MachineCard.of(Machine.ordinary("new", kind), standsAt);
        show(MachineForm.of(usual, name, 0, units()), model);
        return "drawer/machine/machine";
    }

    @GetMapping("/drawer/machine/{id}")
    String edit(@PathVariable String id, Model model) {
        MachineNow machine = room.get(id);
        String name = machine.machine().name();
        show(MachineForm.of(machine.card(), name, shelf.revision(id).orElse(0), units()), model);
        model.addAttribute("called", name);
        return "drawer/machine/machine";
    }

    @PostMapping("/drawer/machine")
    String keep(
            @Validated @ModelAttribute("form") MachineForm form,
            BindingResult errors,
            @RequestParam(defaultValue = "IN_USE") Past past,
            HttpServletResponse response,
            Model model) {
        model.addAttribute("rows", MachineRows.sent(errors));
        return KeptForm.leads(
                Problems.read(
                        errors,
                        () -> List.of(
                                shelf.add(form.card(units(), List.of()), past).change())),
                "drawer/machine/machine",
                response);
    }

    @PostMapping("/drawer/machine/{id}")
    String change(
            @PathVariable String id,
            @RequestParam int revision,
            @Validated @ModelAttribute("form") MachineForm form,
            BindingResult errors,
            HttpServletResponse response,
            Model model) {
        model.addAttribute("rows", MachineRows.sent(errors));
        return KeptForm.leads(
                Problems.read(
                        errors,
                        () -> List.of(shelf.change(id, revision, form.card(units(), measured(id)))
                                .change())),
                "drawer/machine/machine",
                response);
    }

    @PostMapping(path = "/drawer/machine/{id}", params = "remove")
    String remove(@PathVariable String id, @RequestParam int revision) {
        return KeptForm.removed(shelf.remove(id, revision).change());
    }

    private List<FootLength> measured(String id) {
        return room.find(id).map(machineNow -> machineNow.card().measured()).orElse(List.of());
    }

    private void show(MachineForm form, Model model) {
        FormPage.show(model, form);
        model.addAttribute("rows", MachineRows.of(form));
        model.addAttribute("loopers", form.kind() != null && form.kind().hasLoopers());
        model.addAttribute("bobbinClasses", BobbinChoices.classes(form.bobbinClass()));
    }

    private Units units() {
        return layout.settings().units();
    }
}
