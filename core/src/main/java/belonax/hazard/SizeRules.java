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
            moves(
                            BREAK,
                            (job, needle) ->
                                    isWing(needle) ? 0 : -0.3 * (1 - Fade.between(offBySteps(job, needle), 0.5, 2)))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, needle) -> needle.needle().size() + " suits what lies under the foot, " + grams(job)
                            + " g/m²: it asks for " + job.clothWindow().sizes() + "."),
            moves(BREAK, (job, needle) -> school(job) * slope(tooThinBySteps(job, needle), thinEdge(job), 0.70, 0.85))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, needle) -> isInside(job, needle)
                            ? needle.needle().size() + " is at the thin end of what this cloth asks for."
                            : needle.needle().size() + " is thin for " + grams(job)
                                    + " g/m² under the foot: the cloth bends it."),
            moves(SKIP, (job, needle) -> school(job) * slope(tooThinBySteps(job, needle), thinEdge(job), 0.40, 0.45))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, needle) -> "A blade that " + grams(job) + " g/m² bends aside misses the hook."),
            moves(
                            MARK,
                            (job, needle) -> school(job)
                                    * showing(job)
                                    * slope(tooThickBySteps(job, needle), thickEdge(job), 0.50, 0.42))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, needle) -> isInside(job, needle)
                            ? needle.needle().size() + " is at the thick end of what this cloth asks for."
                            : needle.needle().size() + " leaves bigger holes than a cloth asking for "
                                    + job.clothWindow().sizes() + " can close."),
            moves(MARK, (job, needle) -> OUTSIDE * beyondGood(tooThickToBeGood(job, needle)))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .atBest(Verdict.CAN_PASS)
                    .because((job, needle) -> "Too thick to be good here: the holes of "
                            + needle.needle().size().withArticle() + " show, or the seam draws up beside them."),
            moves(MARK, (job, needle) -> OUTSIDE * beyondGood(tooThickToBeGood(job, needle) - FAR_OUTSIDE_STEPS))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .atBest(Verdict.AVOID)
                    .because((job, needle) ->
                            "A blade of " + needle.needle().size() + " leaves rows of holes in this cloth that stay."),
            moves(BREAK, (job, needle) -> OUTSIDE * beyondGood(tooThinToBeGood(job, needle)))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .atBest(Verdict.CAN_PASS)
                    .because((job, needle) -> "Too thin to be good here: the cloth can bend "
                            + needle.needle().size().withArticle() + "."),
            moves(BREAK, (job, needle) -> OUTSIDE * beyondGood(tooThinToBeGood(job, needle) - FAR_OUTSIDE_STEPS))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .atBest(Verdict.AVOID)
                    .because((job, needle) ->
                            "A blade of " + needle.needle().size() + " bends or breaks in this cloth."),
            moves(SHRED, (job, needle) -> OUTSIDE_THE_EYE * beyondGood(eyeTooTightToBeGood(job, needle)))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .atBest(Verdict.CAN_PASS)
                    .because((job, needle) ->
                            "The eye of " + needle.needle().size().withArticle() + " is too tight for "
                                    + job.thread().texWords() + " to be good: it frays before the seam is done."),
            moves(SKIP, (job, needle) -> OUTSIDE_THE_EYE * beyondGood(tooSlackToBeGood(job, needle)))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .atBest(Verdict.CAN_PASS)
                    .because((job, needle) ->
                            "In the hole of " + needle.needle().size().withArticle() + " "
                                    + job.thread().texWords() + (isSingle(job) ? " lies" : " lie")
                                    + " slack, so that needle passes at most."),
            moves(
                            PUCKER,
                            (job, needle) ->
                                    school(job) * slope(tooThickBySteps(job, needle), thickEdge(job), 0.24, 0.18))
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because("A blade thicker than the cloth asks for pushes it into a pucker."),
            moves(SHRED, SizeRules::tightEye)
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, needle) -> "The eye of "
                            + needle.needle().size().withArticle() + " is only "
                            + String.format(Locale.ROOT, "%.2f", eyeOverThread(job, needle))
                            + " times as wide as " + job.thread().texWords()
                            + (isSingle(job) ? " is" : " are") + " thick; it wants 1.4 times, or the thread frays."),
            moves(SHRED, (job, needle) -> eyeOverThread(job, needle) >= ThreadWindow.COMFORT ? -0.2 : 0)
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, needle) ->
                            "The eye is " + String.format(Locale.ROOT, "%.1f", eyeOverThread(job, needle))
                                    + " times as wide as the thread is thick, so "
                                    + job.thread().texWords() + (isSingle(job) ? " runs freely." : " run freely.")),
            moves(SKIP, SizeRules::emptyHole)
                    .byEyeAndSize()
                    .of(Part.NEEDLE_SIZE)
                    .because((job, needle) -> "A thread of " + job.thread().texWords()
                            + " is too fine to fill the hole of "
                            + needle.needle().size().withArticle() + ": the loop goes slack and stitches skip."),
            moves(SHRED, (job, needle) -> isWing(needle) ? 0 : NO_SIZE_LEFT * job.threadTooThick(needle.needle()))
                    .sameForTheKind()
                    .of(Part.NEEDLE_SIZE)
                    .because(
                            "With this eye no size suits both the cloth and the thread: the cloth keeps a bigger hole, or the"
                                    + " thread frays."),
            moves(SKIP, (job, needle) -> isWing(needle) ? 0 : NO_SIZE_LEFT * job.threadTooFine())
                    .sameForTheKind()
                    .of(Part.NEEDLE_SIZE)
                    .because(
                            "The thread is too fine for the sizes that this cloth asks for: the needle bends, or the loop goes"
                                    + " slack."));

    private static boolean isWing(NeedleInUse needle) {
        return needle.needle().point().isWinged();
    }

    /**
     * Returns by how many sizes a needle lies outside those that are good for cloth and thread; 0 or less inside. An eye too tight
     * by 0.15 thread diameters counts as one size.
     */
    static double outsideBySizes(Job job, NeedleInUse needle) {
        return Math.max(
                Math.max(tooThickToBeGood(job, needle), tooThinToBeGood(job, needle)),
                Math.max(eyeTooTightToBeGood(job, needle), tooSlackToBeGood(job, needle)) / EYE_OF_A_SIZE);
    }

    /** Returns by how many steps a blade is thicker than what the cloth closes on; a thick thread fills a bigger hole. */
    private static double tooThickToBeGood(Job job, NeedleInUse needle) {
        if (isWing(needle)) {
            return 0;
        }
        double filled = NeedleSize.stepOf(job.threadDiameterMm() / FILLED * 100);
        double cloth = job.clothWindow().goodTo();
        double closes = Math.max(cloth, Math.min(cloth + 1, filled));
        return needle.needle().size().step() - closes - leeway(job.school().threadWeight());
    }

    private static double tooThinToBeGood(Job job, NeedleInUse needle) {
        return isWing(needle)
                ? 0
                : job.clothWindow().goodFrom()
                        - needle.needle().size().step()
                        - leeway(job.school().threadWeight());
    }

    private static double eyeTooTightToBeGood(Job job, NeedleInUse needle) {
        double least = GOOD_EYE - job.sheerness() * (GOOD_EYE - ThreadWindow.TIGHTEST);
        return isWing(needle)
                ? 0
                : (least - eyeOverThread(job, needle)) * 10
                        - leeway(job.school().clothWeight());
    }

    private static double tooSlackToBeGood(Job job, NeedleInUse needle) {
        double over = needle.needle().size().nm() / (SLACK_FROM * job.largestThreadNm()) - 1;
        return isWing(needle) ? 0 : over * 10 - leeway(job.school().clothWeight());
    }

    /** Whoever lets one of the two decide asks less of the other. */
    private static double leeway(double weightOfTheOther) {
        return weightOfTheOther > 1 ? 1.5 : 0;
    }

    private static double beyondGood(double beyond) {
        return Math.max(0, Math.min(1, beyond));
    }

    private static boolean isInside(Job job, NeedleInUse needle) {
        return job.clothWindow().sizes().contains(needle.needle().size());
    }

    private static double school(Job job) {
        return job.school().clothWeight();
    }

    private static double tooThinBySteps(Job job, NeedleInUse needle) {
        return isWing(needle)
                ? 0
                : job.clothWindow().bestStep() - needle.needle().size().step();
    }

    private static double tooThickBySteps(Job job, NeedleInUse needle) {
        return isWing(needle)
                ? 0
                : needle.needle().size().step() - job.clothWindow().bestStep();
    }

    /** Holes show more on cloth that snags and shows them. */
    private static double showing(Job job) {
        return job.stack().carries(cloth -> cloth.has(Trait.DELICATE)) ? 1.3 : 1;
    }

    private static double offBySteps(Job job, NeedleInUse needle) {
        return Math.abs(job.clothWindow().bestStep() - needle.needle().size().step());
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

    private static double eyeOverThread(Job job, NeedleInUse needle) {
        return needle.needle().eyeWidthMm() / job.threadDiameterMm();
    }

    /** Rises slowly below the comfortable width, steeper towards the width that still sews, and slower again beyond it. */
    private static double tightEye(Job job, NeedleInUse needle) {
        double ratio = eyeOverThread(job, needle);
        if (ratio >= ThreadWindow.COMFORT) {
            return 0;
        }
        double tight = (ThreadWindow.COMFORT - ratio) / (ThreadWindow.COMFORT - ThreadWindow.TIGHTEST);
        double beyond = Math.max(0, tight - 1);
        double within = Math.min(1, tight);
        return job.school().threadWeight()
                * (EYE_STILL_SEWS * within * within + EYE_BEYOND * (1 - Math.exp(-beyond / 2)));
    }

    private static double emptyHole(Job job, NeedleInUse needle) {
        if (isWing(needle)) {
            return 0;
        }
        double largestNm =
                job.threadWindow(needle.needle().point().eye().widthShare()).maxNm();
        double over = needle.needle().size().nm() / largestNm - 1;
        return over <= 0 ? 0 : job.school().threadWeight() * EMPTY_HOLE * (1 - Math.exp(-over / 0.35));
    }

    private static String grams(Job job) {
        return String.valueOf(Math.round(job.resistingGsm()));
    }
}
