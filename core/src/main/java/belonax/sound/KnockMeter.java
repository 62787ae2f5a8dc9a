package belonax.sound;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/** Measures the knock of eight stitches at a time. Source: docs/craft.md, "Listening". */
final class KnockMeter {
    static final int STITCHES = 8;

    /** What is bright has to be so much more than the room's own, or nothing can be told of it. */
    private static final double OVER_ROOM = 1.3;

    private static final double LEAST = 1e-12;

    /** What was usual is forgotten slowly: the last stitches of a seam are often measured in what others sound like. */
    private static final double STAYS = 0.97;

    private final Recent bright;
    private final double[] peaks = new double[STITCHES];
    private double typicalPeak;

    KnockMeter(Recent bright) {
        this.bright = bright;
    }

    /**
     * Measures eight stitches.
     *
     * @param from the step with which they begin
     * @param lag steps of one
     * @param room what is bright while the machine stands, as a power
     * @return null where the room drowns it
     */
    @Nullable
    Knock measure(long from, double lag, double room) {
        double rest = 0;
        int restSteps = 0;
        for (int i = 0; i < STITCHES; i++) {
            long begin = from + Math.round(i * lag);
            long end = from + Math.round((i + 1) * lag);
            long brightest = brightest(begin, end);
            peaks[i] = bright.at(brightest);
            for (long step = begin; step < end; step++) {
                if (Math.abs(step - brightest) > 1) {
                    rest += bright.at(step);
                    restSteps++;
                }
            }
        }
        Arrays.sort(peaks);
        double peak = (peaks[STITCHES / 2 - 1] + peaks[STITCHES / 2]) / 2;
        typicalPeak = Math.max(peak, STAYS * typicalPeak);
        double mean = restSteps == 0 ? 0 : rest / restSteps;
        // Per stitch, so that a faster one, which has fewer steps, comes to the same.
        double ofStitch = Math.max(LEAST, (mean - room) * lag);
        return peak < OVER_ROOM * room || mean < OVER_ROOM * room || mean < LEAST
                ? null
                : new Knock(
                        bounded(10 * Math.log10(Math.max(LEAST, peak - mean) / ofStitch)), Loudness.PER_SECOND / lag);
    }

    private static double bounded(double decibels) {
        return Math.max(-30, Math.min(60, decibels));
    }

    /** Returns the power of the brightest step of a usual stitch among those that were measured last; 0 before. */
    double typicalPeak() {
        return typicalPeak;
    }

    private long brightest(long begin, long end) {
        long brightest = begin;
        for (long step = begin; step < end; step++) {
            if (bright.at(step) > bright.at(brightest)) {
                brightest = step;
            }
        }
        return brightest;
    }
}
