package belonax.plan;

/**
 * What an order costs. Fewer needle changes come first, then fewer thread changes, then fewer re-balancings; of such orders
 * the one is taken in which one goes least often from one machine to another.
 *
 * @param needle changes of the needle
 * @param thread changes of the top thread
 * @param balance times that the expected dial moves by a step or more
 * @param moves times that one goes to another machine
 */
public record Changes(int needle, int thread, int balance, int moves) implements Comparable<Changes> {
    private static final int BITS = 15;
    private static final long MASK = (1L << BITS) - 1;

    @Override
    public int compareTo(Changes other) {
        return Long.compare(packed(), other.packed());
    }

    /** Returns all three as one number, which adds and compares as they do. */
    long packed() {
        return packed(needle, thread, balance, moves);
    }

    static long packed(int needle, int thread, int balance, int moves) {
        return ((long) needle << 3 * BITS) + ((long) thread << 2 * BITS) + ((long) balance << BITS) + moves;
    }

    static Changes unpacked(long packed) {
        return new Changes(
                (int) (packed >> 3 * BITS), (int) (packed >> 2 * BITS & MASK), (int) (packed >> BITS & MASK), (int)
                        (packed & MASK));
    }
}
