package belonax.web.drawer;

import belonax.BadInput;
import belonax.needle.NeedleLabel;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.Choice;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.Packet;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.form.Entries;
import belonax.web.shared.form.FormPage;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Reads a packet of needles as its print is typed, and puts it in the drawer. */
@Controller
class PacketPage {
    private final DrawerStore drawer;
    private final Layout layout;

    PacketPage(DrawerStore drawer, Layout layout) {
        this.drawer = drawer;
        this.layout = layout;
    }

    @GetMapping("/drawer/packet")
    String read(
            @RequestParam MultiValueMap<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Entries entries = new Entries(typed);
        show(entries.shown(), request, model);
        if (entries.has("text")) {
            try {
                NeedleLabel.Reading reading = NeedleLabel.read(entries.text("text"));
                model.addAttribute("reading", PacketReading.of(reading));
                model.addAttribute("typed", PacketForm.withReading(entries.shown(), reading));
            } catch (BadInput refused) {
                response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
                FormPage.refuse(model, refused);
            }
        }
        return "drawer/packet";
    }

    @PostMapping("/drawer/packet")
    String keep(
            @RequestParam MultiValueMap<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Entries entries = new Entries(typed);
        return new Again("drawer/packet", response, model, it -> show(it.shown(), request, model))
                .orAll(entries, () -> drawer.addAll(PacketForm.packets(entries)));
    }

    @GetMapping("/drawer/packet/{id}")
    String edit(@PathVariable UUID id, HttpServletRequest request, Model model) {
        Kept<Packet> kept = drawer.get(Packet.class, id);
        show(PacketForm.typed(kept), request, model);
        model.addAttribute("id", id);
        return "drawer/packet-edit";
    }

    @PostMapping("/drawer/packet/{id}")
    String change(
            @PathVariable UUID id,
            @RequestParam MultiValueMap<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Entries entries = new Entries(typed);
        model.addAttribute("id", id);
        return new Again("drawer/packet-edit", response, model, it -> show(it.shown(), request, model))
                .or(entries, () -> {
                    int revision = entries.whole("revision", "Open the page again.");
                    return entries.has("remove")
                            ? drawer.remove(id, revision).change()
                            : drawer.change(id, revision, PacketForm.packet(entries))
                                    .change();
                });
    }

    private void show(Map<String, String> typed, HttpServletRequest request, Model model) {
        layout.addTo(model, Optional.of(Stop.DRAWER), request);
        FormPage.show(model, typed);
        model.addAttribute(
                "systems",
                Stream.of(NeedleSystem.values())
                        .map(it -> new Choice(it.name(), it.label()))
                        .toList());
        model.addAttribute(
                "types",
                Stream.concat(
                                Choice.of(NeedleType.values(), NeedleType::words).stream(),
                                Stream.of(new Choice(PacketForm.UNKNOWN, "unknown: letters we cannot read")))
                        .toList());
        model.addAttribute(
                "points",
                Choice.of(
                        Stream.of(NeedleType.values())
                                .filter(it -> !it.isMultiple())
                                .toArray(NeedleType[]::new),
                        NeedleType::words));
    }
}
