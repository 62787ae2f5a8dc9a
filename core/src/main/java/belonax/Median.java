package belonax;

import java.util.Collection;

/** The median. */
public final class Median {
    private Median() {}

    /** Returns the median of some numbers, at least one. */
    public static double of(Collection<Double> values) {
        double[] sorted = values.stream().mapToDouble(value -> value).sorted().toArray();
        int middle = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
    }
}
