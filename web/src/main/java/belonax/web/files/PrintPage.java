package belonax.web.files;

import belonax.cloth.ClothCatalogue;
import belonax.match.NeedleMatcher;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.Packet;
import belonax.room.needle.MachineNow;
import belonax.web.shared.Layout;
import belonax.web.shared.OnTheTable;
import belonax.web.shared.pairing.Lan;
import belonax.web.shared.print.Pdf;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** What is printed: the card beside the machine, labels for packets, the ladder for the wall. */
@Controller
class PrintPage {
    private final Pdf pdf;
    private final DrawerStore drawer;
    private final ClothCatalogue cloths;
    private final NeedleMatcher matcher;
    private final Layout layout;
    private final Lan lan;
    private final Clock clock;

    PrintPage(
            Pdf pdf,
            DrawerStore drawer,
            ClothCatalogue cloths,
            NeedleMatcher matcher,
            Layout layout,
            Lan lan,
            Clock clock) {
        this.pdf = pdf;
        this.drawer = drawer;
        this.cloths = cloths;
        this.matcher = matcher;
        this.layout = layout;
        this.lan = lan;
        this.clock = clock;
    }

    @GetMapping("/drawer/print/machine.pdf")
    ResponseEntity<byte[]> machine(@OnTheTable Optional<MachineNow> machine, HttpServletRequest request) {
        if (machine.isEmpty()) {
            return ResponseEntity.status(HttpStatus.SEE_OTHER)
                    .header(HttpHeaders.LOCATION, "/drawer/machine")
                    .build();
        }
        MachineSideCard card = MachineSideCard.of(
                machine.get(), address(request), layout.settings().units(), LocalDate.now(clock));
        return pdf.answer("machine-side-card.pdf", "print/machine", Map.of("card", card));
    }

    @GetMapping("/drawer/print/labels.pdf")
    ResponseEntity<byte[]> labels(HttpServletRequest request) {
        String address = address(request);
        return pdf.answer(
                "packet-labels.pdf",
                "print/labels",
                Map.of(
                        "labels",
                        drawer.all(Packet.class).stream()
                                .filter(kept -> kept.card().isKnown())
                                .map(kept -> PacketLabel.of(kept, address))
                                .toList()));
    }

    @GetMapping("/drawer/print/ladder.pdf")
    ResponseEntity<byte[]> ladder() {
        return pdf.answer(
                "ladder.pdf",
                "print/ladder",
                Map.of("rungs", Ladder.of(matcher, cloths, layout.settings().units())));
    }

    /** A mark that is scanned by a tablet leads to the home network's address, when there is one. */
    private String address(HttpServletRequest request) {
        return "http://" + lan.address().orElse("localhost") + ":" + request.getLocalPort();
    }
}
