package belonax.web.bench;

import belonax.life.Retirement;
import belonax.life.Sign;
import belonax.room.event.Undo;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleNotes;
import belonax.room.needle.WorkLog;
import belonax.room.supply.ThreadStock;
import belonax.web.shared.AtStop;
import belonax.web.shared.Layout;
import belonax.web.shared.OnTheTable;
import belonax.web.shared.Stop;
import belonax.web.shared.sentence.Sentences;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Sewing: the clock runs, and what is noticed is one press. */
@Controller
@AtStop(Stop.BENCH)
class SewingPage {
    private final WorkLog work;
    private final NeedleNotes notes;
    private final BenchReadiness readiness;
    private final ThreadStock stock;
    private final Undo undo;
    private final Sentences sentences;
    private final Layout layout;

    SewingPage(
            WorkLog work,
            NeedleNotes notes,
            BenchReadiness readiness,
            ThreadStock stock,
            Undo undo,
            Sentences sentences,
            Layout layout) {
        this.work = work;
        this.notes = notes;
        this.readiness = readiness;
        this.stock = stock;
        this.undo = undo;
        this.sentences = sentences;
        this.layout = layout;
    }

    @GetMapping("/sewing")
    String sewing(
            @RequestParam(required = false) Optional<Sign> noticed,
            @RequestParam(required = false) Optional<UUID> done,
            @OnTheTable Optional<MachineNow> machine,
            HttpServletRequest request,
            Model model) {
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        sentences.show(model, machine, "/bench", request);
        Optional<Retirement> advice = noticed.flatMap(sign -> readiness.advise(machine.get()));
        model.addAttribute("done", done.filter(undo::canUndo).orElse(null));
        Optional<WorkLog.Running> running = work.running(machine.get());
        model.addAttribute(
                "sewing", SewingView.of(machine.get(), running, noticed, advice, threadLeft(machine.get(), running)));
        return "bench/sewing";
    }

    private Optional<ThreadLeftView> threadLeft(MachineNow machine, Optional<WorkLog.Running> running) {
        return machine.table()
                .map(tableWork -> stock.left(
                        machine.card(),
                        tableWork,
                        running.filter(timer -> !timer.isForgotten())
                                .map(WorkLog.Running::minutes)
                                .orElse(0.0)))
                .map(left -> ThreadLeftView.of(left, layout.settings().units()));
    }

    /** Starts the clock on what the page that sent it spoke of. */
    @PostMapping("/sewing")
    String start(
            @RequestParam String machine,
            @RequestParam(defaultValue = "") String table,
            @OnTheTable Optional<MachineNow> onTheTable) {
        work.startTimer(machine, sentences.work(table, onTheTable));
        return "redirect:/sewing";
    }

    /** Pauses the clock and counts. */
    @PostMapping("/sewing/pause")
    String pause(@RequestParam String machine, RedirectAttributes to) {
        work.stopTimer(machine, Optional.empty()).ifPresent(id -> to.addAttribute("done", id));
        return "redirect:/sewing";
    }

    @PostMapping("/sewing/sign")
    String sign(
            @RequestParam String machine,
            @RequestParam(defaultValue = "0") int place,
            @RequestParam Sign sign,
            RedirectAttributes to) {
        UUID action = notes.sign(machine, place, sign);
        to.addAttribute("noticed", sign);
        to.addAttribute("done", action);
        return "redirect:/sewing";
    }

    @PostMapping("/sewing/undo")
    String undo(@RequestParam UUID change) {
        undo.undo(change);
        return "redirect:/sewing";
    }
}
