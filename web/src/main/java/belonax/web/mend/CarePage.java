package belonax.web.mend;

import belonax.fault.FaultFinder;
import belonax.life.CareKind;
import belonax.room.care.CareLog;
import belonax.room.event.Undo;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.web.shared.AtStop;
import belonax.web.shared.OnTheTable;
import belonax.web.shared.Stop;
import belonax.web.shared.form.Problems;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Cleaning, oil and service of the machine on the table, and who may do what. */
@Controller
@AtStop(Stop.MEND)
class CarePage {
    private final CareLog care;
    private final SewingRoom room;
    private final Undo undo;
    private final FaultFinder finder;

    CarePage(CareLog care, SewingRoom room, Undo undo, FaultFinder finder) {
        this.care = care;
        this.room = room;
        this.undo = undo;
        this.finder = finder;
    }

    @GetMapping("/mend/care")
    String care(
            @RequestParam(required = false) Optional<UUID> done,
            @OnTheTable Optional<MachineNow> machine,
            Model model) {
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        model.addAttribute("care", CareView.of(machine.get(), care.plan(machine.get()), finder.table()));
        model.addAttribute("picture", MachinePicture.of(machine.get()));
        model.addAttribute("done", done.filter(undo::canUndo).orElse(null));
        return "mend/care";
    }

    /** The day on which something was done; null for today. */
    record DoneOn(
            @Nullable @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
            LocalDate day) {}

    /** Dates what was done, today or earlier. */
    @PostMapping("/mend/care")
    String done(
            @RequestParam String machine,
            @RequestParam CareKind kind,
            @ModelAttribute("form") DoneOn on,
            BindingResult errors,
            RedirectAttributes to) {
        Problems.refuseUnread(errors);
        LocalDate day = on.day();
        if (room.find(machine).isPresent()) {
            to.addAttribute("done", day == null ? care.done(machine, kind) : care.doneOn(machine, kind, day));
        }
        return "redirect:/mend/care";
    }
}
