package belonax.fault;

import belonax.fault.Glance.Look;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.random.RandomGenerator;

/**
 * A trouble that somebody made up, for studies and for learning: causes drawn from rates and showings that differ from the
 * table's own, and the symptoms that come of them. Checks find what is there, and miss it now and then.
 */
public final class SimulatedTrouble {
    private static final int MAX_CAUSES = 3;

    private final List<Cause> causes;
    private final Set<Cause> there;
    private final Map<Symptom, Set<Cause>> shownBy;

    private SimulatedTrouble(List<Cause> causes, Set<Cause> there, Map<Symptom, Set<Cause>> shownBy) {
        this.causes = causes;
        this.there = there;
        this.shownBy = shownBy;
    }

    /** Rates and showings of a world that is not quite the table's. */
    public static final class World {
        private final List<Cause> causes = new ArrayList<>();

        /** Makes up a world that differs from the table by about these factors, as standard deviations of logarithms. */
        public World(FaultTable table, double ratesDiffer, double showingsDiffer, RandomGenerator random) {
            for (Cause cause : table.causes()) {
                if (cause.check().needs() == Check.Needs.LOOPERS) {
                    continue; // The troubles are those of a machine with a bobbin.
                }
                Map<Symptom, Double> shows = new LinkedHashMap<>();
                cause.shows()
                        .forEach((symptom, chance) -> shows.put(
                                symptom, Math.min(0.95, chance * Math.exp(showingsDiffer * random.nextGaussian()))));
                double rate = Math.min(0.5, cause.rate() * Math.exp(ratesDiffer * random.nextGaussian()));
                causes.add(new Cause(
                        cause.id(),
                        cause.title(),
                        rate,
                        cause.check(),
                        cause.blames(),
                        cause.grows(),
                        shows,
                        cause.whenAdds(),
                        cause.standsOut()));
            }
        }

        /** Draws a trouble: one to three causes that together show something. */
        public SimulatedTrouble trouble(RandomGenerator random) {
            while (true) {
                // In the order of the table, so that the same seed draws the same trouble.
                Set<Cause> there = new LinkedHashSet<>();
                for (Cause cause : causes) {
                    if (random.nextDouble() < cause.rate()) {
                        there.add(cause);
                    }
                }
                Map<Symptom, Set<Cause>> shownBy = new LinkedHashMap<>();
                for (Cause cause : there) {
                    cause.shows().forEach((symptom, chance) -> {
                        if (random.nextDouble() < chance) {
                            shownBy.computeIfAbsent(symptom, any -> new LinkedHashSet<>())
                                    .add(cause);
                        }
                    });
                }
                if (!shownBy.isEmpty() && there.size() <= MAX_CAUSES) {
                    return new SimulatedTrouble(causes, there, shownBy);
                }
            }
        }
    }

    /** Returns what is seen. */
    public Set<Symptom> symptoms() {
        return new TreeSet<>(shownBy.keySet());
    }

    /** Returns what a sewist sees at a glance who sees this share of what the table says stands out. */
    public Map<Glance, Look> glance(double share, RandomGenerator random) {
        Map<Glance, Look> seen = new EnumMap<>(Glance.class);
        for (Glance glance : Glance.values()) {
            boolean wrong = random.nextDouble() < glance.leak();
            for (Cause cause : causes) {
                wrong |= there.contains(cause) && random.nextDouble() < share * glance.shownBy(cause);
            }
            seen.put(glance, wrong ? Look.WRONG : Look.RIGHT);
        }
        return seen;
    }

    /** Returns how many causes there still are that show something. */
    public int left() {
        return (int) shownBy.values().stream().flatMap(Set::stream).distinct().count();
    }

    /** Makes a check: what it looks for is found and put right, unless it is missed or was never there. */
    public boolean findsAndCures(CheckId check, double finds, RandomGenerator random) {
        List<Cause> found =
                there.stream().filter(cause -> cause.check().id() == check).toList();
        if (found.isEmpty() || random.nextDouble() >= finds) {
            return false;
        }
        found.forEach(there::remove);
        shownBy.values().forEach(set -> set.removeAll(found));
        shownBy.values().removeIf(Set::isEmpty);
        return true;
    }

    /** Tells whether what is left is for a technician alone. */
    public boolean isATechniciansAlone(FaultTable table) {
        return causes.stream()
                .filter(there::contains)
                .filter(cause -> shownBy.values().stream().anyMatch(set -> set.contains(cause)))
                .allMatch(cause -> table.check(cause.check().id()).who() == Check.Who.TECHNICIAN);
    }
}
