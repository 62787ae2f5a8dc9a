package belonax.machine;

import belonax.BadInput;

/**
 * A stitch plate.
 *
 * @param name what its owner calls it
 * @param slotMm width of its slot in millimetres, 0 for a round hole, at most 12
 */
public record StitchPlate(String name, Plate kind, double slotMm) {
    public StitchPlate {
        BadInput.unless(
                slotMm >= 0 && slotMm <= 12,
                "slotMm",
                () -> "The slot of a home machine's plate is 0 to 12 mm wide. Lay a ruler across it.");
        BadInput.unless(
                kind == Plate.STRAIGHT || slotMm >= 2,
                "slotMm",
                () -> "A zigzag plate has a slot of 2 to 12 mm. Lay a ruler across it.");
    }

    /** Returns the plate that lets the needle swing. */
    public static StitchPlate zigzag(double slotMm) {
        return new StitchPlate("zigzag plate", Plate.ZIGZAG, slotMm);
    }

    /** Returns the plate with one round hole. */
    public static StitchPlate straight() {
        return new StitchPlate("straight-stitch plate", Plate.STRAIGHT, 0);
    }
}
