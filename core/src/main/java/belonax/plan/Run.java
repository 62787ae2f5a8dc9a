package belonax.plan;

import java.util.ArrayList;
import java.util.List;

/**
 * Steps that one needle sews in one machine, one after the other.
 *
 * @param isFirst whether it goes on with what was in the machine
 */
record Run(int machine, boolean isFirst, List<Sewn> sewn) {

    /** A step with what is changed before it. */
    record Sewn(int step, Changes changed) {}

    /** Cuts an order into its runs, by the first step of each. */
    static List<Run> of(OrderProblem problem, List<Integer> order) {
        List<Run> runs = new ArrayList<>();
        Run[] open = new Run[problem.starts().size()];
        OrderState state = OrderState.start(problem);
        for (int step : order) {
            int at = problem.tasks().get(step).machine();
            OrderState then = state.then(problem, step);
            Changes changed = Changes.unpacked(then.cost - state.cost);
            if (open[at] == null || changed.needle() > 0) {
                boolean goesOn = open[at] == null && changed.needle() == 0;
                open[at] = new Run(at, goesOn && problem.starts().get(at).hasNeedle(), new ArrayList<>());
                runs.add(open[at]);
            }
            open[at].sewn().add(new Sewn(step, changed));
            state = then;
        }
        return runs;
    }
}
