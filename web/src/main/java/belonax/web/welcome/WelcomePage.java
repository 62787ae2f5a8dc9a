package belonax.web.welcome;

import belonax.BadInput;
import belonax.cloth.ClothCatalogue;
import belonax.machine.Machine;
import belonax.machine.MachineKind;
import belonax.needle.Needle;
import belonax.room.Choice;
import belonax.room.machine.MachineCard;
import belonax.room.needle.FirstRun;
import belonax.web.shared.Layout;
import belonax.web.shared.form.Entries;
import belonax.web.shared.form.FormPage;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Which machine, which needle is in it, what are you sewing: then the first answer. */
@Controller
class WelcomePage {
    private final FirstRun firstRun;
    private final ClothCatalogue cloths;
    private final Layout layout;

    WelcomePage(FirstRun firstRun, ClothCatalogue cloths, Layout layout) {
        this.firstRun = firstRun;
        this.cloths = cloths;
        this.layout = layout;
    }

    @GetMapping("/welcome")
    String ask(HttpServletRequest request, Model model) {
        show(Map.of("kind", MachineKind.COMPUTER_CONTROLLED.name(), "cloth", "quilting-cotton"), request, model);
        return "welcome/page";
    }

    @PostMapping("/welcome")
    String answer(
            @RequestParam MultiValueMap<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Entries entries = new Entries(typed);
        try {
            MachineKind kind = entries.word("kind", MachineKind.class, MachineKind.COMPUTER_CONTROLLED);
            String cloth = entries.text("cloth", "quilting-cotton");
            Optional<Needle> needle = FirstNeedle.of(entries.text("needle"));
            Machine machine = entries.done(() -> machine(kind, entries.text("name"), needle));
            String id = firstRun.begin(MachineCard.of(machine, ""), needle);
            return "redirect:/match?cloth="
                    + cloths.find(cloth).map(it -> it.id()).orElse("quilting-cotton") + "&machine=" + id;
        } catch (BadInput refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            show(entries.shown(), request, model);
            FormPage.refuse(model, refused);
            return "welcome/page";
        }
    }

    /** The system that is in the machine is taken to be on its list; the drawer tells how to correct that. */
    private static Machine machine(MachineKind kind, String name, Optional<Needle> needle) {
        Machine machine = Machine.ordinary(name.isBlank() ? "My machine" : name, kind);
        return needle.map(it -> machine.withSystems(List.of(it.system()))).orElse(machine);
    }

    private void show(Map<String, String> typed, HttpServletRequest request, Model model) {
        layout.addTo(model, Optional.empty(), request);
        FormPage.show(model, typed);
        model.addAttribute("kinds", Choice.of(MachineKind.values(), MachineKind::words));
        model.addAttribute(
                "cloths",
                cloths.all().stream().map(it -> new Choice(it.id(), it.name())).toList());
    }
}
