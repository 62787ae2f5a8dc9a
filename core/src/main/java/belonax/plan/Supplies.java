package belonax.plan;

import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What is at hand beside the machines.
 *
 * @param parked needles that were taken out with hours left, each with these hours
 * @param packets needles that lie in the drawer
 * @param boughtLife effective hours of a fresh needle
 * @param lives the same for needles that last otherwise
 */
public record Supplies(List<Station.AtHand> parked, Set<Needle> packets, double boughtLife, Map<Needle, Double> lives) {
    public Supplies {
        parked = List.copyOf(parked);
        packets = Set.copyOf(packets);
        lives = Map.copyOf(lives);
    }

    /** Returns nothing at hand. */
    public static Supplies none() {
        return new Supplies(List.of(), Set.of(), NeedleInUse.WORN_HOURS, Map.of());
    }

    double life(Needle needle) {
        return lives.getOrDefault(needle, boughtLife);
    }
}
