package belonax.benchmarks;

import belonax.needle.LooseNeedle;
import belonax.needle.NeedleLabel;
import belonax.needle.Shank;
import belonax.thread.ThreadLabel;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Reading what is printed. The budget is one millisecond a label. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class ReaderBenchmark {
    private final String packet = "130/705 H-S ZWI 4,0 / 75 titanium 5 needles";
    private final String longest = "bramble ".repeat(24);
    private final String spool = "No. 120, 100% polyester, 200 m, 5 g";

    @Benchmark
    public NeedleLabel.Reading packet() {
        return NeedleLabel.read(packet);
    }

    @Benchmark
    public NeedleLabel.Reading longestPacketOfUnknownWords() {
        return NeedleLabel.read(longest + "80/12");
    }

    @Benchmark
    public ThreadLabel.Answer spool() {
        return ThreadLabel.read(spool);
    }

    @Benchmark
    public LooseNeedle.Answer looseNeedle() {
        return LooseNeedle.identify(Shank.ROUND, 2.0, 38.5);
    }
}
