package belonax.hazard;

import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/**
 * All factors together. Each hazard's chance is the logistic of its starting log-odds and the weights of the factors that
 * fire. The order of the factors does not matter. Source: docs/craft.md, "Hazards".
 */
public final class HazardModel {
    private final List<Factor> factors;
    private final Map<Kind, KindRules> ofKinds = new ConcurrentHashMap<>();

    /** What needles share that differ in size and past alone. */
    private record Kind(NeedleSystem system, NeedleType type, NeedleType point) {}

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
    }

    public List<Factor> factors() {
        return factors;
    }

    /** Prepares a job, so that many needles can be tried on it cheaply. */
    public Outlook outlook(Job job) {
        return new Outlook(job, this, new FiringRules(factors, job));
    }

    /** Returns the rules that speak of needles of this one's system, type and point. */
    KindRules speakingOf(Needle needle) {
        return ofKinds.computeIfAbsent(
                new Kind(needle.system(), needle.type(), needle.point()), kind -> new KindRules(factors, needle));
    }

    /** Returns what to expect of one needle on one job. */
    public Prediction predict(Job job, NeedleInUse needle) {
        return outlook(job).with(needle);
    }
}
