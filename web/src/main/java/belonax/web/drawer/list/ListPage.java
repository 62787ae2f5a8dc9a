package belonax.web.drawer.list;

import belonax.BadInput;
import belonax.needle.NeedleSystem;
import belonax.room.card.Card;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.PictureStore;
import belonax.room.drawer.PicturedCards;
import belonax.room.drawer.ShelfPhoto;
import belonax.room.needle.MachineNow;
import belonax.web.drawer.KeptForm;
import belonax.web.drawer.Pictures;
import belonax.web.shared.AtStop;
import belonax.web.shared.Layout;
import belonax.web.shared.OnTheTable;
import belonax.web.shared.Stop;
import belonax.web.shared.form.Upload;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** Reads a list, one packet or spool a line, and puts all that is ticked in the drawer at once. */
@Controller
@AtStop(Stop.DRAWER)
class ListPage {
    private static final String PAGE = "drawer/list/page";
    /** What is taken back together stands in one address. */
    private static final int MAX_CARDS = 150;

    private final DrawerStore drawer;
    private final PictureStore pictures;
    private final PicturedCards pictured;
    private final Layout layout;
    private final Clock clock;

    ListPage(DrawerStore drawer, PictureStore pictures, PicturedCards pictured, Layout layout, Clock clock) {
        this.drawer = drawer;
        this.pictures = pictures;
        this.pictured = pictured;
        this.layout = layout;
        this.clock = clock;
    }

    @ModelAttribute("kinds")
    ListForm.What[] kinds() {
        return ListForm.What.values();
    }

    @GetMapping("/drawer/list")
    String ask(
            @RequestParam MultiValueMap<String, String> sent, @OnTheTable Optional<MachineNow> machine, Model model) {
        show(ListForm.of(sent, Optional.empty()), machine, model);
        return PAGE;
    }

    /** What is typed is read at once; nothing is kept yet. */
    @PostMapping(path = "/drawer/list", params = "!keep")
    String read(
            @RequestParam MultiValueMap<String, String> sent, @OnTheTable Optional<MachineNow> machine, Model model) {
        show(ListForm.of(sent, Optional.empty()), machine, model);
        return PAGE;
    }

    @PostMapping(path = "/drawer/list", params = "keep")
    String keep(
            @RequestParam MultiValueMap<String, String> sent,
            @RequestParam Optional<MultipartFile> picture,
            @OnTheTable Optional<MachineNow> machine,
            HttpServletResponse response,
            Model model) {
        ListForm form = ListForm.of(sent, picture);
        List<LineRead> lines = show(form, machine, model);
        try {
            return KeptForm.leads(Optional.of(keep(form, lines)), PAGE, response);
        } catch (BadInput refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            model.addAttribute("problems", refused.problems());
            return PAGE;
        }
    }

    private List<LineRead> show(ListForm form, Optional<MachineNow> machine, Model model) {
        NeedleSystem usual =
                machine.map(machineNow -> machineNow.machine().systems().get(0)).orElse(NeedleSystem.H_130_705);
        List<LineRead> lines = List.of();
        try {
            lines = form.typed().stream()
                    .map(text ->
                            LineRead.of(text, form, usual, layout.settings().units()))
                    .toList();
        } catch (BadInput refused) {
            model.addAttribute("problems", refused.problems());
        }
        model.addAttribute("list", form);
        model.addAttribute("read", lines);
        model.addAttribute("count", taken(lines).size());
        model.addAttribute("usual", usual.label());
        return lines;
    }

    private static List<Card> taken(List<LineRead> lines) {
        return lines.stream()
                .filter(LineRead::isTicked)
                .<Card>flatMap(lineRead -> lineRead.cards().stream())
                .toList();
    }

    private List<UUID> keep(ListForm form, List<LineRead> lines) {
        List<Card> cards = new ArrayList<>(taken(lines));
        BadInput.unless(
                lines.stream().filter(LineRead::isTicked).allMatch(LineRead::isRead),
                "lines",
                () -> "One ticked line cannot be read yet: mend it, or take its tick off. Nothing is kept until then.");
        BadInput.unless(!cards.isEmpty(), "lines", () -> "Type at least one line, and leave it ticked.");
        BadInput.unless(
                cards.size() <= MAX_CARDS,
                "lines",
                () -> "That makes " + cards.size() + " cards. Put in fewer at once.");
        Optional<PictureStore.Picture> photo =
                form.picture().flatMap(multipartFile -> Upload.picture(multipartFile, pictures::read));
        photo.ifPresent(picture -> cards.add(new ShelfPhoto(form.what().words(), LocalDate.now(clock))));
        return pictured.addEach(cards, photo);
    }

    /** A photograph of the shelf. */
    @GetMapping("/drawer/shelf/{id}/picture")
    ResponseEntity<byte[]> picture(@PathVariable UUID id) {
        return Pictures.shown(pictures.find(id));
    }

    @PostMapping(path = "/drawer/shelf/{id}", params = "remove")
    String remove(@PathVariable UUID id, @RequestParam int revision) {
        return KeptForm.removed(drawer.remove(id, revision).change());
    }
}
