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
 * @param wound bobbins that are wound already
 */
public record Supplies(
        List<Station.AtHand> parked,
        Set<Needle> packets,
        double boughtLife,
        Map<Needle, Double> lives,
        List<Wound> wound) {

    /**
     * A bobbin that is wound already.
     *
     * @param station the machine that it fits
     * @param thread what is on it
     * @param metres how much of it
     */
    public record Wound(String station, String thread, double metres) {}

    public Supplies {
        wound = List.copyOf(wound);
        parked = List.copyOf(parked);
        packets = Set.copyOf(packets);
        lives = Map.copyOf(lives);
    }

    /** Returns nothing at hand. */
    public static Supplies none() {
        return new Supplies(List.of(), Set.of(), NeedleInUse.WORN_HOURS, Map.of(), List.of());
    }

    /** Returns the metres of a thread that are on bobbins of a machine already. */
    public double woundMetres(String station, String thread) {
        return wound.stream()
                .filter(otherWound -> otherWound.station().equals(station)
                        && otherWound.thread().equals(thread))
                .mapToDouble(Wound::metres)
                .sum();
    }

    double life(Needle needle) {
        return lives.getOrDefault(needle, boughtLife);
    }
}
