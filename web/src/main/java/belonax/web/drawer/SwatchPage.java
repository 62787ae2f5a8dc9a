package belonax.web.drawer;

import belonax.BadInput;
import belonax.cloth.ClothCatalogue;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.PictureStore;
import belonax.room.drawer.Swatch;
import belonax.room.settings.Units;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.device.KitchenScale;
import belonax.web.shared.device.PullGauge;
import belonax.web.shared.form.Entries;
import belonax.web.shared.form.FormPage;
import belonax.web.shared.form.Upload;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** Weighs and pulls a swatch, or describes a cloth, and keeps it with a picture if there is one. */
@Controller
class SwatchPage {
    private final DrawerStore drawer;
    private final PictureStore pictures;
    private final ClothCatalogue cloths;
    private final KitchenScale scale;
    private final PullGauge gauge;
    private final Layout layout;

    SwatchPage(
            DrawerStore drawer,
            PictureStore pictures,
            ClothCatalogue cloths,
            KitchenScale scale,
            PullGauge gauge,
            Layout layout) {
        this.drawer = drawer;
        this.pictures = pictures;
        this.cloths = cloths;
        this.scale = scale;
        this.gauge = gauge;
        this.layout = layout;
    }

    @GetMapping("/drawer/swatch")
    String measure(
            @RequestParam MultiValueMap<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        if (typed.containsKey("readScale")) {
            typed.set("grams", units().gramsNumber(scale.readGrams()));
            typed.set("step", units().gramsNumber(scale.stepGrams()));
        }
        if (typed.containsKey("readGauge")) {
            typed.set("pull", units().gramsNumber(gauge.readGrams()));
        }
        Entries entries = new Entries(typed);
        show(entries.shown(), request, model);
        try {
            SwatchReading reading = SwatchReading.of(entries, units());
            model.addAttribute("reading", reading);
            model.addAttribute("typed", SwatchForm.withReading(entries, reading, cloths, units()));
        } catch (BadInput refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            FormPage.refuse(model, refused);
        }
        return "drawer/swatch";
    }

    @PostMapping("/drawer/swatch")
    String keep(
            @RequestParam MultiValueMap<String, String> typed,
            @RequestParam(required = false) Optional<MultipartFile> picture,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Entries entries = new Entries(typed);
        return new Again("drawer/swatch", response, model, it -> show(it.shown(), request, model))
                .or(entries, () -> add(entries, picture));
    }

    @GetMapping("/drawer/swatch/{id}")
    String edit(@PathVariable UUID id, HttpServletRequest request, Model model) {
        Kept<Swatch> kept = drawer.get(Swatch.class, id);
        show(SwatchForm.typed(kept, units()), request, model);
        showKept(kept, model);
        return "drawer/swatch-edit";
    }

    @PostMapping("/drawer/swatch/{id}")
    String change(
            @PathVariable UUID id,
            @RequestParam MultiValueMap<String, String> typed,
            @RequestParam(required = false) Optional<MultipartFile> picture,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Entries entries = new Entries(typed);
        Kept<Swatch> kept = drawer.get(Swatch.class, id);
        showKept(kept, model);
        return new Again("drawer/swatch-edit", response, model, it -> show(it.shown(), request, model))
                .or(entries, () -> change(kept, entries, picture));
    }

    /** The picture of a swatch, as it was re-encoded. */
    @GetMapping("/drawer/swatch/{id}/picture")
    ResponseEntity<byte[]> picture(@PathVariable UUID id) {
        return pictures.find(id)
                .map(it -> ResponseEntity.ok()
                        .contentType(MediaType.IMAGE_JPEG)
                        .cacheControl(CacheControl.maxAge(Duration.ofMinutes(5)).cachePrivate())
                        .body(it.jpeg()))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    private UUID add(Entries entries, Optional<MultipartFile> picture) {
        Swatch swatch = SwatchForm.swatch(entries, units(), false);
        Optional<PictureStore.Picture> shown = picture.flatMap(it -> Upload.picture(it, pictures::read));
        DrawerStore.Done done = drawer.add(swatch.withPicture(shown.isPresent()));
        shown.ifPresent(it -> pictures.keep(done.card(), it));
        return done.change();
    }

    private UUID change(Kept<Swatch> kept, Entries entries, Optional<MultipartFile> picture) {
        int revision = entries.whole("revision", "Open the page again.");
        if (entries.has("remove")) {
            return drawer.remove(kept.id(), revision).change();
        }
        Optional<PictureStore.Picture> shown = picture.flatMap(it -> Upload.picture(it, pictures::read));
        boolean has = shown.isPresent() || kept.card().picture();
        UUID change = drawer.change(kept.id(), revision, SwatchForm.swatch(entries, units(), has))
                .change();
        shown.ifPresent(it -> pictures.keep(kept.id(), it));
        return change;
    }

    private void show(Map<String, String> typed, HttpServletRequest request, Model model) {
        layout.addTo(model, Optional.of(Stop.DRAWER), request);
        FormPage.show(model, typed);
        model.addAttribute("lists", SwatchForm.lists(cloths));
        model.addAttribute("simulated", scale.isSimulated() ? " (simulated)" : "");
    }

    private void showKept(Kept<Swatch> kept, Model model) {
        model.addAttribute("id", kept.id());
        model.addAttribute("swatch", kept.card());
    }

    private Units units() {
        return layout.settings().units();
    }
}
