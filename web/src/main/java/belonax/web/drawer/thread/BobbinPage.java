package belonax.web.drawer.thread;

import belonax.machine.BobbinClass;
import belonax.machine.BobbinMaterial;
import belonax.plan.BobbinRoom;
import belonax.room.Choice;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.Spool;
import belonax.room.drawer.WoundBobbin;
import belonax.room.needle.SewingRoom;
import belonax.room.settings.Units;
import belonax.web.drawer.BobbinChoices;
import belonax.web.drawer.KeptForm;
import belonax.web.shared.AtStop;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.form.Ask;
import belonax.web.shared.form.FormPage;
import belonax.web.shared.form.Parsed;
import belonax.web.shared.form.Problems;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A wound bobbin, kept with the spool it came from. */
@Controller
@AtStop(Stop.DRAWER)
class BobbinPage {
    private final DrawerStore drawer;
    private final SewingRoom room;
    private final Layout layout;
    private final Clock clock;

    BobbinPage(DrawerStore drawer, SewingRoom room, Layout layout, Clock clock) {
        this.drawer = drawer;
        this.room = room;
        this.clock = clock;
        this.layout = layout;
    }

    /** What is typed about a wound bobbin, its length in the sewist's own measure. */
    public record Form(
            @Nullable Integer revision,
            @Nullable UUID spool,
            @Nullable String marked,
            @Nullable String bobbinClass,
            @Nullable BobbinMaterial material,

            @Ask("Type how much is wound on it, or leave it empty.") @Nullable
            Double metresLeft) {

        static Form of(Kept<WoundBobbin> kept, Units units) {
            WoundBobbin woundBobbin = kept.card();
            return new Form(
                    kept.revision(),
                    woundBobbin.spool(),
                    woundBobbin.marked(),
                    woundBobbin.bobbinClass(),
                    woundBobbin.material(),
                    Parsed.shown(
                            woundBobbin.metresLeft() == null ? null : units.metresNumber(woundBobbin.metresLeft())));
        }

        WoundBobbin bobbin(Units units) {
            return new WoundBobbin(
                    spool,
                    Objects.requireNonNullElse(bobbinClass, "").strip(),
                    Objects.requireNonNullElse(marked, "").strip(),
                    metresLeft == null ? null : units.toMetres(metresLeft),
                    material);
        }
    }

    @ModelAttribute("spools")
    List<Choice> spools() {
        return drawer.all(Spool.class).stream()
                .map(kept -> new Choice(kept.id().toString(), kept.card().words()))
                .toList();
    }

    @ModelAttribute
    void choices(@RequestParam(defaultValue = "") String bobbinClass, Model model) {
        model.addAttribute("classes", BobbinChoices.classes(bobbinClass));
        model.addAttribute("materials", Choice.of(BobbinMaterial.values(), BobbinMaterial::words));
    }

    /** A new one, wound from the spool that the address names. */
    @GetMapping("/drawer/bobbin")
    String blank(@ModelAttribute("form") Form form, BindingResult unread) {
        return "drawer/thread/bobbin";
    }

    @GetMapping("/drawer/bobbin/{id}")
    String edit(@PathVariable UUID id, Model model) {
        Kept<WoundBobbin> kept = drawer.get(WoundBobbin.class, id);
        WoundBobbin bobbin = kept.card();
        FormPage.show(model, Form.of(kept, units()));
        model.addAttribute("classes", BobbinChoices.classes(bobbin.bobbinClass()));
        model.addAttribute(
                "fits",
                room.machines().stream()
                        .flatMap(machineNow -> machineNow.card().fit(bobbin.bobbinClass(), bobbin.material()).stream())
                        .toList());
        full(bobbin).ifPresent(text -> model.addAttribute("full", text));
        return "drawer/thread/bobbin";
    }

    @PostMapping("/drawer/bobbin")
    String keep(@Validated @ModelAttribute("form") Form form, BindingResult errors, HttpServletResponse response) {
        return KeptForm.leads(
                Problems.read(
                        errors, () -> List.of(drawer.add(form.bobbin(units())).change())),
                "drawer/thread/bobbin",
                response);
    }

    @PostMapping("/drawer/bobbin/{id}")
    String change(
            @PathVariable UUID id,
            @RequestParam int revision,
            @Validated @ModelAttribute("form") Form form,
            BindingResult errors,
            HttpServletResponse response) {
        return KeptForm.leads(
                Problems.read(
                        errors,
                        () -> List.of(drawer.change(id, revision, form.bobbin(units()))
                                .change())),
                "drawer/thread/bobbin",
                response);
    }

    @PostMapping(path = "/drawer/bobbin/{id}", params = "remove")
    String remove(@PathVariable UUID id, @RequestParam int revision) {
        return KeptForm.removed(drawer.remove(id, revision).change());
    }

    /** Returns what a full bobbin of its class holds of its thread, in words. */
    private Optional<String> full(WoundBobbin bobbin) {
        return Optional.ofNullable(bobbin.spool())
                .flatMap(id -> drawer.find(Spool.class, id))
                .flatMap(spool -> BobbinClass.in(bobbin.bobbinClass())
                        .map(bobbinClass -> BobbinRoom.of(bobbinClass)
                                .aboutMetres(
                                        spool.card().thread(LocalDate.now(clock).getYear()))))
                .map(value -> units().metres(value));
    }

    private Units units() {
        return layout.settings().units();
    }
}
