package belonax.hazard;

import static belonax.hazard.Factor.lowers;
import static belonax.hazard.Factor.moves;
import static belonax.hazard.Factor.raises;
import static belonax.hazard.Hazard.BREAK;
import static belonax.hazard.Hazard.MARK;
import static belonax.hazard.Hazard.PUCKER;
import static belonax.hazard.Hazard.SKIP;
import static belonax.needle.NeedleType.EMBROIDERY;
import static belonax.needle.NeedleType.JEANS;
import static belonax.needle.NeedleType.JERSEY;
import static belonax.needle.NeedleType.LEATHER;
import static belonax.needle.NeedleType.METALLIC;
import static belonax.needle.NeedleType.QUILTING;
import static belonax.needle.NeedleType.SELF_THREADING;
import static belonax.needle.NeedleType.SHARP;
import static belonax.needle.NeedleType.STRETCH;
import static belonax.needle.NeedleType.TOPSTITCH;
import static belonax.needle.NeedleType.UNIVERSAL;
import static belonax.needle.NeedleType.WING;

import belonax.needle.Needle;
import belonax.needle.NeedleSystem;
import java.util.List;

/**
 * How the point meets the cloth. Rounded points slide between yarns, acute ones pierce, cutting ones cut. Weights are
 * log-odds, set so that the worked cases of docs/craft.md come out as experienced sewists have them.
 */
final class PointRules {
    private PointRules() {}

    static final List<Factor> ALL = List.of(
            // Knits
            lowers(MARK, 0.6)
                    .when(Job::isKnit)
                    .withPoint(JERSEY, STRETCH)
                    .because("The round point slides between the yarns, so no hole or ladder starts."),
            moves(SKIP, job -> -0.8 - 0.004 * job.stretchPercent())
                    .when(Job::isElasticKnit)
                    .withPoint(STRETCH)
                    .because(job -> "The deep scarf and high eye throw a bigger loop, and a cloth that gives "
                            + percent(job) + " % closes on a small one."),
            moves(SKIP, job -> 1.1 + 0.02 * Math.max(0, job.stretchPercent() - 45))
                    .when(Job::isElasticKnit)
                    .withPoint(JERSEY)
                    .because(job -> "A knit that gives " + percent(job)
                            + " % can close on a jersey needle's loop; the stretch needle's is bigger."),
            raises(PUCKER, 1.0)
                    .when(job -> job.isKnit() && !job.isElasticKnit())
                    .withKind(PointRules::hasJerseyBeside)
                    .because("On a knit that gives little, a jersey needle sews the straighter row."),
            raises(MARK, 0.5)
                    .when(job -> job.isKnit() && !job.isElasticKnit())
                    .withKind(PointRules::hasJerseyBeside)
                    .because("This knit needs no bigger loop, and the stretch needle's shape is rougher on it."),
            moves(SKIP, job -> 0.9 + 0.018 * job.stretchPercent())
                    .when(Job::isKnit)
                    .withPoint(UNIVERSAL, SELF_THREADING, TOPSTITCH, METALLIC, QUILTING, WING)
                    .because(job -> "A plain point carries the knit down with it, and a cloth that gives "
                            + percent(job) + " % closes on the loop before the hook comes."),
            moves(SKIP, job -> 0.5 + 0.02 * job.stretchPercent())
                    .when(Job::isKnit)
                    .withPoint(EMBROIDERY)
                    .because("A slightly rounded embroidery point can still skip on a knit."),
            raises(MARK, 1.3)
                    .when(Job::isKnit)
                    .withPoint(UNIVERSAL, SELF_THREADING, TOPSTITCH, METALLIC, QUILTING, EMBROIDERY)
                    .because("A plain point can cut a yarn of the knit, and a hole or ladder starts there."),
            raises(SKIP, 0.3)
                    .when(job -> job.isKnit() && job.stretchPercent() <= job.plainPointLimitPercent())
                    .withPoint(UNIVERSAL, SELF_THREADING)
                    .atBest(Verdict.CAN_PASS)
                    .because("A universal needle can pass on a stable knit; test it first on a scrap."),
            moves(SKIP, job -> 0.4 + 0.008 * (job.stretchPercent() - job.plainPointLimitPercent()))
                    .when(job -> job.isKnit() && job.stretchPercent() > job.plainPointLimitPercent())
                    .withPoint(UNIVERSAL, SELF_THREADING)
                    .atBest(Verdict.AVOID)
                    .because(job -> "A universal needle skips on a knit that gives " + percent(job)
                            + " %: take a jersey or stretch needle."),
            raises(MARK, 3.2)
                    .when(Job::isKnit)
                    .withPoint(SHARP, JEANS)
                    .atBest(Verdict.AVOID)
                    .because("A sharp point cuts the yarns of a knit, and every cut can run as a ladder."),
            moves(SKIP, job -> 0.9 + 0.018 * job.stretchPercent())
                    .when(Job::isKnit)
                    .withPoint(SHARP, JEANS)
                    .because("A knit closes on the small loop of a plain needle."),
            // Wovens
            raises(PUCKER, 1.6)
                    .when(Job::isWoven)
                    .withPoint(JERSEY)
                    .atBest(Verdict.AVOID)
                    .because("A ball point pushes woven yarns aside, so the line wanders and the seam draws up."),
            raises(SKIP, 0.9)
                    .when(Job::isWoven)
                    .withPoint(JERSEY)
                    .because("A ball point is pushed off course by woven yarns."),
            raises(PUCKER, 1.6)
                    .when(job -> isCrisp(job) && !isRescue(job))
                    .withKind(PointRules::isFlatStretch)
                    .atBest(Verdict.AVOID)
                    .because(
                            "A stretch needle's ball point pushes the yarns of a crisp woven aside: the line wanders."),
            raises(SKIP, 0.9)
                    .when(job -> isCrisp(job) && !isRescue(job))
                    .withKind(PointRules::isFlatStretch)
                    .because("A ball point is pushed off course by woven yarns."),
            raises(PUCKER, 1.4)
                    .when(job -> isCrisp(job) && isRescue(job))
                    .withKind(PointRules::isFlatStretch)
                    .atBest(Verdict.CAN_PASS)
                    .because(
                            "Its ball point lets the line wander, but its bigger loop is a known rescue when a very thick"
                                    + " stack skips."),
            raises(PUCKER, 0.8)
                    .when(job -> job.isWoven() && !isCrisp(job))
                    .withKind(PointRules::isFlatStretch)
                    .because(
                            "On a woven with some give a stretch needle sews, but its ball point lets the line wander."),
            raises(PUCKER, 1.6)
                    .when(PointRules::isNonwoven)
                    .withPoint(JERSEY, STRETCH)
                    .atBest(Verdict.CAN_PASS)
                    .because("Where there are no yarns to part, a ball point only pushes, and the line wanders."),
            lowers(SKIP, 0.5)
                    .when(job -> isCleanlyPierced(job))
                    .withPoint(SHARP)
                    .because(job -> job.isCoated() || job.isFilm()
                            ? "The slim point pierces the coating with a small clean hole."
                            : "The slim point goes through close, fine yarns instead of pushing them."),
            lowers(MARK, 0.5)
                    .when(job -> isCleanlyPierced(job))
                    .withPoint(SHARP)
                    .because("A fine acute point leaves the smallest hole."),
            raises(MARK, 0.6)
                    .when(job -> job.isWoven() && !isCleanlyPierced(job) && !isFineLine(job))
                    .withPoint(SHARP)
                    .because(
                            "On an ordinary woven a sharp point now and then cuts a yarn that a rounded one slips past."),
            lowers(PUCKER, 0.5)
                    .when(job -> job.isWoven() && isFineLine(job))
                    .withPoint(SHARP)
                    .because("A fine acute point keeps a visible line straight."),
            raises(BREAK, 1.0)
                    .when(Job::wantsStiffBlade)
                    .withPoint(SHARP)
                    .because("A slim acute tip bends in cloth this heavy."),
            raises(SKIP, 2.0)
                    .when(Job::isTightAndFine)
                    .withPoint(UNIVERSAL, SELF_THREADING)
                    .atBest(Verdict.AVOID)
                    .because("A rounded point cannot part yarns this fine and close: it skips and puckers."),
            raises(PUCKER, 1.5)
                    .when(Job::isTightAndFine)
                    .withPoint(UNIVERSAL, SELF_THREADING, METALLIC, EMBROIDERY, TOPSTITCH)
                    .because("A rounded point pushes fine close yarns together, and the seam draws up."),
            raises(SKIP, 0.9)
                    .when(job -> job.isCoated() || job.isFilm())
                    .withPoint(UNIVERSAL, SELF_THREADING, METALLIC, EMBROIDERY)
                    .because("A rounded point stretches a coating before it breaks through, and the loop is late."),
            raises(MARK, 0.7)
                    .when(job -> job.isCoated() || job.isFilm())
                    .withPoint(UNIVERSAL, SELF_THREADING, METALLIC, EMBROIDERY, TOPSTITCH)
                    .because("A rounded point punches a ragged hole in a coating."),
            raises(MARK, 0.7)
                    .when(job -> job.isWoven() && job.isDelicate() && !job.isOpen())
                    .withPoint(UNIVERSAL, SELF_THREADING, METALLIC, EMBROIDERY, TOPSTITCH, QUILTING)
                    .because("A rounded point can pull a yarn of silk or sheer cloth into a line that shows."),
            raises(SKIP, 3.0)
                    .when(job -> job.isFilm() || job.isCoated() && job.keepsHoles())
                    .withPoint(JERSEY, STRETCH)
                    .atBest(Verdict.AVOID)
                    .because("A ball point stretches film and coating instead of piercing it."),
            // Heavy, dense cloth
            lowers(BREAK, 0.9)
                    .when(Job::wantsStiffBlade)
                    .withPoint(JEANS)
                    .because("The strong blade keeps its line through dense cloth and layers."),
            lowers(SKIP, 0.5)
                    .when(Job::wantsStiffBlade)
                    .withPoint(JEANS)
                    .because("A blade that does not bend meets the hook where it should."),
            raises(BREAK, 1.3)
                    .when(Job::wantsStiffBlade)
                    .withPoint(UNIVERSAL, METALLIC, WING)
                    .because("An ordinary blade bends in cloth this dense."),
            raises(SKIP, 0.8)
                    .when(Job::wantsStiffBlade)
                    .withPoint(UNIVERSAL, SHARP, METALLIC, QUILTING, EMBROIDERY, SELF_THREADING)
                    .because("A blade that bends in dense cloth misses the hook."),
            raises(BREAK, 0.6)
                    .when(Job::wantsStiffBlade)
                    .withPoint(QUILTING, TOPSTITCH, EMBROIDERY)
                    .because("Its blade is not made for cloth this dense."),
            raises(MARK, 2.2)
                    .when(job -> job.isWoven() && isFine(job))
                    .withPoint(JEANS)
                    .atBest(Verdict.AVOID)
                    .because("A jeans needle is too coarse for fine cloth: its holes show."),
            raises(MARK, 0.7)
                    .when(job -> job.isWoven() && !isFine(job) && !job.wantsStiffBlade() && !job.isCoated())
                    .withPoint(JEANS)
                    .because("A jeans needle is stiffer and blunter in its shoulders than this cloth needs."),
            raises(SKIP, 0.7)
                    .when(job -> job.isWoven() && !job.wantsStiffBlade() && !isCleanlyPierced(job))
                    .withPoint(JEANS)
                    .because("Its stout blade gains nothing on cloth that an ordinary one goes through."),
            // Hides and films
            lowers(BREAK, 0.6)
                    .when(Job::isHide)
                    .withPoint(LEATHER)
                    .because("The cutting point opens the hide instead of forcing through it."),
            lowers(SKIP, 0.4)
                    .when(Job::isHide)
                    .withPoint(LEATHER)
                    .because("A cut hide does not hold the blade, so the loop forms."),
            raises(SKIP, 1.8)
                    .when(Job::isHide)
                    .withPoint(UNIVERSAL, JERSEY, STRETCH, SELF_THREADING, WING)
                    .atBest(Verdict.AVOID)
                    .because("A rounded point tears a hide instead of cutting it, and skips."),
            raises(BREAK, 1.2)
                    .when(Job::isHide)
                    .withPoint(UNIVERSAL, JERSEY, STRETCH, SELF_THREADING, WING)
                    .because("A hide holds a rounded point and bends it."),
            raises(SKIP, 1.5)
                    .when(Job::isHide)
                    .withPoint(SHARP, JEANS, TOPSTITCH, QUILTING, METALLIC, EMBROIDERY)
                    .atBest(Verdict.CAN_PASS)
                    .because("A hide wants a cutting point; this one can pass on thin skins."),
            raises(BREAK, 0.8)
                    .when(Job::isHide)
                    .withPoint(SHARP, JEANS, TOPSTITCH, QUILTING, METALLIC, EMBROIDERY)
                    .because("A hide grips a point that does not cut."),
            raises(MARK, 3.6)
                    .when(job -> !job.isHide() && !job.isFilm())
                    .withPoint(LEATHER)
                    .atBest(Verdict.AVOID)
                    .because("A cutting point is for true hides: it cuts the yarns, and the holes stay."),
            raises(MARK, 1.2)
                    .when(job -> !job.isHide() && job.isFilm())
                    .withPoint(LEATHER)
                    .atBest(Verdict.CAN_PASS)
                    .because("On cork and thick vinyl a cutting point is the last resort: its slits can tear like a"
                            + " stamp."));

    /** An overlocker's own needle has a stretch point for every cloth, so the rule for crisp wovens is not for it. */
    private static boolean isFlatStretch(Needle it) {
        return it.point() == STRETCH && it.system() != NeedleSystem.HAX1SP;
    }

    /** Jersey is a choice only among single needles of the usual system: no twin and no overlock needle is made with it. */
    private static boolean hasJerseyBeside(Needle it) {
        return isFlatStretch(it) && !it.type().isMultiple();
    }

    private static boolean isCrisp(Job job) {
        return job.isWoven() && job.stretchPercent() < 10;
    }

    private static boolean isRescue(Job job) {
        return job.resistingGsm() >= 900 || job.stack().thicknessMm() >= 4;
    }

    private static boolean isCleanlyPierced(Job job) {
        return !job.isKnit()
                && !job.isHide()
                && (job.isTightAndFine()
                        || job.isCoated()
                        || job.isFilm()
                        || job.isWoven() && job.isDelicate() && !job.isOpen());
    }

    private static boolean isNonwoven(Job job) {
        return !job.isKnit() && !job.isWoven() && !job.isHide() && !job.isFilm();
    }

    private static boolean isFineLine(Job job) {
        return job.purpose() == Purpose.TOPSTITCH && !job.wantsStiffBlade();
    }

    private static boolean isFine(Job job) {
        return job.stack().main().weightGsm() < 100;
    }

    private static String percent(Job job) {
        return String.valueOf(Math.round(job.stretchPercent()));
    }
}
