package belonax.web.drawer.packet;

import belonax.match.NeedleMatcher;
import belonax.room.needle.MachineNow;
import belonax.room.supply.RanOut;
import belonax.web.shared.AtStop;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The smallest set of packets that keeps everything in the drawer at good, and the same for a newcomer. */
@Controller
@AtStop(Stop.DRAWER)
class BuyPage {
    private final BuyQuestion question;
    private final NeedleMatcher matcher;
    private final RanOut ranOut;
    private final Layout layout;

    BuyPage(BuyQuestion question, NeedleMatcher matcher, RanOut ranOut, Layout layout) {
        this.question = question;
        this.matcher = matcher;
        this.ranOut = ranOut;
        this.layout = layout;
    }

    @GetMapping("/drawer/buy")
    String buy(HttpServletRequest request, Model model) {
        Optional<MachineNow> machine = layout.onTheTable(request);
        model.addAttribute("ranOut", ranOut.packets());
        model.addAttribute("mine", BuyView.of(question.ofTheDrawer(matcher, machine)));
        model.addAttribute("newcomer", BuyView.of(question.ofANewcomer(matcher)));
        return "drawer/packet/buy";
    }
}
