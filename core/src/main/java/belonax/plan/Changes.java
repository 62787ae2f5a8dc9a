package belonax.plan;

/**
 * What an order costs. Fewer needle changes come first, then fewer thread changes, then fewer re-balancings.
 *
 * @param needle changes of the needle
 * @param thread changes of the top thread
 * @param balance times that the expected dial moves by a step or more
 */
public record Changes(int needle, int thread, int balance) implements Comparable<Changes> {
    private static final int BITS = 16;
    private static final long MASK = (1L << BITS) - 1;

    @Override
    public int compareTo(Changes other) {
        return Long.compare(packed(), other.packed());
    }

    /** Returns all three as one number, which adds and compares as they do. */
    long packed() {
        return packed(needle, thread, balance);
    }

    static long packed(int needle, int thread, int balance) {
        return ((long) needle << 2 * BITS) + ((long) thread << BITS) + balance;
    }

    static Changes unpacked(long packed) {
        return new Changes((int) (packed >> 2 * BITS), (int) (packed >> BITS & MASK), (int) (packed & MASK));
    }
}
