package belonax.benchmarks;

import belonax.match.NeedleMatcher;
import belonax.plan.JobPlan;
import belonax.plan.JobPlanner;
import belonax.plan.Supplies;
import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.infra.Blackhole;

/** Planning made-up jobs, the matching of their needles included. Budget: 200 ms for 15 steps, a second for 60. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 3)
public class PlanBenchmark {
    private static final int JOBS = 8;

    @Param({"8", "12", "15", "30", "60"})
    private int steps;

    private final JobPlanner planner = new JobPlanner(NeedleMatcher.standard());
    private MadeUpJob[] jobs = {};

    @Setup
    public void prepare() {
        SplittableRandom chance = new SplittableRandom(20261127);
        jobs = new MadeUpJob[JOBS];
        for (int i = 0; i < JOBS; i++) {
            jobs[i] = MadeUpJob.of(chance.split(), steps);
        }
    }

    @Benchmark
    @OperationsPerInvocation(JOBS)
    public void plan(Blackhole hole) {
        for (MadeUpJob it : jobs) {
            JobPlan plan = planner.plan(it.steps(), it.stations(), Supplies.none());
            hole.consume(plan);
        }
    }
}
