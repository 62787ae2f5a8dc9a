package belonax.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;

/**
 * Finds an order with the fewest changes: best first, led by what must still follow at least (A*, Hart, Nilsson and Raphael,
 * 1968), so the first whole order that is taken up is proven best. Where that takes too long, the best of several good
 * orders is mended by moving steps about, and said to be unproven unless it costs no more than any order must. No clock is
 * asked: the same job always gives the same order.
 */
final class OrderSearch {
    /** So many states are looked at before the proof is given up. */
    private static final int MAX_STATES = 80_000;

    /** Where so many steps are left open the proof mostly fails, and the time is better spent on mending. */
    private static final int LARGE = 30;

    private static final int MAX_STATES_OF_LARGE = 8_000;

    private record Open(OrderState state, long least, int number) {}

    private static final Comparator<Open> MAX_PROMISING_FIRST = Comparator.comparingLong(Open::least)
            .thenComparing(open -> -Long.bitCount(open.state().done))
            .thenComparingInt(Open::number);

    private final OrderProblem problem;
    private final LeastChanges bound;
    private final boolean wearsOut;

    OrderSearch(OrderProblem problem) {
        this.problem = problem;
        this.bound = new LeastChanges(problem);
        this.wearsOut = problem.wearsOut();
    }

    /**
     * An order.
     *
     * @param proven whether no order costs less
     */
    record Found(List<Integer> order, Changes changes, boolean proven) {
        Found {
            order = List.copyOf(order);
        }
    }

    Found best() {
        Map<OrderState.Key, List<OrderState>> seen = new HashMap<>();
        PriorityQueue<Open> open = new PriorityQueue<>(MAX_PROMISING_FIRST);
        OrderState start = OrderState.start(problem);
        open.add(new Open(start, bound.after(start), 0));
        int most = problem.size() < LARGE ? MAX_STATES : MAX_STATES_OF_LARGE;
        int number = 0;
        while (!open.isEmpty() && number < most) {
            OrderState state = open.remove().state();
            if (Long.bitCount(state.done) == problem.size()) {
                return found(state, true);
            }
            for (int next : worthTrying(state)) {
                OrderState then = state.then(problem, next);
                if (isNew(then, seen)) {
                    number++;
                    open.add(new Open(then, then.cost + bound.after(then), number));
                }
            }
        }
        OrderState good = new GoodOrders(problem, bound).best();
        return found(good, good.cost == bound.after(start));
    }

    private static Found found(OrderState end, boolean proven) {
        return new Found(end.order(), Changes.unpacked(end.cost), proven);
    }

    /** A step that changes nothing is sewn at once: sewn later it would cost no less. Where needles wear out it might. */
    private List<Integer> worthTrying(OrderState state) {
        List<Integer> next = new ArrayList<>();
        for (int i = 0; i < problem.size(); i++) {
            if (state.allows(problem, i)) {
                if (!wearsOut && state.isFree(problem, i)) {
                    return List.of(i);
                }
                next.add(i);
            }
        }
        return next;
    }

    private boolean isNew(OrderState state, Map<OrderState.Key, List<OrderState>> seen) {
        List<OrderState> like = seen.computeIfAbsent(state.key(), any -> new ArrayList<>(1));
        for (OrderState orderState : like) {
            if (orderState.cost <= state.cost && (!wearsOut || orderState.isAtLeastAsFresh(state))) {
                return false;
            }
        }
        like.removeIf(orderState -> orderState.cost >= state.cost && (!wearsOut || state.isAtLeastAsFresh(orderState)));
        like.add(state);
        return true;
    }
}
