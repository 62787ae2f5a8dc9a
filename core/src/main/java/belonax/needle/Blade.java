package belonax.needle;

/** The build of a needle's blade. Source: docs/craft.md, "Needle types". */
public enum Blade {
    ORDINARY,
    /** Slim towards the tip, for batting and crossed seams. */
    TAPERED,
    /** Stiffer than others of its size, for dense cloth. */
    STRONG,
    /** Flared beside the eye, so that it opens holes. */
    WINGED,
    /** Open beside the eye, so that it threads itself; weak there. */
    SLOTTED
}
