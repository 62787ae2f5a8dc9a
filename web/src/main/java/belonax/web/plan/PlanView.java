package belonax.web.plan;

import belonax.hazard.Verdict;
import belonax.plan.BobbinRoom;
import belonax.plan.Changes;
import belonax.plan.JobPlan;
import belonax.plan.JobPlan.Group;
import belonax.plan.JobPlan.Planned;
import belonax.plan.Sittings.Sitting;
import belonax.room.Words;
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
record PlanView(
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
        List<String> shortages,
        String totals,
        String pace,
        List<EveningView> evenings) {

    /** Steps that one needle sews. */
    record GroupView(String needle, String from, List<StepView> steps) {}

    /**
     * A step.
     *
     * @param number its place in the order; 0 where it has none
     * @param before what is changed before it; empty for nothing
     * @param wrong why it cannot be sewn well here, or not be worked out; empty where nothing is in the way
     * @param earlier the step that it can change places with towards the start; null where there is none
     * @param later the same towards the end
     */
    record StepView(
            String id,
            int number,
            String name,
            String stack,
            String colour,
            String thread,
            String minutes,
            String machine,
            boolean underWay,
            String before,
            String wrong,
            @Nullable String earlier,
            @Nullable String later) {}

    /** An evening with what is laid out for it. */
    record EveningView(String day, String minutes, String steps) {}

    static PlanView of(Worked worked, List<Sitting> sittings, List<String> days, Map<String, List<String>> limits) {
        Project project = worked.project().card();
        Optional<JobPlan> plan = worked.plan();
        Map<String, StepView> views = new HashMap<>();
        plan.ifPresent(it -> views.putAll(steps(worked, it, limits)));
        List<GroupView> groups = plan.map(it -> it.groups().stream()
                        .map(group -> group(worked, group, views))
                        .toList())
                .orElse(List.of());
        List<StepView> waiting = project.steps().stream()
                .filter(it -> !it.isDone() && !views.containsKey(it.id()))
                .map(it -> unplanned(worked, it))
                .toList();
        List<StepView> done = project.steps().stream()
                .filter(ProjectStep::isDone)
                .map(it -> done(worked, it))
                .toList();
        return new PlanView(
                worked.project().id().toString(),
                worked.project().revision(),
                project.name(),
                about(project, plan),
                headline(project, plan),
                why(plan, views),
                wishes(worked, plan),
                groups,
                waiting,
                done,
                next(plan, views),
                plan.map(it -> run(worked, it, sittings, days)).orElse(null),
                Materials.shortages(worked),
                plan.map(it -> totals(worked, it)).orElse(""),
                worked.pace().words(),
                evenings(sittings, days));
    }

    private static String about(Project project, Optional<JobPlan> plan) {
        int open = (int) project.steps().stream().filter(it -> !it.isDone()).count();
        String left = open == project.steps().size()
                ? Words.count(open, "step")
                : open + " of " + Words.count(project.steps().size(), "step") + " to sew";
        return left
                + plan.map(it -> ", " + hours(it.minutes() + it.changeoverMinutes()))
                        .orElse("");
    }

    static String hours(double minutes) {
        long all = Math.round(minutes);
        return all < 60 ? all + " min" : all / 60 + " h " + (all % 60 == 0 ? "" : all % 60 + " min");
    }

    private static String headline(Project project, Optional<JobPlan> plan) {
        if (plan.isEmpty()) {
            return project.steps().isEmpty()
                    ? "What is to be sewn?"
                    : project.steps().stream().allMatch(ProjectStep::isDone)
                            ? "All is sewn"
                            : "These steps cannot be put in order yet";
        }
        Changes ours = plan.get().changes();
        Changes entered = plan.get().asEntered();
        if (ours.needle() < entered.needle()) {
            return Words.capital(needleChanges(ours.needle())) + ", not " + entered.needle();
        }
        if (ours.thread() < entered.thread()) {
            return Words.capital(Words.count(ours.thread(), "thread change")) + ", not " + entered.thread();
        }
        return Words.capital(needleChanges(ours.needle())) + ", as you entered it";
    }

    private static String needleChanges(int count) {
        return count == 0 ? "no needle change" : Words.count(count, "needle change");
    }

    private static String why(Optional<JobPlan> plan, Map<String, StepView> views) {
        return plan.map(it -> (it.proven()
                                ? "In this order, proven the fewest."
                                : "A good order; with so many steps it is not proven the best.")
                        + " Next: "
                        + Objects.requireNonNull(
                                        views.get(it.steps().get(0).step().id()))
                                .name() + ".")
                .orElse("");
    }

    private static String wishes(Worked worked, Optional<JobPlan> plan) {
        if (worked.unpinned().isEmpty() || plan.isEmpty()) {
            return "";
        }
        Changes free = worked.unpinned().get();
        Changes now = plan.get().changes();
        int needles = now.needle() - free.needle();
        int threads = now.thread() - free.thread();
        int balances = now.balance() - free.balance();
        double minutes = needles * JobPlan.NEEDLE_MINUTES
                + threads * JobPlan.THREAD_MINUTES
                + balances * JobPlan.BALANCE_MINUTES;
        return needles == 0 && threads == 0 && balances == 0
                ? "Your own order of some steps costs nothing."
                : "Your own order of some steps costs "
                        + String.join(", ", costs(needles, threads, balances))
                        + ", " + Words.count(Math.round(minutes), "minute") + " in all.";
    }

    private static List<String> costs(int needles, int threads, int balances) {
        List<String> all = new ArrayList<>();
        if (needles != 0) {
            all.add(Words.count(needles, "needle change"));
        }
        if (threads != 0) {
            all.add(Words.count(threads, "thread change"));
        }
        if (balances != 0) {
            all.add(Words.count(balances, "balance"));
        }
        return all;
    }

    private static @Nullable StepView next(Optional<JobPlan> plan, Map<String, StepView> views) {
        if (plan.isEmpty()) {
            return null;
        }
        return plan.get().steps().stream()
                .map(it -> Objects.requireNonNull(views.get(it.step().id())))
                .filter(StepView::underWay)
                .findFirst()
                .orElseGet(() -> views.get(plan.get().steps().get(0).step().id()));
    }

    private static Map<String, StepView> steps(Worked worked, JobPlan plan, Map<String, List<String>> limits) {
        Map<String, StepView> views = new HashMap<>();
        List<Planned> order = plan.steps();
        for (int i = 0; i < order.size(); i++) {
            Planned it = order.get(i);
            ProjectStep step = worked.project().card().get(it.step().id());
            Planned before = i == 0 ? null : order.get(i - 1);
            Planned after = i + 1 == order.size() ? null : order.get(i + 1);
            views.put(
                    step.id(),
                    new StepView(
                            step.id(),
                            i + 1,
                            step.name(),
                            step.work().words(),
                            ThreadColour.of(step.work().top().colour()),
                            step.work().top().words(),
                            Math.round(it.use().minutes()) < 1
                                    ? "1 min"
                                    : Math.round(it.use().minutes()) + " min",
                            machine(worked, step),
                            step.isUnderWay(),
                            changes(it),
                            wrong(it, limits),
                            before == null || waits(step, before.step().id())
                                    ? null
                                    : before.step().id(),
                            after == null
                                            || waits(
                                                    worked.project()
                                                            .card()
                                                            .get(after.step().id()),
                                                    step.id())
                                    ? null
                                    : after.step().id()));
        }
        return views;
    }

    private static boolean waits(ProjectStep step, String other) {
        return step.after().contains(other);
    }

    private static String wrong(Planned it, Map<String, List<String>> limits) {
        return it.needle().verdict() == Verdict.AVOID
                ? String.join(" ", limits.getOrDefault(it.step().id(), List.of("No needle that is made suits this.")))
                : "";
    }

    private static String changes(Planned it) {
        List<String> all = new ArrayList<>();
        if (it.newNeedle()) {
            all.add("change the needle");
        }
        if (it.newThread()) {
            all.add("change the thread");
        }
        if (it.newBalance()) {
            all.add("dial from " + Words.number(it.dial()));
        }
        return Words.capital(String.join(", ", all));
    }

    private static String machine(Worked worked, ProjectStep step) {
        MachineNow machine = worked.machines().get(step.machineId());
        return machine == null ? "" : machine.machine().name();
    }

    private static StepView unplanned(Worked worked, ProjectStep step) {
        return plain(worked, step, "", worked.cannot().getOrDefault(step.id(), ""));
    }

    private static StepView done(Worked worked, ProjectStep step) {
        return plain(worked, step, hours(Objects.requireNonNullElse(step.tookMinutes(), 0.0)), "");
    }

    private static StepView plain(Worked worked, ProjectStep step, String minutes, String wrong) {
        return new StepView(
                step.id(),
                0,
                step.name(),
                step.work().words(),
                ThreadColour.of(step.work().top().colour()),
                step.work().top().words(),
                minutes,
                machine(worked, step),
                step.isUnderWay(),
                "",
                wrong,
                null,
                null);
    }

    private static GroupView group(Worked worked, Group group, Map<String, StepView> views) {
        MachineNow machine = Objects.requireNonNull(worked.machines().get(group.station()));
        return new GroupView(
                Words.capital(group.needle().needle().words()),
                from(group, machine) + (group.outlasted() ? "; one step outlasts a needle, have two ready" : ""),
                group.steps().stream()
                        .map(it -> Objects.requireNonNull(views.get(it.step().id())))
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

    private static String totals(Worked worked, JobPlan plan) {
        var units = worked.stock().units();
        return units.say(String.format(
                Locale.ROOT,
                "Top thread %.0f m, from the bobbin %.0f m, %s to wind, %s.",
                plan.topMetres(),
                plan.bobbinMetres(),
                Words.count(plan.bobbins(), "bobbin"),
                Words.count(plan.needles(), "needle")));
    }

    private static RunView run(Worked worked, JobPlan plan, List<Sitting> sittings, List<String> days) {
        Project project = worked.project().card();
        return RunView.of(
                plan,
                sittings,
                days,
                it -> bobbin(worked, it),
                it -> Words.capital(it.needle().needle().words()),
                it -> Words.capital(colourOf(project.get(it.step().id()))),
                it -> ThreadColour.of(project.get(it.step().id()).work().top().colour()));
    }

    private static BobbinRoom bobbin(Worked worked, Planned it) {
        return PlanSteps.bobbin(
                Objects.requireNonNull(worked.machines().get(it.step().station())));
    }

    private static String colourOf(ProjectStep step) {
        String colour = step.work().top().colour();
        return colour.isEmpty() ? step.work().top().words() : colour;
    }

    private static List<EveningView> evenings(List<Sitting> sittings, List<String> days) {
        List<EveningView> all = new ArrayList<>();
        for (int i = 0; i < sittings.size(); i++) {
            Sitting it = sittings.get(i);
            all.add(new EveningView(
                    days.get(i),
                    Math.round(it.minutes()) + " min",
                    String.join(
                            ", ",
                            it.pieces().stream()
                                    .map(piece -> piece.step().step().name() + (piece.goesOn() ? " (goes on)" : ""))
                                    .toList())));
        }
        return all;
    }
}
