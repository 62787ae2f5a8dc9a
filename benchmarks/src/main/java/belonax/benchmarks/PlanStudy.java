package belonax.benchmarks;

import belonax.match.NeedleMatcher;
import belonax.needle.Needle;
import belonax.plan.Changes;
import belonax.plan.JobPlan;
import belonax.plan.JobPlanner;
import belonax.plan.Step;
import belonax.plan.Supplies;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.function.Function;

/**
 * How many changes does an order save? Five hundred made-up jobs of 6 to 20 steps: ours against the order in which the steps
 * were entered, and against going on with the same colour, or with the same needle, as long as there is one to sew.
 */
public final class PlanStudy {
    private static final long SEED = 20_261_127;
    private static final int JOBS = 500;
    /** What a step really takes differs from what is worked out. */
    private static final double SPREAD = 0.12;
    /** A spool that is said to reach has so much to spare. */
    private static final double SPARE = 1.1;

    private PlanStudy() {}

    /** What a way of ordering cost over all jobs. */
    private static final class Tally {
        private int needle;
        private int thread;
        private int balance;

        void add(Changes it) {
            needle += it.needle();
            thread += it.thread();
            balance += it.balance();
        }

        String words(String name) {
            double minutes = needle * JobPlan.NEEDLE_MINUTES
                    + thread * JobPlan.THREAD_MINUTES
                    + balance * JobPlan.BALANCE_MINUTES;
            return String.format(
                    Locale.ROOT,
                    "| %s | %.2f | %.2f | %.2f | %.0f |",
                    name,
                    (double) needle / JOBS,
                    (double) thread / JOBS,
                    (double) balance / JOBS,
                    minutes / JOBS);
        }
    }

    public static void main(String[] args) {
        JobPlanner planner = new JobPlanner(NeedleMatcher.standard());
        SplittableRandom chance = new SplittableRandom(SEED);
        Tally ours = new Tally();
        Tally entered = new Tally();
        Tally byColour = new Tally();
        Tally byNeedle = new Tally();
        int proven = 0;
        int ranOut = 0;
        int ranOutUntold = 0;
        int toldForNothing = 0;
        for (int i = 0; i < JOBS; i++) {
            SplittableRandom own = chance.split();
            MadeUpJob job = MadeUpJob.of(own, 6 + own.nextInt(15));
            JobPlan plan = planner.plan(job.steps(), job.stations(), Supplies.none());
            proven += plan.proven() ? 1 : 0;
            ours.add(plan.changes());
            entered.add(plan.asEntered());
            Map<String, Needle> best = new HashMap<>();
            NeedleMatcher matcher = NeedleMatcher.standard();
            job.steps()
                    .forEach(it ->
                            best.put(it.id(), matcher.match(it.asked()).best().needle()));
            byColour.add(price(planner, job, Step::thread));
            byNeedle.add(price(planner, job, it -> Objects.requireNonNull(best.get(it.id()))));
            Map<String, Double> needed = new HashMap<>();
            Map<String, Double> truly = new HashMap<>();
            plan.steps().forEach(it -> {
                double metres = it.use().topMetres() + it.use().bobbinMetres();
                needed.merge(it.step().thread(), metres, Double::sum);
                truly.merge(it.step().thread(), metres * Math.exp(SPREAD * own.nextGaussian()), Double::sum);
            });
            for (Map.Entry<String, Double> it : needed.entrySet()) {
                double left = own.nextDouble(5, 200);
                boolean told = it.getValue() * SPARE > left;
                boolean out = truly.getOrDefault(it.getKey(), 0.0) > left;
                ranOut += out ? 1 : 0;
                ranOutUntold += out && !told ? 1 : 0;
                toldForNothing += told && !out ? 1 : 0;
            }
        }
        System.out.println("| order | needle changes | thread changes | re-balancings | minutes of changing |");
        System.out.println("|---|---|---|---|---|");
        System.out.println(entered.words("as entered"));
        System.out.println(byColour.words("by colour"));
        System.out.println(byNeedle.words("by needle"));
        System.out.println(ours.words("ours"));
        System.out.printf(Locale.ROOT, "proven best: %d of %d%n", proven, JOBS);
        System.out.printf(
                Locale.ROOT,
                "spools that ran out: %d; of these not told before the first stitch: %d; told and lasted: %d%n",
                ranOut,
                ranOutUntold,
                toldForNothing);
    }

    /** Prices going on with what is alike as long as there is some of it to sew. */
    private static Changes price(JobPlanner planner, MadeUpJob job, Function<Step, Object> alike) {
        List<Step> order = new ArrayList<>();
        List<Step> left = new ArrayList<>(job.steps());
        Set<String> done = new HashSet<>();
        Object now = null;
        while (!left.isEmpty()) {
            Step next = null;
            for (Step it : left) {
                boolean open = done.containsAll(it.after());
                if (open
                        && (next == null
                                || alike.apply(it).equals(now)
                                        && !alike.apply(next).equals(now))) {
                    next = it;
                }
            }
            Step sewn = Objects.requireNonNull(next);
            left.remove(sewn);
            order.add(sewn);
            done.add(sewn.id());
            now = alike.apply(sewn);
        }
        return planner.plan(order, job.stations(), Supplies.none()).asEntered();
    }
}
