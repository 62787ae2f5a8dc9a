package belonax.sound;

import belonax.BadInput;
import java.util.function.Consumer;
import uk.me.berndporr.iirj.Butterworth;

/** Turns samples into steps of five milliseconds as they come. Source: docs/craft.md, "Listening". */
public final class EnvelopeMeter {
    static final double LOWEST_HZ = 200;
    static final double HIGHEST_HZ = 6000;
    static final double BRIGHT_HZ = 2000;

    /** Twelve decibels an octave, as the filters of browsers have. */
    private static final int ORDER = 2;

    private static final int MIN_RATE = 16_000;
    private static final int MAX_RATE = 192_000;

    private final int sampleRate;
    private final Butterworth notTooLow = new Butterworth();
    private final Butterworth notTooHigh = new Butterworth();
    private final Butterworth onlyBright = new Butterworth();
    private final Consumer<Loudness> steps;
    private double loudPower;
    private double brightPower;
    private int samples;
    private long sampled;
    private long stepped;

    /**
     * @param sampleRate samples of one second, 16 000 to 192 000
     * @param steps is told of each step
     * @throws BadInput if that rate cannot tell what is wanted
     */
    public EnvelopeMeter(int sampleRate, Consumer<Loudness> steps) {
        BadInput.unless(
                sampleRate >= MIN_RATE && sampleRate <= MAX_RATE,
                "file",
                () -> "That recording has " + sampleRate + " samples a second. Record with 16 000 to 192 000.");
        this.sampleRate = sampleRate;
        this.steps = steps;
        notTooLow.highPass(ORDER, sampleRate, LOWEST_HZ);
        notTooHigh.lowPass(ORDER, sampleRate, HIGHEST_HZ);
        onlyBright.highPass(ORDER, sampleRate, BRIGHT_HZ);
    }

    /** Hears one sample, -1 to 1. */
    public void hear(double sample) {
        double loud = notTooHigh.filter(notTooLow.filter(sample));
        double bright = onlyBright.filter(loud);
        loudPower += loud * loud;
        brightPower += bright * bright;
        samples++;
        sampled++;
        if (sampled * Loudness.PER_SECOND >= (stepped + 1) * sampleRate) {
            step();
        }
    }

    private void step() {
        steps.accept(new Loudness(Math.sqrt(loudPower / samples), Math.sqrt(brightPower / samples)));
        loudPower = 0;
        brightPower = 0;
        samples = 0;
        stepped++;
    }
}
