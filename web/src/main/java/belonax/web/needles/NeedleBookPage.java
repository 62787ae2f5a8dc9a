package belonax.web.needles;

import belonax.BadInput;
import belonax.room.ChangedMeanwhile;
import belonax.room.drawer.RanOut;
import belonax.room.event.ActionLog;
import belonax.room.event.Undo;
import belonax.room.needle.NeedleBook;
import belonax.room.needle.SewingRoom;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Where the needles are, and how long they last. */
@Controller
class NeedleBookPage {
    private final NeedleBook book;
    private final SewingRoom room;
    private final Undo undo;
    private final RanOut ranOut;
    private final ActionLog log;
    private final Layout layout;

    NeedleBookPage(NeedleBook book, SewingRoom room, Undo undo, RanOut ranOut, ActionLog log, Layout layout) {
        this.book = book;
        this.room = room;
        this.undo = undo;
        this.ranOut = ranOut;
        this.log = log;
        this.layout = layout;
    }

    @GetMapping("/needles")
    String show(
            @RequestParam(required = false) Optional<UUID> done,
            @RequestParam(required = false) Optional<String> notice,
            HttpServletRequest request,
            Model model) {
        layout.addTo(model, Optional.of(Stop.NEEDLES), request);
        model.addAttribute("book", BookView.of(book, room.machines(), layout.onTheTable(request), layout.settings()));
        model.addAttribute("ranOut", ranOut.packets());
        model.addAttribute("done", done.filter(undo::canUndo).orElse(null));
        model.addAttribute("notice", notice.map(NeedleBookPage::sentence).orElse(null));
        return "needles/book";
    }

    @PostMapping("/needles/put")
    String put(
            @RequestParam UUID needle,
            @RequestParam NeedleBook.Goes goes,
            @RequestParam(defaultValue = "") String where,
            @RequestParam(defaultValue = "false") boolean failed,
            RedirectAttributes to) {
        return record(to, () -> book.put(needle, goes, where, failed));
    }

    @PostMapping("/needles/back")
    String backIn(
            @RequestParam UUID needle,
            @RequestParam String machine,
            @RequestParam(defaultValue = "0") int place,
            RedirectAttributes to) {
        return record(to, () -> book.putBackIn(machine, place, needle));
    }

    @PostMapping("/needles/found")
    String found(@RequestParam UUID needle, RedirectAttributes to) {
        return record(to, () -> book.piecesFound(needle));
    }

    @PostMapping("/needles/jar")
    String jarEmptied(RedirectAttributes to) {
        return record(to, book::jarEmptied);
    }

    /** The last fifty things that were done, each to be taken back. */
    @GetMapping("/needles/log")
    String log(@RequestParam(required = false) Optional<String> notice, HttpServletRequest request, Model model) {
        layout.addTo(model, Optional.of(Stop.NEEDLES), request);
        model.addAttribute("actions", LogView.of(log.last()));
        model.addAttribute("notice", notice.map(NeedleBookPage::sentence).orElse(null));
        return "needles/log";
    }

    @PostMapping("/needles/log/undo")
    String undo(
            @RequestParam UUID change,
            @RequestParam(defaultValue = "/needles/log") String back,
            RedirectAttributes to) {
        try {
            undo.undo(change);
            to.addAttribute("notice", "undone");
        } catch (ChangedMeanwhile | BadInput tooLate) {
            to.addAttribute("notice", "later");
        }
        return back.equals("/needles") ? "redirect:/needles" : "redirect:/needles/log";
    }

    private static String record(RedirectAttributes to, Supplier<UUID> action) {
        try {
            to.addAttribute("done", action.get());
        } catch (ChangedMeanwhile changed) {
            to.addAttribute("notice", "changed");
        } catch (BadInput refused) {
            to.addAttribute("notice", refused.problems().get(0).field());
        }
        return "redirect:/needles";
    }

    private static String sentence(String notice) {
        return switch (notice) {
            case "undone" -> "Taken back. What was recorded later stands.";
            case "later" -> "There is no such change to take back.";
            case "where" ->
                "Name the place where you park it, such as “felt card, row 2”: an unmarked needle is not known again.";
            case "system" ->
                "That machine does not list the needle's system, and a needle of another system can strike.";
            case "changed" -> "It was changed in another window, so nothing was recorded here.";
            default -> "Nothing was recorded: that needle is not where this page thought it was.";
        };
    }
}
