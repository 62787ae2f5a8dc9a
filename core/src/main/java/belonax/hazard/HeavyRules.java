package belonax.hazard;

import static belonax.hazard.Factor.lowers;
import static belonax.hazard.Factor.raises;
import static belonax.hazard.Hazard.BREAK;
import static belonax.hazard.Hazard.MARK;
import static belonax.hazard.Hazard.SKIP;

import belonax.needle.NeedleType;
import java.util.List;

/** How blade and point meet dense cloth, hides and films. Source: docs/craft.md, "Needle types". */
final class HeavyRules {
    private HeavyRules() {}

    static final List<Factor> STRONG_BLADES = List.of(
            lowers(BREAK, 0.9)
                    .asFarAs(Job::stiffness)
                    .withPoint(NeedleType::isStrong)
                    .because("The strong blade keeps its line through dense cloth and many layers."),
            lowers(SKIP, 0.5)
                    .asFarAs(Job::stiffness)
                    .withPoint(NeedleType::isStrong)
                    .because("A blade that does not bend meets the hook where it should."),
            raises(BREAK, 1.3)
                    .asFarAs(Job::stiffness)
                    .withPoint(NeedleShapes::roundedOverWholeBlade)
                    .because("An ordinary blade bends in dense cloth and in many layers."),
            raises(SKIP, 0.8)
                    .asFarAs(Job::stiffness)
                    .withPoint(NeedleShapes::bendsAwayFromTheHook)
                    .because("A blade that bends in dense cloth or many layers misses the hook."),
            raises(SKIP, 0.8)
                    .when(job -> !job.isKnit() && !job.isOverRubber())
                    .onClothAsFarAs(Carried::crisp)
                    .asFarAs(Job::stiffness)
                    .withPoint(NeedleType::isBallPoint)
                    .because("A blade that bends in dense cloth or many layers misses the hook."),
            raises(BREAK, 0.6)
                    .when(job -> !job.isKnit() && !job.isOverRubber())
                    .onClothAsFarAs(Carried::crisp)
                    .asFarAs(Job::stiffness)
                    .withPoint(NeedleType::isBallPoint)
                    .because("Its blade is not made for dense cloth or many layers."),
            raises(BREAK, 0.6)
                    .asFarAs(job -> job.stiffness() * (1 - job.thickThread()))
                    .withPoint(NeedleShapes::longEye)
                    .because("Its blade is no stouter than an ordinary one, and this thread does not need its eye."),
            raises(BREAK, 0.6)
                    .asFarAs(Job::stiffness)
                    .withPoint(NeedleShapes::lightlyBuilt)
                    .because("Its blade is not made for dense cloth or many layers."),
            raises(MARK, 1.5)
                    .onClothAsFarAs(Carried::fine)
                    .withPoint(NeedleType::isStrong)
                    .atBest(Verdict.AVOID)
                    .because("A jeans needle is too coarse for fine cloth: its holes show."),
            raises(MARK, 1.2)
                    .onClothAsFarAs(carried ->
                            carried.isWoven() && !carried.isCoated() ? carried.delicacy() * (1 - carried.fine()) : 0)
                    .withPoint(NeedleType::isStrong)
                    .atBest(Verdict.AVOID)
                    .because("A jeans needle is too coarse for delicate cloth: its holes show."),
            raises(MARK, 0.7)
                    .when(job -> job.isWoven() && !job.isCoated())
                    .asFarAs(job -> 1 - Math.max(job.stiffness(), job.manyLayers()))
                    .withPoint(NeedleType::isStrong)
                    .because("A jeans needle is stiffer and blunter in its shoulders than this cloth needs."),
            raises(SKIP, 0.7)
                    .when(job -> job.isWoven() && !job.isCoated())
                    .asFarAs(job -> 1 - Math.max(job.stiffness(), job.manyLayers()))
                    .withPoint(NeedleType::isStrong)
                    .because("Its stout blade gains nothing on cloth that an ordinary one goes through."));

    static final List<Factor> HIDES = List.of(
            lowers(BREAK, 0.6)
                    .onCloth(Carried::isHide)
                    .withPoint(NeedleType::isCutting)
                    .because("The cutting point opens the hide instead of forcing through it."),
            lowers(SKIP, 0.4)
                    .onCloth(Carried::isHide)
                    .withPoint(NeedleType::isCutting)
                    .because("A cut hide does not hold the blade, so the loop forms."),
            raises(SKIP, 1.8)
                    .when(job -> !job.joinsHideToKnit())
                    .onCloth(Carried::isHide)
                    .withPoint(NeedleShapes::tearsHides)
                    .atBest(Verdict.AVOID)
                    .because("A rounded point tears a hide instead of cutting it, and skips."),
            raises(BREAK, 1.2)
                    .when(job -> !job.joinsHideToKnit())
                    .onCloth(Carried::isHide)
                    .withPoint(NeedleShapes::tearsHides)
                    .because("A hide holds a rounded point and bends it."),
            raises(SKIP, 1.8)
                    .when(Job::joinsHideToKnit)
                    .onCloth(Carried::isHide)
                    .withPoint(NeedleShapes::roundedWithOrdinaryEye)
                    .atBest(Verdict.AVOID)
                    .because("A plain point neither cuts the hide nor spares the knit beside it."),
            raises(SKIP, 0.8)
                    .when(Job::joinsHideToKnit)
                    .onCloth(Carried::isHide)
                    .withPoint(NeedleType::isBallPoint)
                    .atBest(Verdict.CAN_PASS)
                    .because("The knit beside it takes a rounded point; a thin hide lets it through, slowly."),
            raises(BREAK, 1.6)
                    .when(Job::joinsHideToKnit)
                    .asFarAs(Job::heavyHide)
                    .atBest(Verdict.AVOID)
                    .because(
                            "A hide this heavy and a knit agree on no point: what goes through the one cuts the other."),
            raises(SKIP, 1.9)
                    .onCloth(Carried::isHide)
                    .withPoint(NeedleShapes::passesThinHides)
                    .atBest(Verdict.CAN_PASS)
                    .because("A hide wants a cutting point; this one can pass on thin skins."),
            raises(SKIP, 1.5)
                    .when(job -> !job.joinsHideToCloth())
                    .onCloth(Carried::isHide)
                    .withPoint(NeedleType::isStrong)
                    .atBest(Verdict.CAN_PASS)
                    .because("A hide wants a cutting point; this one can pass on thin skins."),
            raises(SKIP, 0.5)
                    .when(Job::joinsHideToCloth)
                    .onCloth(Carried::isHide)
                    .withPoint(NeedleType::isStrong)
                    .atBest(Verdict.CAN_PASS)
                    .because("A strong blade forces a way through the hide and spares the cloth beside it."),
            raises(BREAK, 0.8)
                    .onCloth(Carried::isHide)
                    .withPoint(NeedleShapes::passesThinHides)
                    .because("A hide grips a point that does not cut."),
            raises(BREAK, 0.5)
                    .onCloth(Carried::isHide)
                    .withPoint(NeedleType::isStrong)
                    .because("A hide grips even a strong blade whose point does not cut."));

    static final List<Factor> CUTTING_POINTS = List.of(
            raises(MARK, 3.6)
                    .when(job -> !job.isHide())
                    .onCloth(carried -> !carried.isFilm())
                    .withPoint(NeedleType::isCutting)
                    .atBest(Verdict.AVOID)
                    .because("A cutting point is for true hides: it cuts the yarns, and the holes stay."),
            raises(MARK, 3.2)
                    .when(Job::isHide)
                    .onCloth(Carried::isKnit)
                    .withPoint(NeedleType::isCutting)
                    .atBest(Verdict.AVOID)
                    .because("A cutting point goes through the hide and cuts the knit's yarns with it."),
            raises(MARK, 1.2)
                    .when(Job::isHide)
                    .onCloth(carried -> !carried.isHide() && !carried.isKnit())
                    .withPoint(NeedleType::isCutting)
                    .atBest(Verdict.CAN_PASS)
                    .because("The cutting point that the hide wants cuts some of the yarns under it."),
            raises(MARK, 1.2)
                    .when(job -> !job.isHide())
                    .onCloth(Carried::isFilm)
                    .withPoint(NeedleType::isCutting)
                    .atBest(Verdict.CAN_PASS)
                    .because("On cork and thick vinyl a cutting point is the last resort: its slits can tear like a"
                            + " stamp."));
}
