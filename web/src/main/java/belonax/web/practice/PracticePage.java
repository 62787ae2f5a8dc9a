package belonax.web.practice;

import belonax.practice.Drill;
import belonax.practice.DrillId;
import belonax.practice.DrillKind;
import belonax.practice.Drills;
import belonax.room.card.Card;
import belonax.room.card.DrawerStore;
import belonax.room.practice.DrillAnswer;
import belonax.room.practice.HowSewistsRead;
import belonax.room.practice.PracticeBook;
import belonax.room.practice.PracticeBook.Given;
import belonax.web.shared.AtStop;
import belonax.web.shared.Stop;
import belonax.web.shared.WhoReads;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Would I have read that stitch right? One drill, four answers, and the reason at once. */
@Controller
@AtStop(Stop.PRACTICE)
class PracticePage {
    private final PracticeBook practice;
    private final HowSewistsRead readers;
    private final DrawerStore drawer;
    private final Clock clock;

    PracticePage(PracticeBook practice, HowSewistsRead readers, DrawerStore drawer, Clock clock) {
        this.practice = practice;
        this.readers = readers;
        this.drawer = drawer;
        this.clock = clock;
    }

    /**
     * Asks the next drill, tells of the one that was answered, or ends the sitting.
     *
     * @param kind what is practised; empty for a mix
     * @param said the drill that was answered just now
     * @param done the change by which that answer is taken back
     * @param drill which drill; empty for the next one
     * @param more whether she goes on though the sitting is over
     */
    @GetMapping("/practice")
    String show(
            @RequestParam Optional<DrillKind> kind,
            @RequestParam Optional<String> said,
            @RequestParam Optional<UUID> done,
            @RequestParam Optional<String> drill,
            @RequestParam(defaultValue = "false") boolean more,
            HttpServletRequest request,
            Model model) {
        String reader = WhoReads.at(request);
        PracticeBook.Sitting sitting = practice.sitting(reader);
        Optional<ToldView> told = said.flatMap(text -> told(reader, text));
        model.addAttribute("reader", reader);
        model.addAttribute("readers", practice.readers());
        model.addAttribute("kind", kind.map(Enum::name).orElse(""));
        model.addAttribute("kinds", DrillKind.values());
        model.addAttribute("more", more);
        model.addAttribute("surely", SurelyView.of(readers.of(reader)));
        model.addAttribute("told", told.orElse(null));
        model.addAttribute("done", done.filter(drawer::canUndo).orElse(null));
        boolean ends = told.isEmpty() && sitting.isOver() && sitting.answers() > 0 && !more;
        model.addAttribute("sitting", SittingView.of(sitting, ends ? practice.sinceLastWeek(reader) : List.of()));
        model.addAttribute("drill", told.isPresent() || ends ? null : DrillView.of(asked(reader, kind, drill)));
        return "practice/page";
    }

    private Drill asked(String reader, Optional<DrillKind> kind, Optional<String> drill) {
        return drill.map(text -> Drills.make(DrillId.read(text))).orElseGet(() -> practice.next(reader, kind));
    }

    private Optional<ToldView> told(String reader, String said) {
        return practice.find(reader, said).map(given -> told(given, Drills.make(DrillId.read(said))));
    }

    private ToldView told(Given given, Drill drill) {
        return ToldView.of(drill, given, LocalDate.now(clock));
    }

    @PostMapping("/practice")
    String answer(
            @RequestParam String drill,
            @RequestParam int choice,
            @RequestParam Optional<DrillKind> kind,
            @RequestParam(defaultValue = "false") boolean more,
            HttpServletRequest request,
            RedirectAttributes to) {
        Given given = practice.answer(WhoReads.at(request), drill, choice);
        to.addAttribute("said", drill);
        given.change().ifPresent(id -> to.addAttribute("done", id));
        keep(kind, more, to);
        return "redirect:/practice";
    }

    /** Takes the last answer back: it was a slip of the finger. */
    @PostMapping("/practice/undo")
    String undo(@RequestParam UUID change, @RequestParam Optional<DrillKind> kind, RedirectAttributes to) {
        drawer.undo(change);
        keep(kind, false, to);
        return "redirect:/practice";
    }

    /** From now on this browser answers for that sewist. */
    @PostMapping("/practice/reader")
    String reader(@RequestParam(defaultValue = "") String name, HttpServletResponse response) {
        String stripped = name.strip();
        Card.checkLength("name", stripped, DrillAnswer.LONGEST_NAME);
        response.addHeader(HttpHeaders.SET_COOKIE, WhoReads.remembered(stripped));
        return "redirect:/practice";
    }

    private static void keep(Optional<DrillKind> kind, boolean more, RedirectAttributes to) {
        kind.ifPresent(drillKind -> to.addAttribute("kind", drillKind));
        if (more) {
            to.addAttribute("more", true);
        }
    }
}
