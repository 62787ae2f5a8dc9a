package belonax.hazard;

import belonax.cloth.Cloth;
import belonax.cloth.Density;
import belonax.cloth.Fade;
import belonax.cloth.Layers;
import belonax.cloth.Stack;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.needle.NeedleSize;
import java.util.List;

/**
 * The sizes that the cloth asks for. NM = 80 x (counted weight / 300)^0.27, moved down the ladder of sizes by the nature of
 * the carrying cloths, each by its share and together by at most 0.8 of a step, then rounded to a size and opened one size
 * either way; never below 60 or above 120. Two layers of 145 g/m² ask for 80, two of 60 for 60, two of 650 for 120. A blind
 * hem asks for 65 to 75 whatever the cloth, for 80 on a heavy one; paper that is sewn through asks for one size more. Source:
 * docs/craft.md, "The cloth's window".
 *
 * @param rawNm what the formula gives before rounding and limits, in hundredths of a millimetre
 * @param step where on the ladder the cloth's own size stands, between 0 for NM 60 and 8 for NM 120
 */
public record ClothWindow(double rawNm, double step, SizeWindow sizes) {
    private static final int LAST_STEP = NeedleSize.NM_120.step();
    private static final double MOST_MOVED = 0.8;
    private static final double HARDLY_GIVES_PERCENT = 15;
    private static final double BLIND_HEM_STEP = NeedleSize.NM_70.step();
    private static final double HEAVY_BLIND_HEM_STEP = NeedleSize.NM_75.step() + 0.6;

    static ClothWindow of(Stack stack, double countedGsm, Purpose purpose) {
        if (purpose == Purpose.BLIND_HEM) {
            double heavy = Fade.in(stack.heaviest().weightGsm(), 240);
            return at(NeedleSize.NM_70.nm(), BLIND_HEM_STEP + heavy * (HEAVY_BLIND_HEM_STEP - BLIND_HEM_STEP));
        }
        double rawNm = 80 * Math.pow(countedGsm / 300, 0.27);
        double forPaper = purpose == Purpose.PIECING && stack.any(ClothWindow::isPaper) ? 1 : 0;
        return at(rawNm, NeedleSize.stepOf(rawNm) - Math.min(MOST_MOVED, finerBySteps(stack)) + forPaper);
    }

    private static ClothWindow at(double rawNm, double wanted) {
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

    private static double finerBySteps(Stack stack) {
        List<Layers> carrying = stack.carrying();
        double moved = 0;
        for (int i = 0; i < carrying.size(); i++) {
            moved += stack.counted().shares().get(i)
                    * finerBySteps(carrying.get(i).cloth());
        }
        return moved;
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
        return cloth.structure() == Structure.WOVEN && cloth.has(Trait.PILE) ? 0.5 : 0;
    }
}
