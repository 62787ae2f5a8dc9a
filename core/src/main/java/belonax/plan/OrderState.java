package belonax.plan;

import belonax.plan.OrderProblem.Start;
import belonax.plan.OrderProblem.Task;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Some tasks are done: which needles can still be the one in each machine, how worn it is, which thread and dial it stands at.
 * Which needle it was is decided when the run has ended, for the next change costs the same whichever it was; so an order
 * has one cost, and a run goes on as long as one needle serves all of it.
 */
final class OrderState {
    /** The needle that was in the machine at the start, as a bit beside the kinds. */
    static final long NOW = 1L << 62;

    private static final double A_LITTLE = 1e-9;

    final long done;
    final long cost;
    /** The task that led here, and where from; none at the start. */
    final int task;

    final @Nullable OrderState from;
    private final long[] open;
    private final double[] hours;
    private final int[] thread;
    private final int[] dial;
    private final int machine;

    private OrderState(
            long done,
            long cost,
            int task,
            @Nullable OrderState from,
            long[] open,
            double[] hours,
            int[] thread,
            int[] dial,
            int machine) {
        this.done = done;
        this.cost = cost;
        this.task = task;
        this.from = from;
        this.open = open;
        this.hours = hours;
        this.thread = thread;
        this.dial = dial;
        this.machine = machine;
    }

    static OrderState start(OrderProblem problem) {
        int machines = problem.starts().size();
        long[] open = new long[machines];
        int[] thread = new int[machines];
        int[] dial = new int[machines];
        for (int i = 0; i < machines; i++) {
            Start start = problem.starts().get(i);
            open[i] = start.hasNeedle() ? NOW : 0;
            thread[i] = start.thread();
            dial[i] = start.dial();
        }
        return new OrderState(
                0, 0, OrderProblem.NOTHING, null, open, new double[machines], thread, dial, OrderProblem.NOTHING);
    }

    /** Tells whether a task is open: it is not done, and all is that comes before it. */
    boolean allows(OrderProblem problem, int task) {
        return (done >> task & 1) == 0 && (problem.tasks().get(task).before() & ~done) == 0;
    }

    /** Returns what follows when a task is sewn next. */
    OrderState then(OrderProblem problem, int next) {
        Task task = problem.tasks().get(next);
        int at = task.machine();
        long serves = stillServes(problem, task);
        boolean goesOn = serves != 0;
        long[] opens = open.clone();
        opens[at] = goesOn ? serves : lasting(problem, task.needles(), task.hours());
        double[] worn = hours.clone();
        worn[at] = goesOn ? hours[at] + task.hours() : task.hours();
        int[] threads = thread.clone();
        threads[at] = task.thread();
        int[] dials = dial.clone();
        dials[at] = task.dial();
        long added = Changes.packed(
                goesOn || open[at] == 0 ? 0 : 1,
                changes(thread[at], task.thread()),
                changes(dial[at], task.dial()),
                changes(machine, at));
        return new OrderState(done | 1L << next, cost + added, next, this, opens, worn, threads, dials, at);
    }

    private static int changes(int from, int to) {
        return from == OrderProblem.NOTHING || from == to ? 0 : 1;
    }

    /** Tells whether a task changes nothing at all now, not even which needles can be in. */
    boolean isFree(OrderProblem problem, int next) {
        Task task = problem.tasks().get(next);
        int at = task.machine();
        return at == machine
                && open[at] != 0
                && stillServes(problem, task) == open[at]
                && thread[at] == task.thread()
                && dial[at] == task.dial();
    }

    /** Returns the needles that can have served all of this run, and last for one more task. */
    private long stillServes(OrderProblem problem, Task task) {
        int at = task.machine();
        long serves = open[at] & (task.needles() | (task.now() ? NOW : 0));
        double worn = hours[at] + task.hours();
        long lasts = serves & ~NOW;
        for (long left = lasts; left != 0; left &= left - 1) {
            int kind = Long.numberOfTrailingZeros(left);
            if (worn > problem.life(kind) + A_LITTLE) {
                lasts &= ~(1L << kind);
            }
        }
        boolean nowLasts =
                (serves & NOW) != 0 && worn <= problem.starts().get(at).hoursLeft() + A_LITTLE;
        return lasts | (nowLasts ? NOW : 0);
    }

    /** A task that outlasts a whole needle is begun with a fresh one all the same. */
    private static long lasting(OrderProblem problem, long needles, double hours) {
        long lasts = needles;
        for (long left = needles; left != 0; left &= left - 1) {
            int kind = Long.numberOfTrailingZeros(left);
            if (hours > problem.life(kind) + A_LITTLE) {
                lasts &= ~(1L << kind);
            }
        }
        return lasts == 0 ? needles : lasts;
    }

    boolean isAtLeastAsFresh(OrderState other) {
        for (int i = 0; i < hours.length; i++) {
            if (hours[i] > other.hours[i] + A_LITTLE) {
                return false;
            }
        }
        return true;
    }

    /** Returns the hours that the needle in a machine has left at most. */
    double hoursLeft(OrderProblem problem, int machine, double longestLife) {
        double life = open[machine] == NOW ? problem.starts().get(machine).hoursLeft() : longestLife;
        return Math.max(0, life - hours[machine]);
    }

    /** Returns the machine that was sewn on last, or {@link OrderProblem#NOTHING}. */
    int machine() {
        return machine;
    }

    long open(int machine) {
        return open[machine];
    }

    int thread(int machine) {
        return thread[machine];
    }

    int dial(int machine) {
        return dial[machine];
    }

    /** Returns what states share from which the same things can follow, wear aside. */
    Key key() {
        long[] words = new long[2 + 2 * open.length];
        words[0] = done;
        words[1] = machine;
        for (int i = 0; i < open.length; i++) {
            words[2 + 2 * i] = open[i];
            words[3 + 2 * i] = (long) thread[i] << 32 | dial[i] & 0xFFFFFFFFL;
        }
        return new Key(words);
    }

    /** Compared by what is in it. */
    static final class Key {
        private final long[] words;

        private Key(long[] words) {
            this.words = words;
        }

        @Override
        public boolean equals(@Nullable Object other) {
            return other instanceof Key key && Arrays.equals(words, key.words);
        }

        @Override
        public int hashCode() {
            return Arrays.hashCode(words);
        }
    }

    /** Returns the states that led here, the start first, and this one last. */
    List<OrderState> along() {
        List<OrderState> along = new ArrayList<>();
        OrderState at = this;
        while (at != null) {
            along.add(0, at);
            at = at.from;
        }
        return along;
    }

    /** Returns the tasks in their order. */
    List<Integer> order() {
        return along().stream().skip(1).map(orderState -> orderState.task).toList();
    }
}
