package belonax.plan;

import belonax.hazard.Job;

/**
 * The thread that one stitch takes. On a lockstitch each thread runs the stitch's length and once through the pressed stack; an
 * overlock seam takes three times its length in each needle and eight times in each looper. Source: docs/craft.md, "How much
 * thread a seam takes".
 *
 * @param topMm above, in millimetres, for each strand or needle
 * @param belowMm from the bobbin, in millimetres; 0 where there is none
 */
public record ThreadUse(double topMm, double belowMm) {
    private static final double WASTE = 1.1;
    private static final double MOTOR_STITCHES_A_MINUTE = 800;
    /** Sewists guide, turn and lift the foot while the minutes run: 0.4 of them are sewn at the motor's speed. */
    static final double STITCHES_A_MINUTE = 0.4 * MOTOR_STITCHES_A_MINUTE;

    private static final double OVERLOCK_NEEDLE = 3;
    private static final double OVERLOCK_LOOPER = 8;

    /** Works out what a stitch of a job takes. */
    public static ThreadUse of(Job job) {
        return of(StepStitch.advised(job), job.stack().heightMm());
    }

    /** Works out what a stitch takes. */
    static ThreadUse of(StepStitch stitch, double stackMm) {
        if (stitch.hasLoopers()) {
            return new ThreadUse(OVERLOCK_NEEDLE * stitch.lengthMm(), 0);
        }
        double run = Math.hypot(stitch.lengthMm(), stitch.widthMm()) + stackMm;
        return new ThreadUse(run, run);
    }

    /** Returns the minutes on the clock in which so many stitches are sewn. */
    public static double minutesOf(double stitches) {
        return stitches / STITCHES_A_MINUTE;
    }

    /** Returns the metres that so many minutes at the needle take from above, waste included. */
    public double topMetres(double minutes) {
        return metres(topMm, minutes);
    }

    /** Returns the metres that so many minutes at the needle take from the bobbin, waste included. */
    public double belowMetres(double minutes) {
        return metres(belowMm, minutes);
    }

    /** Returns the metres that so many stitches take from above, for each strand or needle, waste included. */
    double topMetresOf(double stitches) {
        return metresOf(stitches, topMm);
    }

    /** Returns the metres that so many stitches take from the bobbin, waste included. */
    double belowMetresOf(double stitches) {
        return metresOf(stitches, belowMm);
    }

    /** Returns the metres that so many stitches of an overlock seam take in each looper, waste included. */
    double looperMetresOf(double stitches) {
        return metresOf(stitches, topMm / OVERLOCK_NEEDLE * OVERLOCK_LOOPER);
    }

    private static double metres(double mm, double minutes) {
        return metresOf(minutes * STITCHES_A_MINUTE, mm);
    }

    private static double metresOf(double stitches, double mm) {
        return stitches * mm * WASTE / 1000;
    }
}
