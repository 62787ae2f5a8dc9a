package belonax.web.bench;

import belonax.BadInput;
import belonax.room.care.CareLog;
import belonax.room.event.Undo;
import belonax.room.needle.MachineNow;
import belonax.room.needle.WorkLog;
import belonax.web.shared.AtStop;
import belonax.web.shared.Layout;
import belonax.web.shared.OnTheTable;
import belonax.web.shared.Stop;
import belonax.web.shared.form.FormPage;
import belonax.web.shared.sentence.Sentences;
import belonax.web.shared.sentence.Sentences.Asked;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Am I ready to sew, and what is due? */
@Controller
@AtStop(Stop.BENCH)
class BenchPage {
    private final Undo undo;
    private final CareLog care;
    private final WorkLog work;
    private final BenchReadiness readiness;
    private final Sentences sentences;
    private final Layout layout;
    private final Clock clock;

    BenchPage(
            Undo undo,
            CareLog care,
            WorkLog work,
            BenchReadiness readiness,
            Sentences sentences,
            Layout layout,
            Clock clock) {
        this.undo = undo;
        this.care = care;
        this.work = work;
        this.readiness = readiness;
        this.sentences = sentences;
        this.layout = layout;
        this.clock = clock;
    }

    @GetMapping("/bench")
    String bench(
            @RequestParam(defaultValue = "false") boolean big,
            @RequestParam(required = false) Optional<UUID> done,
            @OnTheTable Optional<MachineNow> machine,
            HttpServletRequest request,
            Model model) {
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        FormPage.show(model, WorkForm.blank());
        model.addAttribute("done", done.filter(undo::canUndo).orElse(null));
        Asked asked = sentences.show(model, machine, "/bench", request);
        try {
            model.addAttribute(
                    "ready",
                    BenchView.of(
                            readiness.judge(machine.get(), asked, big),
                            layout.settings().units()));
        } catch (BadInput refused) {
            model.addAttribute("problems", refused.problems());
        }
        model.addAttribute(
                "due",
                DueView.of(
                        machine.get(),
                        care.plan(machine.get()),
                        care.snoozed(machine.get().id())));
        model.addAttribute(
                "goOn",
                work.lastDay(machine.get())
                        .map(lastDay -> GoOnView.of(lastDay, machine.get(), LocalDate.now(clock)))
                        .orElse(null));
        model.addAttribute("afterChange", AfterChange.of(machine.get()));
        model.addAttribute("timer", work.running(machine.get()).orElse(null));
        model.addAttribute("work", WorkForm.CHOICES);
        return "bench/page";
    }
}
