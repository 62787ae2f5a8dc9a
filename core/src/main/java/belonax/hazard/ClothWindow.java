package belonax.hazard;

import belonax.cloth.Cloth;
import belonax.cloth.Density;
import belonax.cloth.Fade;
import belonax.cloth.Layers;
import belonax.cloth.Make;
import belonax.cloth.Stack;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.needle.NeedleSize;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * The sizes that the cloth asks for. NM = 80 x (counted weight / 300)^0.27, moved down the ladder of sizes by the nature of
 * the carrying cloths, each by its share and together by at most 0.8 of a step, then rounded to a size and opened one size
 * either way; never below 60 or above 120. Two layers of 145 g/m² ask for 80, two of 60 for 60, two of 650 for 120. A knit's
 * yarns are parted and not pierced, so from a 90 on its size hardly grows. A blind hem asks for 65 to 75 whatever the cloth,
 * for 80 on a heavy one; paper that is sewn through asks for one size more. Source: docs/craft.md, "The cloth's window".
 *
 * @param rawNm what the formula gives before rounding and limits, in hundredths of a millimetre
 * @param step where on the ladder the cloth's own size stands, between 0 for NM 60 and 8 for NM 120
 * @param goodFrom the thinnest blade that this cloth does not bend, as a step of the ladder
 * @param goodTo the thickest blade whose hole this cloth closes, as a step of the ladder
 */
public record ClothWindow(double rawNm, double step, SizeWindow sizes, double goodFrom, double goodTo) {
    private static final int LAST_STEP = NeedleSize.NM_120.step();
    private static final double MAX_MOVED = 0.8;
    private static final double HARDLY_GIVES_PERCENT = 15;
    private static final double BLIND_HEM_STEP = NeedleSize.NM_70.step();
    private static final double HEAVY_BLIND_HEM_STEP = NeedleSize.NM_75.step() + 0.6;
    /** From this size on a knit's weight asks for hardly more. */
    private static final double KNITS_GROW_TO = NeedleSize.NM_90.step();

    private static final double KNITS_GROW_THEN = 0.15;
    /** Above a 100 dense cloth asks for less than its weight says, since a stout strong blade goes through as well. */
    private static final double DENSE_CLOTH_GROWS_TO = NeedleSize.NM_100.step();

    private static final double DENSE_CLOTH_GROWS_THEN = 0.5;
    /** Helpers never add more than one size, all of them together. */
    private static final double HELPERS_ADD = 1;
    /** A near tie goes to the finer needle, by a part of a step. */
    private static final double FINER_FIRST = 0.1;
    /** Dense stitching covers its own holes: a 90 is good on all but the finest cloth. */
    private static final double DENSE_STITCHING_TO = NeedleSize.NM_90.step() + 0.05;

    private static final double DENSE_STITCHING_FROM_GSM = 60;
    private static final double DENSE_STITCHING_TO_GSM = 100;

    /** So many steps below its own size a plain cloth does not yet bend the blade. */
    private static final double THIN_BY = 2.2;
    /** Dense twill and canvas bend a thin one sooner. */
    private static final double THIN_BY_WHERE_STIFF = 1.4;
    /** A very elastic knit gives way, so it takes a finer one. */
    private static final double THIN_BY_WHERE_ELASTIC = 3.0;
    /** So many steps above its own size a plain cloth still closes on the hole. */
    private static final double THICK_BY = 1.75;
    /** Cloth that keeps its holes, and soft cloth that an ordinary blade goes through, want no more. */
    private static final double THICK_BY_WHERE_HOLES_STAY = 1.6;

    private static final double THICK_BY_WHERE_SOFT_OR_DENSE = 1.5;
    /** A hide is stout enough to carry a hole that would show in cloth. */
    private static final double THICK_BY_IN_HIDE = 1.8;
    /** Every sheer closes on a 70. */
    private static final double SHEERS_GOOD_TO = NeedleSize.NM_70.step() + 0.25;
    /** Every cloth from lawn and voile on closes on a 75. */
    private static final double FINE_CLOTHS_GOOD_TO = NeedleSize.NM_75.step() + 0.05;
    /** A film on a knit wants the finest needle that pierces it. */
    private static final double FINER_IN_LAMINATED_KNIT = 1.3;
    /** In a knit a blade thicker than a 90 leaves a hole between the loops. */
    private static final double KNITS_GOOD_TO = NeedleSize.NM_90.step() + 0.4;
    /** Dense stitching is done with a 75 first, whatever lies under it. */
    private static final double DENSE_STITCHING_FROM = NeedleSize.NM_75.step();

    /** @param furtherGsm what lies there besides the stack, in g/m² */
    static ClothWindow of(Stack stack, double furtherGsm, Purpose purpose) {
        double rawNm = nm(stack.counted().gsm() + furtherGsm);
        double seam = ownStep(stack, nm(stack.counted().carryingGsm()), purpose);
        // A tack is sewn through what it holds, and that may be a tape or a loop of webbing.
        double most = purpose == Purpose.BAR_TACK ? LAST_STEP : seam + HELPERS_ADD;
        double step = Math.max(0, Math.min(LAST_STEP, Math.min(most, ownStep(stack, rawNm, purpose))));
        int middle = (int) Math.round(step);
        SizeWindow sizes = new SizeWindow(
                NeedleSize.LADDER.get(Math.max(0, middle - 1)), NeedleSize.LADDER.get(Math.min(LAST_STEP, middle + 1)));
        return new ClothWindow(
                purpose == Purpose.BLIND_HEM ? NeedleSize.NM_70.nm() : rawNm,
                step,
                sizes,
                goodFrom(stack, step, purpose),
                goodTo(stack, step, purpose));
    }

    /** Returns the step that ranks first where the thread has no say: a little finer than the cloth's own. */
    double bestStep() {
        return Math.max(0, step - FINER_FIRST);
    }

    private static double nm(double countedGsm) {
        return 80 * Math.pow(countedGsm / 300, 0.27);
    }

    private static double ownStep(Stack stack, double rawNm, Purpose purpose) {
        if (purpose == Purpose.BLIND_HEM) {
            double heavy = Fade.in(stack.heaviest().weightGsm(), 240);
            return BLIND_HEM_STEP + heavy * (HEAVY_BLIND_HEM_STEP - BLIND_HEM_STEP);
        }
        double finer = Math.min(MAX_MOVED, byShare(stack, ClothWindow::finerBySteps));
        double wanted = NeedleSize.stepOf(rawNm) - finer;
        double parted = byShare(stack, cloth -> isPartedKnit(cloth) ? 1 : 0);
        double beyond = Math.max(0, wanted - KNITS_GROW_TO);
        double forPaper = purpose == Purpose.PIECING && stack.any(ClothWindow::isPaper) ? 1 : 0;
        double laminated = byShare(
                stack,
                cloth -> cloth.structure() == Structure.KNIT && cloth.has(Trait.COATED) ? FINER_IN_LAMINATED_KNIT : 0);
        double dense = byShare(stack, Carried::denseTwill);
        double heavy = Math.max(0, wanted - DENSE_CLOTH_GROWS_TO);
        return wanted
                - parted * (1 - KNITS_GROW_THEN) * beyond
                - dense * (1 - DENSE_CLOTH_GROWS_THEN) * heavy
                - laminated
                + forPaper;
    }

    private static double goodFrom(Stack stack, double step, Purpose purpose) {
        double by = THIN_BY
                - byShare(stack, cloth -> (THIN_BY - THIN_BY_WHERE_STIFF) * Carried.denseTwill(cloth))
                + byShare(stack, cloth -> (THIN_BY_WHERE_ELASTIC - THIN_BY) * Carried.veryElastic(cloth));
        double from = step - by;
        return purpose.isDense() ? Math.min(DENSE_STITCHING_FROM, from) : from;
    }

    private static double goodTo(Stack stack, double step, Purpose purpose) {
        double to = closedOver(stack, step);
        double covered = Fade.between(stack.heaviest().weightGsm(), DENSE_STITCHING_FROM_GSM, DENSE_STITCHING_TO_GSM);
        return purpose.isDense() ? to + covered * Math.max(0, DENSE_STITCHING_TO - to) : to;
    }

    private static double closedOver(Stack stack, double step) {
        double by = THICK_BY - byShare(stack, ClothWindow::closesSooner);
        double fine = Fade.between(stack.heaviest().weightGsm(), 50, 70);
        double to = Math.max(SHEERS_GOOD_TO + fine * (FINE_CLOTHS_GOOD_TO - SHEERS_GOOD_TO), step + by);
        double knit = byShare(stack, cloth -> isPartedKnit(cloth) ? 1 : 0);
        return to - knit * Math.max(0, to - KNITS_GOOD_TO);
    }

    private static double closesSooner(Cloth cloth) {
        if (cloth.structure() == Structure.HIDE) {
            return THICK_BY - THICK_BY_IN_HIDE;
        }
        boolean holesStay = cloth.has(Trait.COATED) || cloth.has(Trait.PERMANENT_HOLES);
        boolean soft = cloth.has(Trait.LOFTY) || cloth.has(Trait.PILE) || cloth.structure() == Structure.NONWOVEN;
        double softOrDense = soft ? 1 : Carried.denseTwill(cloth);
        return Math.max(
                holesStay ? THICK_BY - THICK_BY_WHERE_HOLES_STAY : 0,
                softOrDense * (THICK_BY - THICK_BY_WHERE_SOFT_OR_DENSE));
    }

    /** Fur and felted wool are knits by make only: the blade goes through a pelt. */
    private static boolean isPartedKnit(Cloth cloth) {
        return cloth.structure() == Structure.KNIT && cloth.make() != Make.FUR && cloth.make() != Make.COATING;
    }

    /** Returns the size in the middle, which the cloth would choose by itself. */
    public NeedleSize ownSize() {
        return NeedleSize.LADDER.get((int) Math.round(step));
    }

    /** Tells whether the cloth asks for more than any home needle: the answer is then not a bigger needle. */
    public boolean isBeyondHomeNeedles() {
        return beyondHomeNeedles() > 0.5;
    }

    /** Returns how far it asks for more than any home needle, 0 to 1. */
    double beyondHomeNeedles() {
        return Fade.between(rawNm, NeedleSize.NM_120.nm(), NeedleSize.NM_130.nm());
    }

    /** Tells whether it is paper that is sewn through and torn off: a stiff sheet that wears needles and keeps its holes. */
    static boolean isPaper(Cloth cloth) {
        return cloth.structure() == Structure.NONWOVEN && cloth.has(Trait.ABRASIVE) && cloth.has(Trait.PERMANENT_HOLES);
    }

    /** Sums what each carrying cloth says, by its share of the counted weight. */
    private static double byShare(Stack stack, ToDoubleFunction<Cloth> of) {
        List<Layers> carrying = stack.carrying();
        double sum = 0;
        for (int i = 0; i < carrying.size(); i++) {
            sum += stack.counted().shares().get(i)
                    * of.applyAsDouble(carrying.get(i).cloth());
        }
        return sum;
    }

    private static double finerBySteps(Cloth cloth) {
        return ofDensity(cloth)
                + cloth.delicacy() / 3
                + (cloth.has(Trait.PERMANENT_HOLES) ? 0.5 : 0)
                + ofPileOrKnit(cloth);
    }

    /** Dense cloth wants a finer point; light denim and twill only half as much, since they also want a stiff blade. */
    private static double ofDensity(Cloth cloth) {
        return cloth.density() == Density.TIGHT ? 0.5 - 0.25 * Carried.denseTwill(cloth) : 0;
    }

    private static double ofPileOrKnit(Cloth cloth) {
        if (cloth.structure() == Structure.KNIT) {
            return 0.25 + 0.25 * Fade.in(cloth.stretchPercent(), HARDLY_GIVES_PERCENT);
        }
        boolean parts = cloth.structure() == Structure.WOVEN && cloth.has(Trait.PILE)
                || cloth.structure() == Structure.NONWOVEN && !isPaper(cloth);
        return parts ? 0.5 : 0;
    }
}
