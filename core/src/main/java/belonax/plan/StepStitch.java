package belonax.plan;

import belonax.BadInput;
import belonax.hazard.Job;
import belonax.match.StitchAdvice;
import belonax.match.StitchAdvice.Kind;

/**
 * The stitch of a step.
 *
 * @param lengthMm 0.2 to 12 mm
 * @param widthMm 0 for a straight stitch, at most 12 mm
 */
public record StepStitch(Kind kind, double lengthMm, double widthMm) {
    public StepStitch {
        BadInput.unless(
                lengthMm >= 0.2 && lengthMm <= 12,
                "stitch.lengthMm",
                () -> "A stitch is 0.2 to 12 mm long; 2.5 is usual.");
        BadInput.unless(
                widthMm >= 0 && widthMm <= 12, "stitch.widthMm", () -> "A stitch is 0 to 12 mm wide; 0 is straight.");
        BadInput.unless(
                kind != Kind.STRAIGHT || widthMm == 0,
                "stitch.widthMm",
                () -> "A straight stitch has no width: send 0, or ZIGZAG.");
    }

    /** Returns the stitch that a job is advised. */
    public static StepStitch advised(Job job) {
        StitchAdvice advice = StitchAdvice.wishedFor(job);
        return new StepStitch(advice.kind(), advice.lengthMm(), advice.widthMm());
    }

    public boolean hasLoopers() {
        return kind == Kind.OVERLOCK || kind == Kind.COVER;
    }
}
