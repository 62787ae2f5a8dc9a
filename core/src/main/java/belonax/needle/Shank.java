package belonax.needle;

/** The shape of the part that the clamp holds. */
public enum Shank {
    /** One side ground flat, which decides the way round. */
    FLAT,
    /** Round all over: it is turned by hand until the scarf faces the hook. */
    ROUND
}
