package belonax.sound;

/** The newest of many numbers; older ones are forgotten. */
final class Recent {
    private final double[] kept;
    private long many;

    Recent(int kept) {
        this.kept = new double[kept];
    }

    void add(double value) {
        kept[(int) (many++ % kept.length)] = value;
    }

    /** Returns how many there were ever. */
    long many() {
        return many;
    }

    /** Tells whether what came at that place is still known. */
    boolean has(long place) {
        return place >= 0 && place >= many - kept.length && place < many;
    }

    double at(long place) {
        return kept[(int) (place % kept.length)];
    }

    void copy(long from, double[] to, int howMany) {
        for (int i = 0; i < howMany; i++) {
            to[i] = at(from + i);
        }
    }

    /** Returns the mean of those around a place. */
    double mean(long centre, int howMany) {
        double sum = 0;
        for (int i = 0; i < howMany; i++) {
            sum += at(centre - howMany / 2 + i);
        }
        return sum / howMany;
    }
}
