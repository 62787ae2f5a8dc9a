package belonax.web.balance;

import belonax.BadInput;
import belonax.balance.BobbinPull;
import belonax.balance.BobbinPull.Pull;
import belonax.balance.PullMeasured;
import belonax.balance.PullRhythm;
import belonax.machine.BobbinKind;
import belonax.room.Choice;
import belonax.room.balance.PullLog;
import belonax.room.event.Undo;
import belonax.room.needle.MachineNow;
import belonax.thread.SewingThread;
import belonax.web.shared.AtStop;
import belonax.web.shared.OnTheTable;
import belonax.web.shared.Stop;
import belonax.web.shared.form.Ask;
import belonax.web.shared.form.Problems;
import belonax.web.shared.sentence.Sentences;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
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
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The bobbin's pull: how it is tested, what it gave for each case, and where the screw's slot stood. */
@Controller
@AtStop(Stop.BALANCE)
class PullPage {
    private final PullLog pulls;
    private final Sentences sentences;
    private final Undo undo;

    PullPage(PullLog pulls, Sentences sentences, Undo undo) {
        this.pulls = pulls;
        this.sentences = sentences;
        this.undo = undo;
    }

    /** What a test gave. */
    public record Form(
            @Nullable String bobbinCase,
            @Nullable Pull pull,

            @Ask("Type how far it slipped in centimetres, or leave it empty.") @Nullable
            Double slip,

            @Ask("Type what the gauge read in grams, or leave it empty.") @Nullable
            Double grams,

            @Nullable Integer slot,
            @Nullable Integer turned,
            @Nullable PullRhythm rhythm) {

        PullMeasured measured() {
            if (pull == null) {
                throw new BadInput("pull", "Say what you saw: right, too loose or too tight.");
            }
            return new PullMeasured(pull, slip, grams, slot, Objects.requireNonNullElse(turned, 0));
        }
    }

    @GetMapping("/balance/pull")
    String ask(
            @ModelAttribute("form") Form form,
            BindingResult unread,
            @RequestParam(required = false) Optional<UUID> done,
            @OnTheTable Optional<MachineNow> machine,
            HttpServletRequest request,
            Model model) {
        model.addAttribute("done", done.filter(undo::canUndo).orElse(null));
        return machine.map(machineNow -> show(machineNow, request, model)).orElse("redirect:/welcome");
    }

    @PostMapping("/balance/pull")
    String keep(
            @Validated @ModelAttribute("form") Form form,
            BindingResult errors,
            @OnTheTable Optional<MachineNow> machine,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model,
            RedirectAttributes to) {
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        Optional<UUID> action = Problems.read(
                errors,
                () -> pulls.tested(
                        machine.get().id(),
                        Objects.requireNonNullElse(form.bobbinCase(), ""),
                        form.measured(),
                        onTheBobbin(request, machine.get()),
                        Objects.requireNonNullElse(form.rhythm(), PullRhythm.NEW_THREAD)));
        if (action.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            return show(machine.get(), request, model);
        }
        to.addAttribute("done", action.get());
        return "redirect:/balance/pull";
    }

    private String show(MachineNow machine, HttpServletRequest request, Model model) {
        BobbinKind bobbin = machine.machine().bobbin();
        SewingThread thread = onTheBobbin(request, machine);
        model.addAttribute("test", BobbinPull.of(bobbin, false));
        model.addAttribute("withSpring", BobbinPull.of(bobbin, true));
        model.addAttribute("canBeTurned", bobbin == BobbinKind.REMOVABLE);
        model.addAttribute("pulls", Pull.values());
        model.addAttribute("rhythms", Choice.of(PullRhythm.values(), PullRhythm::words));
        model.addAttribute("thread", thread.words());
        model.addAttribute("asks", pulls.asks(machine, thread).orElse(null));
        model.addAttribute("kept", PullView.of(pulls.of(machine.id())));
        model.addAttribute("slots", PullView.SLOTS);
        return bobbin == BobbinKind.NONE ? "balance/loopers" : "balance/pull";
    }

    /** The thread of the sentence that goes on the bobbin: the top's own where nothing else is said. */
    private SewingThread onTheBobbin(HttpServletRequest request, MachineNow machine) {
        return sentences.work(request, Optional.of(machine)).setup().onTheBobbin();
    }
}
