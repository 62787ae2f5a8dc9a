package belonax.web.needles;

import belonax.room.event.ActionLog;
import belonax.room.event.Undo;
import belonax.room.life.NeedleLives;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleBook;
import belonax.room.supply.RanOut;
import belonax.web.shared.AtStop;
import belonax.web.shared.OnTheTable;
import belonax.web.shared.Stop;
import belonax.web.shared.form.FlashMessage;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Where the needles are, and how long they last. */
@Controller
@AtStop(Stop.NEEDLES)
class NeedleBookPage {
    private final NeedleBook book;
    private final NeedleLives lives;
    private final Undo undo;
    private final RanOut ranOut;
    private final ActionLog log;
    private final Clock clock;

    NeedleBookPage(NeedleBook book, NeedleLives lives, Undo undo, RanOut ranOut, ActionLog log, Clock clock) {
        this.book = book;
        this.lives = lives;
        this.undo = undo;
        this.ranOut = ranOut;
        this.log = log;
        this.clock = clock;
    }

    @GetMapping("/needles")
    String show(
            @RequestParam(required = false) Optional<UUID> done,
            @OnTheTable Optional<MachineNow> machine,
            Model model) {
        model.addAttribute("book", BookView.of(lives.contents(), machine));
        model.addAttribute("ranOut", ranOut.packets());
        model.addAttribute("done", done.filter(undo::canUndo).orElse(null));
        return "needles/book";
    }

    @PostMapping("/needles/put")
    String put(
            @RequestParam UUID needle,
            @RequestParam NeedleBook.Disposal goes,
            @RequestParam(defaultValue = "") String where,
            @RequestParam(defaultValue = "false") boolean failed,
            RedirectAttributes to) {
        return record(to, book.put(needle, goes, where, failed));
    }

    @PostMapping("/needles/back")
    String backIn(
            @RequestParam UUID needle,
            @RequestParam String machine,
            @RequestParam(defaultValue = "0") int place,
            RedirectAttributes to) {
        return record(to, book.putBackIn(machine, place, needle));
    }

    @PostMapping("/needles/found")
    String found(@RequestParam UUID needle, RedirectAttributes to) {
        return record(to, book.piecesFound(needle));
    }

    @PostMapping("/needles/jar")
    String jarEmptied(RedirectAttributes to) {
        return record(to, book.jarEmptied());
    }

    /** The last fifty things that were done, each to be taken back. */
    @GetMapping("/needles/log")
    String log(Model model) {
        model.addAttribute("days", LogView.of(log.last(), LocalDate.now(clock), clock.getZone()));
        return "needles/log";
    }

    @PostMapping("/needles/log/undo")
    String undo(
            @RequestParam UUID change,
            @RequestParam(defaultValue = "/needles/log") String back,
            RedirectAttributes to) {
        undo.undo(change);
        FlashMessage.next(to, "Taken back. What was recorded later stands.");
        return back.equals("/needles") ? "redirect:/needles" : "redirect:/needles/log";
    }

    private static String record(RedirectAttributes to, UUID action) {
        to.addAttribute("done", action);
        return "redirect:/needles";
    }
}
