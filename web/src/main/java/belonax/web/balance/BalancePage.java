package belonax.web.balance;

import belonax.BadInput;
import belonax.balance.Also;
import belonax.balance.TopFace;
import belonax.balance.Touched;
import belonax.balance.Underside;
import belonax.machine.BobbinKind;
import belonax.room.Choice;
import belonax.room.balance.BalanceRun;
import belonax.room.balance.BalanceRun.State;
import belonax.room.balance.BalanceRun.StripKept;
import belonax.room.balance.Sampler;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.ClothShelf;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.form.CardChanges;
import belonax.web.shared.form.Entries;
import belonax.web.shared.form.FormPage;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Which way is the dial turned, and how far? The strips of a run are read one by one. */
@Controller
class BalancePage {
    private final DrawerStore drawer;
    private final CardChanges changes;
    private final Sampler sampler;
    private final ClothShelf cloths;
    private final SewingRoom room;
    private final Layout layout;
    private final Clock clock;
    private final Supplier<UUID> ids;

    BalancePage(
            DrawerStore drawer,
            CardChanges changes,
            Sampler sampler,
            ClothShelf cloths,
            SewingRoom room,
            Layout layout,
            Clock clock,
            Supplier<UUID> ids) {
        this.drawer = drawer;
        this.changes = changes;
        this.sampler = sampler;
        this.cloths = cloths;
        this.room = room;
        this.layout = layout;
        this.clock = clock;
        this.ids = ids;
    }

    /** Leads on with the run that is under way, or asks what is to be balanced. */
    @GetMapping("/balance")
    String begin(@RequestParam MultiValueMap<String, String> typed, HttpServletRequest request, Model model) {
        Optional<MachineNow> machine = layout.onTheTable(request);
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        Optional<Kept<BalanceRun>> open = sampler.open(machine.get().id());
        if (open.isPresent() && typed.isEmpty()) {
            return "redirect:/balance/" + open.get().id();
        }
        return beginning(machine.get(), new Entries(typed).shown(), model);
    }

    @PostMapping("/balance")
    String start(
            @RequestParam MultiValueMap<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Optional<MachineNow> machine = layout.onTheTable(request);
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        Entries entries = new Entries(typed);
        try {
            Long simulated = entries.has("simulated") ? ids.get().getMostSignificantBits() >>> 20 : null;
            BalanceRun run = BalanceForm.run(
                    entries, machine.get(), cloths, layout.settings().units(), today(), simulated);
            sampler.open(machine.get().id())
                    .ifPresent(it ->
                            drawer.change(it.id(), it.revision(), it.card().ended(State.ENDED, null)));
            return "redirect:/balance/" + drawer.add(run).card();
        } catch (BadInput refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            String page = beginning(machine.get(), entries.shown(), model);
            FormPage.refuse(model, refused);
            return page;
        }
    }

    @GetMapping("/balance/{id}")
    String run(
            @PathVariable UUID id,
            @RequestParam(required = false) Optional<UUID> correct,
            @RequestParam(required = false) Optional<String> notice,
            Model model) {
        Optional<Kept<BalanceRun>> kept = drawer.find(BalanceRun.class, id);
        Optional<MachineNow> machine = kept.flatMap(it -> room.find(it.card().machineId()));
        if (kept.isEmpty() || machine.isEmpty()) {
            return "redirect:/balance/sampler";
        }
        BalanceRun run = kept.get().card();
        layout.addTo(model, Optional.of(Stop.BALANCE), machine);
        model.addAttribute(
                "run",
                BalanceView.of(
                        kept.get(), machine.get().machine(), sampler.past(run.machineId()), sampler.proven(run)));
        model.addAttribute("correct", correct.flatMap(run::find).orElse(null));
        model.addAttribute("tops", TopFace.values());
        model.addAttribute("undersides", Underside.values());
        model.addAttribute("also", BalanceView.ALSO);
        model.addAttribute("notice", notice.map(BalancePage::sentence).orElse(null));
        return "balance/run";
    }

    /** Records a strip, or reads one anew. */
    @PostMapping("/balance/{id}/strip")
    String strip(@PathVariable UUID id, @RequestParam MultiValueMap<String, String> typed) {
        Entries entries = new Entries(typed);
        return change(id, entries, run -> {
            TopFace top = entries.optionalWord("top", TopFace.class);
            Underside underside = entries.optionalWord("underside", Underside.class);
            if (top == null && underside != Underside.NEST || underside == null) {
                throw new BadInput("read", "Tap what you see on both faces.");
            }
            double dial = entries.number("dial", "Read the dial off the machine.");
            room.find(run.machineId()).orElseThrow().machine().dial().check(dial);
            UUID strip = DrawerStore.uuid(entries.text("strip")).orElseGet(ids);
            boolean photo = run.find(strip).map(StripKept::photo).orElse(false);
            return run.with(entries.done(() -> new StripKept(
                    strip,
                    dial,
                    top == null ? TopFace.CLEAN : top,
                    underside,
                    entries.words("also", Also.class),
                    photo)));
        });
    }

    /** Takes a strip out again. */
    @PostMapping("/balance/{id}/drop")
    String drop(@PathVariable UUID id, @RequestParam UUID strip, @RequestParam MultiValueMap<String, String> typed) {
        return change(id, new Entries(typed), run -> run.without(strip));
    }

    /** Writes down where the bobbin's screw stood before it is touched. */
    @PostMapping("/balance/{id}/screw")
    String screw(@PathVariable UUID id, @RequestParam int hour, @RequestParam MultiValueMap<String, String> typed) {
        return change(id, new Entries(typed), run -> run.withScrew(hour));
    }

    /** Keeps the balance: proven for this set-up, and the machine's last balance. */
    @PostMapping("/balance/{id}/keep")
    String keep(@PathVariable UUID id, @RequestParam MultiValueMap<String, String> typed) {
        Entries entries = new Entries(typed);
        return change(id, entries, run -> {
            double dial = entries.number("dial", "Read the dial off the machine.");
            if (run.simulated() == null) {
                room.balanced(run.machineId(), dial, run.sewn());
            }
            return run.ended(State.KEPT, dial);
        });
    }

    /** After the bobbin was put right, or when it is enough: the run ends, and another begins where that is asked. */
    @PostMapping("/balance/{id}/end")
    String end(@PathVariable UUID id, @RequestParam MultiValueMap<String, String> typed) {
        Entries entries = new Entries(typed);
        String answer = change(id, entries, run -> run.ended(State.ENDED, null));
        Optional<Kept<BalanceRun>> ended = drawer.find(BalanceRun.class, id);
        if (!entries.has("anew") || ended.isEmpty() || answer.contains("notice")) {
            return answer;
        }
        return "redirect:/balance/"
                + drawer.add(ended.get().card().anew(today())).card();
    }

    private String change(UUID id, Entries entries, UnaryOperator<BalanceRun> change) {
        return changes.change(BalanceRun.class, id, "/balance/" + id, entries, change);
    }

    private String beginning(MachineNow machine, Map<String, String> typed, Model model) {
        layout.addTo(model, Optional.of(Stop.BALANCE), Optional.of(machine));
        FormPage.show(model, BalanceForm.usual(typed, machine));
        model.addAttribute("cloths", cloths.choices());
        model.addAttribute("fibres", Choice.of(Fibre.values(), Fibre::words));
        model.addAttribute("builds", Choice.of(Build.values(), Build::words));
        model.addAttribute("touched", Choice.of(Touched.values(), Touched::words));
        model.addAttribute("before", BeforeView.of(machine));
        model.addAttribute("pastCount", sampler.past(machine.id()).size());
        return machine.machine().bobbin() == BobbinKind.NONE ? "balance/loopers" : "balance/begin";
    }

    private LocalDate today() {
        return LocalDate.now(clock);
    }

    private static String sentence(String notice) {
        return switch (notice) {
            case "read" -> "Tap what you see on both faces, top and underside; then it is read.";
            case "dial" -> "Read the dial off the machine: a number within its range.";
            default -> CardChanges.sentence(notice);
        };
    }
}
