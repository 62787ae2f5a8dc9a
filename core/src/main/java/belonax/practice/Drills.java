package belonax.practice;

import java.util.SplittableRandom;
import java.util.random.RandomGenerator;

/** Makes drills. The same name makes the same drill, so an answer is judged by making it again. */
public final class Drills {
    private Drills() {}

    /** Returns the drill of this name. */
    public static Drill make(DrillId id) {
        RandomGenerator random = new SplittableRandom(id.seed() * 31 + id.kind().ordinal());
        return switch (id.kind()) {
            case STRIP -> StripDrills.make(id, random);
            case NEEDLE -> NeedleDrills.make(id, random);
            case LABEL -> LabelDrills.make(id, random);
            case CHECK -> CheckDrills.make(id, random);
            case CLOTH -> ClothDrills.make(id, random);
        };
    }
}
