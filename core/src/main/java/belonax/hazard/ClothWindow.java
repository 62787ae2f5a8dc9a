package belonax.hazard;

import belonax.cloth.Cloth;
import belonax.cloth.Density;
import belonax.cloth.Stack;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.needle.NeedleSize;

/**
 * The sizes that the cloth asks for. NM = 80 x (weight under the foot / 300)^0.27, moved down the ladder of sizes by the
 * cloth's nature, by at most 0.8 of a step, then rounded to a size and opened one size either way; never below 60 or above
 * 120. Two layers of 145 g/m² ask for 80, two of 60 for 60, two of 650 for 120. Source: docs/craft.md, "The cloth's
 * window".
 *
 * @param rawNm what the formula gives before rounding and limits, in hundredths of a millimetre
 * @param step where on the ladder the cloth's own size stands, between 0 for NM 60 and 8 for NM 120
 */
public record ClothWindow(double rawNm, double step, SizeWindow sizes) {
    private static final int LAST_STEP = NeedleSize.NM_120.step();
    private static final double MOST_MOVED = 0.8;
    private static final double HARDLY_GIVES_PERCENT = 15;

    static ClothWindow of(Stack stack, double weightGsm) {
        double rawNm = 80 * Math.pow(weightGsm / 300, 0.27);
        double wanted = NeedleSize.stepOf(rawNm) - Math.min(MOST_MOVED, finerBySteps(stack));
        double step = Math.max(0, Math.min(LAST_STEP, wanted));
        int middle = (int) Math.round(step);
        SizeWindow sizes = new SizeWindow(
                NeedleSize.LADDER.get(Math.max(0, middle - 1)), NeedleSize.LADDER.get(Math.min(LAST_STEP, middle + 1)));
        return new ClothWindow(rawNm, step, sizes);
    }

    /** Returns the size in the middle, which the cloth would choose by itself. */
    public NeedleSize ownSize() {
        return NeedleSize.LADDER.get((int) Math.round(step));
    }

    /** Tells whether the cloth asks for more than any home needle: the answer is then not a bigger needle. */
    public boolean isBeyondHomeNeedles() {
        return rawNm > NeedleSize.NM_120.nm() + 5;
    }

    private static double finerBySteps(Stack stack) {
        return ofDensity(stack)
                + (stack.any(Cloth::isDelicate) ? 1 / 3.0 : 0)
                + (stack.has(Trait.PERMANENT_HOLES) ? 0.5 : 0)
                + ofPileOrKnit(stack);
    }

    /** Dense cloth wants a finer point; light denim and twill only half as much, since they also want a stiff blade. */
    private static double ofDensity(Stack stack) {
        if (!stack.any(it -> it.density() == Density.TIGHT)) {
            return 0;
        }
        return stack.any(ClothWindow::isDenseTwill) ? 0.25 : 0.5;
    }

    static boolean isDenseTwill(Cloth cloth) {
        return cloth.structure() == Structure.WOVEN
                && cloth.density() == Density.TIGHT
                && cloth.weightGsm() >= 200
                && !cloth.has(Trait.COATED);
    }

    private static double ofPileOrKnit(Stack stack) {
        if (stack.any(it -> it.structure() == Structure.KNIT)) {
            return stack.any(it -> it.structure() == Structure.KNIT && it.stretchPercent() >= HARDLY_GIVES_PERCENT)
                    ? 0.5
                    : 0.25;
        }
        return stack.any(it -> it.structure() == Structure.WOVEN && it.has(Trait.PILE)) ? 0.5 : 0;
    }
}
