package belonax.benchmarks;

import belonax.cloth.ClothCatalogue;
import belonax.cloth.Layers;
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
import java.util.stream.Stream;
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

    /** Cloths of the stack with their layers; the last is four cloths of a bag's corner. */
    @Param({
        "quilting-cotton*2",
        "swim-knit*2",
        "denim-heavy*2",
        "leather-garment*2",
        "canvas*2+single-jersey*1+interfacing-woven*1+webbing-narrow*1"
    })
    public String stack = "quilting-cotton*2";

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
        return MatchRequest.of(Job.sewing(stack(), SewingThread.spunPolyester(tex))
                .purpose(Purpose.SEAM)
                .build());
    }

    private Stack stack() {
        return Stack.of(Stream.of(stack.split("\\+"))
                .map(it -> it.split("\\*"))
                .map(it -> new Layers(cloths.get(it[0]), Integer.parseInt(it[1])))
                .toList());
    }
}
