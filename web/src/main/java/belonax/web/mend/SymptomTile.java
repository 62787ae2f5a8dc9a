package belonax.web.mend;

import belonax.fault.Symptom;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A symptom to be chosen.
 *
 * @param isOnSeam whether its picture shows a seam from both faces
 */
public record SymptomTile(String value, String words, boolean isOnSeam) {
    private static final Set<Symptom> ON_SEAM = EnumSet.of(
            Symptom.SKIPPED_STITCHES,
            Symptom.TOP_THREAD_BREAKS,
            Symptom.THREAD_SHREDS,
            Symptom.BOBBIN_THREAD_BREAKS,
            Symptom.NEST_BELOW,
            Symptom.LOOPS_BELOW,
            Symptom.DOTS_ON_TOP,
            Symptom.UNEVEN_TENSION,
            Symptom.PUCKER,
            Symptom.WAVY_SEAM,
            Symptom.SEAM_POPS,
            Symptom.BOBBIN_NOT_PICKED_UP,
            Symptom.DOES_NOT_FEED,
            Symptom.UNEVEN_LENGTH,
            Symptom.HOLES,
            Symptom.CLOTH_DRAWN_IN);

    /** Returns what a machine can show: one with loopers has no bobbin, and the other way round. */
    static List<SymptomTile> of(boolean hasLoopers) {
        return Stream.of(Symptom.values())
                .sorted(Comparator.comparing(Symptom::isOfLoopers).reversed())
                .filter(symptom -> hasLoopers ? !symptom.isOfABobbin() : !symptom.isOfLoopers())
                .map(symptom -> new SymptomTile(symptom.name(), symptom.words(), ON_SEAM.contains(symptom)))
                .toList();
    }
}
