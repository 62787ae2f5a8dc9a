package belonax.hazard;

import static belonax.hazard.Factor.lowers;
import static belonax.hazard.Factor.movesOnCloth;
import static belonax.hazard.Factor.raises;
import static belonax.hazard.Hazard.BREAK;
import static belonax.hazard.Hazard.MARK;
import static belonax.hazard.Hazard.PUCKER;
import static belonax.hazard.Hazard.SKIP;

import belonax.cloth.Fade;
import belonax.needle.Needle;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import java.util.List;

/**
 * How the point meets knits and wovens, asked of each carrying cloth by itself. Rounded points slide between yarns, acute
 * ones pierce. Weights are log-odds, set so that the worked cases of docs/craft.md come out as experienced sewists have them.
 */
final class PointRules {
    private PointRules() {}

    static final List<Factor> KNITS = List.of(
            lowers(MARK, 0.6)
                    .onCloth(Carried::isKnit)
                    .withPoint(NeedleType::isBallPoint)
                    .because("The round point slides between the yarns, so no hole or ladder starts."),
            movesOnCloth(SKIP, carried -> -0.8 - 0.004 * carried.stretchPercent())
                    .onClothAsFarAs(Carried::elastic)
                    .withPoint(NeedleType::hasDeepScarf)
                    .becauseOfCloth(
                            carried -> "The deep scarf and high eye throw a bigger loop, and a cloth that gives "
                                    + carried.percent() + " % closes on a small one."),
            movesOnCloth(SKIP, carried -> 0.7 + 0.02 * Math.max(0, carried.stretchPercent() - 45))
                    .onClothAsFarAs(Carried::elastic)
                    .withPoint(NeedleShapes::ballOverOrdinaryScarf)
                    .becauseOfCloth(carried -> "A knit that gives " + carried.percent()
                            + " % can close on a jersey needle's loop; the stretch needle's is bigger."),
            raises(SKIP, 0.5)
                    .onClothAsFarAs(Carried::veryElastic)
                    .withPoint(NeedleShapes::ballOverOrdinaryScarf)
                    .atBest(Verdict.CAN_PASS)
                    .becauseOfCloth(carried -> "A cloth that gives " + carried.percent()
                            + " % is work for a stretch needle; a jersey one can pass if it skips nothing on a scrap."),
            raises(PUCKER, 1.0)
                    .onClothAsFarAs(carried -> carried.isKnit() ? 1 - carried.elastic() : 0)
                    .withKind(PointRules::hasJerseyBeside)
                    .because("On a knit that gives little, a jersey needle sews the straighter row."),
            raises(MARK, 0.5)
                    .onClothAsFarAs(carried -> carried.isKnit() ? 1 - carried.elastic() : 0)
                    .withKind(PointRules::hasJerseyBeside)
                    .because("This knit needs no bigger loop, and the stretch needle's shape is rougher on it."),
            movesOnCloth(SKIP, carried -> 0.9 + 0.018 * carried.stretchPercent())
                    .onCloth(Carried::isKnit)
                    .withPoint(NeedleShapes::roundedOrSlender)
                    .becauseOfCloth(carried -> "A plain point carries the knit down with it, and a cloth that gives "
                            + carried.percent() + " % closes on the loop before the hook comes."),
            movesOnCloth(SKIP, carried -> 0.5 + 0.02 * carried.stretchPercent())
                    .onCloth(Carried::isKnit)
                    .withPoint(NeedleShapes::easedTip)
                    .because("A slightly rounded embroidery point can still skip on a knit."),
            raises(MARK, 1.3)
                    .onCloth(Carried::isKnit)
                    .withPoint(NeedleShapes::forWovens)
                    .because("A plain point can cut a yarn of the knit, and a hole or ladder starts there."),
            raises(SKIP, 0.5)
                    .onCloth(Carried::isKnit)
                    .withPoint(NeedleShapes::specialForWovens)
                    .atBest(Verdict.CAN_PASS)
                    .becauseOfCloth(
                            carried -> "Its point is for wovens: on a knit it can pass, so test it first on a scrap."),
            raises(SKIP, 0.3)
                    .onCloth(carried -> carried.isKnit() && (carried.beyondPlainPoint() <= 0.5 || carried.hasRubber()))
                    .withPoint(NeedleType::isPlain)
                    .atBest(Verdict.CAN_PASS)
                    .becauseOfCloth(carried -> carried.hasRubber()
                            ? "A universal needle can pass here, because its rounded point spares the rubber; test it first."
                            : "A universal needle can pass on a stable knit; test it first on a scrap."),
            movesOnCloth(
                            SKIP,
                            carried -> 0.5
                                    + 0.008 * Math.max(0, carried.stretchPercent() - carried.plainPointLimitPercent()))
                    .onClothAsFarAs(carried -> carried.hasRubber() ? 0 : carried.beyondPlainPoint())
                    .withPoint(NeedleType::isPlain)
                    .atBest(Verdict.AVOID)
                    .becauseOfCloth(carried -> "A universal needle skips on a knit that gives " + carried.percent()
                            + " %: take a jersey or stretch needle."),
            raises(SKIP, 0.5)
                    .onClothAsFarAs(carried -> carried.hasRubber() ? 0 : carried.beyondPlainPoint())
                    .withPoint(NeedleShapes::slender)
                    .atBest(Verdict.AVOID)
                    .becauseOfCloth(carried -> "Its point is for wovens, and skips on a knit that gives "
                            + carried.percent() + " %: take a jersey or stretch needle."),
            raises(MARK, 3.2)
                    .onCloth(Carried::isKnit)
                    .withPoint(NeedleShapes::acute)
                    .atBest(Verdict.AVOID)
                    .because("A sharp point cuts the yarns of a knit, and every cut can run as a ladder."),
            movesOnCloth(SKIP, carried -> 0.9 + 0.018 * carried.stretchPercent())
                    .onCloth(Carried::isKnit)
                    .withPoint(NeedleShapes::acute)
                    .because("A knit closes on the small loop of a plain needle."));

    static final List<Factor> BALL_POINTS_ON_WOVENS = List.of(
            raises(PUCKER, 1.6)
                    .when(job -> !roundedMayPass(job))
                    .onCloth(Carried::isWoven)
                    .withPoint(NeedleShapes::ballOverOrdinaryScarf)
                    .atBest(Verdict.AVOID)
                    .because("A ball point pushes woven yarns aside, so the line wanders and the seam draws up."),
            raises(SKIP, 0.9)
                    .when(job -> !roundedMayPass(job))
                    .onCloth(Carried::isWoven)
                    .withPoint(NeedleShapes::ballOverOrdinaryScarf)
                    .because("A ball point is pushed off course by woven yarns."),
            raises(PUCKER, 1.6)
                    .when(job -> !roundedMayPass(job))
                    .onClothAsFarAs(Carried::crisp)
                    .asFarAs(job -> 1 - rescue(job))
                    .withKind(PointRules::isFlatStretch)
                    .atBest(Verdict.AVOID)
                    .because(
                            "A stretch needle's ball point pushes the yarns of a crisp woven aside: the line wanders."),
            raises(SKIP, 0.9)
                    .when(job -> !roundedMayPass(job))
                    .onClothAsFarAs(Carried::crisp)
                    .asFarAs(job -> 1 - rescue(job))
                    .withKind(PointRules::isFlatStretch)
                    .because("A ball point is pushed off course by woven yarns."),
            raises(PUCKER, 1.4)
                    .when(job -> !roundedMayPass(job))
                    .onClothAsFarAs(Carried::crisp)
                    .asFarAs(PointRules::rescue)
                    .withKind(PointRules::isFlatStretch)
                    .atBest(Verdict.CAN_PASS)
                    .because(
                            "Its ball point lets the line wander, but its bigger loop is a known rescue when a very thick"
                                    + " stack skips."),
            raises(PUCKER, 0.8)
                    .when(job -> !roundedMayPass(job))
                    .onClothAsFarAs(carried -> carried.isWoven() ? 1 - carried.crisp() : 0)
                    .withKind(PointRules::isFlatStretch)
                    .because(
                            "On a woven with some give a stretch needle sews, but its ball point lets the line wander."),
            raises(PUCKER, 0.5)
                    .when(Job::knitLeadsWoven)
                    .onCloth(Carried::isWoven)
                    .withPoint(NeedleType::isBallPoint)
                    .atBest(Verdict.CAN_PASS)
                    .because("The knit beside it decides the point; on the woven the line wanders a little."),
            raises(PUCKER, 0.9)
                    .when(job -> job.isOverRubber() && !job.knitLeadsWoven())
                    .onCloth(Carried::isWoven)
                    .withPoint(NeedleType::isBallPoint)
                    .atBest(Verdict.CAN_PASS)
                    .because("A rounded point spares the rubber; on the woven the line wanders a little."),
            raises(PUCKER, 1.6)
                    .onCloth(Carried::isNonwoven)
                    .withPoint(NeedleType::isBallPoint)
                    .atBest(Verdict.CAN_PASS)
                    .because("Where there are no yarns to part, a ball point only pushes, and the line wanders."));

    static final List<Factor> FINE_AND_CLOSE = List.of(
            lowers(SKIP, 0.5)
                    .onClothAsFarAs(Carried::cleanlyPierced)
                    .withPoint(NeedleType::isFineAcute)
                    .becauseOfCloth(carried -> carried.surface() > 0
                            ? "The slim point pierces the coating with a small clean hole."
                            : "The slim point goes through close, fine yarns instead of pushing them."),
            lowers(MARK, 0.5)
                    .onClothAsFarAs(Carried::cleanlyPierced)
                    .withPoint(NeedleType::isFineAcute)
                    .because("A fine acute point leaves the smallest hole."),
            raises(MARK, 0.6)
                    .when(job -> job.isWoven() && !isFineLine(job))
                    .onClothAsFarAs(carried -> carried.isWoven() ? 1 - carried.cleanlyPierced() : 0)
                    .withPoint(NeedleType::isFineAcute)
                    .because(
                            "On an ordinary woven a sharp point now and then cuts a yarn that a rounded one slips past."),
            raises(SKIP, 1.0)
                    .when(job -> !job.isOverRubber())
                    .onClothAsFarAs(Carried::tightAndFine)
                    .withPoint(NeedleType::isPlain)
                    .atBest(Verdict.CAN_PASS)
                    .because("A rounded point hardly parts yarns this fine and close: it can skip, so test it first."),
            raises(SKIP, 0.9)
                    .when(job -> !job.isOverRubber())
                    .onClothAsFarAs(Carried::closedToRoundedPoints)
                    .withPoint(NeedleType::isPlain)
                    .atBest(Verdict.AVOID)
                    .because("A rounded point cannot part yarns this fine and close: it skips and puckers."),
            raises(PUCKER, 0.9)
                    .onClothAsFarAs(Carried::tightAndFine)
                    .withPoint(NeedleShapes::roundedOverFullBlade)
                    .because("A rounded point pushes fine close yarns together, and the seam draws up."),
            raises(SKIP, 0.9)
                    .onClothAsFarAs(Carried::surface)
                    .withPoint(NeedleShapes::roundedOrEased)
                    .because("A rounded point stretches a coating before it breaks through, and the loop is late."),
            raises(MARK, 0.7)
                    .onClothAsFarAs(Carried::surface)
                    .withPoint(NeedleShapes::roundedOverFullBlade)
                    .because("A rounded point punches a ragged hole in a coating."),
            raises(MARK, 0.7)
                    .onClothAsFarAs(carried -> carried.isWoven() && !carried.isOpen() ? carried.delicacy() : 0)
                    .withPoint(NeedleShapes::forWovens)
                    .because("A rounded point can pull a yarn of silk or sheer cloth into a line that shows."),
            raises(SKIP, 3.0)
                    .onCloth(carried ->
                            !carried.isKnit() && !carried.isHide() && carried.keepsHoles() && carried.surface() > 0)
                    .withPoint(NeedleType::isBallPoint)
                    .atBest(Verdict.AVOID)
                    .because("A ball point stretches film and coating instead of piercing it."));

    static final List<Factor> ACUTE_LINES = List.of(
            lowers(PUCKER, 0.5)
                    .when(job -> job.isWoven() && isFineLine(job))
                    .withPoint(NeedleType::isFineAcute)
                    .because("A fine acute point keeps a visible line straight."),
            lowers(PUCKER, 0.25)
                    .when(job -> job.isWoven() && job.purpose() == Purpose.PIECING && !job.wantsStiffBlade())
                    .withPoint(NeedleType::isFineAcute)
                    .because("A fine acute point pieces along the straighter line."),
            raises(MARK, 1.2)
                    .when(Job::isOverRubber)
                    .withPoint(NeedleShapes::acuteOrSlender)
                    .atBest(Verdict.CAN_PASS)
                    .because(
                            "A sharp point cuts the rubber, and the elastic loses its pull there: take a rounded one."),
            raises(BREAK, 1.0)
                    .asFarAs(Job::stiffness)
                    .withPoint(NeedleType::isFineAcute)
                    .because("A slim acute tip bends in dense cloth and in many layers."));

    /** An overlocker's own needle has a stretch point for every cloth, so the rule for crisp wovens is not for it. */
    private static boolean isFlatStretch(Needle needle) {
        return needle.point().hasDeepScarf() && needle.system() != NeedleSystem.HAX1SP;
    }

    /** Jersey is a choice only among single needles of the usual system: no twin and no overlock needle is made with it. */
    private static boolean hasJerseyBeside(Needle needle) {
        return isFlatStretch(needle) && !needle.type().isMultiple();
    }

    /** A knit that gives, or rubber, takes its rounded point with it into a seam with a woven. */
    private static boolean roundedMayPass(Job job) {
        return job.knitLeadsWoven() || job.isOverRubber();
    }

    /** Returns how far a stack is so thick that the stretch needle's bigger loop is worth its wandering line. */
    private static double rescue(Job job) {
        return Math.max(Fade.in(job.resistingGsm(), 900), Fade.in(job.stack().heightMm(), 4));
    }

    private static boolean isFineLine(Job job) {
        return job.purpose() == Purpose.TOPSTITCH && !job.wantsStiffBlade();
    }
}
