package belonax.web.welcome;

import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.machine.MachineKind;
import belonax.machine.Past;
import belonax.room.Choice;
import belonax.room.needle.FirstRun;
import belonax.web.shared.drawing.ThreadLook;
import belonax.web.shared.form.FormPage;
import belonax.web.shared.form.Problems;
import belonax.web.shared.sentence.Sentences;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;

/** Which machine, which needle is in it, what are you sewing, with which thread: then the first answer. */
@Controller
class WelcomePage {
    private final FirstRun firstRun;
    private final ClothCatalogue cloths;

    WelcomePage(FirstRun firstRun, ClothCatalogue cloths) {
        this.firstRun = firstRun;
        this.cloths = cloths;
    }

    @ModelAttribute
    void lists(Model model) {
        model.addAttribute("kinds", MachineKind.values());
        model.addAttribute("pasts", Past.values());
        model.addAttribute("looks", ThreadLook.all());
        model.addAttribute(
                "cloths",
                cloths.all().stream()
                        .map(cloth -> new Choice(cloth.id(), cloth.name()))
                        .toList());
    }

    @GetMapping("/welcome")
    String ask(Model model) {
        FormPage.show(model, WelcomeForm.usual());
        return "welcome/page";
    }

    @PostMapping("/welcome")
    String answer(@ModelAttribute("form") WelcomeForm form, BindingResult errors, HttpServletResponse response) {
        Optional<String> begun = Problems.read(errors, () -> firstRun.begin(form.card(), form.from(), form.fitted()));
        if (begun.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            return "welcome/page";
        }
        String cloth = Optional.ofNullable(form.cloth())
                .flatMap(cloths::find)
                .map(Cloth::id)
                .orElse(WelcomeForm.USUAL_CLOTH);
        return "redirect:/match?cloth=" + cloth + "&machine=" + begun.get() + "&spool="
                + Sentences.byItsLook(form.threadLook());
    }
}
