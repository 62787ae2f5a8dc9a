package belonax.sound;

import java.util.Collection;

/** The median. */
final class Middle {
    private Middle() {}

    static double of(Collection<Double> values) {
        double[] sorted = values.stream().mapToDouble(it -> it).sorted().toArray();
        int middle = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
    }
}
