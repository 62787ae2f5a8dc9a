package belonax.web.drawer;

import belonax.BadInput;
import belonax.machine.Machine;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleType;
import belonax.room.Choice;
import belonax.room.needle.MachineNow;
import belonax.room.settings.Units;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.form.Entries;
import belonax.web.shared.form.FormPage;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Tells whether a needle clears plate and foot; starts from what is on the machine. */
@Controller
class ClearancePage {
    private static final List<Choice> KINDS =
            List.of(new Choice("1", "one needle"), new Choice("2", "a twin"), new Choice("3", "a triple"));

    private final Layout layout;

    ClearancePage(Layout layout) {
        this.layout = layout;
    }

    @GetMapping("/drawer/clearance")
    String clear(
            @RequestParam MultiValueMap<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Optional<MachineNow> machine = layout.onTheTable(request);
        layout.addTo(model, Optional.of(Stop.DRAWER), machine);
        Units units = layout.settings().units();
        machine.ifPresent(it -> fillFrom(it, typed, units));
        Entries entries = new Entries(typed);
        FormPage.show(model, entries.shown());
        model.addAttribute("kinds", KINDS);
        model.addAttribute(
                "sizes",
                NeedleSize.LADDER.stream()
                        .map(it -> new Choice(String.valueOf(it.nm()), it.toString()))
                        .toList());
        try {
            model.addAttribute("passage", PassageView.of(entries, units));
        } catch (BadInput refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            FormPage.refuse(model, refused);
        }
        return "drawer/clearance";
    }

    /** What is on the machine stands in every field that the address leaves out. */
    private static void fillFrom(MachineNow now, MultiValueMap<String, String> typed, Units units) {
        Machine machine = now.machine();
        Map<String, String> all = new LinkedHashMap<>();
        all.put("slot", units.mmNumber(PassageView.slotMm(machine.plate())));
        all.put("footSlot", units.mmNumber(PassageView.slotMm(machine.foot())));
        now.fitted().map(it -> it.needle().needle()).ifPresent(it -> fill(all, it));
        all.forEach((field, value) -> {
            if (!typed.containsKey(field)) {
                typed.set(field, value);
            }
        });
    }

    private static void fill(Map<String, String> all, Needle needle) {
        all.put("nm", String.valueOf(needle.size().nm()));
        all.put("kind", String.valueOf(needle.count()));
        all.put(
                "spacing",
                needle.twin().map(it -> String.valueOf(it.spacingMm())).orElse(""));
        all.put("wing", needle.type() == NeedleType.WING ? "3" : "");
    }
}
