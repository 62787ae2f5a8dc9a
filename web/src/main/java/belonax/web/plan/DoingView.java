package belonax.web.plan;

import belonax.machine.FootKind;
import belonax.machine.Machine;
import belonax.machine.Plate;
import belonax.match.Match;
import belonax.plan.JobPlan;
import belonax.plan.JobPlan.From;
import belonax.plan.JobPlan.Group;
import belonax.plan.JobPlan.Planned;
import belonax.room.Words;
import belonax.room.plan.ProjectStep;
import belonax.web.plan.PlanDesk.Worked;
import belonax.web.shared.NeedleWord;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/**
 * The step that is under way: what is changed for it, and where one is led through that.
 *
 * @param changes what to change, a line each; empty for nothing
 * @param fit the needle that Fit leads through; null where the right one is in
 * @param fitWords the same in words
 * @param balances whether Balance comes first
 * @param minutesAsked how the minutes are asked for, with those that the timer counted so far
 */
public record DoingView(
        String step,
        String name,
        String machine,
        String machineId,
        List<String> changes,
        @Nullable String fit,
        String fitWords,
        boolean balances,
        String minutesAsked) {

    static Optional<DoingView> of(Worked worked, ToDoubleFunction<ProjectStep> took, Function<Planned, Match> matched) {
        return worked.project().card().steps().stream()
                .filter(ProjectStep::isUnderWay)
                .findFirst()
                .flatMap(step -> worked.plan()
                        .flatMap(plan -> plan.find(step.id())
                                .map(planned -> of(worked, plan, step, planned, took.applyAsDouble(step), matched))));
    }

    private static DoingView of(
            Worked worked,
            JobPlan plan,
            ProjectStep step,
            Planned planned,
            double took,
            Function<Planned, Match> matched) {
        boolean fitted = plan.groups().stream()
                .filter(group -> group.steps().contains(planned))
                .map(Group::from)
                .anyMatch(From.IN_THE_MACHINE::equals);
        String needle = planned.needle().needle().words();
        FootKind foot = matched.apply(planned).foot().kind();
        List<String> changes = new ArrayList<>();
        if (!fitted) {
            changes.add("Needle: " + needle + ".");
        }
        changes.add("Thread: " + step.work().top().words() + ", above and on the bobbin.");
        changes.add("Foot: " + foot.words() + ".");
        if (planned.step().stitch().widthMm() > 0
                && machine(worked, step).plate().kind() == Plate.STRAIGHT) {
            changes.add("Plate: one with a slot; a wide stitch strikes the plate that is on.");
        }
        changes.add("Dial: from " + Words.number(planned.dial()) + ".");
        return new DoingView(
                step.id(),
                step.name(),
                machine(worked, step).name(),
                step.machineId(),
                changes,
                fitted ? null : NeedleWord.inAddress(planned.needle().needle()),
                needle,
                planned.newBalance(),
                took > 0
                        ? "Minutes at the needle; empty for the " + Math.round(took) + " that the timer counted"
                        : "Minutes at the needle; the timer has counted none yet");
    }

    private static Machine machine(Worked worked, ProjectStep step) {
        return Objects.requireNonNull(worked.machines().get(step.machineId())).machine();
    }
}
