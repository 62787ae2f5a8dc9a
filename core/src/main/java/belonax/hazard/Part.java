package belonax.hazard;

/** The part of the set-up that a factor speaks of, and that the fault finder blames when the hazard has come true. */
public enum Part {
    NEEDLE_TYPE,
    NEEDLE_SIZE,
    NEEDLE_WEAR,
    THREAD,
    CLOTH,
    STITCH,
    MACHINE
}
