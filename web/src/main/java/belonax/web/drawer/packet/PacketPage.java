package belonax.web.drawer.packet;

import belonax.needle.NeedleLabel;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.Packet;
import belonax.web.drawer.KeptForm;
import belonax.web.shared.AtStop;
import belonax.web.shared.Stop;
import belonax.web.shared.form.FormPage;
import belonax.web.shared.form.Problems;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Reads a packet of needles as its print is typed, and puts it in the drawer. */
@Controller
@AtStop(Stop.DRAWER)
class PacketPage {
    private final DrawerStore drawer;

    PacketPage(DrawerStore drawer) {
        this.drawer = drawer;
    }

    /** What is printed on a packet. */
    record Print(@Nullable String text) {}

    @ModelAttribute("lists")
    PacketForm.Lists lists() {
        return PacketForm.LISTS;
    }

    @GetMapping("/drawer/packet")
    String read(@ModelAttribute("print") Print print, BindingResult errors, HttpServletResponse response, Model model) {
        String text = Objects.requireNonNullElse(print.text(), "").strip();
        if (!text.isEmpty()) {
            Optional<NeedleLabel.Reading> reading = Problems.read(errors, () -> NeedleLabel.read(text));
            reading.ifPresentOrElse(
                    otherReading -> {
                        model.addAttribute("reading", PacketReading.of(otherReading));
                        FormPage.show(model, PacketForm.of(otherReading));
                    },
                    () -> response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value()));
        }
        return "drawer/packet/packet";
    }

    @PostMapping("/drawer/packet")
    String keep(
            @Validated @ModelAttribute("form") PacketForm form,
            BindingResult errors,
            HttpServletResponse response,
            Model model) {
        model.addAttribute("print", new Print(null));
        model.addAttribute("keeping", true);
        return KeptForm.leads(
                Problems.read(errors, () -> drawer.addAll(form.packets())), "drawer/packet/packet", response);
    }

    @GetMapping("/drawer/packet/{id}")
    String edit(@PathVariable UUID id, Model model) {
        FormPage.show(model, PacketForm.of(drawer.get(Packet.class, id)));
        return "drawer/packet/packet-edit";
    }

    @PostMapping("/drawer/packet/{id}")
    String change(
            @PathVariable UUID id,
            @RequestParam int revision,
            @Validated @ModelAttribute("form") PacketForm form,
            BindingResult errors,
            HttpServletResponse response) {
        return KeptForm.leads(
                Problems.read(
                        errors,
                        () -> List.of(drawer.change(id, revision, form.packet()).change())),
                "drawer/packet/packet-edit",
                response);
    }

    @PostMapping(path = "/drawer/packet/{id}", params = "remove")
    String remove(@PathVariable UUID id, @RequestParam int revision) {
        return KeptForm.removed(drawer.remove(id, revision).change());
    }
}
