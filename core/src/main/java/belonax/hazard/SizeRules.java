package belonax.hazard;

import static belonax.hazard.Factor.moves;
import static belonax.hazard.Hazard.BREAK;
import static belonax.hazard.Hazard.MARK;
import static belonax.hazard.Hazard.PUCKER;
import static belonax.hazard.Hazard.SHRED;
import static belonax.hazard.Hazard.SKIP;

import belonax.cloth.Fade;
import belonax.cloth.Trait;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleType;
import java.util.List;
import java.util.Locale;

/**
 * Size against the two windows. Inside a window the hazards rise gently away from its middle, outside steeply. Source:
 * docs/craft.md, "Size from thread and cloth".
 */
final class SizeRules {
    /** Beyond so many steps a size is plainly wrong, and one step more tells little. */
    /** So many sizes above what a sheer cloth asks for, holes become a tear. */
    private static final double TEARS_FROM_STEPS = 5.5;

    private static final double STEEP_TO_STEPS = 2.5;

    private static final double FAR_OFF = 0.3;
    /** Log-odds of fraying at the width that still sews, and what is added at most beyond it. */
    private static final double EYE_STILL_SEWS = 2.2;

    private static final double EYE_BEYOND = 3.2;
    /** Log-odds where cloth and thread leave no size between them. */
    private static final double NO_SIZE_LEFT = 0.9;
    /** Log-odds of skipping, at most, over a hole that the thread does not fill. */
    private static final double EMPTY_HOLE = 3.6;

    private SizeRules() {}

    static final List<Factor> ALL = List.of(
            moves(BREAK, (job, it) -> isWing(it) ? 0 : -0.3 * (1 - Fade.between(offBySteps(job, it), 0.5, 2)))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, it) -> it.needle().size() + " suits what lies under the foot, " + grams(job)
                            + " g/m²: it asks for " + job.clothWindow().sizes() + "."),
            moves(BREAK, (job, it) -> school(job) * slope(tooThinBySteps(job, it), 0.35, 0.95))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, it) -> isInside(job, it)
                            ? it.needle().size() + " is at the thin end of what this cloth asks for."
                            : it.needle().size() + " is thin for " + grams(job)
                                    + " g/m² under the foot: the cloth bends it."),
            moves(SKIP, (job, it) -> school(job) * slope(tooThinBySteps(job, it), 0.20, 0.50))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, it) -> "A blade that " + grams(job) + " g/m² bends aside misses the hook."),
            moves(MARK, (job, it) -> school(job) * showing(job) * slope(tooThickBySteps(job, it), 0.34, 0.48))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, it) -> isInside(job, it)
                            ? it.needle().size() + " is at the thick end of what this cloth asks for."
                            : it.needle().size() + " leaves bigger holes than a cloth asking for "
                                    + job.clothWindow().sizes() + " can close."),
            moves(MARK, (job, it) -> 0.8 * job.sheerness() * Fade.in(tooThickBySteps(job, it), TEARS_FROM_STEPS))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .atBest(Verdict.AVOID)
                    .because((job, it) ->
                            "A blade of " + it.needle().size() + " tears rows of holes into cloth so fine."),
            moves(PUCKER, (job, it) -> school(job) * slope(tooThickBySteps(job, it), 0.16, 0.18))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because("A blade thicker than the cloth asks for pushes it into a pucker."),
            moves(SHRED, SizeRules::tightEye)
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, it) -> "The eye of a " + it.needle().size() + " is only "
                            + String.format(Locale.ROOT, "%.2f", eyeOverThread(job, it))
                            + " times as wide as " + job.thread().texWords()
                            + (isSingle(job) ? " is" : " are") + " thick; it wants 1.4 times, or the thread frays."),
            moves(SHRED, (job, it) -> eyeOverThread(job, it) >= ThreadWindow.COMFORT ? -0.2 : 0)
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, it) -> "The eye is " + String.format(Locale.ROOT, "%.1f", eyeOverThread(job, it))
                            + " times as wide as the thread is thick, so "
                            + job.thread().texWords() + (isSingle(job) ? " runs freely." : " run freely.")),
            moves(SKIP, SizeRules::emptyHole)
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, it) ->
                            "A thread of " + job.thread().texWords() + " is too fine to fill the hole of a "
                                    + it.needle().size() + ": the loop goes slack and stitches skip."),
            moves(SHRED, (job, it) -> isWing(it) ? 0 : NO_SIZE_LEFT * job.threadTooThick(it.needle()))
                    .sameForTheKind()
                    .of(Part.NEEDLE_SIZE)
                    .because(
                            "With this eye no size suits both the cloth and the thread: the cloth keeps a bigger hole, or the"
                                    + " thread frays."),
            moves(SKIP, (job, it) -> isWing(it) ? 0 : NO_SIZE_LEFT * job.threadTooFine())
                    .sameForTheKind()
                    .of(Part.NEEDLE_SIZE)
                    .because(
                            "The thread is too fine for the sizes that this cloth asks for: the needle bends, or the loop goes"
                                    + " slack."));

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

    /** Holes show more on cloth that snags and shows them. */
    private static double showing(Job job) {
        return job.stack().carries(it -> it.has(Trait.DELICATE)) ? 1.3 : 1;
    }

    private static double offBySteps(Job job, NeedleInUse it) {
        return Math.abs(job.clothWindow().step() - it.needle().size().step());
    }

    /** Gentle for the first step, steep beyond it, and gentle again where the size is far off anyway. */
    private static double slope(double steps, double inside, double outside) {
        if (!(steps > 0)) {
            return 0;
        }
        double steep = Math.max(0, Math.min(STEEP_TO_STEPS, steps) - 1);
        double far = Math.max(0, steps - STEEP_TO_STEPS);
        return inside * Math.min(1, steps) + outside * steep + FAR_OFF * outside * far;
    }

    private static boolean isSingle(Job job) {
        return job.thread().strands() == 1;
    }

    private static double eyeOverThread(Job job, NeedleInUse it) {
        return it.needle().eyeWidthMm() / job.threadDiameterMm();
    }

    /** Rises soon below the comfortable width, because fraying does, on to the width that still sews, and slower beyond it. */
    private static double tightEye(Job job, NeedleInUse it) {
        double ratio = eyeOverThread(job, it);
        if (ratio >= ThreadWindow.COMFORT) {
            return 0;
        }
        double tight = (ThreadWindow.COMFORT - ratio) / (ThreadWindow.COMFORT - ThreadWindow.TIGHTEST);
        double beyond = Math.max(0, tight - 1);
        double within = Math.min(1, tight);
        return job.school().threadWeight()
                * (EYE_STILL_SEWS * (1 - (1 - within) * (1 - within)) + EYE_BEYOND * (1 - Math.exp(-beyond / 2)));
    }

    private static double emptyHole(Job job, NeedleInUse it) {
        if (isWing(it)) {
            return 0;
        }
        double largestNm =
                job.threadWindow(it.needle().point().eye().widthShare()).maxNm();
        double over = it.needle().size().nm() / largestNm - 1;
        return over <= 0 ? 0 : job.school().threadWeight() * EMPTY_HOLE * (1 - Math.exp(-over / 0.35));
    }

    private static String grams(Job job) {
        return String.valueOf(Math.round(job.resistingGsm()));
    }
}
