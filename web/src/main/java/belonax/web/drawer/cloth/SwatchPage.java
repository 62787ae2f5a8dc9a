package belonax.web.drawer.cloth;

import belonax.cloth.ClothCatalogue;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.PictureStore;
import belonax.room.drawer.PicturedCards;
import belonax.room.drawer.Swatch;
import belonax.room.settings.Units;
import belonax.web.drawer.KeptForm;
import belonax.web.drawer.Pictures;
import belonax.web.shared.AtStop;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.device.KitchenScale;
import belonax.web.shared.device.PullGauge;
import belonax.web.shared.form.FormPage;
import belonax.web.shared.form.Problems;
import belonax.web.shared.form.Upload;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Weighs and pulls a swatch, or describes a cloth, and keeps it with a picture if there is one. */
@Controller
@AtStop(Stop.DRAWER)
class SwatchPage {
    private final DrawerStore drawer;
    private final PictureStore pictures;
    private final PicturedCards pictured;
    private final ClothCatalogue cloths;
    private final KitchenScale scale;
    private final PullGauge gauge;
    private final Layout layout;

    SwatchPage(
            DrawerStore drawer,
            PictureStore pictures,
            PicturedCards pictured,
            ClothCatalogue cloths,
            KitchenScale scale,
            PullGauge gauge,
            Layout layout) {
        this.drawer = drawer;
        this.pictures = pictures;
        this.pictured = pictured;
        this.cloths = cloths;
        this.scale = scale;
        this.gauge = gauge;
        this.layout = layout;
    }

    @ModelAttribute
    void lists(Model model) {
        model.addAttribute("lists", SwatchForm.lists(cloths));
        model.addAttribute("simulated", scale.isSimulated() ? " (simulated)" : "");
    }

    @GetMapping("/drawer/swatch")
    String measure(
            @ModelAttribute("measures") Measures asked,
            BindingResult errors,
            HttpServletResponse response,
            Model model) {
        Optional<SwatchReading> reading = errors.hasErrors() ? Optional.empty() : reading(asked, model);
        reading.ifPresentOrElse(
                swatchReading -> {
                    model.addAttribute("reading", swatchReading);
                    FormPage.show(
                            model,
                            SwatchForm.of(
                                    swatchReading, cloths.find(Objects.requireNonNullElse(asked.like(), "")), units()));
                },
                () -> response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value()));
        return "drawer/cloth/swatch";
    }

    private Optional<SwatchReading> reading(Measures asked, Model model) {
        Measures measures = asked.read(scale, gauge, units());
        return Problems.read(FormPage.filled(model, "measures", measures), () -> SwatchReading.of(measures, units()));
    }

    @PostMapping("/drawer/swatch")
    String keep(
            @Validated @ModelAttribute("form") SwatchForm form,
            BindingResult errors,
            HttpServletResponse response,
            Model model) {
        model.addAttribute("measures", Measures.none());
        model.addAttribute("keeping", true);
        return KeptForm.leads(Problems.read(errors, () -> List.of(add(form))), "drawer/cloth/swatch", response);
    }

    @GetMapping("/drawer/swatch/{id}")
    String edit(@PathVariable UUID id, Model model) {
        Kept<Swatch> kept = drawer.get(Swatch.class, id);
        FormPage.show(model, SwatchForm.of(kept, units()));
        model.addAttribute("swatch", kept.card());
        return "drawer/cloth/swatch-edit";
    }

    @PostMapping("/drawer/swatch/{id}")
    String change(
            @PathVariable UUID id,
            @RequestParam int revision,
            @Validated @ModelAttribute("form") SwatchForm form,
            BindingResult errors,
            HttpServletResponse response,
            Model model) {
        Kept<Swatch> kept = drawer.get(Swatch.class, id);
        model.addAttribute("swatch", kept.card());
        return KeptForm.leads(
                Problems.read(errors, () -> List.of(change(kept, revision, form))),
                "drawer/cloth/swatch-edit",
                response);
    }

    @PostMapping(path = "/drawer/swatch/{id}", params = "remove")
    String remove(@PathVariable UUID id, @RequestParam int revision) {
        return KeptForm.removed(drawer.remove(id, revision).change());
    }

    /** The picture of a swatch, as it was re-encoded. */
    @GetMapping("/drawer/swatch/{id}/picture")
    ResponseEntity<byte[]> picture(@PathVariable UUID id) {
        return Pictures.shown(pictures.find(id));
    }

    private UUID add(SwatchForm form) {
        Swatch swatch = form.swatch(units(), false);
        Optional<PictureStore.Picture> shown = shown(form);
        return pictured.add(swatch.withPicture(shown.isPresent()), shown);
    }

    private UUID change(Kept<Swatch> kept, int revision, SwatchForm form) {
        Optional<PictureStore.Picture> shown = shown(form);
        boolean has = shown.isPresent() || kept.card().picture();
        return pictured.change(kept.id(), revision, form.swatch(units(), has), shown);
    }

    private Optional<PictureStore.Picture> shown(SwatchForm form) {
        return Optional.ofNullable(form.picture())
                .flatMap(multipartFile -> Upload.picture(multipartFile, pictures::read));
    }

    private Units units() {
        return layout.settings().units();
    }
}
