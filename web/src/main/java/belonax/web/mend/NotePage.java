package belonax.web.mend;

import belonax.fault.FaultFinder;
import belonax.room.Words;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.trouble.CaseBook;
import belonax.room.trouble.MendCase;
import belonax.web.shared.AtStop;
import belonax.web.shared.OnTheTable;
import belonax.web.shared.Stop;
import belonax.web.shared.print.Pdf;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** What was found: the note for a technician, and a machine's history. */
@Controller
@AtStop(Stop.MEND)
class NotePage {
    private final DrawerStore drawer;
    private final CaseBook cases;
    private final MendQuestion question;
    private final FaultFinder finder;
    private final SewingRoom room;
    private final Pdf pdf;

    NotePage(DrawerStore drawer, CaseBook cases, MendQuestion question, FaultFinder finder, SewingRoom room, Pdf pdf) {
        this.drawer = drawer;
        this.cases = cases;
        this.question = question;
        this.finder = finder;
        this.room = room;
        this.pdf = pdf;
    }

    /** What was seen, tried and found, to be taken along. */
    @GetMapping("/mend/{id}/technician.pdf")
    ResponseEntity<byte[]> technician(@PathVariable UUID id) {
        Optional<Kept<MendCase>> kept = drawer.find(MendCase.class, id);
        Optional<MachineNow> machine =
                kept.flatMap(otherKept -> room.find(otherKept.card().machineId()));
        if (kept.isEmpty() || machine.isEmpty()) {
            return ResponseEntity.notFound().build();
        }
        MendView view = MendView.of(kept.get(), question.rank(kept.get().card(), machine.get()), finder.table(), false);
        return pdf.answer(
                "for-the-technician.pdf",
                "print/technician",
                Map.of(
                        "mend", view,
                        "setUp", MachineFacts.of(machine.get()),
                        "date", Words.date(kept.get().card().begunOn())));
    }

    /** The cases of the machine on the table, and what cured them. */
    @GetMapping("/mend/history")
    String history(@OnTheTable Optional<MachineNow> machine, Model model) {
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        model.addAttribute(
                "history",
                HistoryView.of(
                        cases.of(machine.get().id()), cases.cures(machine.get().id()), finder.table()));
        return "mend/history";
    }
}
