package belonax.machine;

/**
 * How far the needle reaches from side to side: stitch width + spacing + blade + twice half a millimetre of margin + twice
 * the distance off the centre. It must not exceed the slot of plate and foot. A stitch 2.2 wide with a 3.0/80 twin takes
 * 7.0 mm. Source: docs/craft.md, "Clearance".
 */
public final class NeedleTravel {
    /** Room that is left on either side, in millimetres. */
    public static final double MARGIN_MM = 0.5;

    private NeedleTravel() {}

    /** Returns the slot that a needle and a stitch need, in millimetres. */
    public static double neededMm(double stitchWidthMm, double spacingMm, double bladeMm, double offCentreMm) {
        return stitchWidthMm + spacingMm + bladeMm + 2 * MARGIN_MM + 2 * Math.abs(offCentreMm);
    }

    /** Returns the widest stitch that a slot leaves, in millimetres; below 0 when not even a straight one clears. */
    public static double widestStitchMm(double slotMm, double spacingMm, double bladeMm, double offCentreMm) {
        return slotMm - neededMm(0, spacingMm, bladeMm, offCentreMm);
    }
}
