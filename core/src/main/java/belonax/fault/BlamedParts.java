package belonax.fault;

import belonax.hazard.Part;
import java.util.Map;
import java.util.Set;

/** Which part of the set-up a cause stands for: what a hazard's factor speaks of is what the fault finder blames. */
final class BlamedParts {
    private static final Map<String, Set<String>> ALL = Map.of(
            "WRONG_TYPE", Set.of(Part.NEEDLE_TYPE.name()),
            "NEEDLE_TOO_FINE", Set.of(Part.NEEDLE_SIZE.name()),
            "NEEDLE_TOO_THICK", Set.of(Part.NEEDLE_SIZE.name()),
            "NEEDLE_WORN", Set.of(Part.NEEDLE_WEAR.name()),
            "THREAD_OLD", Set.of(Part.THREAD.name()),
            "CLOTH_SHIFTS", Set.of(Part.CLOTH.name()),
            "STITCH_LENGTH_OFF", Set.of(Part.STITCH.name()),
            "MOTOR_WEAK", Set.of(Part.MACHINE.name()),
            "WRONG_SYSTEM", Set.of(Part.MACHINE.name()));

    private BlamedParts() {}

    static Set<String> of(String cause) {
        return ALL.getOrDefault(cause, Set.of());
    }
}
