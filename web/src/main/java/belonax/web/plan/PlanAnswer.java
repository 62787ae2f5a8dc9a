package belonax.web.plan;

import belonax.plan.JobPlan;
import belonax.web.shared.api.NeedleAnswer;
import java.util.List;

/** What {@code POST /plan} answers; the names are the contract's. */
record PlanAnswer(
        List<String> order,
        List<GroupAnswer> groups,
        int needleChanges,
        int threadChanges,
        int rebalancings,
        List<StepAnswer> steps,
        TotalsAnswer totals,
        boolean optimal) {

    /** Steps that one needle sews. */
    record GroupAnswer(NeedleAnswer needle, List<String> steps) {}

    /** What a step takes, in the order of sewing. */
    record StepAnswer(
            String id,
            NeedleAnswer needle,
            double stitches,
            double minutes,
            double topThreadMetres,
            double bobbinThreadMetres,
            double effectiveHours,
            double startingDial) {
        static StepAnswer of(JobPlan.Planned planned) {
            return new StepAnswer(
                    planned.step().id(),
                    NeedleAnswer.of(null, planned.needle()),
                    planned.use().stitches(),
                    planned.use().minutes(),
                    planned.use().topMetres(),
                    planned.use().bobbinMetres(),
                    planned.use().effectiveHours(),
                    planned.dial());
        }
    }

    /** The job as a whole; changeovers are told apart. */
    record TotalsAnswer(
            double minutes,
            double changeoverMinutes,
            double topThreadMetres,
            double bobbinThreadMetres,
            int bobbins,
            int needles) {}

    static PlanAnswer of(JobPlan plan) {
        return new PlanAnswer(
                plan.steps().stream().map(planned -> planned.step().id()).toList(),
                plan.groups().stream()
                        .map(group -> new GroupAnswer(
                                NeedleAnswer.of(null, group.needle()),
                                group.steps().stream()
                                        .map(step -> step.step().id())
                                        .toList()))
                        .toList(),
                plan.changes().needle(),
                plan.changes().thread(),
                plan.changes().balance(),
                plan.steps().stream().map(StepAnswer::of).toList(),
                new TotalsAnswer(
                        plan.minutes(),
                        plan.changeoverMinutes(),
                        plan.topMetres(),
                        plan.bobbinMetres(),
                        plan.bobbins(),
                        plan.needles()),
                plan.proven());
    }
}
