package belonax.machine;

/**
 * How far the needle reaches from side to side: stitch width + spacing + blade + twice half a millimetre of margin + twice
 * the distance off the centre. It must not exceed the slot of plate and foot. A stitch 2.2 wide with a 3.0/80 twin takes
 * 7.0 mm. In a round hole, up to 2 mm across, the needle stands still in the middle and a quarter of a millimetre of margin
 * is enough: 100/16 wants a hole of 1.5 mm. Source: docs/craft.md, "Clearance".
 */
public final class NeedleTravel {
    /** Room that is left on either side in a slot, in millimetres. */
    public static final double MARGIN_MM = 0.5;
    /** Room that is left on either side in a round hole, in millimetres. */
    public static final double ROUND_MARGIN_MM = 0.25;
    /** The widest opening that counts as a round hole, in millimetres. */
    public static final double WIDEST_ROUND_MM = 2;

    private NeedleTravel() {}

    /** Returns the slot that a needle and a stitch need, in millimetres. */
    public static double neededMm(double stitchWidthMm, double spacingMm, double bladeMm, double offCentreMm) {
        return stitchWidthMm + spacingMm + bladeMm + 2 * MARGIN_MM + 2 * Math.abs(offCentreMm);
    }

    /** Returns the round hole that a single blade in the middle needs, in millimetres. */
    public static double roundHoleMm(double bladeMm) {
        return bladeMm + 2 * ROUND_MARGIN_MM;
    }

    /** Returns the widest stitch that an opening leaves, in millimetres; below 0 when not even a straight one clears. */
    public static double widestStitchMm(double slotMm, double spacingMm, double bladeMm, double offCentreMm) {
        boolean still = slotMm <= WIDEST_ROUND_MM && spacingMm == 0 && offCentreMm == 0;
        if (still) {
            // A round hole leaves no width, however thin the blade: it clears or it does not.
            return Math.min(0, slotMm - roundHoleMm(bladeMm));
        }
        return slotMm - neededMm(0, spacingMm, bladeMm, offCentreMm);
    }
}
