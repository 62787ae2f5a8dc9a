package belonax.hazard;

import static belonax.hazard.Factor.moves;
import static belonax.hazard.Hazard.BREAK;
import static belonax.hazard.Hazard.MARK;
import static belonax.hazard.Hazard.PUCKER;
import static belonax.hazard.Hazard.SHRED;
import static belonax.hazard.Hazard.SKIP;

import belonax.needle.NeedleInUse;
import belonax.needle.NeedleType;
import java.util.List;
import java.util.Locale;

/**
 * Size against the two windows. Inside a window the hazards rise gently away from its middle, outside steeply. Source:
 * docs/craft.md, "Size from thread and cloth".
 */
final class SizeRules {
    /** Shown weights begin here; below it the size is as good as right. */
    private static final double NOTICEABLE_STEPS = 0.05;

    private SizeRules() {}

    static final List<Factor> ALL = List.of(
            moves(BREAK, (job, it) -> !isWing(it) && isInside(job, it) ? -0.3 : 0)
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, it) -> it.needle().size() + " suits " + grams(job)
                            + " g/m² under the foot: this cloth asks for "
                            + job.clothWindow().sizes() + "."),
            moves(BREAK, (job, it) -> school(job) * slope(tooThinBySteps(job, it), 0.35, 0.95))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, it) -> isInside(job, it)
                            ? it.needle().size() + " is at the thin end of what this cloth asks for."
                            : it.needle().size() + " is thin for " + grams(job)
                                    + " g/m² under the foot: the cloth bends it."),
            moves(SKIP, (job, it) -> school(job) * slope(tooThinBySteps(job, it), 0.20, 0.60))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, it) -> "A blade that " + grams(job) + " g/m² bends aside misses the hook."),
            moves(MARK, (job, it) -> school(job) * slope(tooThickBySteps(job, it), 0.40, 0.95))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, it) -> isInside(job, it)
                            ? it.needle().size() + " is at the thick end of what this cloth asks for."
                            : it.needle().size() + " leaves bigger holes than a cloth asking for "
                                    + job.clothWindow().sizes() + " can close."),
            moves(PUCKER, (job, it) -> school(job) * slope(tooThickBySteps(job, it), 0.25, 0.50))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because("A blade thicker than the cloth asks for pushes it into a pucker."),
            moves(SHRED, SizeRules::tightEye)
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, it) -> "The eye of a " + it.needle().size() + " is only "
                            + String.format(Locale.ROOT, "%.2f", eyeOverThread(job, it))
                            + " times as wide as tex " + job.thread().tex().shown()
                            + " is thick; it wants 1.4 times, or the thread frays."),
            moves(SHRED, (job, it) -> eyeOverThread(job, it) >= ThreadWindow.COMFORT ? -0.2 : 0)
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, it) -> "The eye is " + String.format(Locale.ROOT, "%.1f", eyeOverThread(job, it))
                            + " times as wide as the thread is thick, so tex "
                            + job.thread().tex().shown()
                            + " runs freely."),
            moves(SKIP, SizeRules::emptyHole)
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, it) -> "Tex " + job.thread().tex().shown() + " is too fine to fill the hole of a "
                            + it.needle().size() + ": the loop goes slack and stitches skip."),
            moves(PUCKER, (job, it) -> !isWing(it) && job.windowsMissEachOther(it.needle()) ? 0.4 : 0)
                    .sameForTheKind()
                    .of(Part.NEEDLE_SIZE)
                    .atBest(Verdict.CAN_PASS)
                    .because(
                            "With this eye no size suits both the cloth and the thread, so something has to give way."));

    private static boolean isWing(NeedleInUse it) {
        return it.needle().point() == NeedleType.WING;
    }

    private static boolean isInside(Job job, NeedleInUse it) {
        return job.clothWindow().sizes().contains(it.needle().size());
    }

    private static double school(Job job) {
        return job.school().clothWeight();
    }

    private static double tooThinBySteps(Job job, NeedleInUse it) {
        return isWing(it) ? 0 : job.clothWindow().step() - it.needle().size().step();
    }

    private static double tooThickBySteps(Job job, NeedleInUse it) {
        return isWing(it) ? 0 : it.needle().size().step() - job.clothWindow().step();
    }

    /** Gentle for the first step, steep beyond it. */
    private static double slope(double steps, double inside, double outside) {
        if (!(steps > NOTICEABLE_STEPS)) {
            return 0;
        }
        return inside * Math.min(1, steps) + outside * Math.max(0, steps - 1);
    }

    private static double eyeOverThread(Job job, NeedleInUse it) {
        return it.needle().eyeWidthMm() / job.threadDiameterMm();
    }

    /** Rises at once below the comfortable width, because fraying does, and steeply below the width that still sews. */
    private static double tightEye(Job job, NeedleInUse it) {
        double ratio = eyeOverThread(job, it);
        if (ratio >= ThreadWindow.COMFORT) {
            return 0;
        }
        double within = (ThreadWindow.COMFORT - Math.max(ratio, ThreadWindow.TIGHTEST))
                / (ThreadWindow.COMFORT - ThreadWindow.TIGHTEST);
        double beyond = Math.max(0, ThreadWindow.TIGHTEST - ratio);
        return job.school().threadWeight() * (2.6 * Math.sqrt(within) + 12 * beyond);
    }

    private static double emptyHole(Job job, NeedleInUse it) {
        if (isWing(it)) {
            return 0;
        }
        double largestNm =
                job.threadWindow(it.needle().point().eye().widthShare()).maxNm();
        double nm = it.needle().size().nm();
        return nm <= largestNm ? 0 : job.school().threadWeight() * (0.3 + 10 * (1 - largestNm / nm));
    }

    private static String grams(Job job) {
        return String.valueOf(Math.round(job.resistingGsm()));
    }
}
