package belonax.web.drawer;

import belonax.BadInput;
import belonax.room.ChangedMeanwhile;
import belonax.room.card.DrawerStore;
import belonax.room.machine.MachineShelf;
import belonax.room.needle.SewingRoom;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The drawer opened: machines, cloths, threads and needles, searched as one types. */
@Controller
class DrawerPage {
    private final DrawerStore drawer;
    private final MachineShelf shelf;
    private final SewingRoom room;
    private final Layout layout;
    private final Clock clock;

    DrawerPage(DrawerStore drawer, MachineShelf shelf, SewingRoom room, Layout layout, Clock clock) {
        this.drawer = drawer;
        this.shelf = shelf;
        this.room = room;
        this.layout = layout;
        this.clock = clock;
    }

    @GetMapping("/drawer")
    String open(
            @RequestParam(defaultValue = "") String find,
            @RequestParam(defaultValue = "") List<UUID> done,
            @RequestParam(required = false) Optional<String> notice,
            HttpServletRequest request,
            Model model) {
        layout.addTo(model, Optional.of(Stop.DRAWER), request);
        model.addAttribute("find", find);
        model.addAttribute(
                "drawer",
                DrawerView.of(
                        drawer, room.machines(), find, clock, layout.settings().units()));
        boolean canUndo = !done.isEmpty() && done.stream().allMatch(this::canUndo);
        model.addAttribute("done", canUndo ? done.stream().map(UUID::toString).collect(Collectors.joining(",")) : null);
        model.addAttribute("notice", notice.map(DrawerPage::sentence).orElse(null));
        return "drawer/page";
    }

    @PostMapping("/drawer/undo")
    String undo(@RequestParam List<UUID> change) {
        try {
            if (change.stream().allMatch(drawer::canUndo)) {
                drawer.undoAll(change);
            } else {
                change.forEach(shelf::undo);
            }
            return "redirect:/drawer?notice=undone";
        } catch (ChangedMeanwhile | BadInput tooLate) {
            return "redirect:/drawer?notice=later";
        }
    }

    private boolean canUndo(UUID change) {
        return drawer.canUndo(change) || shelf.canUndo(change);
    }

    private static String sentence(String notice) {
        return switch (notice) {
            case "undone" -> "Taken back: it lies in the drawer as it did before.";
            case "later" -> "That can no longer be taken back by itself, because it was changed after it.";
            case "gone" -> "It is no longer in the drawer.";
            default -> "It was changed in another window, so nothing was stored. Look at it again.";
        };
    }
}
