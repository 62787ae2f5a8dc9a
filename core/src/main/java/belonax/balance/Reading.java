package belonax.balance;

import java.util.Set;

/** What can be seen of a strip, each reading naming its face: those of the top begin with it, but for a seam drawn up. */
public enum Reading {
    CLEAN,
    TOP_DOTS,
    TOP_LINE,
    DRAWN_UP,
    DOTS,
    LOOPS,
    LINE,
    TIGHT,
    NEST;

    /** Readings that say the top pulls at least a little too hard, or at least far too hard; and so below. */
    static final Set<Reading> TOO_TIGHT = Set.of(TOP_DOTS, TOP_LINE);

    static final Set<Reading> FAR_TOO_TIGHT = Set.of(TOP_LINE);
    static final Set<Reading> TOO_LOOSE = Set.of(DOTS, LOOPS, LINE);
    static final Set<Reading> FAR_TOO_LOOSE = Set.of(LOOPS, LINE);
}
