package belonax.web.drawer;

import belonax.BadInput;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.Spool;
import belonax.room.drawer.WoundBobbin;
import belonax.room.settings.Units;
import belonax.thread.SnapResult;
import belonax.thread.ThreadLabel;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.form.Entries;
import belonax.web.shared.form.FormPage;
import belonax.web.shared.form.Said;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.View;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.view.RedirectView;
import org.springframework.web.util.UriComponentsBuilder;

/** Reads a spool's label as it is typed, keeps the spool, and the result of its snap test with it. */
@Controller
class SpoolPage {
    private final DrawerStore drawer;
    private final Layout layout;
    private final Clock clock;

    SpoolPage(DrawerStore drawer, Layout layout, Clock clock) {
        this.drawer = drawer;
        this.layout = layout;
        this.clock = clock;
    }

    @GetMapping("/drawer/spool")
    String read(
            @RequestParam MultiValueMap<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Entries entries = new Entries(typed);
        show(entries.shown(), request, model);
        if (entries.has("text") || entries.has("length") || entries.has("grams")) {
            try {
                ThreadLabel.Answer answer = SpoolForm.reading(entries, units());
                model.addAttribute("reading", SpoolReading.of(answer, units()));
                model.addAttribute("typed", SpoolForm.withReading(entries, answer, units()));
            } catch (BadInput refused) {
                response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
                FormPage.refuse(model, refused);
            }
        }
        return "drawer/spool";
    }

    @PostMapping("/drawer/spool")
    String keep(
            @RequestParam MultiValueMap<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Entries entries = new Entries(typed);
        return new Again("drawer/spool", response, model, it -> show(it.shown(), request, model))
                .or(
                        entries,
                        () -> drawer.add(SpoolForm.spool(entries, units(), Optional.empty()))
                                .change());
    }

    @GetMapping("/drawer/spool/{id}")
    String edit(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String back,
            HttpServletRequest request,
            Model model) {
        Kept<Spool> kept = drawer.get(Spool.class, id);
        model.addAttribute("back", back);
        show(SpoolForm.typed(kept, units()), request, model);
        showKept(kept, model);
        return "drawer/spool-edit";
    }

    @PostMapping("/drawer/spool/{id}")
    String change(
            @PathVariable UUID id,
            @RequestParam MultiValueMap<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Entries entries = new Entries(typed);
        Kept<Spool> kept = drawer.get(Spool.class, id);
        showKept(kept, model);
        return new Again("drawer/spool-edit", response, model, it -> show(it.shown(), request, model))
                .or(entries, () -> {
                    int revision = entries.whole("revision", "Open the page again.");
                    return entries.has("remove")
                            ? drawer.remove(id, revision).change()
                            : drawer.change(id, revision, SpoolForm.spool(entries, units(), Optional.of(kept.card())))
                                    .change();
                });
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
        Said.next(
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

    private void show(Map<String, String> typed, HttpServletRequest request, Model model) {
        layout.addTo(model, Optional.of(Stop.DRAWER), request);
        FormPage.show(model, typed);
        model.addAttribute("lists", SpoolForm.LISTS);
    }

    private void showKept(Kept<Spool> kept, Model model) {
        model.addAttribute("id", kept.id());
        model.addAttribute("spool", SpoolView.of(kept.card(), LocalDate.now(clock), units()));
        model.addAttribute(
                "bobbins",
                drawer.all(WoundBobbin.class).stream()
                        .filter(it -> kept.id().equals(it.card().spool()))
                        .toList());
    }

    private Units units() {
        return layout.settings().units();
    }
}
