package belonax.benchmarks;

import belonax.fault.CheckId;
import belonax.fault.FaultFinder;
import belonax.fault.FaultFinder.Ranking;
import belonax.fault.Glance;
import belonax.fault.Glance.Look;
import belonax.fault.SearchSchool;
import belonax.fault.Symptom;
import belonax.fault.Trouble;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** One ranking of what is left to check. Budget: 1 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class FaultBenchmark {
    private static final FaultFinder FINDER = FaultFinder.standard();

    @Param({"1", "3", "8", "24"})
    private int symptoms;

    private Trouble trouble = Trouble.of(Symptom.JAM);

    @Setup
    public void prepare() {
        trouble = Trouble.told(Set.of(Arrays.copyOf(Symptom.values(), symptoms)))
                .glance(Map.of(Glance.PATH, Look.WRONG, Glance.BOBBIN, Look.RIGHT))
                .checked(
                        List.of(CheckId.NEEDLE_REPLACE, CheckId.RETHREAD_TOP, CheckId.TOP_DIAL),
                        List.of(CheckId.THREAD_SNAG))
                .build();
    }

    @Benchmark
    public Ranking rank() {
        return FINDER.rank(trouble, SearchSchool.LIKELIEST_PER_MINUTE);
    }
}
