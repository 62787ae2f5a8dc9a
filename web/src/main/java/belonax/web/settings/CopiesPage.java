package belonax.web.settings;

import belonax.room.Words;
import belonax.room.archive.Copies;
import belonax.room.archive.Copy;
import belonax.web.shared.form.FlashMessage;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The copies that Belonax makes by itself, and the way back to each by two presses. */
@Controller
class CopiesPage {
    private final Copies copies;
    private final Clock clock;

    CopiesPage(Copies copies, Clock clock) {
        this.copies = copies;
        this.clock = clock;
    }

    /** A copy as the page lists it. */
    record Line(String name, String when, String why, String holds, String size) {}

    @GetMapping("/settings/copies")
    String show(@RequestParam Optional<String> back, @RequestParam Optional<String> before, Model model) {
        List<Line> lines = copies.all().stream().map(this::line).toList();
        model.addAttribute("copies", lines);
        model.addAttribute("trouble", copies.trouble().orElse(null));
        model.addAttribute(
                "asked",
                back.flatMap(name -> lines.stream()
                                .filter(line -> line.name().equals(name))
                                .findFirst())
                        .orElse(null));
        model.addAttribute("before", before.orElse(null));
        return "settings/copies";
    }

    private Line line(Copy copy) {
        return new Line(
                copy.name(),
                Words.dayAndTime(copy.madeAt(), clock.getZone()),
                copy.why().words(),
                copy.holds().words(),
                copy.size());
    }

    @PostMapping("/settings/copies")
    String make(RedirectAttributes next) {
        copies.make(Copy.Why.DAILY);
        FlashMessage.next(next, "A copy was made, and opened once to see that it is whole.");
        return "redirect:/settings/copies";
    }

    /** Going back is itself a thing that can be taken back: a copy of what is there is made first. */
    @PostMapping("/settings/copies/back")
    String goBack(@RequestParam String copy) {
        return "redirect:/settings/copies?before=" + copies.goBack(copy).name();
    }
}
