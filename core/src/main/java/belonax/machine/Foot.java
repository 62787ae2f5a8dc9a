package belonax.machine;

import belonax.BadInput;
import java.util.Optional;

/**
 * A presser foot.
 *
 * @param name what its owner calls it
 * @param slotMm width of the opening that the needle passes, in millimetres; 0 for one round hole, at most 15
 * @param kind what it is for; empty where neither its owner nor its name tells
 */
public record Foot(String name, double slotMm, Optional<FootKind> kind) {
    /** Narrower than this no stitch with any width passes. */
    private static final double NARROWEST_SLOT_MM = 2;

    public Foot {
        BadInput.unless(
                slotMm >= 0 && slotMm <= 15,
                "footSlotMm",
                () -> "The opening of a foot is 0 to 15 mm wide; 0 means one round hole. Lay a ruler across it.");
        kind = kind.isPresent() ? kind : FootKind.guess(name);
    }

    /** Returns a foot whose name may tell its kind. */
    public static Foot named(String name, double slotMm) {
        return new Foot(name, slotMm, Optional.empty());
    }

    /** Returns the foot that comes on the machine. */
    public static Foot standard(double slotMm) {
        return new Foot("standard foot", slotMm, Optional.of(FootKind.STANDARD));
    }

    /** Tells whether it has one round hole: one needle, in the middle, no width. */
    public boolean hasRoundHole() {
        return slotMm < NARROWEST_SLOT_MM;
    }
}
