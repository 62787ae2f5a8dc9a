package belonax.needle;

/** The hollow behind the eye, where the hook passes. Source: docs/craft.md, "Needle types". */
public enum Scarf {
    ORDINARY,
    /** Deeper, with the eye set higher: it throws a bigger loop. */
    DEEP,
    /** Eased for light, dense stitching. */
    EASED
}
