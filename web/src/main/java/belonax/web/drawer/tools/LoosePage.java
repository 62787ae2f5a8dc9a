package belonax.web.drawer.tools;

import belonax.needle.LooseNeedle;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.needle.Shank;
import belonax.room.settings.Units;
import belonax.web.shared.AtStop;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.drawing.WholeNeedle;
import belonax.web.shared.form.Ask;
import belonax.web.shared.form.Problems;
import belonax.web.shared.print.Pdf;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Names the system of a loose needle from its measures, and shows the sheet to measure it with. */
@Controller
@AtStop(Stop.DRAWER)
class LoosePage {
    private static final Needle DRAWN = Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_90);

    private final Layout layout;
    private final Pdf pdf;

    LoosePage(Layout layout, Pdf pdf) {
        this.layout = layout;
        this.pdf = pdf;
    }

    /** The measures of a loose needle, in the sewist's own. */
    record Measured(
            @Nullable Shank shank,

            @Ask("Measure the shank across its round.") @Nullable
            Double shankMm,

            @Ask("Measure from the butt to the top of the eye.") @Nullable
            Double buttToEye) {}

    @GetMapping("/drawer/loose")
    String name(
            @ModelAttribute("form") Measured measured,
            BindingResult errors,
            HttpServletResponse response,
            Model model) {
        model.addAttribute("drawing", WholeNeedle.of(DRAWN));
        Units units = layout.settings().units();
        if (errors.hasErrors()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
        } else if (measured.shankMm() != null && measured.buttToEye() != null) {
            Shank shank = Objects.requireNonNullElse(measured.shank(), Shank.FLAT);
            double across = units.toMm(measured.shankMm());
            double length = units.toMm(measured.buttToEye());
            Problems.read(errors, () -> LooseNeedle.identify(shank, across, length))
                    .ifPresentOrElse(
                            answer -> model.addAttribute("answer", LooseView.of(answer, units)),
                            () -> response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value()));
        }
        return "drawer/tools/loose";
    }

    @GetMapping("/drawer/gauge")
    String gauge(Model model) {
        model.addAttribute("gauge", Gauge.standard());
        return "drawer/tools/gauge";
    }

    @GetMapping("/drawer/gauge.pdf")
    ResponseEntity<byte[]> gaugePdf() {
        return pdf.answer("needle-gauge.pdf", "print/gauge", Map.of("gauge", Gauge.standard()));
    }
}
