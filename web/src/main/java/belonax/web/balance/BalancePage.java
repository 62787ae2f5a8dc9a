package belonax.web.balance;

import belonax.BadInput;
import belonax.balance.TopFace;
import belonax.balance.Touched;
import belonax.balance.Underside;
import belonax.machine.BobbinKind;
import belonax.room.Choice;
import belonax.room.balance.BalanceBook;
import belonax.room.balance.BalanceRun;
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
import belonax.web.shared.form.Entries;
import belonax.web.shared.form.FormPage;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
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

/** Which way is the dial turned, and how far? The strips of a run are read one by one. */
@Controller
class BalancePage {
    private final DrawerStore drawer;
    private final BalanceBook balances;
    private final Sampler sampler;
    private final ClothShelf cloths;
    private final SewingRoom room;
    private final Layout layout;
    private final Clock clock;

    BalancePage(
            DrawerStore drawer,
            BalanceBook balances,
            Sampler sampler,
            ClothShelf cloths,
            SewingRoom room,
            Layout layout,
            Clock clock) {
        this.drawer = drawer;
        this.balances = balances;
        this.sampler = sampler;
        this.cloths = cloths;
        this.room = room;
        this.layout = layout;
        this.clock = clock;
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
            BalanceRun run = BalanceForm.run(
                    entries, machine.get(), cloths, layout.settings().units(), today());
            return "redirect:/balance/"
                    + (entries.has("simulated") ? balances.beginSimulated(run) : balances.begin(run));
        } catch (BadInput refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            String page = beginning(machine.get(), entries.shown(), model);
            FormPage.refuse(model, refused);
            return page;
        }
    }

    @GetMapping("/balance/{id}")
    String run(@PathVariable UUID id, @RequestParam(required = false) Optional<UUID> correct, Model model) {
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
        return "balance/run";
    }

    /** Records a strip, or reads one anew. */
    @PostMapping("/balance/{id}/strip")
    String strip(@PathVariable UUID id, @RequestParam int revision, @RequestParam MultiValueMap<String, String> typed) {
        balances.read(id, revision, BalanceForm.reading(new Entries(typed)));
        return "redirect:/balance/" + id;
    }

    /** Takes a strip out again. */
    @PostMapping("/balance/{id}/drop")
    String drop(@PathVariable UUID id, @RequestParam int revision, @RequestParam UUID strip) {
        balances.drop(id, revision, strip);
        return "redirect:/balance/" + id;
    }

    /** Writes down where the bobbin's screw stood before it is touched. */
    @PostMapping("/balance/{id}/screw")
    String screw(@PathVariable UUID id, @RequestParam int revision, @RequestParam int hour) {
        balances.screw(id, revision, hour);
        return "redirect:/balance/" + id;
    }

    /** Keeps the balance: proven for this set-up, and the machine's last balance. */
    @PostMapping("/balance/{id}/keep")
    String keep(@PathVariable UUID id, @RequestParam int revision, @RequestParam MultiValueMap<String, String> typed) {
        balances.keep(id, revision, BalanceForm.dial(new Entries(typed)));
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
}
