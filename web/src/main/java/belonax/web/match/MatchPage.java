package belonax.web.match;

import belonax.BadInput;
import belonax.match.Match;
import belonax.match.MatchRequest;
import belonax.match.NeedleMatcher;
import belonax.match.Scrap;
import belonax.match.SetupCheck;
import belonax.match.SetupCheck.Checked;
import belonax.match.SpoolWord;
import belonax.needle.Needle;
import belonax.room.balance.Sampler;
import belonax.room.balance.ScrapLog;
import belonax.room.event.Undo;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleBook;
import belonax.room.supply.NeedleSupply;
import belonax.room.supply.NeedleSupply.AtHand;
import belonax.web.shared.AtStop;
import belonax.web.shared.NeedleWord;
import belonax.web.shared.OnTheTable;
import belonax.web.shared.Stop;
import belonax.web.shared.sentence.Sentences;
import belonax.web.shared.sentence.Sentences.Asked;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The Match stop. Reads the sentence from the address, asks the core, shows the answer; decides nothing. */
@Controller
@AtStop(Stop.MATCH)
class MatchPage {
    private final NeedleMatcher matcher;
    private final SetupCheck check;
    private final Sentences sentences;
    private final Undo undo;
    private final NeedleBook book;
    private final Sampler sampler;
    private final ScrapLog scraps;
    private final NeedleSupply supply;

    MatchPage(
            NeedleMatcher matcher,
            SetupCheck check,
            Sentences sentences,
            Undo undo,
            NeedleBook book,
            Sampler sampler,
            ScrapLog scraps,
            NeedleSupply supply) {
        this.matcher = matcher;
        this.check = check;
        this.sentences = sentences;
        this.undo = undo;
        this.book = book;
        this.sampler = sampler;
        this.scraps = scraps;
        this.supply = supply;
    }

    @GetMapping("/match")
    String answer(
            @RequestParam Optional<UUID> done,
            @OnTheTable Optional<MachineNow> on,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Asked asked = sentences.show(model, on, "/match", request);
        model.addAttribute(
                "snapTest", asked.sentence().snapTestDue(asked.stock()).orElse(null));
        model.addAttribute("places", on.map(MachineNow::places).orElse(List.of()));
        model.addAttribute("done", done.filter(undo::canUndo).orElse(null));
        try {
            model.addAttribute("match", match(asked, on));
        } catch (BadInput refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            model.addAttribute("problems", refused.problems());
        }
        return "match/page";
    }

    private MatchView match(Asked asked, Optional<MachineNow> on) {
        String cloth = asked.cloth();
        List<AtHand> atHand = supply.atHand();
        List<Needle> needles = atHand.stream().map(AtHand::needle).toList();
        MatchRequest request = asked.request(
                        on,
                        on.map(machineNow -> book.brokenBefore(machineNow.id(), cloth))
                                .orElse(List.of()),
                        on.map(machineNow -> sampler.provenNeedles(machineNow.id(), cloth))
                                .orElse(List.of()),
                        needles)
                .withScraps(scraps.of(cloth));
        Optional<Checked> fitted =
                on.flatMap(MachineNow::fitted).map(otherFitted -> check.check(request, otherFitted.needle()));
        Match match = matcher.match(request).preferring(fitted, needles);
        return MatchView.of(
                match,
                SpoolWord.of(request, match, check),
                fitted,
                atHand,
                on.flatMap(machineNow -> machineNow
                        .card()
                        .lengthUnder(machineNow.machine().foot().name())),
                on.flatMap(machineNow ->
                        sampler.provenDial(machineNow, asked.work().setup())),
                asked.stock().units());
    }

    /** Keeps what a scrap showed with the needle that sewed it. */
    @PostMapping("/match/scrap")
    String scrap(
            @RequestParam String machine,
            @RequestParam String needle,
            @RequestParam Scrap.Showed showed,
            @OnTheTable Optional<MachineNow> on,
            HttpServletRequest request,
            RedirectAttributes to) {
        Needle sewn =
                NeedleWord.read(needle).orElseThrow(() -> new BadInput("needle", "Say which needle sewed the scrap."));
        to.addAttribute("done", scraps.seen(machine, sewn, showed, sentences.work(request, on)));
        return "redirect:/match";
    }
}
