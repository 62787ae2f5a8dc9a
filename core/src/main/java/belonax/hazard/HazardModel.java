package belonax.hazard;

import belonax.needle.NeedleInUse;
import java.util.List;
import java.util.stream.Stream;

/**
 * All factors together. Each hazard's chance is the logistic of its starting log-odds and the weights of the factors that
 * fire. The order of the factors does not matter. Source: docs/craft.md, "Hazards".
 */
public final class HazardModel {
    private final List<Factor> factors;

    /** Returns the model that Belonax uses. */
    public static HazardModel standard() {
        return new HazardModel(Stream.of(
                        PointRules.ALL,
                        SpecialNeedleRules.ALL,
                        SizeRules.ALL,
                        ThreadRules.ALL,
                        ClothRules.ALL,
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
        return new Outlook(job, factors);
    }

    /** Returns what to expect of one needle on one job. */
    public Prediction predict(Job job, NeedleInUse needle) {
        return outlook(job).with(needle);
    }
}
