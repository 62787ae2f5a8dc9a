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

    /** Returns what a sewist saw first of a strip: what its top shows, else what its underside does. */
    public static Reading of(Strip strip) {
        return switch (strip.top()) {
            case LINE -> TOP_LINE;
            case DOTS -> TOP_DOTS;
            case DRAWN_UP -> DRAWN_UP;
            case CLEAN ->
                switch (strip.underside()) {
                    case DOTS -> DOTS;
                    case LOOPS -> LOOPS;
                    case LINE -> LINE;
                    case TIGHT -> TIGHT;
                    case NEST -> NEST;
                    case CLEAN -> CLEAN;
                };
        };
    }
}
