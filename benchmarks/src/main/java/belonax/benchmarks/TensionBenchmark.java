package belonax.benchmarks;

import belonax.balance.Advice;
import belonax.balance.BalanceSetup;
import belonax.balance.DialAdvisor;
import belonax.balance.PastBalance;
import belonax.balance.Strip;
import belonax.balance.TopFace;
import belonax.balance.Underside;
import belonax.machine.BobbinKind;
import belonax.machine.Dial;
import belonax.machine.DialKind;
import belonax.thread.Build;
import belonax.thread.SewingThread;
import belonax.thread.Tex;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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

/** The next dial, after some strips on a machine with some past. Budget: 2 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class TensionBenchmark {
    @Param({"0", "3", "12", "40"})
    private int strips;

    @Param({"0", "200"})
    private int past;

    /** The usual step, and one so fine that the dial is looked at in coarser ones. */
    @Param({"0.25", "0.01"})
    private double step;

    private BalanceSetup setup = setup(0.25);
    private List<PastBalance> known = List.of();
    private List<Strip> sewn = List.of();

    @Setup
    public void prepare() {
        setup = setup(step);
        known = new ArrayList<>();
        for (int i = 0; i < past; i++) {
            known.add(new PastBalance(3 + i % 5 * 0.5, 0.4 + i % 7 * 0.2, new Tex(16 + i % 30), 0, Build.SPUN));
        }
        sewn = new ArrayList<>();
        for (int i = 0; i < strips; i++) {
            sewn.add(Strip.of(
                    3 + i % 4 * 0.5,
                    i % 3 == 0 ? TopFace.DOTS : TopFace.CLEAN,
                    i % 3 == 1 ? Underside.LOOPS : Underside.CLEAN));
        }
    }

    @Benchmark
    public Advice next() {
        return DialAdvisor.advise(setup, known, sewn);
    }

    private static BalanceSetup setup(double step) {
        return new BalanceSetup(
                new Dial(DialKind.NUMBERED, 0, 9, step, 3, 5),
                BobbinKind.REMOVABLE,
                0.7,
                0,
                SewingThread.spunPolyester(25),
                Optional.empty());
    }
}
