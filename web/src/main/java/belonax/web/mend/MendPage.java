package belonax.web.mend;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.Stack;
import belonax.fault.Check;
import belonax.fault.FaultFinder;
import belonax.fault.SearchSchool;
import belonax.fault.Symptom;
import belonax.fault.When;
import belonax.life.CareKind;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.drawer.CardChanges;
import belonax.web.shared.drawer.CaseBook;
import belonax.web.shared.drawer.ClothShelf;
import belonax.web.shared.drawer.DrawerStore;
import belonax.web.shared.drawer.Kept;
import belonax.web.shared.drawer.MendCase;
import belonax.web.shared.drawer.MendCase.Result;
import belonax.web.shared.drawer.MendCase.State;
import belonax.web.shared.form.Choice;
import belonax.web.shared.form.Entries;
import belonax.web.shared.form.FormPage;
import belonax.web.shared.print.Pdf;
import belonax.web.shared.room.CareLog;
import belonax.web.shared.room.MachineNow;
import belonax.web.shared.room.SewingRoom;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What is checked next? One check at a time, from the symptom to the cure. */
@Controller
class MendPage {
    private static final Map<String, CareKind> DATED =
            Map.of("CLEAN_HOOK_AREA", CareKind.CLEAN, "OIL", CareKind.OIL, "SERVICE", CareKind.SERVICE);

    private final DrawerStore drawer;
    private final CardChanges changes;
    private final CaseBook cases;
    private final MendQuestion question;
    private final FaultFinder finder;
    private final ClothShelf cloths;
    private final SewingRoom room;
    private final CareLog care;
    private final Pdf pdf;
    private final Layout layout;
    private final Clock clock;

    MendPage(
            DrawerStore drawer,
            CardChanges changes,
            CaseBook cases,
            MendQuestion question,
            FaultFinder finder,
            ClothShelf cloths,
            SewingRoom room,
            CareLog care,
            Pdf pdf,
            Layout layout,
            Clock clock) {
        this.drawer = drawer;
        this.changes = changes;
        this.cases = cases;
        this.question = question;
        this.finder = finder;
        this.cloths = cloths;
        this.room = room;
        this.care = care;
        this.pdf = pdf;
        this.layout = layout;
        this.clock = clock;
    }

    /** Leads on with the case that is open, or asks what is wrong. */
    @GetMapping("/mend")
    String begin(@RequestParam(defaultValue = "false") boolean another, HttpServletRequest request, Model model) {
        Optional<MachineNow> machine = layout.onTheTable(request);
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        Optional<Kept<MendCase>> open = cases.open(machine.get().id());
        if (open.isPresent() && !another) {
            return "redirect:/mend/" + open.get().id();
        }
        return beginning(machine.get(), Map.of(), model);
    }

    @PostMapping("/mend")
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
            MendCase started = started(entries, machine.get());
            cases.open(machine.get().id())
                    .ifPresent(it ->
                            drawer.change(it.id(), it.revision(), it.card().aside()));
            return "redirect:/mend/" + drawer.add(started).card();
        } catch (BadInput refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            String page = beginning(machine.get(), entries.shown(), model);
            FormPage.refuse(model, refused);
            return page;
        }
    }

    @GetMapping("/mend/{id}")
    String show(@PathVariable UUID id, @RequestParam(required = false) Optional<String> notice, Model model) {
        Optional<Kept<MendCase>> kept = drawer.find(MendCase.class, id);
        Optional<MachineNow> machine = kept.flatMap(it -> room.find(it.card().machineId()));
        if (kept.isEmpty() || machine.isEmpty()) {
            return "redirect:/mend/history";
        }
        layout.addTo(model, Optional.of(Stop.MEND), machine);
        boolean neverServiced =
                care.plan(machine.get().id()).monthsSinceService().isEmpty();
        model.addAttribute(
                "mend", MendView.of(kept.get(), question.rank(kept.get().card(), machine.get()), neverServiced));
        model.addAttribute("notice", notice.map(CardChanges::sentence).orElse(null));
        return "mend/case";
    }

    /** Records what a check came to; a cleaning, oiling or service that cured something is dated. */
    @PostMapping("/mend/{id}/result")
    String result(
            @PathVariable UUID id,
            @RequestParam String check,
            @RequestParam Result result,
            @RequestParam MultiValueMap<String, String> typed) {
        return change(id, typed, it -> {
            Check made = finder.table().check(check);
            boolean found = result == Result.CURED || result == Result.STILL;
            if (found && DATED.containsKey(check)) {
                care.done(it.machineId(), DATED.get(check));
            }
            return it.after(
                    new MendCase.Step(check, made.title(), result, result == Result.CANNOT ? 0 : made.minutes()));
        });
    }

    /** Takes the last answer back. */
    @PostMapping("/mend/{id}/back")
    String back(@PathVariable UUID id, @RequestParam MultiValueMap<String, String> typed) {
        return change(id, typed, MendCase::beforeTheLast);
    }

    @PostMapping("/mend/{id}/aside")
    String aside(@PathVariable UUID id, @RequestParam MultiValueMap<String, String> typed) {
        return change(id, typed, MendCase::aside);
    }

    /** What was seen, tried and found, to be taken along. */
    @GetMapping("/mend/{id}/technician.pdf")
    ResponseEntity<byte[]> technician(@PathVariable UUID id) {
        Optional<Kept<MendCase>> kept = drawer.find(MendCase.class, id);
        Optional<MachineNow> machine = kept.flatMap(it -> room.find(it.card().machineId()));
        if (kept.isEmpty() || machine.isEmpty()) {
            return ResponseEntity.notFound().build();
        }
        MendView view = MendView.of(kept.get(), question.rank(kept.get().card(), machine.get()), false);
        return pdf.answer(
                "for-the-technician.pdf",
                "print/technician",
                Map.of("mend", view, "date", kept.get().card().begunOn().toString()));
    }

    /** The cases of the machine on the table, and what cured them. */
    @GetMapping("/mend/history")
    String history(HttpServletRequest request, Model model) {
        Optional<MachineNow> machine = layout.onTheTable(request);
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        layout.addTo(model, Optional.of(Stop.MEND), machine);
        model.addAttribute(
                "history",
                HistoryView.of(
                        cases.of(machine.get().id()), cases.cures(machine.get().id()), finder));
        return "mend/history";
    }

    private MendCase started(Entries entries, MachineNow machine) {
        Cloth cloth = cloths.find(entries.text("cloth"))
                .orElseThrow(() -> new BadInput("cloth", "No cloth is called that. Choose one from the list."));
        int layers = entries.whole("layers", "Count the layers under the foot.");
        List<Symptom> symptoms = entries.words("symptom", Symptom.class);
        List<When> when = entries.words("when", When.class);
        SearchSchool school = entries.word("school", SearchSchool.class, SearchSchool.LIKELIEST_PER_MINUTE);
        return entries.done(() -> {
            Stack stack = Stack.of(cloth, layers);
            return new MendCase(
                    machine.id(),
                    machine.machine().name(),
                    symptoms,
                    when,
                    school,
                    cloth.id(),
                    stack.words(),
                    layers,
                    List.of(),
                    State.OPEN,
                    LocalDate.now(clock));
        });
    }

    private String beginning(MachineNow machine, Map<String, String> typed, Model model) {
        layout.addTo(model, Optional.of(Stop.MEND), Optional.of(machine));
        Map<String, String> shown = new LinkedHashMap<>();
        shown.put("cloth", "quilting-cotton");
        shown.put("layers", "2");
        shown.put("school", SearchSchool.LIKELIEST_PER_MINUTE.name());
        shown.putAll(typed);
        FormPage.show(model, shown);
        model.addAttribute("symptoms", Choice.of(Symptom.values(), Symptom::words));
        model.addAttribute("whens", Choice.of(When.values(), When::words));
        model.addAttribute("schools", Choice.of(SearchSchool.values(), SearchSchool::words));
        model.addAttribute("cloths", cloths.choices());
        model.addAttribute("machineName", machine.machine().name());
        return "mend/begin";
    }

    private String change(UUID id, MultiValueMap<String, String> typed, UnaryOperator<MendCase> change) {
        return changes.change(MendCase.class, id, "/mend/" + id, new Entries(typed), change);
    }
}
