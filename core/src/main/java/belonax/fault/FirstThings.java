package belonax.fault;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What comes before any ranking: first aid, what is known to be wrong, and after a broken needle or a sound of metal the
 * pieces, the needle, its seat and the plate. Source: docs/craft.md, "Faults".
 */
final class FirstThings {
    private static final Set<Symptom> DANGEROUS = EnumSet.of(Symptom.NEEDLE_BREAKS, Symptom.METAL_NOISE);
    private static final Set<Symptom> JAMMED = EnumSet.of(Symptom.JAM, Symptom.CLOTH_DRAWN_IN);
    private static final Set<Symptom> STRIKES = EnumSet.of(Symptom.NEEDLE_BREAKS, Symptom.METAL_NOISE, Symptom.CLICK);

    private FirstThings() {}

    /** Returns the checks that come first, in their order; nothing where the ranking may speak at once. */
    static List<CheckId> of(Trouble trouble) {
        List<CheckId> first = new ArrayList<>();
        if (trouble.broken().piecesMissing()) {
            first.add(CheckId.FOREIGN_OBJECT);
        }
        if (trouble.shows(Set.of(Symptom.MOTOR_DEAD))) {
            first.add(CheckId.POWER_AND_LEAD);
        }
        if (trouble.shows(JAMMED)) {
            first.add(CheckId.UNJAM);
        }
        if (trouble.setUp().wrongSystem()) {
            first.add(CheckId.NEEDLE_SYSTEM);
        }
        boolean dangerous = trouble.shows(DANGEROUS);
        if (dangerous) {
            first.add(CheckId.FOREIGN_OBJECT);
        }
        if (dangerous && trouble.shows(Set.of(Symptom.KNIFE_DOES_NOT_CUT))) {
            first.add(CheckId.KNIFE);
        }
        if (trouble.setUp().isTwin() && trouble.shows(STRIKES)) {
            first.add(CheckId.TWIN_CLEARANCE);
        }
        if (dangerous || trouble.needleStruck()) {
            first.addAll(List.of(CheckId.NEEDLE_REPLACE, CheckId.NEEDLE_SEATED, CheckId.PLATE_BURR));
        }
        return first;
    }
}
