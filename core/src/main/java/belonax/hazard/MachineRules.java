package belonax.hazard;

import static belonax.hazard.Factor.lowers;
import static belonax.hazard.Factor.moves;
import static belonax.hazard.Factor.raises;
import static belonax.hazard.Hazard.BREAK;
import static belonax.hazard.Hazard.SKIP;

import belonax.cloth.Fade;
import belonax.machine.MotorPower;
import belonax.machine.NeedleTravel;
import belonax.machine.Plate;
import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleSize;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** What the motor can pierce and the plate lets through. Source: docs/craft.md, "Limits" and "Clearance". */
final class MachineRules {
    /** Flare of the widest wing needle that is made. */
    private static final double WING_MM = 3.0;

    private static final double HEAVY_WORK_GSM = 700;
    /** From this share of what the motor pierces on, it is felt. */
    private static final double FELT_FROM = 0.6;
    /** At all that the motor pierces, as log-odds. */
    private static final double BREAKS_AT_THE_LIMIT = 1.4;

    private static final double SKIPS_AT_THE_LIMIT = 0.8;
    /** Far beyond the limit, where nothing is sewn any more, it tells no more. */
    private static final double TOLD_UP_TO = 2;
    /** One break tells of more than bad luck; a third tells little that the second did not. */
    private static final double BROKE_BEFORE = 1.6;

    private MachineRules() {}

    static final List<Factor> ALL = List.of(
            moves(BREAK, (job, needle) -> isListed(job, needle) ? 0 : 4.5)
                    .sameForTheKind()
                    .of(Part.MACHINE)
                    .atBest(Verdict.AVOID)
                    .because((job, needle) -> needle.needle().system() + " is not on this machine's list ("
                            + job.systems().stream().map(String::valueOf).collect(Collectors.joining(", "))
                            + "): its eye meets the hook in another place, and it can strike. Take it out."),
            moves(SKIP, (job, needle) -> isListed(job, needle) ? 0 : 3.5)
                    .sameForTheKind()
                    .of(Part.MACHINE)
                    .because("A needle of another system brings its loop past the hook too high or too low."),
            moves(BREAK, job -> BREAKS_AT_THE_LIMIT * labours(job))
                    .when(job -> labours(job) > 0)
                    .of(Part.MACHINE)
                    .because(job -> job.power() == MotorPower.LIGHT
                            ? "A light machine labours on this, and a bigger needle gives it no more strength."
                            : "This is much for the motor, and a bigger needle gives it no more strength."),
            moves(SKIP, job -> SKIPS_AT_THE_LIMIT * labours(job))
                    .when(job -> labours(job) > 0)
                    .of(Part.MACHINE)
                    .because("A motor that labours slows at the worst moment, and the hook misses the loop."),
            lowers(BREAK, 0.4)
                    .when(job -> job.power() == MotorPower.STRONG)
                    .asFarAs(job -> Fade.in(job.resistingGsm(), HEAVY_WORK_GSM))
                    .of(Part.MACHINE)
                    .because("A strong motor goes through without stalling on the hump."),
            raises(BREAK, 5.0)
                    .when(job -> job.plate() == Plate.STRAIGHT)
                    .withKind(needle ->
                            needle.type().isMultiple() || needle.point().isWinged())
                    .of(Part.MACHINE)
                    .atBest(Verdict.AVOID)
                    .because("The plate or foot that is on has one round hole: this needle would strike it."),
            raises(BREAK, 5.0)
                    .when(job -> job.plate() == Plate.STRAIGHT && (job.leastSwingMm() > 0 || job.offCentreMm() > 0))
                    .of(Part.MACHINE)
                    .atBest(Verdict.AVOID)
                    .because(
                            "The plate or foot that is on has one round hole: a stitch with any width, or a needle off the"
                                    + " middle, would strike it. Put the zigzag plate and a foot with a slot on."),
            moves(
                            BREAK,
                            (job, needle) -> needle.needle().size().bladeMm() + 2 * NeedleTravel.ROUND_MARGIN_MM
                                            > job.roundHoleMm().orElse(Double.MAX_VALUE) + 1e-9
                                    ? 5.0
                                    : 0)
                    .when(job -> job.roundHoleMm().isPresent())
                    .of(Part.MACHINE)
                    .atBest(Verdict.AVOID)
                    .because((job, needle) -> String.format(
                            Locale.ROOT,
                            "A %s wants a round hole %.1f mm across, and this one is %.1f mm: it would strike.",
                            needle.needle().size(),
                            NeedleTravel.roundHoleMm(needle.needle().size().bladeMm()),
                            job.roundHoleMm().orElse(0))),
            raises(BREAK, 0.8)
                    .when(job ->
                            job.plate() == Plate.STRAIGHT && job.roundHoleMm().isEmpty())
                    .with(needle -> needle.needle().size().compareTo(NeedleSize.NM_100) > 0)
                    .of(Part.MACHINE)
                    .atBest(Verdict.CAN_PASS)
                    .because((job, needle) -> String.format(
                            Locale.ROOT,
                            "The round hole of a straight-stitch plate is made for needles up to 100/16; measure it first: a %s"
                                    + " wants %.1f mm.",
                            needle.needle().size(),
                            NeedleTravel.roundHoleMm(needle.needle().size().bladeMm()))),
            moves(
                            BREAK,
                            (job, needle) -> travelMm(job, needle.needle())
                                            > job.slotMm().orElse(Double.MAX_VALUE) + 1e-9
                                    ? 5.0
                                    : 0)
                    .when(job -> job.slotMm().isPresent() && job.plate() == Plate.ZIGZAG)
                    .of(Part.MACHINE)
                    .atBest(Verdict.AVOID)
                    .because((job, needle) -> String.format(
                            Locale.ROOT,
                            "It needs a slot %.1f mm wide and the narrower of plate and foot is %.1f mm: it would strike.",
                            travelMm(job, needle.needle()),
                            job.slotMm().orElse(0))),
            moves(BREAK, (job, needle) -> BROKE_BEFORE * Math.min(2, job.brokenLike(needle.needle())))
                    .when(Job::hasBrokenBefore)
                    .of(Part.NEEDLE_SIZE)
                    .atBest(Verdict.CAN_PASS)
                    .because(
                            "A needle like this one, or a thicker one, broke on this cloth here before: go up a size or take"
                                    + " fewer layers."),
            raises(BREAK, 2.0)
                    .when(job -> !job.twinsAllowed())
                    .withKind(needle -> needle.type().isMultiple())
                    .of(Part.MACHINE)
                    .atBest(Verdict.AVOID)
                    .because(
                            "On this machine the flat does not face the back, so several needles would stand one behind"
                                    + " the other; only its manual can allow it."));

    /** Returns 0 up to six tenths of what the motor pierces, 1 at all of it, and more beyond. */
    private static double labours(Job job) {
        double load = Math.min(TOLD_UP_TO, job.limits().load());
        return Math.max(0, load - FELT_FROM) / (1 - FELT_FROM);
    }

    private static boolean isListed(Job job, NeedleInUse needle) {
        return job.systems().contains(needle.needle().system());
    }

    /** Returns the room that a needle needs from side to side: see {@link NeedleTravel}. */
    static double travelMm(Job job, Needle needle) {
        return NeedleTravel.neededMm(job.leastSwingMm(), needle.spacingMm(), widestBodyMm(needle), job.offCentreMm());
    }

    /** Returns the width of what passes the plate at one needle: the blade, or the flare of a wing. */
    static double widestBodyMm(Needle needle) {
        return needle.point().isWinged() ? WING_MM : needle.size().bladeMm();
    }
}
