package belonax.machine;

import belonax.BadInput;

/**
 * A presser foot.
 *
 * @param name what its owner calls it
 * @param slotMm width of the opening that the needle passes, in millimetres; 0 for one round hole, at most 15
 */
public record Foot(String name, double slotMm) {
    /** Narrower than this no stitch with any width passes. */
    private static final double NARROWEST_SLOT_MM = 2;

    public Foot {
        BadInput.unless(
                slotMm >= 0 && slotMm <= 15,
                "footSlotMm",
                () -> "The opening of a foot is 0 to 15 mm wide; 0 means one round hole. Lay a ruler across it.");
    }

    /** Returns the foot that comes on the machine. */
    public static Foot standard(double slotMm) {
        return new Foot("standard foot", slotMm);
    }

    /** Tells whether it has one round hole: one needle, in the middle, no width. */
    public boolean hasRoundHole() {
        return slotMm < NARROWEST_SLOT_MM;
    }
}
