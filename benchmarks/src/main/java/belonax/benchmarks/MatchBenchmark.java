package belonax.benchmarks;

import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.match.Match;
import belonax.match.MatchRequest;
import belonax.match.NeedleMatcher;
import belonax.match.SetupCheck;
import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.thread.SewingThread;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** One match, from the sentence to the ranked list. The budget is 50 microseconds. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class MatchBenchmark {
    private final NeedleMatcher matcher = NeedleMatcher.standard();
    private final SetupCheck check = new SetupCheck(matcher);
    private final ClothCatalogue cloths = ClothCatalogue.standard();
    private final NeedleInUse fitted =
            NeedleInUse.fresh(Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_80));

    @Param({"quilting-cotton", "swim-knit", "denim-heavy", "leather-garment"})
    public String cloth = "quilting-cotton";

    @Param({"25", "80"})
    public double tex = 25;

    @Benchmark
    public Match match() {
        return matcher.match(request());
    }

    @Benchmark
    public SetupCheck.Checked check() {
        return check.check(request(), fitted);
    }

    private MatchRequest request() {
        return MatchRequest.of(Job.sewing(Stack.of(cloths.get(cloth), 2), SewingThread.spunPolyester(tex))
                .purpose(Purpose.SEAM)
                .build());
    }
}
