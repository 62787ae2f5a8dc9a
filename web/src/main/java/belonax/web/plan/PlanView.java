package belonax.web.plan;

import belonax.hazard.Verdict;
import belonax.match.SeamCautions;
import belonax.plan.BobbinRoom;
import belonax.plan.JobPlan;
import belonax.plan.JobPlan.Group;
import belonax.plan.JobPlan.Planned;
import belonax.plan.Sittings.Sitting;
import belonax.room.Words;
import belonax.room.event.TableWork;
import belonax.room.needle.MachineNow;
import belonax.room.plan.Project;
import belonax.room.plan.ProjectStep;
import belonax.web.plan.PlanDesk.Worked;
import belonax.web.shared.drawing.ThreadColour;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The page of one project. */
public record PlanView(
        String id,
        int revision,
        String name,
        String about,
        String headline,
        String why,
        String wishes,
        List<GroupView> groups,
        List<StepView> waiting,
        List<StepView> done,
        @Nullable StepView next,
        @Nullable RunView run,
        Materials materials,
        String totals,
        String pace,
        List<EveningView> evenings) {

    /** Steps that one needle sews. */
    public record GroupView(String needle, String from, List<StepView> steps) {}

    /**
     * A step.
     *
     * @param number its place in the order; 0 where it has none
     * @param before what is changed before it; empty for nothing
     * @param wrong why it cannot be sewn well here, or not be worked out; empty where nothing is in the way
     * @param care what to heed while it is sewn; empty for an ordinary seam
     * @param earlier the step that it can change places with towards the start; null where there is none
     * @param later the same towards the end
     */
    public record StepView(
            String id,
            int number,
            String name,
            String stack,
            String colour,
            String thread,
            String minutes,
            boolean underWay,
            String before,
            String wrong,
            String care,
            @Nullable String earlier,
            @Nullable String later) {}

    /** An evening with what is laid out for it. */
    public record EveningView(String day, String minutes, String steps) {}

    static PlanView of(Worked worked, List<Sitting> sittings, List<String> days, Map<String, List<String>> limits) {
        Project project = worked.project().card();
        Optional<JobPlan> plan = worked.plan();
        Map<String, StepView> views = new HashMap<>();
        plan.ifPresent(jobPlan -> views.putAll(steps(worked, jobPlan, limits)));
        List<GroupView> groups = plan.map(jobPlan -> jobPlan.groups().stream()
                        .map(group -> group(worked, group, views))
                        .toList())
                .orElse(List.of());
        List<StepView> waiting = project.steps().stream()
                .filter(projectStep -> !projectStep.isDone() && !views.containsKey(projectStep.id()))
                .map(projectStep -> unplanned(worked, projectStep))
                .toList();
        List<StepView> done = project.steps().stream()
                .filter(ProjectStep::isDone)
                .map(PlanView::done)
                .toList();
        return new PlanView(
                worked.project().id().toString(),
                worked.project().revision(),
                project.name(),
                PlanWords.about(project, plan),
                PlanWords.headline(project, plan),
                PlanWords.why(plan, views),
                PlanWords.wishes(worked, plan),
                groups,
                waiting,
                done,
                next(plan, views),
                plan.map(jobPlan -> run(worked, jobPlan, sittings, days)).orElse(null),
                Materials.of(worked),
                plan.map(jobPlan -> PlanWords.totals(worked, jobPlan)).orElse(""),
                worked.pace().words(),
                evenings(sittings, days));
    }

    private static @Nullable StepView next(Optional<JobPlan> plan, Map<String, StepView> views) {
        if (plan.isEmpty()) {
            return null;
        }
        return plan.get().steps().stream()
                .map(planned -> Objects.requireNonNull(views.get(planned.step().id())))
                .filter(StepView::underWay)
                .findFirst()
                .orElseGet(() -> views.get(plan.get().steps().get(0).step().id()));
    }

    private static Map<String, StepView> steps(Worked worked, JobPlan plan, Map<String, List<String>> limits) {
        Map<String, StepView> views = new HashMap<>();
        List<Planned> order = plan.steps();
        for (int i = 0; i < order.size(); i++) {
            Planned planned = order.get(i);
            ProjectStep step = worked.project().card().get(planned.step().id());
            Planned before = i == 0 ? null : order.get(i - 1);
            Planned after = i + 1 == order.size() ? null : order.get(i + 1);
            views.put(
                    step.id(),
                    view(
                            step,
                            i + 1,
                            Math.max(1, Math.round(planned.use().minutes())) + " min",
                            changes(planned),
                            wrong(planned, limits),
                            String.join(
                                    " ",
                                    SeamCautions.of(
                                            planned.step().asked().job(),
                                            planned.needle().needle())),
                            before != null && !waits(worked, planned, before)
                                    ? before.step().id()
                                    : null,
                            after != null && !waits(worked, after, planned)
                                    ? after.step().id()
                                    : null));
        }
        return views;
    }

    /** Tells whether a step has to wait for another one; a wish can be turned round. */
    private static boolean waits(Worked worked, Planned step, Planned other) {
        return worked.project()
                .card()
                .get(step.step().id())
                .after()
                .contains(other.step().id());
    }

    private static String wrong(Planned planned, Map<String, List<String>> limits) {
        return planned.needle().verdict() == Verdict.AVOID
                ? String.join(
                        " ", limits.getOrDefault(planned.step().id(), List.of("No needle that is made suits this.")))
                : "";
    }

    private static String changes(Planned planned) {
        List<String> all = new ArrayList<>();
        if (planned.newNeedle()) {
            all.add("change the needle");
        }
        if (planned.newThread()) {
            all.add("change the thread");
        }
        if (planned.newBalance()) {
            all.add("dial from " + Words.number(planned.dial()));
        }
        return Words.capital(String.join(", ", all));
    }

    private static StepView unplanned(Worked worked, ProjectStep step) {
        return view(step, 0, "", "", worked.cannot().getOrDefault(step.id(), ""), "", null, null);
    }

    private static StepView done(ProjectStep step) {
        String took = PlanWords.hours(Objects.requireNonNullElse(step.tookMinutes(), 0.0));
        return view(step, 0, took, "", "", "", null, null);
    }

    private static StepView view(
            ProjectStep step,
            int number,
            String minutes,
            String before,
            String wrong,
            String care,
            @Nullable String earlier,
            @Nullable String later) {
        TableWork.Top top = step.work().top();
        return new StepView(
                step.id(),
                number,
                step.name(),
                step.work().words(),
                ThreadColour.of(top.colour()),
                top.words(),
                minutes,
                step.isUnderWay(),
                before,
                wrong,
                care,
                earlier,
                later);
    }

    private static GroupView group(Worked worked, Group group, Map<String, StepView> views) {
        MachineNow machine = Objects.requireNonNull(worked.machines().get(group.station()));
        return new GroupView(
                Words.capital(group.needle().needle().words()),
                from(group, machine) + (group.outlasted() ? "; one step outlasts a needle, have two ready" : ""),
                group.steps().stream()
                        .map(planned ->
                                Objects.requireNonNull(views.get(planned.step().id())))
                        .toList());
    }

    private static String from(Group group, MachineNow machine) {
        String name = machine.machine().name();
        return switch (group.from()) {
            case IN_THE_MACHINE -> String.format(Locale.ROOT, "in %s now, %.1f h left", name, group.lasts());
            case PARKED -> String.format(Locale.ROOT, "parked, %.1f h left; goes to %s", group.lasts(), name);
            case AN_EARLIER_STEP -> "the one from before, in " + name;
            case NEW -> "new, in " + name;
        };
    }

    private static RunView run(Worked worked, JobPlan plan, List<Sitting> sittings, List<String> days) {
        Project project = worked.project().card();
        return RunView.of(
                plan,
                sittings,
                days,
                planned -> bobbin(worked, planned),
                worked.supplies(),
                planned -> Words.capital(planned.needle().needle().words()),
                planned -> Words.capital(colourOf(project.get(planned.step().id()))),
                planned -> ThreadColour.of(
                        project.get(planned.step().id()).work().top().colour()));
    }

    private static BobbinRoom bobbin(Worked worked, Planned planned) {
        return PlanSteps.bobbin(
                Objects.requireNonNull(worked.machines().get(planned.step().station())));
    }

    private static String colourOf(ProjectStep step) {
        String colour = step.work().top().colour();
        return colour.isEmpty() ? step.work().top().words() : colour;
    }

    private static List<EveningView> evenings(List<Sitting> sittings, List<String> days) {
        List<EveningView> all = new ArrayList<>();
        for (int i = 0; i < sittings.size(); i++) {
            Sitting sitting = sittings.get(i);
            all.add(new EveningView(
                    days.get(i),
                    Math.round(sitting.minutes()) + " min",
                    String.join(
                            ", ",
                            sitting.pieces().stream()
                                    .map(piece -> piece.step().step().name() + (piece.goesOn() ? " (goes on)" : ""))
                                    .toList())));
        }
        return all;
    }
}
