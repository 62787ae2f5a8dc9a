package belonax.plan;

import belonax.plan.OrderProblem.Task;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/**
 * The fewest changes that the tasks still to do can cost, whatever their order. Never more than the truth, so a search that
 * follows it finds the best.
 *
 * <p>Needles: as many as it takes to serve all tasks, and as many as their hours ask for. Threads: as many as there are; and
 * where tasks can share no needle, each such group sees its threads by itself, and only at a change of needle can a thread go
 * over from one group to the next. Dials likewise, against needles and against threads.
 */
final class LeastChanges {
    private static final int EXACT_UP_TO = 16;
    private static final double A_LITTLE = 1e-9;

    private final OrderProblem problem;
    private final long[] ofMachine;
    /** For each machine and kind the tasks that it serves. */
    private final long[][] serves;

    private final long[] servedNow;
    private final double longestLife;
    private final Map<Long, Integer> fewestNeedles = new HashMap<>();
    private final Map<Long, Left> known = new HashMap<>();

    /**
     * What is left on one machine.
     *
     * @param threads bits of the threads that are still to come
     * @param dials bits of the dials
     * @param groupThreads threads of each group of tasks that share no needle with another group, added up
     * @param groupDials dials likewise
     * @param threadDials pairs of thread and dial
     * @param hours that it costs needles
     */
    private record Left(long threads, long dials, int groupThreads, int groupDials, int threadDials, double hours) {}

    LeastChanges(OrderProblem problem) {
        int machines = problem.starts().size();
        this.problem = problem;
        this.ofMachine = new long[machines];
        this.servedNow = new long[machines];
        this.serves = new long[machines][problem.kinds()];
        for (int i = 0; i < problem.size(); i++) {
            Task task = problem.tasks().get(i);
            ofMachine[task.machine()] |= 1L << i;
            servedNow[task.machine()] |= task.now() ? 1L << i : 0;
            for (long left = task.needles(); left != 0; left &= left - 1) {
                serves[task.machine()][Long.numberOfTrailingZeros(left)] |= 1L << i;
            }
        }
        double longest = 0;
        for (int i = 0; i < problem.kinds(); i++) {
            longest = Math.max(longest, problem.life(i));
        }
        this.longestLife = longest;
    }

    /** Returns the least that follows on a state, packed. */
    long after(OrderState state) {
        long least = 0;
        int others = 0;
        for (int at = 0; at < ofMachine.length; at++) {
            long tasks = ofMachine[at] & ~state.done;
            if (tasks != 0) {
                least += after(state, at, tasks);
                others += at == state.machine() ? 0 : 1;
            }
        }
        boolean begins = state.machine() == OrderProblem.NOTHING && others > 0;
        return least + Changes.packed(0, 0, 0, begins ? others - 1 : others);
    }

    private long after(OrderState state, int at, long tasks) {
        Left left = known.computeIfAbsent(tasks, any -> left(tasks));
        int needles = Math.max(
                needles(at, tasks, state.open(at)), renewals(left.hours(), state.hoursLeft(problem, at, longestLife)));
        int goesOn = isAmong(state.thread(at), left.threads()) ? 1 : 0;
        int threads = Math.max(Long.bitCount(left.threads()), left.groupThreads() - needles) - goesOn;
        int stays = isAmong(state.dial(at), left.dials()) ? 1 : 0;
        int dials = Math.max(
                        Long.bitCount(left.dials()),
                        Math.max(left.groupDials() - needles, left.threadDials() - threads))
                - stays;
        return Changes.packed(needles, threads, Math.max(0, dials), 0);
    }

    /** The first thread, and the first dial, of a machine that nothing is known of is no change. */
    private static boolean isAmong(int now, long all) {
        return now == OrderProblem.NOTHING || (all >> now & 1) != 0;
    }

    private int renewals(double hours, double left) {
        return hours <= left + A_LITTLE ? 0 : (int) Math.ceil((hours - left) / longestLife - A_LITTLE);
    }

    private Left left(long tasks) {
        long threads = 0;
        long dials = 0;
        double hours = 0;
        Set<Integer> pairs = new HashSet<>();
        for (long rest = tasks; rest != 0; rest &= rest - 1) {
            Task task = problem.tasks().get(Long.numberOfTrailingZeros(rest));
            threads |= 1L << task.thread();
            dials |= 1L << task.dial();
            hours += Math.min(longestLife, task.hours());
            pairs.add(64 * task.thread() + task.dial());
        }
        int groupThreads = 0;
        int groupDials = 0;
        long rest = tasks;
        while (rest != 0) {
            long needles = hardest(rest).needles();
            long group = sharing(rest, needles);
            long threadsOf = 0;
            long dialsOf = 0;
            for (long others = group; others != 0; others &= others - 1) {
                Task task = problem.tasks().get(Long.numberOfTrailingZeros(others));
                boolean only = (task.needles() & ~needles) == 0 && !task.now();
                threadsOf |= only ? 1L << task.thread() : 0;
                dialsOf |= only ? 1L << task.dial() : 0;
            }
            groupThreads += Long.bitCount(threadsOf);
            groupDials += Long.bitCount(dialsOf);
            rest &= ~group;
        }
        return new Left(threads, dials, groupThreads, groupDials, pairs.size(), hours);
    }

    /** The needle that is in serves what it can for nothing; the first of all is no change. */
    private int needles(int at, long tasks, long open) {
        if (open == 0) {
            return fewest(at, tasks) - 1;
        }
        int fewest = Integer.MAX_VALUE;
        for (long left = open & ~OrderState.NOW; left != 0; left &= left - 1) {
            fewest = Math.min(fewest, fewest(at, tasks & ~serves[at][Long.numberOfTrailingZeros(left)]));
        }
        if ((open & OrderState.NOW) != 0) {
            fewest = Math.min(fewest, fewest(at, tasks & ~servedNow[at]));
        }
        return fewest;
    }

    /** Returns the smallest number of kinds that serve all of these tasks, or fewer where they are many. */
    private int fewest(int at, long tasks) {
        if (tasks == 0) {
            return 0;
        }
        Integer known = fewestNeedles.get(tasks);
        if (known != null) {
            return known;
        }
        int fewest = Long.bitCount(tasks) > EXACT_UP_TO ? thatShareNone(tasks) : cover(at, tasks);
        fewestNeedles.put(tasks, fewest);
        return fewest;
    }

    private int cover(int at, long tasks) {
        int fewest = Integer.MAX_VALUE;
        for (long left = hardest(tasks).needles(); left != 0; left &= left - 1) {
            long others = tasks & ~serves[at][Long.numberOfTrailingZeros(left)];
            fewest = Math.min(fewest, 1 + fewest(at, others));
        }
        return fewest;
    }

    /** Tasks that share no needle want one each. */
    private int thatShareNone(long tasks) {
        int count = 0;
        for (long left = tasks; left != 0; left &= ~sharing(left, hardest(left).needles())) {
            count++;
        }
        return count;
    }

    /** Returns the tasks that one of these needles serves. */
    private long sharing(long tasks, long needles) {
        long sharing = 0;
        for (long left = tasks; left != 0; left &= left - 1) {
            int task = Long.numberOfTrailingZeros(left);
            sharing |= (problem.tasks().get(task).needles() & needles) != 0 ? 1L << task : 0;
        }
        return sharing;
    }

    /** Returns the task that fewest needles serve. */
    private Task hardest(long tasks) {
        Task hardest = problem.tasks().get(Long.numberOfTrailingZeros(tasks));
        for (long left = tasks; left != 0; left &= left - 1) {
            Task task = problem.tasks().get(Long.numberOfTrailingZeros(left));
            if (Long.bitCount(task.needles()) < Long.bitCount(hardest.needles())) {
                hardest = task;
            }
        }
        return hardest;
    }
}
