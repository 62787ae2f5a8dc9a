package belonax.web.mend;

import belonax.fault.Check;
import belonax.fault.CheckId;
import belonax.fault.FaultFinder;
import belonax.fault.SearchSchool;
import belonax.fault.When;
import belonax.room.Choice;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.care.CareLog;
import belonax.room.drawer.DrawerContents;
import belonax.room.event.TableWork;
import belonax.room.machine.ManualShelf;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.trouble.CaseBook;
import belonax.room.trouble.MendCase;
import belonax.room.trouble.MendCase.Result;
import belonax.room.trouble.Records;
import belonax.room.trouble.TroubleBook;
import belonax.web.shared.AtStop;
import belonax.web.shared.Layout;
import belonax.web.shared.OnTheTable;
import belonax.web.shared.Stop;
import belonax.web.shared.form.FormPage;
import belonax.web.shared.form.Problems;
import belonax.web.shared.sentence.Sentences;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
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

/** What is checked next? One check at a time, from the symptom to the cure. */
@Controller
@AtStop(Stop.MEND)
class MendPage {
    private final DrawerStore drawer;
    private final DrawerContents contents;
    private final TroubleBook troubles;
    private final CaseBook cases;
    private final Clock clock;
    private final MendQuestion question;
    private final MendNeedles needles;
    private final Sentences sentences;
    private final SewingRoom room;
    private final CareLog care;
    private final FaultFinder finder;
    private final ManualShelf manuals;
    private final Layout layout;

    MendPage(
            DrawerStore drawer,
            DrawerContents contents,
            TroubleBook troubles,
            CaseBook cases,
            Clock clock,
            MendQuestion question,
            MendNeedles needles,
            Sentences sentences,
            SewingRoom room,
            CareLog care,
            FaultFinder finder,
            ManualShelf manuals,
            Layout layout) {
        this.drawer = drawer;
        this.contents = contents;
        this.troubles = troubles;
        this.cases = cases;
        this.clock = clock;
        this.question = question;
        this.needles = needles;
        this.sentences = sentences;
        this.room = room;
        this.care = care;
        this.finder = finder;
        this.manuals = manuals;
        this.layout = layout;
    }

    /** Leads on with the case that is open, or asks what is wrong. */
    @GetMapping("/mend")
    String begin(
            @RequestParam(defaultValue = "false") boolean another,
            @OnTheTable Optional<MachineNow> machine,
            HttpServletRequest request,
            Model model) {
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        Optional<Kept<MendCase>> open = cases.open(machine.get().id());
        if (open.isPresent() && !another) {
            return "redirect:/mend/" + open.get().id();
        }
        FormPage.show(model, MendForm.usual());
        return beginning(machine.get(), request, model);
    }

    @PostMapping("/mend")
    String start(
            @Validated @ModelAttribute("form") MendForm form,
            BindingResult errors,
            @OnTheTable Optional<MachineNow> machine,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        Optional<UUID> begun = Problems.read(errors, () -> {
            TableWork work = sentences.work(request, machine);
            return troubles.begin(form.started(machine.get(), work, LocalDate.now(clock)), Optional.of(work));
        });
        if (begun.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            return beginning(machine.get(), request, model);
        }
        return "redirect:/mend/" + begun.get();
    }

    @GetMapping("/mend/{id}")
    String show(@PathVariable UUID id, Model model) {
        Optional<Kept<MendCase>> kept = drawer.find(MendCase.class, id);
        Optional<MachineNow> machine =
                kept.flatMap(otherKept -> room.find(otherKept.card().machineId()));
        if (kept.isEmpty() || machine.isEmpty()) {
            return "redirect:/mend/history";
        }
        MendCase mendCase = kept.get().card();
        boolean neverServiced = care.plan(machine.get()).monthsSinceService().isEmpty();
        MendView view = MendView.of(kept.get(), question.rank(mendCase, machine.get()), finder.table(), neverServiced);
        layout.show(model, machine.get());
        model.addAttribute("mend", view);
        model.addAttribute("glance", view.isToGlance() ? GlanceForm.of(machine.get()) : null);
        if (view.check() != null) {
            model.addAttribute("cure", cure(mendCase, view.check(), machine.get()));
            model.addAttribute(
                    "delivery", view.check().id() == CheckId.SPOOL_DELIVERY ? question.delivery(mendCase) : List.of());
            model.addAttribute("pictures", StepPictures.of(view.check(), machine.get()));
            model.addAttribute("eachNeedle", EachNeedle.of(view.check().id(), machine.get()));
        }
        if (view.isCured() && mendCase.last().isPresent()) {
            Check cured = finder.table().check(mendCase.last().get().check());
            model.addAttribute("curedBy", cured);
            model.addAttribute("pictures", StepPictures.of(cured, machine.get()).subList(0, 1));
        }
        model.addAttribute("picture", MachinePicture.of(machine.get()));
        model.addAttribute("manual", manuals.of(machine.get().id()).orElse(null));
        model.addAttribute("manualPlace", machine.get().card().manualPlace());
        return "mend/case";
    }

    private CureForm cure(MendCase mendCase, Check check, MachineNow machine) {
        Records records = Records.of(check);
        return CureForm.of(
                mendCase,
                records,
                machine,
                records == Records.NEEDLE ? needles.form(mendCase, check, machine) : null,
                records == Records.SPOOL ? contents.soundSpools() : List.of());
    }

    /** Keeps what was seen as it was found; nothing when the sewist goes straight to the first check. */
    @PostMapping("/mend/{id}/glance")
    String glance(
            @PathVariable UUID id,
            @RequestParam int revision,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("form") MendForm.AsFound asFound,
            BindingResult errors) {
        Problems.refuseUnread(errors);
        troubles.glanced(id, revision, GlanceForm.seen(sent), asFound.dial());
        return "redirect:/mend/" + id;
    }

    /** Records what a check came to, with all that goes with it. */
    @PostMapping("/mend/{id}/result")
    String result(
            @PathVariable UUID id,
            @RequestParam int revision,
            @RequestParam String check,
            @RequestParam Result result,
            @ModelAttribute("form") MendForm.Found found,
            BindingResult errors) {
        MendCase mendCase = drawer.get(MendCase.class, id).card();
        MachineNow machine = room.find(mendCase.machineId()).orElseThrow();
        Problems.refuseUnread(errors);
        troubles.answer(
                id,
                revision,
                found.answer(CheckId.named(check), result, word -> needles.source(word, mendCase, machine)));
        return "redirect:/mend/" + id;
    }

    /** The fingernail went over all of them, and nothing caught. */
    @PostMapping("/mend/{id}/tour")
    String tour(@PathVariable UUID id, @RequestParam int revision, @RequestParam List<String> check) {
        troubles.foundNothing(id, revision, check.stream().map(CheckId::named).toList());
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

    private String beginning(MachineNow machine, HttpServletRequest request, Model model) {
        sentences.show(model, Optional.of(machine), "/mend", request);
        model.addAttribute("symptoms", SymptomTile.of(machine.machine().kind().hasLoopers()));
        model.addAttribute("whens", Choice.of(When.values(), When::words));
        model.addAttribute("schools", SearchSchool.values());
        model.addAttribute(
                "inOrder",
                model.getAttribute(FormPage.FORM) instanceof MendForm form && form.school() != null
                        ? form.school()
                        : SearchSchool.LIKELIEST_PER_MINUTE);
        model.addAttribute("usually", HistoryView.usually(cases.cures(machine.id()), finder.table()));
        return "mend/begin";
    }
}
