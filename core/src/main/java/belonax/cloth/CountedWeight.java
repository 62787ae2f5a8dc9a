package belonax.cloth;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The weight that a needle's size follows. Carrying cloths count first, the heaviest first, each by how much it resists; from
 * the third layer on each counts half, since size follows the cloth more than the count; a single layer counts one and a
 * half, a ready batting sandwich as it is. Two layers of 145 g/m² count 290, four 435. Source: docs/craft.md, "The cloth's
 * window".
 *
 * @param gsm the whole, in g/m²
 * @param shares for each carrying cloth, in the order of the stack, which share of the layers' sum is its own; what helpers
 *     weigh is nobody's share, so together they are at most 1
 */
public record CountedWeight(double gsm, List<Double> shares) {
    private static final Comparator<Layer> CARRYING_AND_HEAVY_FIRST = (one, other) -> one.carries() == other.carries()
            ? Double.compare(other.gsm(), one.gsm())
            : Boolean.compare(other.carries(), one.carries());

    private static final int IN_FULL = 2;
    private static final double THEN = 0.5;
    private static final double SINGLE = 1.5;

    public CountedWeight {
        shares = List.copyOf(shares);
    }

    /** One layer of the stack; stitching that is in the cloth already lies there as layers of the heaviest. */
    private record Layer(int place, boolean carries, double gsm, boolean wholeStack) {}

    static CountedWeight of(Stack stack) {
        List<Layers> carrying = stack.carrying();
        List<Layer> layers = new ArrayList<>();
        for (Layers it : stack.all()) {
            int place = carrying.indexOf(it);
            add(layers, place, it.cloth(), it.count());
        }
        if (stack.stitchingAlready() > 0) {
            add(layers, placeOf(stack.heaviest(), carrying), stack.heaviest(), stack.stitchingAlready());
        }
        layers.sort(CARRYING_AND_HEAVY_FIRST);
        double[] own = new double[carrying.size()];
        double sum = 0;
        for (int i = 0; i < layers.size(); i++) {
            Layer it = layers.get(i);
            double counts = it.gsm() * (i < IN_FULL ? 1 : THEN);
            sum += counts;
            if (it.carries()) {
                own[it.place()] += counts;
            }
        }
        Layer first = layers.get(0);
        List<Double> shares = new ArrayList<>();
        for (double it : own) {
            shares.add(it / sum);
        }
        // A thin helper beside a single layer must not make it count for less than that layer alone.
        return new CountedWeight(Math.max(sum, first.gsm() * (first.wholeStack() ? 1 : SINGLE)), shares);
    }

    private static void add(List<Layer> layers, int place, Cloth cloth, int count) {
        for (int i = 0; i < count; i++) {
            layers.add(new Layer(place, place >= 0, cloth.resistingGsm(), cloth.isWholeStack()));
        }
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
