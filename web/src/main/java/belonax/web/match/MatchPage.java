package belonax.web.match;

import belonax.BadInput;
import belonax.cloth.ClothCatalogue;
import belonax.match.MatchRequest;
import belonax.match.NeedleMatcher;
import belonax.match.SetupCheck;
import belonax.room.balance.Sampler;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.ClothShelf;
import belonax.room.event.Undo;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleBook;
import belonax.room.needle.SewingRoom;
import belonax.web.shared.AtStop;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The Match stop. Reads the sentence from the address, asks the core, shows the answer; decides nothing. */
@Controller
@AtStop(Stop.MATCH)
class MatchPage {
    private final NeedleMatcher matcher;
    private final SetupCheck check;
    private final ClothCatalogue catalogue;
    private final ClothShelf cloths;
    private final DrawerStore drawer;
    private final SewingRoom room;
    private final Undo undo;
    private final NeedleBook book;
    private final Sampler sampler;
    private final Layout layout;
    private final Clock clock;

    MatchPage(
            NeedleMatcher matcher,
            SetupCheck check,
            ClothCatalogue catalogue,
            ClothShelf cloths,
            DrawerStore drawer,
            SewingRoom room,
            Undo undo,
            NeedleBook book,
            Sampler sampler,
            Layout layout,
            Clock clock) {
        this.matcher = matcher;
        this.check = check;
        this.catalogue = catalogue;
        this.cloths = cloths;
        this.drawer = drawer;
        this.room = room;
        this.undo = undo;
        this.book = book;
        this.sampler = sampler;
        this.layout = layout;
        this.clock = clock;
    }

    @GetMapping("/match")
    String answer(
            ClothAsked cloth,
            StackAsked stack,
            ThreadAsked thread,
            WorkAsked work,
            @RequestParam Optional<String> machine,
            @RequestParam Optional<UUID> done,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Optional<MachineNow> on = machine.flatMap(room::find).or(() -> layout.onTheTable(request));
        on.ifPresent(it -> layout.show(model, it));
        Stock stock = stock();
        MatchForm form = MatchForm.of(cloth, stack, thread, work, on, layout.settings(), stock::usualLayers);
        model.addAttribute("sentence", Sentence.of(form, stock, on, layout.machines()));
        model.addAttribute("address", form.address());
        model.addAttribute("snapTest", form.snapTestDue(stock).orElse(null));
        model.addAttribute("places", on.map(MachineNow::places).orElse(List.of()));
        model.addAttribute("done", done.filter(undo::canUndo).orElse(null));
        try {
            MatchRequest asked = form.request(
                    stock,
                    on.map(MachineNow::card),
                    on.map(it -> book.brokenBefore(it.id(), form.cloth().cloth()))
                            .orElse(List.of()),
                    on.map(it -> sampler.provenNeedles(it.id(), form.cloth().cloth()))
                            .orElse(List.of()));
            model.addAttribute(
                    "match",
                    MatchView.of(
                            matcher.match(asked),
                            on.flatMap(MachineNow::fitted).map(it -> check.check(asked, it.needle())),
                            stock.left(),
                            stock.units()));
        } catch (BadInput refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            model.addAttribute("problems", refused.problems());
        }
        return "match/page";
    }

    /** The cloths that fit the words typed so far. */
    @GetMapping("/match/cloths")
    String cloths(
            ClothAsked cloth,
            StackAsked stack,
            ThreadAsked thread,
            WorkAsked work,
            HttpServletRequest request,
            Model model) {
        Optional<MachineNow> on = layout.onTheTable(request);
        Stock stock = stock();
        MatchForm form = MatchForm.of(cloth, stack, thread, work, on, layout.settings(), stock::usualLayers);
        model.addAttribute("sentence", Sentence.of(form, stock, on, layout.machines()));
        return "match/sentence :: cloths";
    }

    private Stock stock() {
        return new Stock(drawer, catalogue, cloths, clock, layout.settings().units());
    }
}
