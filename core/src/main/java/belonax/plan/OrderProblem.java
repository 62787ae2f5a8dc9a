package belonax.plan;

import java.util.List;

/** The bare question of the order: at most 60 tasks on machines, with the kinds of needles that serve each. */
final class OrderProblem {
    static final int NOTHING = -1;

    private final List<Task> tasks;
    private final double[] lives;
    private final List<Start> starts;

    /**
     * @param lives effective hours that a fresh needle of each kind lasts; kinds are bits
     * @param starts how each machine stands before the first task
     */
    OrderProblem(List<Task> tasks, double[] lives, List<Start> starts) {
        this.tasks = List.copyOf(tasks);
        this.lives = lives.clone();
        this.starts = List.copyOf(starts);
    }

    /**
     * A step.
     *
     * @param before bits of the tasks that come before it
     * @param machine number of its machine
     * @param needles bits of the kinds that serve it
     * @param now whether the needle that is in its machine now serves it
     * @param hours that it costs a needle
     * @param thread number of its thread
     * @param dial number of its expected dial
     */
    record Task(long before, int machine, long needles, boolean now, double hours, int thread, int dial) {}

    /**
     * A machine before the first task.
     *
     * @param hasNeedle whether the needle that is in it counts; else a first needle is no change
     * @param hoursLeft of that needle
     * @param thread on it, or {@link #NOTHING}
     * @param dial where it stands, or {@link #NOTHING}
     */
    record Start(boolean hasNeedle, double hoursLeft, int thread, int dial) {}

    List<Task> tasks() {
        return tasks;
    }

    List<Start> starts() {
        return starts;
    }

    double life(int kind) {
        return lives[kind];
    }

    int kinds() {
        return lives.length;
    }

    int size() {
        return tasks.size();
    }

    /** Tells whether a needle can run out of hours within the job; else hours are no part of the question. */
    boolean wearsOut() {
        double[] hours = new double[starts.size()];
        for (Task task : tasks) {
            hours[task.machine()] += task.hours();
        }
        for (int i = 0; i < hours.length; i++) {
            if (starts.get(i).hasNeedle() && hours[i] > starts.get(i).hoursLeft()) {
                return true;
            }
            for (double life : lives) {
                if (hours[i] > life) {
                    return true;
                }
            }
        }
        return false;
    }
}
