package belonax.web.plan;

import belonax.plan.Changes;
import belonax.plan.JobPlan;
import belonax.room.Words;
import belonax.room.plan.Project;
import belonax.room.plan.ProjectStep;
import belonax.web.plan.PlanDesk.Worked;
import belonax.web.plan.PlanView.StepView;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/** What is said of a plan as a whole: how many changes it saves, what comes next, what one's own wishes cost. */
final class PlanWords {
    private PlanWords() {}

    static String about(Project project, Optional<JobPlan> plan) {
        int open = (int) project.steps().stream()
                .filter(projectStep -> !projectStep.isDone())
                .count();
        String left = open == project.steps().size()
                ? Words.count(open, "step")
                : open + " of " + Words.count(project.steps().size(), "step") + " to sew";
        return left
                + plan.map(jobPlan -> ", " + hours(jobPlan.minutes() + jobPlan.changeoverMinutes()))
                        .orElse("");
    }

    static String hours(double minutes) {
        long all = Math.round(minutes);
        return all < 60 ? all + " min" : all / 60 + " h " + (all % 60 == 0 ? "" : all % 60 + " min");
    }

    static String headline(Project project, Optional<JobPlan> plan) {
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

    static String why(Optional<JobPlan> plan, Map<String, StepView> views) {
        return plan.map(jobPlan -> (jobPlan.proven()
                                ? "In this order, proven the fewest."
                                : "A good order; with so many steps it is not proven the best.")
                        + ' '
                        + first(Objects.requireNonNull(
                                views.get(jobPlan.steps().get(0).step().id()))))
                .orElse("");
    }

    private static String first(StepView step) {
        return (step.underWay() ? "Under way: " : "Next: ") + step.name() + ".";
    }

    static String wishes(Worked worked, Optional<JobPlan> plan) {
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

    static String totals(Worked worked, JobPlan plan) {
        var units = worked.stock().units();
        return units.say(String.format(
                Locale.ROOT,
                "Top thread %.0f m, from the bobbin %.0f m, %s to wind, %s.",
                plan.topMetres(),
                plan.bobbinMetres(),
                Words.count(plan.bobbins(), "bobbin"),
                Words.count(plan.needles(), "needle")));
    }
}
