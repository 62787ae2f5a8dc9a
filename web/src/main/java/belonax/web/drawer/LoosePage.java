package belonax.web.drawer;

import belonax.BadInput;
import belonax.needle.LooseNeedle;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.needle.Shank;
import belonax.room.settings.Units;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.drawing.WholeNeedle;
import belonax.web.shared.form.Entries;
import belonax.web.shared.form.FormPage;
import belonax.web.shared.print.Pdf;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Names the system of a loose needle from its measures, and shows the sheet to measure it with. */
@Controller
class LoosePage {
    private static final Needle DRAWN = Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_90);

    private final Layout layout;
    private final Pdf pdf;

    LoosePage(Layout layout, Pdf pdf) {
        this.layout = layout;
        this.pdf = pdf;
    }

    @GetMapping("/drawer/loose")
    String name(
            @RequestParam MultiValueMap<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Entries entries = new Entries(typed);
        layout.addTo(model, Optional.of(Stop.DRAWER), request);
        FormPage.show(model, entries.shown());
        model.addAttribute("drawing", WholeNeedle.of(DRAWN));
        if (entries.has("shankMm") && entries.has("buttToEye")) {
            try {
                model.addAttribute("answer", answer(entries));
            } catch (BadInput refused) {
                response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
                FormPage.refuse(model, refused);
            }
        }
        return "drawer/loose";
    }

    @GetMapping("/drawer/gauge")
    String gauge(HttpServletRequest request, Model model) {
        layout.addTo(model, Optional.of(Stop.DRAWER), request);
        model.addAttribute("gauge", Gauge.standard());
        return "drawer/gauge";
    }

    @GetMapping("/drawer/gauge.pdf")
    ResponseEntity<byte[]> gaugePdf() {
        return pdf.answer("needle-gauge.pdf", "print/gauge", Map.of("gauge", Gauge.standard()));
    }

    private LooseNeedle.Answer answer(Entries entries) {
        Units units = layout.settings().units();
        Shank shank = entries.word("shank", Shank.class, Shank.FLAT);
        double across = entries.number("shankMm", "Measure the shank across its round.");
        double length = entries.number("buttToEye", "Measure from the butt to the top of the eye.");
        return entries.done(() -> LooseNeedle.identify(shank, units.toMm(across), units.toMm(length)));
    }
}
