package belonax.hazard;

import static belonax.hazard.Factor.lowers;
import static belonax.hazard.Factor.moves;
import static belonax.hazard.Factor.movesOnCloth;
import static belonax.hazard.Factor.raises;
import static belonax.hazard.Hazard.BREAK;
import static belonax.hazard.Hazard.MARK;
import static belonax.hazard.Hazard.PUCKER;
import static belonax.hazard.Hazard.SHRED;
import static belonax.hazard.Hazard.SKIP;

import belonax.cloth.Cloth;
import belonax.cloth.Density;
import belonax.cloth.Fade;
import belonax.cloth.Layers;
import belonax.cloth.Trait;
import java.util.List;
import java.util.function.Predicate;

/** What the cloth brings with it, whatever the needle; helpers bring their own hazards. Source: docs/craft.md, "Cloth". */
final class ClothRules {
    /** Up to this weight under the foot no blade is loaded, in g/m². */
    private static final double LOADS_FROM_GSM = 900;

    private ClothRules() {}

    static final List<Factor> OF_THE_SEAM = List.of(
            movesOnCloth(SKIP, carried -> 0.006 * carried.stretchPercent())
                    .onCloth(Carried::isKnit)
                    .of(Part.CLOTH)
                    .becauseOfCloth(carried ->
                            "A knit that gives " + carried.percent() + " % springs back on the needle as it rises."),
            raises(SKIP, 0.3)
                    .onCloth(carried -> carried.isKnit() && carried.isTight())
                    .of(Part.CLOTH)
                    .because("A dense knit grips the blade."),
            raises(PUCKER, 0.4)
                    .onCloth(carried -> carried.isWoven() && carried.isTight())
                    .of(Part.CLOTH)
                    .because("Close yarns have no room for the thread, so the seam draws up a little."),
            raises(SKIP, 0.3)
                    .onCloth(Carried::isCoated)
                    .of(Part.CLOTH)
                    .because("A coating closes round the thread and holds the loop back."),
            raises(SKIP, 0.25)
                    .when(job -> job.isLofty() || job.hasPile() || job.hasBatting())
                    .of(Part.CLOTH)
                    .because("Loft and pile move under the foot while the loop forms."),
            raises(MARK, 0.7)
                    .onClothAsFarAs(Carried::delicacy)
                    .of(Part.CLOTH)
                    .because("It snags easily and shows every hole."),
            raises(MARK, 0.5)
                    .onCloth(Carried::keepsHoles)
                    .of(Part.CLOTH)
                    .because("Every hole stays: sew once, in the right place, with a long stitch."),
            raises(PUCKER, 0.8)
                    .when(job -> !gathers(job))
                    .asFarAs(Job::sheerness)
                    .of(Part.CLOTH)
                    .because("Sheer cloth is drawn up by the lightest pull: short stitch, light foot."),
            moves(BREAK, job -> 0.8 * Math.log(job.resistingGsm() / LOADS_FROM_GSM))
                    .when(job -> job.resistingGsm() > LOADS_FROM_GSM)
                    .of(Part.CLOTH)
                    .because(job -> Math.round(job.resistingGsm()) + " g/m² under the foot loads every blade."),
            raises(SKIP, 0.4)
                    .asFarAs(job -> Fade.in(job.stack().heightMm(), 3.5))
                    .of(Part.CLOTH)
                    .because("A stack this thick lifts the foot, and the cloth rises with the needle."),
            moves(PUCKER, job -> 1.3 * Math.log(job.stack().seamLayers() / 2.0))
                    .when(job -> job.stack().seamLayers() > 2)
                    .of(Part.CLOTH)
                    .because(job -> "Of " + job.stack().seamLayers()
                            + " layers the upper ones creep on the lower: pin or clip close."),
            raises(SKIP, 0.9)
                    .asFarAs(job -> Fade.between(job.stack().layers(), 2, 8))
                    .of(Part.CLOTH)
                    .because("Each further layer springs a little under the foot, and the loop is late."),
            moves(BREAK, job -> 0.45 * timesAtCrossing(job))
                    .when(Job::hasCrossing)
                    .of(Part.CLOTH)
                    .because(job -> "At the crossing " + job.crossingLayers()
                            + " layers deflect the needle: flatten, level the foot, turn by hand."),
            moves(SKIP, job -> 0.35 * timesAtCrossing(job))
                    .when(Job::hasCrossing)
                    .of(Part.CLOTH)
                    .because("On a hump the foot tilts and the first stitches down from it skip."),
            raises(BREAK, 1.5)
                    .asFarAs(job -> job.clothWindow().beyondHomeNeedles())
                    .of(Part.CLOTH)
                    .because("This asks for more than a 120/19: not a bigger needle, but fewer layers, flattened."));

    static final List<Factor> OF_HELPERS_AND_HARD_THINGS = List.of(
            raises(PUCKER, 0.5)
                    .when(job -> job.stack().dragsOnTheFoot())
                    .of(Part.CLOTH)
                    .because(job -> "It drags on the foot, and stitches come short: "
                            + (job.purpose().hasFootOfItsOwn()
                                    ? "lay tissue paper between."
                                    : "take a non-stick or roller foot.")),
            raises(BREAK, 0.9)
                    .when(job -> job.stack().carries(cloth -> cloth.has(Trait.ABRASIVE)))
                    .of(Part.CLOTH)
                    .because("Metal, glue, paper or sequins dull and chip the point."),
            raises(BREAK, 0.3)
                    .when(job -> helps(job, cloth -> cloth.has(Trait.ABRASIVE)))
                    .of(Part.CLOTH)
                    .because(job -> "Paper, glue or hooks blunt the point: the "
                            + helper(job, cloth -> cloth.has(Trait.ABRASIVE)) + " costs it life."),
            raises(SHRED, 0.6)
                    .when(job -> job.stack().carries(cloth -> cloth.has(Trait.ABRASIVE)))
                    .of(Part.CLOTH)
                    .because("What wears the needle cuts the thread too."),
            raises(BREAK, 0.8)
                    .when(job -> job.stack().has(Trait.TEETH))
                    .of(Part.CLOTH)
                    .because("Teeth, sequins and beads strike: a needle that meets one bends or breaks."),
            raises(SKIP, 0.2)
                    .when(job -> helps(job, ClothRules::isDenseTape))
                    .of(Part.CLOTH)
                    .because(job ->
                            "Go slowly where the " + helper(job, ClothRules::isDenseTape) + " lies: it is dense."),
            raises(SKIP, 0.4)
                    .when(Job::isOverRubber)
                    .of(Part.CLOTH)
                    .because("Rubber grips the blade: sew it stretched, so that it lies thin."));

    static final List<Factor> OF_THE_STITCH = List.of(
            raises(PUCKER, 0.5)
                    .when(job -> job.purpose() == Purpose.BUTTONHOLE
                            || job.purpose() == Purpose.BAR_TACK
                            || job.purpose().isDense())
                    .of(Part.STITCH)
                    .because("Dense stitching draws cloth together: put a stabiliser under it."),
            lowers(PUCKER, 2.0)
                    .when(ClothRules::gathers)
                    .of(Part.STITCH)
                    .because("Drawing up is what is wanted here, so it is no harm."),
            raises(PUCKER, 1.4)
                    .when(job -> job.purpose() == Purpose.ROLLED_HEM && !sewsRolledHemsOnKnits(job))
                    .onClothAsFarAs(carried ->
                            carried.isWoven() ? Fade.in(carried.cloth().weightGsm(), 130) : 1)
                    .of(Part.STITCH)
                    .atBest(Verdict.CAN_PASS)
                    .because("A rolled hem is for light and sheer wovens: anything thicker does not roll in the foot."),
            raises(PUCKER, 1.6)
                    .when(job -> job.purpose() == Purpose.ROLLED_HEM)
                    .onClothAsFarAs(ClothRules::doesNotRoll)
                    .of(Part.STITCH)
                    .atBest(Verdict.AVOID)
                    .because("Hide, film and heavy cloth do not roll at all: turn the edge once, or leave it raw."),
            raises(PUCKER, 1.2)
                    .when(job -> job.purpose() == Purpose.BUTTONHOLE)
                    .onCloth(carried -> carried.isHide() || carried.isFilm())
                    .of(Part.STITCH)
                    .atBest(Verdict.CAN_PASS)
                    .because(
                            "Zigzag columns would perforate it: sew two straight lines and cut between them, which can pass."));

    /** In gathering, shirring and smocking the cloth is meant to be drawn up, so that is no harm. */
    static boolean gathers(Job job) {
        return job.purpose() == Purpose.GATHER || job.purpose() == Purpose.SHIRRING;
    }

    private static double doesNotRoll(Carried carried) {
        boolean neverRolls = carried.isHide() || carried.isFilm() || carried.isCoated() && carried.keepsHoles();
        return neverRolls ? 1 : Fade.in(carried.cloth().weightGsm(), 260);
    }

    private static boolean sewsRolledHemsOnKnits(Job job) {
        return job.machineKind().filter(machineKind -> machineKind.hasLoopers()).isPresent();
    }

    private static double timesAtCrossing(Job job) {
        return Math.log((double) job.crossingLayers() / job.stack().layers());
    }

    private static boolean isDenseTape(Cloth cloth) {
        return cloth.density() == Density.TIGHT && cloth.weightGsm() >= 200 && !cloth.has(Trait.RUBBER);
    }

    private static boolean helps(Job job, Predicate<Cloth> like) {
        for (Layers layers : job.stack().helping()) {
            if (like.test(layers.cloth())) {
                return true;
            }
        }
        return false;
    }

    private static String helper(Job job, Predicate<Cloth> like) {
        return job.stack().helping().stream()
                .map(Layers::cloth)
                .filter(like)
                .map(Cloth::name)
                .findFirst()
                .orElse("helper");
    }
}
