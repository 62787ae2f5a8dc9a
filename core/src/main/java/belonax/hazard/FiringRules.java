package belonax.hazard;

import belonax.needle.NeedleInUse;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The model's rules as they apply to one job, each at its place in the model's list; null where it does not. */
final class FiringRules {
    private final @Nullable Firing[] byPlace;

    FiringRules(List<Factor> factors, Job job) {
        byPlace = new Firing[factors.size()];
        for (int i = 0; i < byPlace.length; i++) {
            byPlace[i] = factors.get(i).on(job).orElse(null);
        }
    }

    /** Adds what those at these places are worth on a needle. */
    void addTo(Sums sums, int[] places, NeedleInUse needle) {
        for (int i : places) {
            Firing firing = byPlace[i];
            if (firing != null) {
                sums.add(firing, needle);
            }
        }
    }

    List<Firing> among(int[] places) {
        List<Firing> firing = new ArrayList<>(places.length);
        for (int i : places) {
            Firing otherFiring = byPlace[i];
            if (otherFiring != null) {
                firing.add(otherFiring);
            }
        }
        return firing;
    }
}
