package belonax.web.fit;

import belonax.BadInput;
import belonax.room.ChangedMeanwhile;
import belonax.room.drawer.ClothShelf;
import belonax.room.drawer.NeedleSupply;
import belonax.room.event.SetupKept;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleBook;
import belonax.room.needle.SewingRoom;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.form.Entries;
import belonax.web.shared.form.FormPage;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The steps of a needle change, one at a time; the end records it. Leaving and coming back goes on where one was. */
@Controller
class FitPage {
    private static final String COOKIE = "belonax-fit";

    private final NeedleBook book;
    private final SewingRoom room;
    private final ClothShelf cloths;
    private final NeedleSupply supply;
    private final Layout layout;

    FitPage(NeedleBook book, SewingRoom room, ClothShelf cloths, NeedleSupply supply, Layout layout) {
        this.book = book;
        this.room = room;
        this.cloths = cloths;
        this.supply = supply;
        this.layout = layout;
    }

    @GetMapping("/fit")
    String step(
            @RequestParam(required = false) Optional<Integer> step,
            @RequestParam(defaultValue = "0") int place,
            @RequestParam(defaultValue = "0") int turn,
            @CookieValue(name = COOKIE, defaultValue = "") String left,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Optional<MachineNow> machine = layout.onTheTable(request);
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        FitView view = FitView.of(
                machine.get(), place, step.orElseGet(() -> FitView.stepLeft(left, machine.get())), shown(turn));
        remember(view.remembered(), response);
        layout.addTo(model, Optional.of(Stop.FIT), machine);
        model.addAttribute("fit", view);
        return view.isEnd() ? end(machine.get(), place, Map.of(), model) : "fit/step";
    }

    @PostMapping("/fit")
    String record(
            @RequestParam MultiValueMap<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response,
            RedirectAttributes to,
            Model model) {
        Entries entries = new Entries(typed);
        Optional<MachineNow> machine = layout.onTheTable(request);
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        int place = 0;
        BadInput refused;
        try {
            place = entries.has("place") ? entries.whole("place", "Choose the place.") : 0;
            UUID action = supply.change(FitForm.change(entries, machine.get(), place));
            remember("", response);
            to.addAttribute("done", action);
            return "redirect:/bench";
        } catch (ChangedMeanwhile changed) {
            refused = new BadInput("from", String.valueOf(changed.getMessage()));
        } catch (BadInput wrong) {
            refused = wrong;
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
        layout.addTo(model, Optional.of(Stop.FIT), machine);
        String page = end(machine.get(), place, entries.shown(), model);
        FormPage.refuse(model, refused);
        return page;
    }

    /** A broken needle: pieces counted, what is missing stays on the list until it is found. */
    @GetMapping("/fit/broken")
    String broken(
            @RequestParam(defaultValue = "0") int place,
            @RequestParam(defaultValue = "quilting-cotton") String cloth,
            @RequestParam(defaultValue = "2") String layers,
            HttpServletRequest request,
            Model model) {
        Optional<MachineNow> machine = layout.onTheTable(request);
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        return broken(machine.get(), place, Map.of("cloth", cloth, "layers", layers), model);
    }

    @PostMapping("/fit/broken")
    String broke(
            @RequestParam String machine,
            @RequestParam int place,
            @RequestParam UUID needle,
            @RequestParam MultiValueMap<String, String> typed,
            HttpServletResponse response,
            RedirectAttributes to,
            Model model) {
        Optional<MachineNow> now = room.find(machine);
        if (now.isEmpty()) {
            return "redirect:/welcome";
        }
        Entries entries = new Entries(typed);
        BadInput refused;
        try {
            Optional<SetupKept> sewn = BrokenView.sewn(entries, now.get(), cloths);
            to.addAttribute("done", book.broke(machine, place, needle, BrokenView.missing(typed.get("found")), sewn));
            return "redirect:/bench";
        } catch (ChangedMeanwhile changed) {
            refused = new BadInput("needle", String.valueOf(changed.getMessage()));
        } catch (BadInput wrong) {
            refused = wrong;
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
        String page = broken(now.get(), place, entries.shown(), model);
        FormPage.refuse(model, refused);
        return page;
    }

    private String broken(MachineNow machine, int place, Map<String, String> typed, Model model) {
        layout.addTo(model, Optional.of(Stop.FIT), Optional.of(machine));
        model.addAttribute("broken", BrokenView.of(machine, place));
        model.addAttribute("cloths", cloths.choices());
        FormPage.show(model, typed);
        return "fit/broken";
    }

    private String end(MachineNow machine, int place, Map<String, String> typed, Model model) {
        FormPage.show(model, typed.isEmpty() ? FitForm.usual(machine, place) : typed);
        model.addAttribute("end", supply.choices(machine, place));
        model.addAttribute("place", place);
        return "fit/end";
    }

    /** Only a turn that can be tried; anything else shows the right way. */
    private static int shown(int turn) {
        return turn >= 0 && turn <= 180 ? turn : 0;
    }

    private static void remember(String step, HttpServletResponse response) {
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(COOKIE, step)
                        .httpOnly(true)
                        .sameSite("Strict")
                        .path("/fit")
                        .maxAge(step.isEmpty() ? 0 : 7 * 24 * 3600)
                        .build()
                        .toString());
    }
}
