package belonax.web.drawer.packet;

import belonax.match.NeedleMatcher;
import belonax.room.card.DrawerStore;
import belonax.room.needle.MachineNow;
import belonax.room.plan.ShoppingList;
import belonax.room.supply.RanOut;
import belonax.web.shared.AtStop;
import belonax.web.shared.OnTheTable;
import belonax.web.shared.Stop;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The smallest set of packets that keeps everything in the drawer at good, and the same for a newcomer. */
@Controller
@AtStop(Stop.DRAWER)
class BuyPage {
    private final BuyQuestion question;
    private final NeedleMatcher matcher;
    private final RanOut ranOut;
    private final ShoppingList shopping;
    private final DrawerStore drawer;

    BuyPage(BuyQuestion question, NeedleMatcher matcher, RanOut ranOut, ShoppingList shopping, DrawerStore drawer) {
        this.question = question;
        this.matcher = matcher;
        this.ranOut = ranOut;
        this.shopping = shopping;
        this.drawer = drawer;
    }

    /** Strikes out what a project wanted. */
    @PostMapping("/drawer/buy/bought")
    String bought(@RequestParam UUID note, @RequestParam int revision, @RequestParam String thing) {
        return "redirect:/drawer/buy?done=" + shopping.bought(note, revision, thing);
    }

    @PostMapping("/drawer/buy/undo")
    String undo(@RequestParam UUID change) {
        drawer.undo(change);
        return "redirect:/drawer/buy";
    }

    @GetMapping("/drawer/buy")
    String buy(@RequestParam Optional<UUID> done, @OnTheTable Optional<MachineNow> machine, Model model) {
        model.addAttribute("done", done.filter(drawer::canUndo).orElse(null));
        model.addAttribute("notes", shopping.all());
        model.addAttribute("ranOut", ranOut.packets());
        model.addAttribute("mine", BuyView.of(question.ofTheDrawer(matcher, machine)));
        model.addAttribute("newcomer", BuyView.of(question.ofANewcomer(matcher)));
        return "drawer/packet/buy";
    }
}
