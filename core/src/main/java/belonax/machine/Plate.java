package belonax.machine;

/** The stitch plate that is on the machine. */
public enum Plate {
    /** A slot as wide as the widest stitch. */
    ZIGZAG,
    /** A round hole: one needle, in the middle, no zigzag. */
    STRAIGHT
}
