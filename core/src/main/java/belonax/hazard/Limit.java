package belonax.hazard;

/**
 * What no needle changes: the work itself asks more than the machine gives.
 *
 * @param verdict the best that any needle can be on this job
 * @param text what binds, with its numbers, a whole sentence
 * @param wayOut what to do instead, a whole sentence
 */
public record Limit(Kind kind, Verdict verdict, String text, String wayOut) {

    /** What binds. */
    public enum Kind {
        HEIGHT,
        PIERCING,
        THREAD,
        STRIKE,
        MACHINE
    }
}
