package belonax.web.mend;

import belonax.BadInput;
import belonax.fault.FaultFinder;
import belonax.fault.SearchSchool;
import belonax.fault.Symptom;
import belonax.fault.When;
import belonax.room.Choice;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.care.CareLog;
import belonax.room.drawer.ClothShelf;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.trouble.CaseBook;
import belonax.room.trouble.MendCase;
import belonax.room.trouble.MendCase.Result;
import belonax.room.trouble.TroubleBook;
import belonax.room.trouble.TroubleBook.Answer;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.form.Entries;
import belonax.web.shared.form.FormPage;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
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
    private final DrawerStore drawer;
    private final TroubleBook troubles;
    private final CaseBook cases;
    private final MendForm form;
    private final MendQuestion question;
    private final MendNeedles needles;
    private final ClothShelf cloths;
    private final SewingRoom room;
    private final CareLog care;
    private final FaultFinder finder;
    private final Layout layout;

    MendPage(
            DrawerStore drawer,
            TroubleBook troubles,
            CaseBook cases,
            MendForm form,
            MendQuestion question,
            MendNeedles needles,
            ClothShelf cloths,
            SewingRoom room,
            CareLog care,
            FaultFinder finder,
            Layout layout) {
        this.drawer = drawer;
        this.troubles = troubles;
        this.cases = cases;
        this.form = form;
        this.question = question;
        this.needles = needles;
        this.cloths = cloths;
        this.room = room;
        this.care = care;
        this.finder = finder;
        this.layout = layout;
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
            MendCase started = form.started(entries, machine.get());
            return "redirect:/mend/" + troubles.begin(started);
        } catch (BadInput refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            String page = beginning(machine.get(), entries.shown(), model);
            FormPage.refuse(model, refused);
            return page;
        }
    }

    @GetMapping("/mend/{id}")
    String show(@PathVariable UUID id, Model model) {
        Optional<Kept<MendCase>> kept = drawer.find(MendCase.class, id);
        Optional<MachineNow> machine = kept.flatMap(it -> room.find(it.card().machineId()));
        if (kept.isEmpty() || machine.isEmpty()) {
            return "redirect:/mend/history";
        }
        MendCase it = kept.get().card();
        boolean neverServiced = care.plan(machine.get()).monthsSinceService().isEmpty();
        MendView view = MendView.of(kept.get(), question.rank(it, machine.get()), neverServiced);
        layout.addTo(model, Optional.of(Stop.MEND), machine);
        model.addAttribute("mend", view);
        model.addAttribute("glance", view.isToGlance() ? GlanceForm.of(machine.get()) : null);
        if (view.check() != null) {
            model.addAttribute("cure", CureForm.of(it, view.check(), machine.get(), needles, drawer));
            model.addAttribute("pictures", StepPictures.of(view.check(), machine.get()));
        }
        model.addAttribute("picture", MachinePicture.of(machine.get()));
        return "mend/case";
    }

    /** Keeps what was seen as it was found; nothing when the sewist goes straight to the first check. */
    @PostMapping("/mend/{id}/glance")
    String glance(
            @PathVariable UUID id, @RequestParam int revision, @RequestParam MultiValueMap<String, String> typed) {
        Entries entries = new Entries(typed);
        troubles.glanced(id, revision, GlanceForm.seen(entries), GlanceForm.dial(entries));
        return "redirect:/mend/" + id;
    }

    /** Records what a check came to, with all that goes with it. */
    @PostMapping("/mend/{id}/result")
    String result(
            @PathVariable UUID id,
            @RequestParam int revision,
            @RequestParam String check,
            @RequestParam Result result,
            @RequestParam MultiValueMap<String, String> typed) {
        MendCase it = drawer.get(MendCase.class, id).card();
        MachineNow machine = room.find(it.machineId()).orElseThrow();
        Answer answer = MendForm.answer(check, result, new Entries(typed), word -> needles.source(word, it, machine));
        troubles.answer(id, revision, answer);
        return "redirect:/mend/" + id;
    }

    /** Takes the last answer back, and what was recorded with it. */
    @PostMapping("/mend/{id}/back")
    String back(@PathVariable UUID id, @RequestParam int revision) {
        troubles.takeBack(id, revision);
        return "redirect:/mend/" + id;
    }

    @PostMapping("/mend/{id}/aside")
    String aside(@PathVariable UUID id, @RequestParam int revision) {
        troubles.putAside(id, revision);
        return "redirect:/mend/" + id;
    }

    /** Goes on with a case that was put aside; one that is open on the machine is put aside for it. */
    @PostMapping("/mend/{id}/resume")
    String resume(@PathVariable UUID id, @RequestParam int revision) {
        troubles.resume(id, revision);
        return "redirect:/mend/" + id;
    }

    private String beginning(MachineNow machine, Map<String, String> typed, Model model) {
        layout.addTo(model, Optional.of(Stop.MEND), Optional.of(machine));
        FormPage.show(model, form.usual(typed, machine));
        model.addAttribute("symptoms", Choice.of(Symptom.values(), Symptom::words));
        model.addAttribute("whens", Choice.of(When.values(), When::words));
        model.addAttribute("schools", SearchSchool.values());
        model.addAttribute("cloths", cloths.choices());
        model.addAttribute("spools", CureForm.spools(drawer));
        model.addAttribute("usually", HistoryView.usually(cases.cures(machine.id()), finder));
        return "mend/begin";
    }
}
