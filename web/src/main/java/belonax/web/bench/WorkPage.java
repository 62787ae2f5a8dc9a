package belonax.web.bench;

import belonax.life.CareKind;
import belonax.life.FitCheck;
import belonax.life.Sign;
import belonax.life.Wear;
import belonax.room.care.CareLog;
import belonax.room.event.Undo;
import belonax.room.needle.NeedleBook;
import belonax.room.needle.NeedleNotes;
import belonax.room.needle.SewingRoom;
import belonax.room.needle.WorkLog;
import belonax.room.settings.Units;
import belonax.web.shared.Layout;
import belonax.web.shared.device.StitchCounter;
import belonax.web.shared.form.FlashMessage;
import belonax.web.shared.form.Problems;
import belonax.web.shared.sentence.Sentences;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Controller;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.util.UriComponents;
import org.springframework.web.util.UriComponentsBuilder;

/** Records work, signs and care, and leads back to the bench. */
@Controller
class WorkPage {
    private static final String BENCH = "/bench";

    private final WorkLog work;
    private final NeedleNotes notes;
    private final NeedleBook book;
    private final CareLog care;
    private final Undo undo;
    private final StitchCounter counter;
    private final Sentences sentences;
    private final SewingRoom room;
    private final Layout layout;

    WorkPage(
            WorkLog work,
            NeedleNotes notes,
            NeedleBook book,
            CareLog care,
            Undo undo,
            StitchCounter counter,
            Sentences sentences,
            SewingRoom room,
            Layout layout) {
        this.work = work;
        this.notes = notes;
        this.book = book;
        this.care = care;
        this.undo = undo;
        this.counter = counter;
        this.sentences = sentences;
        this.room = room;
        this.layout = layout;
    }

    @PostMapping("/bench/sewn")
    String sewn(
            @RequestParam String machine,
            @RequestParam(defaultValue = "") String table,
            @ModelAttribute("form") WorkForm form,
            BindingResult errors,
            RedirectAttributes to) {
        Units units = layout.settings().units();
        Problems.refuseUnread(errors);
        return back(to, () -> Optional.of(sewn(machine, form.minutes(units), table)));
    }

    /** Takes what the stitch counter counted. */
    @PostMapping(path = "/bench/sewn", params = "counter")
    String counted(@RequestParam String machine, @RequestParam(defaultValue = "") String table, RedirectAttributes to) {
        return back(to, () -> Optional.of(sewn(machine, WorkForm.ofStitches((double) counter.readStitches()), table)));
    }

    /** Counts work on what the page spoke of. */
    private UUID sewn(String machine, double minutes, String table) {
        return sentences
                .work(table, room.find(machine))
                .map(tableWork -> work.sewn(machine, minutes, tableWork))
                .orElseGet(() -> work.sewn(machine, minutes, Wear.ORDINARY));
    }

    @PostMapping("/bench/timer")
    String timer(
            @RequestParam String machine,
            @RequestParam String press,
            @RequestParam(defaultValue = "") String table,
            @ModelAttribute("form") WorkForm.Instead instead,
            BindingResult errors,
            @RequestHeader(name = HttpHeaders.REFERER, defaultValue = BENCH) String page,
            RedirectAttributes to) {
        String from = pageOf(page);
        if (press.equals("start")) {
            work.startTimer(machine, sentences.work(table, room.find(machine)));
            return "redirect:" + from;
        }
        Problems.refuseUnread(errors);
        String answer = back(to, () -> work.stopTimer(machine, Optional.ofNullable(instead.minutesInstead())));
        return from.equals(BENCH) ? answer : "redirect:" + from;
    }

    /** Records that a project begins; a big one is judged by what is left of the needle. */
    @PostMapping("/bench/project")
    String project(@RequestParam String machine, @RequestParam String press, RedirectAttributes to) {
        boolean big = press.equals("big");
        if (big) {
            to.addAttribute("big", true);
        }
        return back(to, () -> Optional.of(notes.projectBegun(machine, big)));
    }

    /** Records that a look after a change was done. */
    @PostMapping("/bench/fitted")
    String fitted(
            @RequestParam String machine,
            @RequestParam int place,
            @RequestParam FitCheck check,
            RedirectAttributes to) {
        return back(to, () -> Optional.of(notes.fitChecked(machine, place, check)));
    }

    @PostMapping("/bench/sign")
    String sign(
            @RequestParam String machine,
            @RequestParam(defaultValue = "0") int place,
            @RequestParam Sign sign,
            RedirectAttributes to) {
        return back(to, () -> Optional.of(notes.sign(machine, place, sign)));
    }

    @PostMapping(path = "/bench/sign", params = "struck")
    String struck(@RequestParam String machine, @RequestParam(defaultValue = "0") int place, RedirectAttributes to) {
        return back(to, () -> Optional.of(notes.struck(machine, place)));
    }

    /** Records that a missing piece was found, or that a whole turn by hand was silent without it. */
    @PostMapping("/bench/missing")
    String missing(@RequestParam UUID needle, @RequestParam String press, RedirectAttributes to) {
        return back(to, () -> Optional.of(press.equals("found") ? book.piecesFound(needle) : book.silentTurn(needle)));
    }

    @PostMapping("/bench/run-in")
    String runIn(@RequestParam String machine, RedirectAttributes to) {
        return back(to, () -> Optional.of(care.runIn(machine)));
    }

    @PostMapping("/bench/care")
    String care(
            @RequestParam String machine,
            @RequestParam CareKind kind,
            @RequestParam String press,
            RedirectAttributes to) {
        return back(
                to,
                () -> Optional.of(
                        press.equals("done") ? care.done(machine, kind) : care.snooze(machine, kind.name(), 7)));
    }

    @PostMapping("/bench/undo")
    String undo(@RequestParam UUID change, RedirectAttributes to) {
        undo.undo(change);
        FlashMessage.next(to, "Taken back.");
        return "redirect:" + BENCH;
    }

    /** The strip stands on every page, so its timer leads back to where it was pressed; a page of ours, never an address. */
    private static String pageOf(String referer) {
        UriComponents page = UriComponentsBuilder.fromUriString(referer).build();
        String path = Objects.requireNonNullElse(page.getPath(), BENCH);
        return path.equals("/") || path.startsWith(BENCH) || path.startsWith("//")
                ? BENCH
                : path + (page.getQuery() == null ? "" : "?" + page.getQuery());
    }

    private interface Recording {
        Optional<UUID> record();
    }

    private static String back(RedirectAttributes to, Recording recording) {
        recording
                .record()
                .ifPresentOrElse(
                        id -> to.addAttribute("done", id),
                        () -> FlashMessage.next(to, "The timer ran too short to count."));
        return "redirect:" + BENCH;
    }
}
