package belonax.cloth;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The weight that a needle's size follows. Two layers of the carrying cloths count in full, the heaviest first, each by how
 * much it resists. Further layers hardly count, since six layers of shirting are still shirting, unless they are dense or
 * heavy: twelve of denim are not denim. A helper counts a fifth, and one that gives way (batting, foam, what is torn or washed
 * away) next to nothing. A single layer counts one and a half, a ready batting sandwich as it is. Two layers of 145 g/m²
 * count 290, four 325. Source: docs/craft.md, "The cloth's window".
 *
 * @param gsm the whole, in g/m²
 * @param carryingGsm the same without the helpers
 * @param shares for each carrying cloth, in the order of the stack, which share of the seam's weight is its own; together 1
 */
public record CountedWeight(double gsm, double carryingGsm, List<Double> shares) {
    private static final Comparator<Layer> CARRYING_AND_HEAVY_FIRST = (one, other) -> one.carries() == other.carries()
            ? Double.compare(other.gsm(), one.gsm())
            : Boolean.compare(other.carries(), one.carries());

    private static final int IN_FULL = 2;
    private static final double SINGLE = 1.5;
    private static final double FURTHER_LAYER = 0.12;
    private static final double FURTHER_DENSE_LAYER = 0.5;
    private static final double FURTHER_TIGHT_KNIT = 0.3;
    private static final double HEAVY_FROM_GSM = 250;
    private static final double HEAVY_TO_GSM = 400;
    /** The share of its weight that a helper counts. */
    public static final double HELPER = 0.2;

    /** Webbing inside the allowance is pierced like a cloth of the seam. */
    private static final double WEBBING_HELPER = 0.6;

    private static final double YIELDING_HELPER = 0.06;

    public CountedWeight {
        shares = List.copyOf(shares);
    }

    /** One layer of the stack; stitching that is in the cloth already lies there as layers of the heaviest. */
    private record Layer(int place, boolean carries, double gsm, boolean wholeStack, double share) {}

    static CountedWeight of(Stack stack) {
        List<Layers> carrying = stack.carrying();
        List<Layer> layers = new ArrayList<>();
        for (Layers otherLayers : stack.all()) {
            int place = carrying.indexOf(otherLayers);
            add(
                    layers,
                    place,
                    otherLayers.cloth(),
                    otherLayers.count(),
                    place >= 0 ? further(otherLayers.cloth()) : helping(otherLayers.cloth()));
        }
        if (stack.stitchingAlready() > 0) {
            add(
                    layers,
                    placeOf(stack.heaviest(), carrying),
                    stack.heaviest(),
                    stack.stitchingAlready(),
                    FURTHER_DENSE_LAYER);
        }
        layers.sort(CARRYING_AND_HEAVY_FIRST);
        double[] own = new double[carrying.size()];
        double sum = 0;
        double ofTheSeam = 0;
        for (int i = 0; i < layers.size(); i++) {
            Layer layer = layers.get(i);
            double counts = layer.gsm() * (layer.carries() && i < IN_FULL ? 1 : layer.share());
            sum += counts;
            if (layer.carries()) {
                own[layer.place()] += counts;
                ofTheSeam += counts;
            }
        }
        Layer first = layers.get(0);
        List<Double> shares = new ArrayList<>();
        for (double value : own) {
            shares.add(value / ofTheSeam);
        }
        double single = first.gsm() * (first.wholeStack() ? 1 : SINGLE);
        double seam = Math.max(ofTheSeam, single);
        return new CountedWeight(seam + sum - ofTheSeam, seam, shares);
    }

    private static void add(List<Layer> layers, int place, Cloth cloth, int count, double share) {
        for (int i = 0; i < count; i++) {
            layers.add(new Layer(place, place >= 0, cloth.resistingGsm(), cloth.isWholeStack(), share));
        }
    }

    /** Returns the share that counts of a carrying layer beyond the second. */
    private static double further(Cloth cloth) {
        boolean tight = cloth.density() == Density.TIGHT;
        double byWeight = Fade.between(cloth.resistingGsm(), HEAVY_FROM_GSM, HEAVY_TO_GSM);
        double byDensity =
                tight && cloth.structure() == Structure.WOVEN ? Fade.between(cloth.weightGsm(), 160, 240) : 0;
        double dense = FURTHER_LAYER + (FURTHER_DENSE_LAYER - FURTHER_LAYER) * Math.max(byWeight, byDensity);
        return tight && cloth.structure() == Structure.KNIT ? Math.max(FURTHER_TIGHT_KNIT, dense) : dense;
    }

    private static double helping(Cloth cloth) {
        return cloth.yields() ? YIELDING_HELPER : cloth.make() == Make.WEBBING ? WEBBING_HELPER : HELPER;
    }

    private static int placeOf(Cloth cloth, List<Layers> carrying) {
        for (int i = 0; i < carrying.size(); i++) {
            if (carrying.get(i).cloth().equals(cloth)) {
                return i;
            }
        }
        return 0;
    }
}
