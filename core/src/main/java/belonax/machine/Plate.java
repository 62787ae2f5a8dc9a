package belonax.machine;

/** What plate and foot let the needle do. */
public enum Plate {
    /** A slot as wide as the widest stitch. */
    ZIGZAG,
    /** A round hole: one needle, in the middle, no zigzag. */
    STRAIGHT
}
