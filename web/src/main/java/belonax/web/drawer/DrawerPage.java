package belonax.web.drawer;

import belonax.room.card.DrawerStore;
import belonax.room.drawer.DrawerContents;
import belonax.room.machine.MachineShelf;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.web.shared.AtStop;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.form.FlashMessage;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The drawer opened: machines, cloths, threads and needles, searched as one types. */
@Controller
@AtStop(Stop.DRAWER)
public class DrawerPage {
    private static final String CAME_IN = "cameIn";

    private final DrawerStore drawer;
    private final DrawerContents contents;
    private final MachineShelf shelf;
    private final SewingRoom room;
    private final Layout layout;
    private final Clock clock;

    DrawerPage(
            DrawerStore drawer,
            DrawerContents contents,
            MachineShelf shelf,
            SewingRoom room,
            Layout layout,
            Clock clock) {
        this.drawer = drawer;
        this.contents = contents;
        this.shelf = shelf;
        this.room = room;
        this.layout = layout;
        this.clock = clock;
    }

    /** Lets the next page offer to take back all that came in with one file; there may be more than an address can hold. */
    public static void cameIn(RedirectAttributes next, List<UUID> changes) {
        next.addFlashAttribute(CAME_IN, changes);
    }

    @GetMapping("/drawer")
    String open(
            @RequestParam(defaultValue = "") String find,
            @RequestParam(defaultValue = "") List<UUID> done,
            Model model) {
        model.addAttribute("find", find);
        model.addAttribute(
                "drawer",
                DrawerView.of(
                        contents.find(find),
                        machines(find),
                        LocalDate.now(clock).getYear(),
                        layout.settings().units()));
        List<?> changes = model.getAttribute(CAME_IN) instanceof List<?> cameIn
                ? cameIn
                : done.stream().allMatch(this::canUndo) ? done : List.of();
        model.addAttribute(
                "done",
                changes.isEmpty() ? null : changes.stream().map(String::valueOf).collect(Collectors.joining(",")));
        return "drawer/page";
    }

    private List<MachineNow> machines(String find) {
        String words = find.toLowerCase(Locale.ROOT).strip();
        return room.machines().stream()
                .filter(machineNow ->
                        machineNow.machine().name().toLowerCase(Locale.ROOT).contains(words))
                .toList();
    }

    /** Puts a card aside that cannot be read. */
    @PostMapping("/drawer/aside")
    String aside(@RequestParam UUID card, RedirectAttributes next) {
        drawer.putAside(card);
        FlashMessage.next(next, "It is put aside; no page asks for it any more.");
        return "redirect:/drawer";
    }

    @PostMapping("/drawer/undo")
    String undo(@RequestParam List<UUID> change, RedirectAttributes next) {
        if (change.stream().allMatch(shelf::knows)) {
            shelf.undoAll(change);
        } else {
            drawer.undoAll(change);
        }
        FlashMessage.next(next, "Taken back: it lies in the drawer as it did before.");
        return "redirect:/drawer";
    }

    private boolean canUndo(UUID change) {
        return drawer.canUndo(change) || shelf.canUndo(change);
    }
}
