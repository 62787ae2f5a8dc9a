package belonax.web.drawer.thread;

import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.Spool;
import belonax.room.drawer.WoundBobbin;
import belonax.room.settings.Units;
import belonax.thread.SnapResult;
import belonax.thread.ThreadLabel;
import belonax.web.drawer.KeptForm;
import belonax.web.shared.AtStop;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.form.FlashMessage;
import belonax.web.shared.form.FormPage;
import belonax.web.shared.form.Problems;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.View;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.view.RedirectView;
import org.springframework.web.util.UriComponentsBuilder;

/** Reads a spool's label as it is typed, keeps the spool, and the result of its snap test with it. */
@Controller
@AtStop(Stop.DRAWER)
class SpoolPage {
    private final DrawerStore drawer;
    private final Layout layout;
    private final Clock clock;

    SpoolPage(DrawerStore drawer, Layout layout, Clock clock) {
        this.drawer = drawer;
        this.layout = layout;
        this.clock = clock;
    }

    @ModelAttribute("lists")
    SpoolForm.Lists lists() {
        return SpoolForm.LISTS;
    }

    @GetMapping("/drawer/spool")
    String read(
            @ModelAttribute("printed") SpoolForm.Label printed,
            BindingResult errors,
            HttpServletResponse response,
            Model model) {
        if (errors.hasErrors() || !printed.tellsNothing()) {
            Optional<ThreadLabel.Answer> answer = Problems.read(errors, () -> printed.read(units()));
            answer.ifPresentOrElse(
                    otherAnswer -> {
                        model.addAttribute("reading", SpoolReading.of(otherAnswer, units()));
                        FormPage.show(model, SpoolForm.of(printed, otherAnswer));
                    },
                    () -> response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value()));
        }
        return "drawer/thread/spool";
    }

    @PostMapping("/drawer/spool")
    String keep(
            @Validated @ModelAttribute("form") SpoolForm form,
            BindingResult errors,
            HttpServletResponse response,
            Model model) {
        model.addAttribute("printed", SpoolForm.Label.none());
        model.addAttribute("keeping", true);
        return KeptForm.leads(
                Problems.read(
                        errors,
                        () -> List.of(drawer.add(form.spool(units(), Optional.empty()))
                                .change())),
                "drawer/thread/spool",
                response);
    }

    @GetMapping("/drawer/spool/{id}")
    String edit(@PathVariable UUID id, @RequestParam(defaultValue = "") String back, Model model) {
        Kept<Spool> kept = drawer.get(Spool.class, id);
        model.addAttribute("back", back);
        FormPage.show(model, SpoolForm.of(kept, units()));
        showKept(kept, model);
        return "drawer/thread/spool-edit";
    }

    @PostMapping("/drawer/spool/{id}")
    String change(
            @PathVariable UUID id,
            @RequestParam int revision,
            @Validated @ModelAttribute("form") SpoolForm form,
            BindingResult errors,
            HttpServletResponse response,
            Model model) {
        Kept<Spool> kept = drawer.get(Spool.class, id);
        showKept(kept, model);
        return KeptForm.leads(
                Problems.read(
                        errors,
                        () -> List.of(drawer.change(id, revision, form.spool(units(), Optional.of(kept.card())))
                                .change())),
                "drawer/thread/spool-edit",
                response);
    }

    @PostMapping(path = "/drawer/spool/{id}", params = "remove")
    String remove(@PathVariable UUID id, @RequestParam int revision) {
        return KeptForm.removed(drawer.remove(id, revision).change());
    }

    /** The snap test's result, kept with the spool and dated; leads back to the verdict that asked for it. */
    @PostMapping("/drawer/spool/{id}/snap")
    View snap(
            @PathVariable UUID id,
            @RequestParam int revision,
            @RequestParam SnapResult result,
            @RequestParam(defaultValue = "") String back,
            RedirectAttributes next) {
        Kept<Spool> kept = drawer.get(Spool.class, id);
        Spool snapped = kept.card().snapped(result, LocalDate.now(clock));
        UUID change = drawer.change(id, revision, snapped).change();
        return back.isBlank() ? new RedirectView("/drawer?done=" + change) : verdict(back, snapped, next);
    }

    /** Only ever leads to Match; a spool that failed leaves the sentence, and a sound thread of its kind takes its place. */
    private static View verdict(String back, Spool spool, RedirectAttributes next) {
        FlashMessage.next(
                next,
                spool.isSound()
                        ? "It resists, so it is sound: the warning is gone, and this is the verdict with it."
                        : "That spool is out of use. This is the verdict for a sound thread of its kind: choose another spool.");
        UriComponentsBuilder match = UriComponentsBuilder.fromPath("/match")
                .query(Optional.ofNullable(
                                UriComponentsBuilder.fromUriString(back).build().getQuery())
                        .orElse(""))
                .replaceQueryParam("done");
        if (!spool.isSound()) {
            match.replaceQueryParam("spool")
                    .replaceQueryParam("number", spool.tex())
                    .replaceQueryParam("numbering", "TEX")
                    .replaceQueryParam("fibre", spool.fibre())
                    .replaceQueryParam("build", spool.build());
        }
        RedirectView view = new RedirectView(match.build().toUriString());
        view.setExpandUriTemplateVariables(false);
        view.setPropagateQueryParams(false);
        return view;
    }

    private void showKept(Kept<Spool> kept, Model model) {
        model.addAttribute("revision", kept.revision());
        model.addAttribute("spool", SpoolView.of(kept.card(), LocalDate.now(clock), units()));
        model.addAttribute(
                "bobbins",
                drawer.all(WoundBobbin.class).stream()
                        .filter(otherKept -> kept.id().equals(otherKept.card().spool()))
                        .toList());
    }

    private Units units() {
        return layout.settings().units();
    }
}
