package belonax.plan;

import belonax.hazard.Job;
import belonax.match.StitchAdvice;

/**
 * The thread that one stitch takes. On a lockstitch each thread runs the stitch's length and once through the stack; an
 * overlock seam takes three times its length in each needle and eight times in each looper. Source: docs/craft.md, "How much
 * thread a seam takes".
 *
 * @param topMm above, in millimetres, for each strand or needle
 * @param belowMm from the bobbin, in millimetres; 0 where there is none
 */
public record ThreadUse(double topMm, double belowMm) {
    private static final double WASTE = 1.1;
    private static final double MOTOR_STITCHES_A_MINUTE = 800;
    /** Sewists guide, turn and lift the foot while the minutes run. */
    private static final double SHARE_AT_SPEED = 0.4;

    private static final double OVERLOCK_NEEDLE = 3;

    /** Works out what a stitch of a job takes. */
    public static ThreadUse of(Job job) {
        StitchAdvice stitch = StitchAdvice.wishedFor(job);
        if (stitch.kind() == StitchAdvice.Kind.OVERLOCK) {
            return new ThreadUse(OVERLOCK_NEEDLE * stitch.lengthMm(), 0);
        }
        double run =
                Math.hypot(stitch.lengthMm(), stitch.widthMm()) + job.stack().thicknessMm();
        return new ThreadUse(run, run);
    }

    /** Returns the metres that so many minutes at the needle take from above, waste included. */
    public double topMetres(double minutes) {
        return metres(topMm, minutes);
    }

    /** Returns the metres that so many minutes at the needle take from the bobbin, waste included. */
    public double belowMetres(double minutes) {
        return metres(belowMm, minutes);
    }

    private static double metres(double mm, double minutes) {
        return minutes * MOTOR_STITCHES_A_MINUTE * SHARE_AT_SPEED * mm * WASTE / 1000;
    }
}
