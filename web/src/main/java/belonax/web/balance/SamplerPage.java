package belonax.web.balance;

import belonax.BadInput;
import belonax.room.balance.BalanceBook;
import belonax.room.balance.BalanceRun;
import belonax.room.balance.Sampler;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.PictureStore;
import belonax.web.shared.AtStop;
import belonax.web.shared.Stop;
import belonax.web.shared.form.Upload;
import belonax.web.shared.print.Pdf;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** The sampler book: every run with its strips, found by words, printed as a card; photographs of strips. */
@Controller
@AtStop(Stop.BALANCE)
class SamplerPage {
    private final Sampler sampler;
    private final DrawerStore drawer;
    private final BalanceBook balances;
    private final PictureStore pictures;
    private final Pdf pdf;

    SamplerPage(Sampler sampler, DrawerStore drawer, BalanceBook balances, PictureStore pictures, Pdf pdf) {
        this.sampler = sampler;
        this.drawer = drawer;
        this.balances = balances;
        this.pictures = pictures;
        this.pdf = pdf;
    }

    @GetMapping("/balance/sampler")
    String book(@RequestParam(defaultValue = "") String find, Model model) {
        model.addAttribute("find", find);
        model.addAttribute(
                "runs", sampler.search(find).stream().map(SamplerView::of).toList());
        return "balance/sampler";
    }

    /** A card of one run for the wall beside the machine. */
    @GetMapping("/balance/{id}/card.pdf")
    ResponseEntity<byte[]> card(@PathVariable UUID id) {
        return drawer.find(BalanceRun.class, id)
                .map(kept -> pdf.answer("balance-card.pdf", "print/balance", Map.of("run", SamplerView.of(kept))))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    /** Lines to sew along: straight, a curve and a corner, since a straight row hides faults. */
    @GetMapping("/balance/guide.pdf")
    ResponseEntity<byte[]> guide() {
        return pdf.answer("strip-guide.pdf", "print/strip", Map.of());
    }

    @GetMapping("/balance/strip/{strip}/picture")
    ResponseEntity<byte[]> picture(@PathVariable UUID strip) {
        return pictures.find(strip)
                .map(picture -> ResponseEntity.ok()
                        .contentType(MediaType.IMAGE_JPEG)
                        .cacheControl(CacheControl.maxAge(Duration.ofMinutes(5)).cachePrivate())
                        .body(picture.jpeg()))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    @PostMapping("/balance/{id}/photo")
    String photo(
            @PathVariable UUID id,
            @RequestParam UUID strip,
            @RequestParam MultipartFile picture,
            @RequestParam int revision) {
        PictureStore.Picture read = Upload.picture(picture, pictures::read)
                .orElseThrow(() -> new BadInput("picture", "Choose a photograph first."));
        balances.photographed(id, revision, strip, read);
        return "redirect:/balance/" + id;
    }
}
