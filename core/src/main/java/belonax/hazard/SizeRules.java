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
import belonax.needle.NeedleSize;
import java.util.List;
import java.util.Locale;

/**
 * Size against the two windows. Inside a window the hazards rise gently away from its middle, outside steeply. Source:
 * docs/craft.md, "Size from thread and cloth".
 */
final class SizeRules {
    /** So many steps outside what is good a size is plainly wrong, and one step more tells little. */
    private static final double STEEP_STEPS = 1.5;

    private static final double FAR_OFF = 0.3;
    /** Log-odds of fraying at the width that still sews, and what is added at most beyond it. */
    private static final double EYE_STILL_SEWS = 1.8;

    private static final double EYE_BEYOND = 3.2;
    /** Log-odds where cloth and thread leave no size between them. */
    private static final double NO_SIZE_LEFT = 0.9;
    /** Log-odds of skipping, at most, over a hole that the thread does not fill. */
    private static final double EMPTY_HOLE = 3.6;
    /** Log-odds at most for a size that is not good any more, one step outside. */
    private static final double OUTSIDE = 0.35;
    /** Log-odds at most for an eye too tight, or a hole too wide, to be good: how far it is so, other rules say. */
    private static final double OUTSIDE_THE_EYE = 0.1;
    /** So many steps outside what is good, a size is one to avoid. */
    private static final double FAR_OUTSIDE_STEPS = 2.3;
    /** Eye over thread from which an experienced sewist simply sews: tex 25 in a 65, tex 35 in an 80, tex 60 in a 100. */
    private static final double GOOD_EYE = 1.31;
    /** So much more than the largest blade is still filled well enough. */
    private static final double SLACK_FROM = 1.02;
    /** From one size to the next an eye, in thread diameters, grows by about so many tenths. */
    private static final double EYE_OF_A_SIZE = 1.5;
    /** A thread of a third of the blade fills its hole, so that it does not show. */
    private static final double FILLED = 0.33;

    private SizeRules() {}

    static final List<Factor> ALL = List.of(
            moves(BREAK, (job, it) -> isWing(it) ? 0 : -0.3 * (1 - Fade.between(offBySteps(job, it), 0.5, 2)))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, it) -> it.needle().size() + " suits what lies under the foot, " + grams(job)
                            + " g/m²: it asks for " + job.clothWindow().sizes() + "."),
            moves(BREAK, (job, it) -> school(job) * slope(tooThinBySteps(job, it), thinEdge(job), 0.70, 0.85))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, it) -> isInside(job, it)
                            ? it.needle().size() + " is at the thin end of what this cloth asks for."
                            : it.needle().size() + " is thin for " + grams(job)
                                    + " g/m² under the foot: the cloth bends it."),
            moves(SKIP, (job, it) -> school(job) * slope(tooThinBySteps(job, it), thinEdge(job), 0.40, 0.45))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, it) -> "A blade that " + grams(job) + " g/m² bends aside misses the hook."),
            moves(
                            MARK,
                            (job, it) -> school(job)
                                    * showing(job)
                                    * slope(tooThickBySteps(job, it), thickEdge(job), 0.50, 0.42))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, it) -> isInside(job, it)
                            ? it.needle().size() + " is at the thick end of what this cloth asks for."
                            : it.needle().size() + " leaves bigger holes than a cloth asking for "
                                    + job.clothWindow().sizes() + " can close."),
            moves(MARK, (job, it) -> OUTSIDE * beyondGood(tooThickToBeGood(job, it)))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .atBest(Verdict.CAN_PASS)
                    .because((job, it) -> "Too thick to be good here: the holes of "
                            + it.needle().size().withArticle() + " show, or the seam draws up beside them."),
            moves(MARK, (job, it) -> OUTSIDE * beyondGood(tooThickToBeGood(job, it) - FAR_OUTSIDE_STEPS))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .atBest(Verdict.AVOID)
                    .because((job, it) ->
                            "A blade of " + it.needle().size() + " leaves rows of holes in this cloth that stay."),
            moves(BREAK, (job, it) -> OUTSIDE * beyondGood(tooThinToBeGood(job, it)))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .atBest(Verdict.CAN_PASS)
                    .because((job, it) -> "Too thin to be good here: the cloth can bend "
                            + it.needle().size().withArticle() + "."),
            moves(BREAK, (job, it) -> OUTSIDE * beyondGood(tooThinToBeGood(job, it) - FAR_OUTSIDE_STEPS))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .atBest(Verdict.AVOID)
                    .because((job, it) -> "A blade of " + it.needle().size() + " bends or breaks in this cloth."),
            moves(SHRED, (job, it) -> OUTSIDE_THE_EYE * beyondGood(eyeTooTightToBeGood(job, it)))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .atBest(Verdict.CAN_PASS)
                    .because((job, it) -> "The eye of " + it.needle().size().withArticle() + " is too tight for "
                            + job.thread().texWords() + " to be good: it frays before the seam is done."),
            moves(SKIP, (job, it) -> OUTSIDE_THE_EYE * beyondGood(tooSlackToBeGood(job, it)))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .atBest(Verdict.CAN_PASS)
                    .because((job, it) -> "In the hole of " + it.needle().size().withArticle() + " "
                            + job.thread().texWords() + (isSingle(job) ? " lies" : " lie")
                            + " slack, so that needle passes at most."),
            moves(PUCKER, (job, it) -> school(job) * slope(tooThickBySteps(job, it), thickEdge(job), 0.24, 0.18))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because("A blade thicker than the cloth asks for pushes it into a pucker."),
            moves(SHRED, SizeRules::tightEye)
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, it) -> "The eye of " + it.needle().size().withArticle() + " is only "
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
                    .because((job, it) -> "A thread of " + job.thread().texWords() + " is too fine to fill the hole of "
                            + it.needle().size().withArticle() + ": the loop goes slack and stitches skip."),
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
        return it.needle().point().isWinged();
    }

    /**
     * Returns by how many sizes a needle lies outside those that are good for cloth and thread; 0 or less inside. An eye too tight
     * by 0.15 thread diameters counts as one size.
     */
    static double outsideBySizes(Job job, NeedleInUse it) {
        return Math.max(
                Math.max(tooThickToBeGood(job, it), tooThinToBeGood(job, it)),
                Math.max(eyeTooTightToBeGood(job, it), tooSlackToBeGood(job, it)) / EYE_OF_A_SIZE);
    }

    /** Returns by how many steps a blade is thicker than what the cloth closes on; a thick thread fills a bigger hole. */
    private static double tooThickToBeGood(Job job, NeedleInUse it) {
        if (isWing(it)) {
            return 0;
        }
        double filled = NeedleSize.stepOf(job.threadDiameterMm() / FILLED * 100);
        double cloth = job.clothWindow().goodTo();
        double closes = Math.max(cloth, Math.min(cloth + 1, filled));
        return it.needle().size().step() - closes - leeway(job.school().threadWeight());
    }

    private static double tooThinToBeGood(Job job, NeedleInUse it) {
        return isWing(it)
                ? 0
                : job.clothWindow().goodFrom()
                        - it.needle().size().step()
                        - leeway(job.school().threadWeight());
    }

    private static double eyeTooTightToBeGood(Job job, NeedleInUse it) {
        double least = GOOD_EYE - job.sheerness() * (GOOD_EYE - ThreadWindow.TIGHTEST);
        return isWing(it)
                ? 0
                : (least - eyeOverThread(job, it)) * 10 - leeway(job.school().clothWeight());
    }

    private static double tooSlackToBeGood(Job job, NeedleInUse it) {
        double over = it.needle().size().nm() / (SLACK_FROM * job.largestThreadNm()) - 1;
        return isWing(it) ? 0 : over * 10 - leeway(job.school().clothWeight());
    }

    /** Whoever lets one of the two decide asks less of the other. */
    private static double leeway(double weightOfTheOther) {
        return weightOfTheOther > 1 ? 1.5 : 0;
    }

    private static double beyondGood(double beyond) {
        return Math.max(0, Math.min(1, beyond));
    }

    private static boolean isInside(Job job, NeedleInUse it) {
        return job.clothWindow().sizes().contains(it.needle().size());
    }

    private static double school(Job job) {
        return job.school().clothWeight();
    }

    private static double tooThinBySteps(Job job, NeedleInUse it) {
        return isWing(it)
                ? 0
                : job.clothWindow().bestStep() - it.needle().size().step();
    }

    private static double tooThickBySteps(Job job, NeedleInUse it) {
        return isWing(it) ? 0 : it.needle().size().step() - job.clothWindow().bestStep();
    }

    /** Holes show more on cloth that snags and shows them. */
    private static double showing(Job job) {
        return job.stack().carries(it -> it.has(Trait.DELICATE)) ? 1.3 : 1;
    }

    private static double offBySteps(Job job, NeedleInUse it) {
        return Math.abs(job.clothWindow().bestStep() - it.needle().size().step());
    }

    /** Returns how many steps below its own size the cloth does not yet bend the blade. */
    private static double thinEdge(Job job) {
        return Math.max(1, job.clothWindow().bestStep() - job.clothWindow().goodFrom());
    }

    /** Returns how many steps above its own size the cloth still closes on the hole. */
    private static double thickEdge(Job job) {
        return Math.max(1, job.clothWindow().goodTo() - job.clothWindow().bestStep());
    }

    /** Gentle as far as a size is good, steep beyond it, and gentle again where the size is far off anyway. */
    private static double slope(double steps, double edge, double inside, double outside) {
        if (!(steps > 0)) {
            return 0;
        }
        double steep = Math.max(0, Math.min(edge + STEEP_STEPS, steps) - edge);
        double far = Math.max(0, steps - edge - STEEP_STEPS);
        return inside * Math.min(1, steps / edge) + outside * steep + FAR_OFF * outside * far;
    }

    private static boolean isSingle(Job job) {
        return job.thread().strands() == 1;
    }

    private static double eyeOverThread(Job job, NeedleInUse it) {
        return it.needle().eyeWidthMm() / job.threadDiameterMm();
    }

    /** Rises slowly below the comfortable width, steeper towards the width that still sews, and slower again beyond it. */
    private static double tightEye(Job job, NeedleInUse it) {
        double ratio = eyeOverThread(job, it);
        if (ratio >= ThreadWindow.COMFORT) {
            return 0;
        }
        double tight = (ThreadWindow.COMFORT - ratio) / (ThreadWindow.COMFORT - ThreadWindow.TIGHTEST);
        double beyond = Math.max(0, tight - 1);
        double within = Math.min(1, tight);
        return job.school().threadWeight()
                * (EYE_STILL_SEWS * within * within + EYE_BEYOND * (1 - Math.exp(-beyond / 2)));
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
