package belonax.needle;

/** The shape of a needle's point: what it does to the yarns that it meets. Source: docs/craft.md, "Needle types". */
public enum Tip {
    /** A small rounding, which slips past most yarns of a woven. */
    ROUNDED,
    /** A little rounder, for thread at speed. */
    EASED,
    /** A ball, which slides between the yarns of a knit. */
    BALL,
    /** A slim tip with a little rounding left. */
    SLENDER,
    /** Pierces yarns instead of pushing them aside. */
    ACUTE,
    /** A wedge that cuts. */
    CUTTING
}
