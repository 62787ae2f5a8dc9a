package belonax.hazard;

import static belonax.hazard.Factor.lowers;
import static belonax.hazard.Factor.moves;
import static belonax.hazard.Factor.raises;
import static belonax.hazard.Hazard.BREAK;
import static belonax.hazard.Hazard.MARK;
import static belonax.hazard.Hazard.PUCKER;
import static belonax.hazard.Hazard.SHRED;
import static belonax.hazard.Hazard.SKIP;

import belonax.cloth.Fade;
import belonax.cloth.Trait;
import belonax.needle.NeedleType;
import java.util.List;

/** Needles made for one kind of work: what they gain there, and why they are not first for a plain job. */
final class SpecialNeedleRules {
    private SpecialNeedleRules() {}

    static final List<Factor> ALL = List.of(
            // Quilting
            lowers(BREAK, 0.5)
                    .when(SpecialNeedleRules::isQuilting)
                    .withPoint(NeedleShapes::tapered)
                    .because(job -> job.hasBatting()
                            ? "The slim taper glides through batting and crossed seams."
                            : "The slim taper glides over crossed seams."),
            lowers(PUCKER, 0.5)
                    .when(SpecialNeedleRules::isQuilting)
                    .withPoint(NeedleShapes::tapered)
                    .because("The taper leaves the layers where they lie."),
            raises(SKIP, 0.6)
                    .when(job -> job.hasBatting() && !job.isKnit())
                    .withPoint(NeedleShapes::fullBodied)
                    .because("Batting holds a full-bodied blade and the loop is late."),
            raises(PUCKER, 0.9)
                    .when(job -> !isQuilting(job))
                    .withPoint(NeedleShapes::tapered)
                    .because("A quilting needle is made for batting; an ordinary one does this job as well."),
            raises(MARK, 0.4)
                    .when(job -> !isQuilting(job))
                    .withPoint(NeedleShapes::tapered)
                    .because("Its taper opens a plain cloth more than an ordinary blade."),
            // Embroidery
            lowers(SHRED, 0.9)
                    .when(job -> job.purpose().isDense())
                    .withPoint(NeedleShapes::polishedEye)
                    .because("The larger polished eye and eased scarf spare the thread at speed."),
            raises(PUCKER, 0.5)
                    .when(job -> job.purpose() == Purpose.EMBROIDERY)
                    .with(needle -> NeedleShapes.polishedEye(needle.needle().point())
                            && needle.needle().size().nm() > 75)
                    .because(
                            "A blade thicker than a 75/11 makes dense stitching coarser: keep it for thread that frays."),
            lowers(PUCKER, 0.6)
                    .when(job -> job.purpose() == Purpose.EMBROIDERY)
                    .with(needle -> NeedleShapes.polishedEye(needle.needle().point())
                            && needle.needle().size().nm() == 75)
                    .because("A 75/11 keeps dense stitching fine; take a 90/14 at the first fraying."),
            raises(SHRED, 1.0)
                    .when(job ->
                            job.purpose() == Purpose.EMBROIDERY && !job.thread().isMetallic())
                    .withKind(needle -> needle.point().eye().widthShare() < 0.45)
                    .because("A standard eye rubs the thread thousands of times a minute in embroidery."),
            raises(SKIP, 1.0)
                    .when(job -> !job.purpose().isDense())
                    .withPoint(NeedleShapes::polishedEye)
                    .atBest(Verdict.CAN_PASS)
                    .because(
                            "Embroidery needle and thread belong together; an everyday seam is steadier with an ordinary"
                                    + " needle."),
            raises(PUCKER, 1.0)
                    .when(job -> !job.purpose().isDense())
                    .withPoint(NeedleShapes::polishedEye)
                    .because("Its eased scarf is shaped for light dense stitching, not for seams."),
            raises(BREAK, 1.6)
                    .asFarAs(job -> job.purpose().isDense() ? 0 : Fade.in(job.resistingGsm(), 800))
                    .withPoint(NeedleShapes::polishedEye)
                    .atBest(Verdict.AVOID)
                    .because("An embroidery needle is not made for heavy seams: it bends."),
            // Metallic thread and monofilament
            lowers(SHRED, 1.5)
                    .when(job -> job.thread().isMetallic())
                    .withPoint(NeedleShapes::longPolishedEye)
                    .because("The long polished eye and larger groove spare metallic thread."),
            lowers(SHRED, 0.7)
                    .when(job -> job.thread().isMetallic())
                    .withPoint(NeedleShapes::longEye)
                    .because("Its long eye takes drag off a fragile thread."),
            raises(SHRED, 1.2)
                    .when(job -> job.thread().isMetallic())
                    .withKind(needle -> needle.point().eye().lengthMm() < 1.7)
                    .because("A short eye strips the metal from metallic thread."),
            lowers(SKIP, 0.5)
                    .when(job -> job.thread().isMonofilament())
                    .withPoint(NeedleShapes::longPolishedEye)
                    .because("The long eye and groove let springy monofilament settle."),
            lowers(SHRED, 0.4)
                    .when(job -> job.thread().isMonofilament())
                    .withPoint(NeedleShapes::longPolishedEye)
                    .because("A polished eye does not nick monofilament."),
            raises(SKIP, 0.8)
                    .when(SpecialNeedleRules::hasOrdinaryThread)
                    .withPoint(NeedleShapes::longPolishedEye)
                    .atBest(Verdict.CAN_PASS)
                    .because("An ordinary thread wanders in the long eye; an ordinary needle does this job as well."),
            raises(PUCKER, 0.7)
                    .when(SpecialNeedleRules::hasOrdinaryThread)
                    .withPoint(NeedleShapes::longPolishedEye)
                    .because("Its large groove lies half empty with an ordinary thread."),
            // Topstitch
            lowers(SHRED, 0.5)
                    .asFarAs(SpecialNeedleRules::gainsByLongEye)
                    .withPoint(NeedleShapes::longEye)
                    .because("The eye is twice as long and the groove deep, so the thread runs without drag."),
            lowers(PUCKER, 0.3)
                    .asFarAs(Job::thickThread)
                    .withPoint(NeedleShapes::longEye)
                    .because("A thick thread that runs freely lies in a clear line."),
            raises(SKIP, 0.8)
                    .asFarAs(job -> 1 - gainsByLongEye(job))
                    .withPoint(NeedleShapes::longEye)
                    .because("An ordinary thread wanders in so long an eye; an ordinary needle does this job as well."),
            raises(PUCKER, 0.7)
                    .asFarAs(job -> 1 - gainsByLongEye(job))
                    .withPoint(NeedleShapes::longEye)
                    .because("Its deep groove lies half empty with an ordinary thread."),
            // Wing
            lowers(PUCKER, 0.5)
                    .when(job -> isOpenwork(job) && job.isOpen())
                    .withPoint(NeedleType::isWinged)
                    .because("The flared blade parts loose yarns, and the stitch holds the opening."),
            raises(PUCKER, 1.2)
                    .when(SpecialNeedleRules::isOpenwork)
                    .withKind(needle -> !needle.point().isWinged())
                    .atBest(Verdict.CAN_PASS)
                    .because("Without the flared blade of a wing needle the openings hardly show."),
            raises(PUCKER, 0.9)
                    .when(job -> isOpenwork(job) && !job.isOpen())
                    .withPoint(NeedleType::isWinged)
                    .because("Close yarns spring back; a loose weave gives bigger openings."),
            raises(MARK, 1.4)
                    .when(SpecialNeedleRules::isOpenwork)
                    .onClothAsFarAs(SpecialNeedleRules::closesOverOpenings)
                    .withPoint(NeedleType::isWinged)
                    .atBest(Verdict.CAN_PASS)
                    .because("Openings close up in pile and heavy cloth: openwork is for light, loose wovens."),
            raises(MARK, 4.0)
                    .when(job -> !isOpenwork(job))
                    .withPoint(NeedleType::isWinged)
                    .atBest(Verdict.AVOID)
                    .because("A wing needle opens a hole at every stitch: it is for openwork only."),
            raises(MARK, 4.0)
                    .when(SpecialNeedleRules::isOpenwork)
                    .onCloth(carried -> carried.isKnit() || carried.isTight() || carried.keepsHoles())
                    .withPoint(NeedleType::isWinged)
                    .atBest(Verdict.AVOID)
                    .because("A wing needle tears knits and dense cloth instead of opening them."),
            // Self-threading
            raises(BREAK, 0.9).withPoint(NeedleType::isSlotted).because("The slot beside its eye weakens the blade."),
            raises(SHRED, 1.1)
                    .withPoint(NeedleType::isSlotted)
                    .because("The slot can catch and fray the thread; its gain is that it threads by feel."),
            raises(BREAK, 2.0)
                    .asFarAs(job -> Math.max(Fade.in(job.resistingGsm(), 600), job.stiffness()))
                    .withPoint(NeedleType::isSlotted)
                    .atBest(Verdict.AVOID)
                    .because("A slotted needle is not for heavy work: it breaks at the slot."),
            raises(SHRED, 1.0)
                    .when(job -> job.purpose().isDense() || job.purpose().isByHand())
                    .withPoint(NeedleType::isSlotted)
                    .atBest(Verdict.AVOID)
                    .because("A slotted needle is not for fast work: the thread slips out or frays."),
            // Several needles on one shank
            raises(SKIP, 0.5)
                    .withKind(needle -> needle.type().isMultiple())
                    .because("Several needles share one hook, and each throws its loop a little off its best place."),
            raises(BREAK, 0.4)
                    .withKind(needle -> needle.type().isMultiple())
                    .because("Several blades on one shank have less room; turn the wheel by hand through one full"
                            + " pattern."),
            raises(BREAK, 3.0)
                    .when(job -> job.purpose() == Purpose.BUTTONHOLE || job.purpose() == Purpose.BAR_TACK)
                    .withKind(needle -> needle.type().isMultiple())
                    .atBest(Verdict.AVOID)
                    .because("A twin needle cannot sew a buttonhole or a tack: its needles cross each other's legs."),
            raises(BREAK, 3.0)
                    .when(job -> job.purpose().isByHand() || job.purpose() == Purpose.EMBROIDERY)
                    .withKind(needle -> needle.type().isMultiple())
                    .atBest(Verdict.AVOID)
                    .because("Twins are never for darning, eyelets or free work: moved sideways, one needle crosses the"
                            + " other's thread and strikes."),
            // Free-motion
            moves(
                            BREAK,
                            (job, needle) -> 0.03
                                    * Math.max(0, 90 - needle.needle().size().nm()))
                    .when(job -> job.purpose().isByHand())
                    .of(Part.NEEDLE_SIZE)
                    .because("In free-motion work the hands load the blade sideways, and a thin one bends."),
            raises(BREAK, 1.5)
                    .when(job -> job.purpose().isByHand())
                    .with(needle -> needle.needle().size().nm() < 75)
                    .of(Part.NEEDLE_SIZE)
                    .atBest(Verdict.CAN_PASS)
                    .because(
                            "Some work freely with a 60 or 70 so that no hole shows; we stop at 75/11, because the hands bend a"
                                    + " thinner one into the plate."),
            raises(BREAK, 1.0)
                    .when(job -> job.purpose().isByHand())
                    .with(needle -> needle.needle().size().nm() < 65)
                    .of(Part.NEEDLE_SIZE)
                    .atBest(Verdict.AVOID)
                    .because("In free-motion work a 60/8 bends into the plate sooner or later."));

    private static boolean isQuilting(Job job) {
        return job.purpose() == Purpose.QUILTING || job.hasBatting();
    }

    /** Returns how far pile, loft or weight closes what the blade opened, 0 to 1. */
    private static double closesOverOpenings(Carried carried) {
        boolean soft = carried.cloth().has(Trait.PILE) || carried.cloth().has(Trait.LOFTY);
        return soft ? 1 : Fade.in(carried.cloth().weightGsm(), 240);
    }

    private static boolean isOpenwork(Job job) {
        return job.purpose() == Purpose.OPENWORK;
    }

    private static boolean hasOrdinaryThread(Job job) {
        return !job.thread().isMetallic() && !job.thread().isMonofilament();
    }

    /**
     * A thick thread gains from a long eye, and so does one that frays easily, even where it is thin, and one that is too thick
     * for any ordinary eye in the sizes of this cloth.
     */
    private static double gainsByLongEye(Job job) {
        return job.thread().isMetallic() || job.thread().isAged()
                ? 1
                : Math.max(job.thickThread(), job.tooThickForOrdinaryEyes());
    }
}
