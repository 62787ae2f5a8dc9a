package belonax.web.drawer;

import belonax.room.Choice;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.Spool;
import belonax.room.drawer.WoundBobbin;
import belonax.room.settings.Units;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.form.Entries;
import belonax.web.shared.form.FormPage;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A wound bobbin, kept with the spool it came from. */
@Controller
class BobbinPage {
    private final DrawerStore drawer;
    private final Layout layout;

    BobbinPage(DrawerStore drawer, Layout layout) {
        this.drawer = drawer;
        this.layout = layout;
    }

    @GetMapping("/drawer/bobbin")
    String blank(@RequestParam MultiValueMap<String, String> typed, HttpServletRequest request, Model model) {
        show(new Entries(typed).shown(), request, model);
        return "drawer/bobbin";
    }

    @GetMapping("/drawer/bobbin/{id}")
    String edit(@PathVariable UUID id, HttpServletRequest request, Model model) {
        Kept<WoundBobbin> kept = drawer.get(WoundBobbin.class, id);
        show(typed(kept, units()), request, model);
        model.addAttribute("id", id);
        return "drawer/bobbin";
    }

    @PostMapping({"/drawer/bobbin", "/drawer/bobbin/{id}"})
    String keep(
            @PathVariable(required = false) Optional<UUID> id,
            @RequestParam MultiValueMap<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Entries entries = new Entries(typed);
        id.ifPresent(it -> model.addAttribute("id", it));
        return new Again("drawer/bobbin", response, model, it -> show(it.shown(), request, model))
                .or(entries, () -> change(id, entries));
    }

    private UUID change(Optional<UUID> id, Entries entries) {
        if (id.isEmpty()) {
            return drawer.add(bobbin(entries)).change();
        }
        int revision = entries.whole("revision", "Open the page again.");
        return entries.has("remove")
                ? drawer.remove(id.get(), revision).change()
                : drawer.change(id.get(), revision, bobbin(entries)).change();
    }

    private WoundBobbin bobbin(Entries entries) {
        Double left = entries.optional("metresLeft", "Type how much is wound on it, or leave it empty.");
        UUID spool = DrawerStore.uuid(entries.text("spool")).orElse(null);
        return entries.done(() -> new WoundBobbin(
                spool,
                entries.text("bobbinClass"),
                entries.text("marked"),
                left == null ? null : units().toMetres(left)));
    }

    private void show(Map<String, String> typed, HttpServletRequest request, Model model) {
        layout.addTo(model, Optional.of(Stop.DRAWER), request);
        FormPage.show(model, typed);
        model.addAttribute(
                "spools",
                drawer.all(Spool.class).stream()
                        .map(it -> new Choice(it.id().toString(), it.card().words()))
                        .toList());
    }

    private static Map<String, String> typed(Kept<WoundBobbin> kept, Units units) {
        WoundBobbin it = kept.card();
        Map<String, String> all = new LinkedHashMap<>();
        all.put("revision", String.valueOf(kept.revision()));
        all.put("spool", Optional.ofNullable(it.spool()).map(UUID::toString).orElse(""));
        all.put("bobbinClass", it.bobbinClass());
        all.put("marked", it.marked());
        all.put(
                "metresLeft",
                Optional.ofNullable(it.metresLeft()).map(units::metresNumber).orElse(""));
        return all;
    }

    private Units units() {
        return layout.settings().units();
    }
}
