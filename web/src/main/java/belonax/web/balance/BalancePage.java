package belonax.web.balance;

import belonax.BadInput;
import belonax.balance.TopFace;
import belonax.balance.Touched;
import belonax.balance.Underside;
import belonax.machine.BobbinKind;
import belonax.room.Choice;
import belonax.room.balance.BalanceBook;
import belonax.room.balance.BalanceOpinion;
import belonax.room.balance.BalanceRun;
import belonax.room.balance.PullLog;
import belonax.room.balance.Sampler;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.ThreadDelivery;
import belonax.room.event.TableWork;
import belonax.room.event.Undo;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.web.shared.AtStop;
import belonax.web.shared.Layout;
import belonax.web.shared.OnTheTable;
import belonax.web.shared.Stop;
import belonax.web.shared.WhoReads;
import belonax.web.shared.form.Problems;
import belonax.web.shared.sentence.Sentences;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
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

/** Which way is the dial turned, and how far? The strips of a run are read one by one. */
@Controller
@AtStop(Stop.BALANCE)
class BalancePage {
    private final DrawerStore drawer;
    private final BalanceBook balances;
    private final Sampler sampler;
    private final PullLog pulls;
    private final ThreadDelivery spools;
    private final BalanceOpinion opinions;
    private final Sentences sentences;
    private final SewingRoom room;
    private final Undo undo;
    private final Layout layout;
    private final Clock clock;

    BalancePage(
            DrawerStore drawer,
            BalanceBook balances,
            Sampler sampler,
            PullLog pulls,
            ThreadDelivery spools,
            BalanceOpinion opinions,
            Sentences sentences,
            SewingRoom room,
            Undo undo,
            Layout layout,
            Clock clock) {
        this.drawer = drawer;
        this.balances = balances;
        this.sampler = sampler;
        this.pulls = pulls;
        this.spools = spools;
        this.opinions = opinions;
        this.sentences = sentences;
        this.room = room;
        this.undo = undo;
        this.layout = layout;
        this.clock = clock;
    }

    /** Leads on with the run that is under way, or asks what is to be balanced. */
    @GetMapping("/balance")
    String begin(
            @ModelAttribute("form") BalanceForm form,
            BindingResult errors,
            @OnTheTable Optional<MachineNow> machine,
            HttpServletRequest request,
            Model model) {
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        Optional<Kept<BalanceRun>> open = sampler.open(machine.get().id());
        if (open.isPresent() && request.getParameterMap().isEmpty()) {
            return "redirect:/balance/" + open.get().id();
        }
        return beginning(machine.get(), request, model);
    }

    @PostMapping("/balance")
    String start(
            @Validated @ModelAttribute("form") BalanceForm form,
            BindingResult errors,
            @RequestParam(defaultValue = "false") boolean simulated,
            @OnTheTable Optional<MachineNow> machine,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        Optional<UUID> begun = Problems.read(errors, () -> {
            TableWork work = sentences.work(request, machine);
            BalanceRun run = form.run(machine.get(), work, LocalDate.now(clock)).readBy(WhoReads.at(request));
            return simulated ? balances.beginSimulated(run, Optional.of(work)) : balances.begin(run, Optional.of(work));
        });
        if (begun.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            return beginning(machine.get(), request, model);
        }
        return "redirect:/balance/" + begun.get();
    }

    @GetMapping("/balance/{id}")
    String run(
            @PathVariable UUID id,
            @RequestParam(required = false) Optional<UUID> correct,
            @RequestParam(required = false) Optional<UUID> done,
            Model model) {
        Optional<Kept<BalanceRun>> kept = drawer.find(BalanceRun.class, id);
        Optional<MachineNow> machine =
                kept.flatMap(otherKept -> room.find(otherKept.card().machineId()));
        if (kept.isEmpty() || machine.isEmpty()) {
            return "redirect:/balance/sampler";
        }
        BalanceRun run = kept.get().card();
        layout.show(model, machine.get());
        model.addAttribute(
                "run", BalanceView.of(kept.get(), opinions.of(run, machine.get().machine())));
        model.addAttribute("correct", correct.flatMap(run::find).orElse(null));
        model.addAttribute("done", done.filter(undo::canUndo).orElse(null));
        model.addAttribute("tops", TopFace.values());
        model.addAttribute("undersides", Underside.values());
        model.addAttribute("also", BalanceView.ALSO);
        return "balance/run";
    }

    /** Records a strip, or reads one anew. */
    @PostMapping("/balance/{id}/strip")
    String strip(
            @PathVariable UUID id,
            @RequestParam int revision,
            @Validated @ModelAttribute("form") BalanceForm.Seen seen,
            BindingResult errors) {
        Problems.refuseUnread(errors);
        balances.read(id, revision, seen.reading());
        return "redirect:/balance/" + id;
    }

    /** Takes a strip out again. */
    @PostMapping("/balance/{id}/drop")
    String drop(@PathVariable UUID id, @RequestParam int revision, @RequestParam UUID strip) {
        balances.drop(id, revision, strip);
        return "redirect:/balance/" + id;
    }

    /** Keeps the balance: proven for this set-up, and the machine's last balance. */
    @PostMapping("/balance/{id}/keep")
    String keep(
            @PathVariable UUID id,
            @RequestParam int revision,
            @Validated @ModelAttribute("form") BalanceForm.AtDial at,
            BindingResult errors) {
        Problems.refuseUnread(errors);
        return balances.keep(id, revision, Objects.requireNonNull(at.dial()))
                .map(action -> "redirect:/balance/" + id + "?done=" + action)
                .orElse("redirect:/balance/" + id);
    }

    /** Takes the balance back that was kept just now. */
    @PostMapping("/balance/{id}/back")
    String back(@PathVariable UUID id, @RequestParam int revision, @RequestParam UUID action) {
        balances.takeBack(id, revision, action);
        return "redirect:/balance/" + id;
    }

    /** After the bobbin was put right, or when it is enough: the run ends, and another begins where that is asked. */
    @PostMapping("/balance/{id}/end")
    String end(
            @PathVariable UUID id, @RequestParam int revision, @RequestParam(required = false) Optional<String> anew) {
        if (anew.isPresent()) {
            return "redirect:/balance/" + balances.beginAnew(id, revision);
        }
        balances.end(id, revision);
        return "redirect:/balance/" + id;
    }

    private Optional<TableWork> asked(MachineNow machine, HttpServletRequest request) {
        try {
            return Optional.of(sentences.work(request, Optional.of(machine)));
        } catch (BadInput refused) {
            return Optional.empty(); // What will not do is said beside the sentence.
        }
    }

    private String beginning(MachineNow machine, HttpServletRequest request, Model model) {
        sentences.show(model, Optional.of(machine), "/balance", request);
        model.addAttribute("touched", Choice.of(Touched.values(), Touched::words));
        model.addAttribute("before", BeforeView.of(machine));
        model.addAttribute("pastCount", sampler.past(machine.id()).size());
        Optional<TableWork> asked = asked(machine, request);
        model.addAttribute(
                "pullAsks",
                asked.flatMap(tableWork -> pulls.asks(machine, tableWork.setup().onTheBobbin()))
                        .orElse(null));
        model.addAttribute("delivery", asked.map(spools::advice).orElse(List.of()));
        return machine.machine().bobbin() == BobbinKind.NONE ? "balance/loopers" : "balance/begin";
    }
}
