package belonax.web.fit;

import belonax.machine.FitStep;
import belonax.room.Choice;
import belonax.room.drawer.ThreadDelivery;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleBook;
import belonax.room.needle.SewingRoom;
import belonax.room.supply.NeedleSupply;
import belonax.room.supply.NeedleSupply.Choices;
import belonax.web.shared.AtStop;
import belonax.web.shared.BrowserCookie;
import belonax.web.shared.Layout;
import belonax.web.shared.OnTheTable;
import belonax.web.shared.Stop;
import belonax.web.shared.form.FormPage;
import belonax.web.shared.form.Problems;
import belonax.web.shared.sentence.Sentences;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The steps of a needle change, one at a time; the end records it. Leaving and coming back goes on where one was. */
@Controller
@AtStop(Stop.FIT)
class FitPage {
    private static final String COOKIE = "belonax-fit";

    private final NeedleBook book;
    private final SewingRoom room;
    private final Sentences sentences;
    private final NeedleSupply supply;
    private final ThreadDelivery spools;
    private final Layout layout;

    FitPage(
            NeedleBook book,
            SewingRoom room,
            Sentences sentences,
            NeedleSupply supply,
            ThreadDelivery spools,
            Layout layout) {
        this.book = book;
        this.room = room;
        this.sentences = sentences;
        this.supply = supply;
        this.spools = spools;
        this.layout = layout;
    }

    @GetMapping("/fit")
    String step(
            @RequestParam(required = false) Optional<Integer> step,
            @RequestParam(defaultValue = "0") int place,
            @RequestParam(defaultValue = "0") int turn,
            @RequestParam(defaultValue = "") String in,
            @RequestParam(defaultValue = "false") boolean not,
            @CookieValue(name = COOKIE, defaultValue = "") String left,
            @OnTheTable Optional<MachineNow> machine,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        GoesIn goesIn = GoesIn.of(in);
        Optional<Choices> named = goesIn.needle().map(any -> supply.choices(machine.get(), place));
        FitView view = FitView.of(
                machine.get(),
                place,
                step.orElseGet(() -> FitView.stepLeft(left, machine.get())),
                shown(turn),
                goesIn,
                named.map(otherChoices -> from(goesIn, otherChoices)).orElse(""),
                not);
        remember(view.remembered(), response);
        model.addAttribute("fit", view);
        sentences.show(model, machine, "/fit", request);
        if (!view.isEnd()) {
            boolean isThreading = view.step().scene() == FitStep.Scene.THREADED;
            model.addAttribute(
                    "delivery",
                    isThreading ? machine.get().table().map(spools::advice).orElse(List.of()) : List.of());
            named.filter(otherChoices -> view.number() == view.count())
                    .ifPresent(otherChoices -> model.addAttribute("usual", AtOnce.of(place, goesIn, otherChoices)));
            return "fit/step";
        }
        Choices choices = named.orElseGet(() -> supply.choices(machine.get(), place));
        FormPage.show(model, FitForm.usual(place, goesIn, choices));
        return end(choices, place, model);
    }

    @PostMapping("/fit")
    String record(
            @ModelAttribute("form") FitForm form,
            BindingResult errors,
            @OnTheTable Optional<MachineNow> machine,
            HttpServletRequest request,
            HttpServletResponse response,
            RedirectAttributes to,
            Model model) {
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        Optional<UUID> action = Problems.read(
                errors, () -> supply.change(form.change(machine.get(), sentences.work(request, machine))));
        if (action.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            int place = errors.getFieldValue("place") instanceof Integer number ? number : 0;
            sentences.show(model, machine, "/fit", request);
            return end(supply.choices(machine.get(), place), place, model);
        }
        remember("", response);
        to.addAttribute("done", action.get());
        return "redirect:/bench";
    }

    /** A broken needle: pieces counted, what is missing stays on the list until it is found. */
    @GetMapping("/fit/broken")
    String broken(
            @RequestParam(defaultValue = "0") int place,
            @ModelAttribute("form") BrokenForm form,
            BindingResult errors,
            @OnTheTable Optional<MachineNow> machine,
            HttpServletRequest request,
            Model model) {
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        if (!errors.hasErrors()) {
            FormPage.show(model, form.orUsual());
        }
        return broken(machine.get(), place, request, model);
    }

    @PostMapping("/fit/broken")
    String broke(
            @RequestParam String machine,
            @RequestParam int place,
            @RequestParam UUID needle,
            @ModelAttribute("form") BrokenForm form,
            BindingResult errors,
            HttpServletRequest request,
            HttpServletResponse response,
            RedirectAttributes to,
            Model model) {
        Optional<MachineNow> now = room.find(machine);
        if (now.isEmpty()) {
            return "redirect:/welcome";
        }
        Optional<UUID> action = Problems.read(
                errors,
                () -> book.broke(
                        machine, place, needle, form.missing(), form.sewn(() -> sentences.work(request, now))));
        if (action.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            return broken(now.get(), place, request, model);
        }
        to.addAttribute("done", action.get());
        return "redirect:/bench";
    }

    private String broken(MachineNow machine, int place, HttpServletRequest request, Model model) {
        layout.show(model, machine);
        sentences.show(model, Optional.of(machine), "/fit/broken", request);
        model.addAttribute("broken", BrokenView.of(machine, place));
        return "fit/broken";
    }

    /** Says which needle goes in, and where it comes from; nothing where none is named. */
    private static String from(GoesIn in, Choices choices) {
        Optional<String> source = in.needle()
                .flatMap(needle -> Optional.ofNullable(choices.sourceOf().get(needle)));
        return words(source, choices.parked())
                .map(word -> "In goes your parked " + word + ".")
                .or(() -> words(source, choices.packets()).map(word -> "In goes one out of your packet: " + word + "."))
                .or(() -> in.needle()
                        .map(needle -> "In goes a " + needle.words() + "; no packet of it is in your drawer."))
                .orElse("");
    }

    private static Optional<String> words(Optional<String> source, List<Choice> among) {
        return among.stream()
                .filter(choice -> source.equals(Optional.of(choice.value())))
                .map(Choice::words)
                .findFirst();
    }

    private static String end(Choices choices, int place, Model model) {
        model.addAttribute("end", choices);
        model.addAttribute("place", place);
        model.addAttribute(
                "isAnother",
                !(model.getAttribute(FormPage.FORM) instanceof FitForm form)
                        || form.from() == null
                        || form.from().isBlank());
        return "fit/end";
    }

    /** Only a turn that can be tried; anything else shows the right way. */
    private static int shown(int turn) {
        return turn >= 0 && turn <= 180 ? turn : 0;
    }

    private static void remember(String step, HttpServletResponse response) {
        response.addHeader(HttpHeaders.SET_COOKIE, BrowserCookie.header(COOKIE, step, "/fit", Duration.ofDays(7)));
    }
}
