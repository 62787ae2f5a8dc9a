package belonax.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * Good orders for jobs too large to prove: as entered, always to the nearest step, and along a beam of the most promising
 * beginnings; the best of them is mended by moving one step, or several in a row, to another place while that helps.
 */
final class GoodOrders {
    private static final int BEAM = 20;
    private static final int LONGEST_MOVED = 6;
    /** So many steps are tried in another place before it is left as it is. */
    private static final int MAX_LOOKS = 700_000;

    private final OrderProblem problem;
    private final LeastChanges bound;
    private int looks;

    GoodOrders(OrderProblem problem, LeastChanges bound) {
        this.problem = problem;
        this.bound = bound;
    }

    /** Returns the end of the best that was found. */
    OrderState best() {
        OrderState best = asEntered(problem);
        for (OrderState orderState : List.of(nearest(problem), alongABeam())) {
            best = orderState.cost < best.cost ? orderState : best;
        }
        return mended(best);
    }

    /** Returns the steps as they were entered, as far as what comes before them allows. */
    static OrderState asEntered(OrderProblem problem) {
        OrderState state = OrderState.start(problem);
        for (int done = 0; done < problem.size(); done++) {
            int next = 0;
            while (!state.allows(problem, next)) {
                next++;
            }
            state = state.then(problem, next);
        }
        return state;
    }

    /** Returns the order that always goes on with what costs least just now. */
    static OrderState nearest(OrderProblem problem) {
        OrderState state = OrderState.start(problem);
        for (int done = 0; done < problem.size(); done++) {
            OrderState nearest = null;
            for (OrderState orderState : following(problem, state)) {
                nearest = nearest == null || orderState.cost < nearest.cost ? orderState : nearest;
            }
            state = nearest == null ? state : nearest;
        }
        return state;
    }

    private static List<OrderState> following(OrderProblem problem, OrderState state) {
        List<OrderState> all = new ArrayList<>();
        for (int i = 0; i < problem.size(); i++) {
            if (state.allows(problem, i)) {
                all.add(state.then(problem, i));
            }
        }
        return all;
    }

    private record Begun(OrderState state, long least) {}

    private OrderState alongABeam() {
        List<OrderState> beam = List.of(OrderState.start(problem));
        for (int done = 0; done < problem.size(); done++) {
            beam = beam.stream()
                    .flatMap(orderState -> following(problem, orderState).stream())
                    .map(orderState -> new Begun(orderState, orderState.cost + bound.after(orderState)))
                    .sorted(Comparator.comparingLong(Begun::least))
                    .map(Begun::state)
                    .filter(distinctKeys())
                    .limit(BEAM)
                    .toList();
        }
        return beam.get(0);
    }

    private static Predicate<OrderState> distinctKeys() {
        Set<OrderState.Key> seen = new HashSet<>();
        return orderState -> seen.add(orderState.key());
    }

    private OrderState mended(OrderState from) {
        OrderState best = from;
        OrderState better = better(best);
        while (better != null && looks < MAX_LOOKS) {
            best = better;
            better = better(best);
        }
        return best;
    }

    private @Nullable OrderState better(OrderState than) {
        List<Integer> order = than.order();
        List<OrderState> along = than.along();
        for (int length = 1; length <= Math.min(LONGEST_MOVED, order.size() - 1); length++) {
            for (int from = 0; from + length <= order.size(); from++) {
                for (int to = 0; to + length <= order.size(); to++) {
                    OrderState moved = to == from
                            ? null
                            : cheaper(along.get(Math.min(from, to)), moved(order, from, length, to), than.cost);
                    if (moved != null || looks >= MAX_LOOKS) {
                        return moved;
                    }
                }
            }
        }
        return null;
    }

    private static List<Integer> moved(List<Integer> order, int from, int length, int to) {
        List<Integer> moved = new ArrayList<>(order);
        List<Integer> row = moved.subList(from, from + length);
        List<Integer> taken = List.copyOf(row);
        row.clear();
        moved.addAll(to, taken);
        return moved;
    }

    /** Returns where the rest of an order leads; nothing where it cannot be sewn so, or costs no less. */
    private @Nullable OrderState cheaper(OrderState from, List<Integer> order, long than) {
        OrderState state = from;
        for (int next : order.subList(Long.bitCount(from.done), order.size())) {
            if (state.cost >= than || !state.allows(problem, next)) {
                return null;
            }
            state = state.then(problem, next);
            looks++;
        }
        return state.cost < than ? state : null;
    }
}
