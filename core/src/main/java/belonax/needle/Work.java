package belonax.needle;

/** The work that a kind of needle is made for; elsewhere it may merely do no harm. Source: docs/craft.md, "Needle types". */
public enum Work {
    ORDINARY_CLOTH,
    KNITS,
    FINE_LINES,
    HEAVY_CLOTH,
    BATTING,
    DENSE_STITCHING,
    METALLIC_THREAD,
    THICK_THREAD,
    HIDES,
    OPENWORK,
    PARALLEL_LINES,
    EASY_THREADING
}
