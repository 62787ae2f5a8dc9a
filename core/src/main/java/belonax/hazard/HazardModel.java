package belonax.hazard;

import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleType;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * All factors together. Each hazard's chance is the logistic of its starting log-odds and the weights of the factors that
 * fire. The order of the factors does not matter. Source: docs/craft.md, "Hazards".
 */
public final class HazardModel {
    private final List<Factor> factors;
    /** For each point the places in the list of the factors that speak of it: sorted beforehand, since matches are many. */
    private final Map<NeedleType, int[]> speakingOf = new EnumMap<>(NeedleType.class);

    /** Returns the model that Belonax uses. */
    public static HazardModel standard() {
        return new HazardModel(Stream.of(
                        PointRules.KNITS,
                        PointRules.BALL_POINTS_ON_WOVENS,
                        PointRules.FINE_AND_CLOSE,
                        PointRules.ACUTE_LINES,
                        HeavyRules.STRONG_BLADES,
                        HeavyRules.HIDES,
                        HeavyRules.CUTTING_POINTS,
                        SpecialNeedleRules.ALL,
                        SizeRules.ALL,
                        ThreadRules.ALL,
                        ClothRules.OF_THE_SEAM,
                        ClothRules.OF_HELPERS_AND_HARD_THINGS,
                        ClothRules.OF_THE_STITCH,
                        MachineRules.ALL,
                        WearRules.ALL)
                .flatMap(List::stream)
                .toList());
    }

    HazardModel(List<Factor> factors) {
        this.factors = List.copyOf(factors);
        for (NeedleType point : NeedleType.values()) {
            speakingOf.put(
                    point,
                    IntStream.range(0, factors.size())
                            .filter(i -> factors.get(i).speaksOf(point))
                            .toArray());
        }
    }

    public List<Factor> factors() {
        return factors;
    }

    /** Prepares a job, so that many needles can be tried on it cheaply. */
    public Outlook outlook(Job job) {
        @Nullable Firing[] fires = new Firing[factors.size()];
        for (int i = 0; i < fires.length; i++) {
            fires[i] = factors.get(i).on(job).orElse(null);
        }
        return new Outlook(job, this, fires);
    }

    /** Returns the rules that apply to a job and speak of this kind of needle. */
    List<Firing> firing(@Nullable Firing[] fires, Needle kind) {
        List<Firing> firing = new ArrayList<>();
        for (int i : speakingOf.getOrDefault(kind.point(), new int[0])) {
            Firing it = fires[i];
            if (it != null && it.factor().speaksOfKindOf(kind)) {
                firing.add(it);
            }
        }
        return firing;
    }

    /** Returns what to expect of one needle on one job. */
    public Prediction predict(Job job, NeedleInUse needle) {
        return outlook(job).with(needle);
    }
}
