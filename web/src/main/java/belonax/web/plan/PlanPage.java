package belonax.web.plan;

import belonax.match.NeedleMatcher;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.plan.Project;
import belonax.room.plan.ProjectBook;
import belonax.room.plan.ProjectStep;
import belonax.room.plan.ShoppingList;
import belonax.web.plan.PlanDesk.Worked;
import belonax.web.shared.AtStop;
import belonax.web.shared.Stop;
import belonax.web.shared.form.Ask;
import belonax.web.shared.form.FormPage;
import belonax.web.shared.form.Problems;
import jakarta.servlet.http.HttpServletResponse;
import java.time.DayOfWeek;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
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

/** In what order, with what, how much? A project's steps in the order with the fewest changes, and what is done with them. */
@Controller
@AtStop(Stop.PLAN)
class PlanPage {
    private final ProjectBook projects;
    private final PlanDesk desk;
    private final NeedleMatcher matcher;
    private final DrawerStore drawer;
    private final PlanViews views;
    private final ShoppingList shopping;

    PlanPage(
            ProjectBook projects,
            PlanDesk desk,
            NeedleMatcher matcher,
            DrawerStore drawer,
            PlanViews views,
            ShoppingList shopping) {
        this.projects = projects;
        this.desk = desk;
        this.matcher = matcher;
        this.drawer = drawer;
        this.views = views;
        this.shopping = shopping;
    }

    /** What a project is called. */
    public record NameForm(@Nullable String called) {}

    /** How long one sews in an evening, and on which days. */
    public record EveningForm(
            @Ask(value = "Type the minutes of an evening, such as 90.", needed = true) @Nullable
            Integer evening,

            @Nullable Set<DayOfWeek> days) {}

    /** What a step took. */
    public record DoneForm(
            @Ask("Type the minutes at the needle, or leave it empty.") @Nullable
            Double minutes) {}

    /** Leads to the project that was begun last, or asks for one. */
    @GetMapping("/plan")
    String begin(
            @ModelAttribute("form") NameForm form,
            BindingResult errors,
            @RequestParam(defaultValue = "false") boolean another) {
        List<Kept<Project>> all = projects.all();
        return all.isEmpty() || another
                ? "plan/begin"
                : "redirect:/plan/" + all.get(all.size() - 1).id();
    }

    @PostMapping("/plan")
    String begun(@Validated @ModelAttribute("form") NameForm form, BindingResult errors, HttpServletResponse response) {
        Optional<UUID> begun =
                Problems.read(errors, () -> projects.begin(Objects.requireNonNullElse(form.called(), "")));
        if (begun.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            return "plan/begin";
        }
        return "redirect:/plan/" + begun.get() + "/step";
    }

    @GetMapping("/plan/{id}")
    String show(
            @PathVariable UUID id, @RequestParam Optional<UUID> done, @RequestParam Optional<UUID> work, Model model) {
        model.addAttribute("work", work.orElse(null));
        return desk.work(id).map(worked -> show(worked, done, model)).orElse("redirect:/plan");
    }

    private String show(Worked worked, Optional<UUID> done, Model model) {
        Kept<Project> kept = worked.project();
        PlanView view = views.of(worked);
        model.addAttribute("plan", view);
        model.addAttribute(
                "onTheList",
                shopping.of(kept.id())
                        .filter(otherKept ->
                                otherKept.card().holds(view.materials().toBuy()))
                        .isPresent());
        model.addAttribute(
                "doing",
                DoingView.of(
                                worked,
                                projects::took,
                                planned -> matcher.match(planned.step().asked()))
                        .orElse(null));
        Optional<String> sent = FormPage.sent(model, "evening");
        model.addAttribute("evening", sent.orElse("" + kept.card().eveningMinutes()));
        model.addAttribute(
                "days",
                sent.isPresent()
                        ? List.of(FormPage.sent(model, "days").orElse("").split(","))
                        : kept.card().days().stream().map(Enum::name).toList());
        model.addAttribute("week", DayOfWeek.values());
        model.addAttribute("done", done.filter(drawer::canUndo).orElse(null));
        model.addAttribute(
                "others",
                worked.projects().stream()
                        .filter(otherKept -> !otherKept.id().equals(kept.id()))
                        .toList());
        return "plan/page";
    }

    @PostMapping("/plan/{id}/start")
    String start(@PathVariable UUID id, @RequestParam int revision, @RequestParam String step) {
        String machine = projects.find(id)
                .flatMap(kept -> kept.card().find(step))
                .map(ProjectStep::machineId)
                .orElse("");
        return taken(id, projects.start(id, revision, step)) + "&machine=" + machine;
    }

    @PostMapping("/plan/{id}/done")
    String done(
            @PathVariable UUID id,
            @RequestParam int revision,
            @RequestParam String step,
            @Validated @ModelAttribute("doneForm") DoneForm form,
            BindingResult errors) {
        Problems.refuseUnread(errors);
        Double minutes = form.minutes();
        ProjectBook.Ended ended = projects.done(
                id, revision, step, minutes == null ? OptionalDouble.empty() : OptionalDouble.of(minutes));
        return taken(id, ended.change())
                + ended.work().map(uuid -> "&work=" + uuid).orElse("");
    }

    @PostMapping("/plan/{id}/again")
    String again(@PathVariable UUID id, @RequestParam int revision, @RequestParam String step) {
        return taken(id, projects.again(id, revision, step));
    }

    @PostMapping("/plan/{id}/drop")
    String drop(@PathVariable UUID id, @RequestParam int revision, @RequestParam String step) {
        return taken(id, projects.drop(id, revision, step));
    }

    @PostMapping("/plan/{id}/pin")
    String pin(
            @PathVariable UUID id, @RequestParam int revision, @RequestParam String step, @RequestParam String after) {
        return taken(id, projects.pin(id, revision, step, after));
    }

    @PostMapping("/plan/{id}/unpin")
    String unpin(@PathVariable UUID id, @RequestParam int revision) {
        return taken(id, projects.unpin(id, revision));
    }

    @PostMapping("/plan/{id}/evening")
    String evening(
            @PathVariable UUID id,
            @RequestParam int revision,
            @Validated @ModelAttribute("eveningForm") EveningForm form,
            BindingResult errors) {
        Problems.refuseUnread(errors);
        return taken(
                id,
                projects.sewsOn(
                        id,
                        revision,
                        Objects.requireNonNull(form.evening()),
                        Objects.requireNonNullElse(form.days(), Set.<DayOfWeek>of())));
    }

    @PostMapping("/plan/{id}/shopping")
    String shopping(@PathVariable UUID id) {
        return desk.work(id)
                .map(worked -> taken(id, shopping.write(id, Materials.of(worked).toBuy())))
                .orElse("redirect:/plan");
    }

    @PostMapping("/plan/{id}/undo")
    String undo(@PathVariable UUID id, @RequestParam UUID change, @RequestParam(required = false) Optional<UUID> work) {
        projects.undo(change, work);
        return "redirect:/plan/" + id;
    }

    @PostMapping("/plan/{id}/remove")
    String remove(@PathVariable UUID id, @RequestParam int revision) {
        return "redirect:/drawer?done=" + projects.remove(id, revision);
    }

    private static String taken(UUID id, UUID change) {
        return "redirect:/plan/" + id + "?done=" + change;
    }
}
