package belonax.hazard;

import static belonax.hazard.Factor.lowers;
import static belonax.hazard.Factor.moves;
import static belonax.hazard.Factor.raises;
import static belonax.hazard.Hazard.BREAK;
import static belonax.hazard.Hazard.SKIP;

import belonax.machine.MotorPower;
import belonax.machine.NeedleTravel;
import belonax.machine.Plate;
import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleType;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** What the motor can pierce and the plate lets through. Source: docs/craft.md, "Machine" and "Clearance". */
final class MachineRules {
    /** Flare of the widest wing needle that is made. */
    private static final double WING_MM = 3.0;

    private static final double LABOURS_FROM_GSM = 700;
    /** One break tells of more than bad luck; a third tells little that the second did not. */
    private static final double BROKE_BEFORE = 1.6;

    private MachineRules() {}

    static final List<Factor> ALL = List.of(
            moves(BREAK, (job, it) -> isListed(job, it) ? 0 : 4.5)
                    .sameForTheKind()
                    .of(Part.MACHINE)
                    .atBest(Verdict.AVOID)
                    .because((job, it) -> it.needle().system() + " is not on this machine's list ("
                            + job.systems().stream().map(String::valueOf).collect(Collectors.joining(", "))
                            + "): its eye meets the hook in another place, and it can strike. Take it out."),
            moves(SKIP, (job, it) -> isListed(job, it) ? 0 : 3.5)
                    .sameForTheKind()
                    .of(Part.MACHINE)
                    .because("A needle of another system brings its loop past the hook too high or too low."),
            moves(BREAK, job -> 0.6 + 0.8 * Math.log(job.resistingGsm() / LABOURS_FROM_GSM))
                    .when(job -> job.power() == MotorPower.LIGHT && job.resistingGsm() >= LABOURS_FROM_GSM)
                    .of(Part.MACHINE)
                    .because("A light machine labours on cloth this heavy, and a bigger needle gives it no more"
                            + " strength."),
            raises(SKIP, 0.8)
                    .when(job -> job.power() == MotorPower.LIGHT && job.resistingGsm() >= LABOURS_FROM_GSM)
                    .of(Part.MACHINE)
                    .because("A motor that labours slows at the worst moment, and the hook misses the loop."),
            lowers(BREAK, 0.4)
                    .when(job -> job.power() == MotorPower.STRONG && job.resistingGsm() >= LABOURS_FROM_GSM)
                    .of(Part.MACHINE)
                    .because("A strong motor goes through without stalling on the hump."),
            raises(BREAK, 5.0)
                    .when(job -> job.plate() == Plate.STRAIGHT)
                    .withKind(it -> it.type().isMultiple() || it.point() == NeedleType.WING)
                    .of(Part.MACHINE)
                    .atBest(Verdict.AVOID)
                    .because("The plate or foot that is on has one round hole: this needle would strike it."),
            raises(BREAK, 5.0)
                    .when(job -> job.plate() == Plate.STRAIGHT && (job.stitchWidthMm() > 0 || job.offCentreMm() > 0))
                    .of(Part.MACHINE)
                    .atBest(Verdict.AVOID)
                    .because(
                            "The plate or foot that is on has one round hole: a stitch with any width, or a needle off the"
                                    + " middle, would strike it. Put the zigzag plate and a foot with a slot on."),
            moves(BREAK, (job, it) -> travelMm(job, it.needle()) > job.slotMm().orElse(Double.MAX_VALUE) ? 5.0 : 0)
                    .when(job -> job.slotMm().isPresent() && job.plate() == Plate.ZIGZAG)
                    .of(Part.MACHINE)
                    .atBest(Verdict.AVOID)
                    .because((job, it) -> String.format(
                            Locale.ROOT,
                            "It needs a slot %.1f mm wide and the narrower of plate and foot is %.1f mm: it would strike.",
                            travelMm(job, it.needle()),
                            job.slotMm().orElse(0))),
            moves(BREAK, (job, it) -> BROKE_BEFORE * Math.min(2, job.brokenLike(it.needle())))
                    .when(Job::hasBrokenBefore)
                    .of(Part.NEEDLE_SIZE)
                    .atBest(Verdict.CAN_PASS)
                    .because(
                            "A needle like this one, or a thicker one, broke on this cloth here before: go up a size or take"
                                    + " fewer layers."),
            raises(BREAK, 2.0)
                    .when(job -> !job.twinsAllowed())
                    .withKind(it -> it.type().isMultiple())
                    .of(Part.MACHINE)
                    .atBest(Verdict.AVOID)
                    .because(
                            "On this machine the flat does not face the back, so several needles would stand one behind"
                                    + " the other; only its manual can allow it."));

    private static boolean isListed(Job job, NeedleInUse it) {
        return job.systems().contains(it.needle().system());
    }

    /** Returns the room that a needle needs from side to side: see {@link NeedleTravel}. */
    static double travelMm(Job job, Needle needle) {
        double bladeMm =
                needle.point() == NeedleType.WING ? WING_MM : needle.size().bladeMm();
        return NeedleTravel.neededMm(job.stitchWidthMm(), needle.spacingMm(), bladeMm, job.offCentreMm());
    }
}
