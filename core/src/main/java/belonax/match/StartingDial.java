package belonax.match;

import belonax.hazard.Job;

/**
 * Where to start the top dial on a scale of 0 to 9 whose usual place is 4. About 0.7 of a number lower for a thread twice
 * as thick, 0.3 lower per millimetre of stack, 0.15 lower per millimetre of stitch width; monofilament 1 and metallic 1.5
 * lower. A test strip decides. Source: docs/craft.md, "Starting dial".
 *
 * @param lower lower end of where to start
 * @param upper upper end
 * @param note why it differs from the usual place, in one sentence
 */
public record StartingDial(double lower, double upper, String note) {
    private static final double USUAL = 4.0;
    private static final double USUAL_TEX = 25;
    private static final double USUAL_STACK_MM = 0.7;
    private static final double TWIN_LOWER = 0.75;

    static StartingDial of(Job job, boolean twin) {
        double thread = -0.7 * Math.log(job.thread().tex().value() / USUAL_TEX) / Math.log(2);
        double stack = -0.3 * (job.stack().thicknessMm() - USUAL_STACK_MM);
        double width = -0.15 * job.stitchWidthMm();
        double special = job.thread().isMetallic() ? -1.5 : job.thread().isMonofilament() ? -1.0 : 0;
        double centre = USUAL + thread + stack + width + special - (twin ? TWIN_LOWER : 0);
        double likely = Math.max(1, Math.min(8, Math.round(centre * 4) / 4.0));
        return new StartingDial(likely - 0.5, likely + 0.5, note(job, twin, likely));
    }

    /** Returns the middle, where the first strip is sewn. */
    public double likely() {
        return (lower + upper) / 2;
    }

    private static String note(Job job, boolean twin, double likely) {
        if (job.thread().isMetallic() || job.thread().isMonofilament()) {
            return "Lower than usual: this thread wants a light pull.";
        }
        if (twin) {
            return "Lower than usual: two top threads pull on one bobbin thread.";
        }
        if (likely <= USUAL - 0.5) {
            return "Lower than usual for thick thread or a thick stack; a strip on the same stack decides.";
        }
        return likely >= USUAL + 0.5
                ? "Higher than usual, because a fine thread slips through the discs more easily."
                : "The usual place; a strip on the same stack decides.";
    }
}
