package belonax.room.needle;

/** Where a needle is. */
public enum NeedleState {
    UNKNOWN,
    IN_MACHINE,
    /** Taken out, and nobody said where it went. */
    LOOSE,
    PARKED,
    JARRED,
    PUT_BACK,
    BROKEN
}
