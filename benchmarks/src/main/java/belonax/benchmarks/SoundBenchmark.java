package belonax.benchmarks;

import belonax.sound.EnvelopeMeter;
import belonax.sound.Heard;
import belonax.sound.Loudness;
import belonax.sound.SimulatedMicrophone;
import belonax.sound.SimulatedRoom;
import belonax.sound.SimulatedRoom.Setting;
import belonax.sound.SimulatedRoom.Sewing;
import belonax.sound.StitchEar;
import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Ten seconds of sewing, as samples and as an envelope, heard by an ear that goes on listening. Budget: 50 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class SoundBenchmark {
    private static final int SAMPLE_RATE = 48_000;
    private static final int STEPS = 10 * Loudness.PER_SECOND;

    private final double[] samples = new double[10 * SAMPLE_RATE];
    private final Loudness[] steps = new Loudness[STEPS];
    private final StitchEar ear = new StitchEar(knock -> {});
    private final StitchEar earOfSamples = new StitchEar(knock -> {});
    private final EnvelopeMeter meter = new EnvelopeMeter(SAMPLE_RATE, earOfSamples::hear);
    private int filled;

    @Setup
    public void record() {
        Setting sewing = Setting.quiet(Sewing.on(9, 60), 10);
        SimulatedRoom room = new SimulatedRoom(sewing, new SplittableRandom(1));
        new SimulatedMicrophone(room, SAMPLE_RATE, new SplittableRandom(2)).record(STEPS, this::keep);
        SimulatedRoom again = new SimulatedRoom(sewing, new SplittableRandom(1));
        for (int i = 0; i < STEPS; i++) {
            steps[i] = again.next();
        }
    }

    private void keep(double sample) {
        if (filled < samples.length) {
            samples[filled++] = sample;
        }
    }

    @Benchmark
    public Heard envelope() {
        for (Loudness step : steps) {
            ear.hear(step);
        }
        return ear.heard();
    }

    @Benchmark
    public Heard samples() {
        for (double sample : samples) {
            meter.hear(sample);
        }
        return earOfSamples.heard();
    }
}
