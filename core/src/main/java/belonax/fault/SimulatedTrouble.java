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
    private static final int MOST_CAUSES = 3;

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
            for (Cause it : table.causes()) {
                if (it.check().needs() == Check.Needs.LOOPERS) {
                    continue; // The troubles are those of a machine with a bobbin.
                }
                Map<Symptom, Double> shows = new LinkedHashMap<>();
                it.shows()
                        .forEach((symptom, chance) -> shows.put(
                                symptom, Math.min(0.95, chance * Math.exp(showingsDiffer * random.nextGaussian()))));
                double rate = Math.min(0.5, it.rate() * Math.exp(ratesDiffer * random.nextGaussian()));
                causes.add(new Cause(
                        it.id(),
                        it.title(),
                        rate,
                        it.check(),
                        it.blames(),
                        it.grows(),
                        shows,
                        it.whenAdds(),
                        it.standsOut()));
            }
        }

        /** Draws a trouble: one to three causes that together show something. */
        public SimulatedTrouble trouble(RandomGenerator random) {
            while (true) {
                // In the order of the table, so that the same seed draws the same trouble.
                Set<Cause> there = new LinkedHashSet<>();
                for (Cause it : causes) {
                    if (random.nextDouble() < it.rate()) {
                        there.add(it);
                    }
                }
                Map<Symptom, Set<Cause>> shownBy = new LinkedHashMap<>();
                for (Cause it : there) {
                    it.shows().forEach((symptom, chance) -> {
                        if (random.nextDouble() < chance) {
                            shownBy.computeIfAbsent(symptom, any -> new LinkedHashSet<>())
                                    .add(it);
                        }
                    });
                }
                if (!shownBy.isEmpty() && there.size() <= MOST_CAUSES) {
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
        for (Glance it : Glance.values()) {
            boolean wrong = random.nextDouble() < it.leak();
            for (Cause cause : causes) {
                wrong |= there.contains(cause) && random.nextDouble() < share * it.shownBy(cause);
            }
            seen.put(it, wrong ? Look.WRONG : Look.RIGHT);
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
                there.stream().filter(it -> it.check().id() == check).toList();
        if (found.isEmpty() || random.nextDouble() >= finds) {
            return false;
        }
        found.forEach(there::remove);
        shownBy.values().forEach(it -> it.removeAll(found));
        shownBy.values().removeIf(Set::isEmpty);
        return true;
    }

    /** Tells whether what is left is for a technician alone. */
    public boolean isATechniciansAlone(FaultTable table) {
        return causes.stream()
                .filter(there::contains)
                .filter(it -> shownBy.values().stream().anyMatch(set -> set.contains(it)))
                .allMatch(it -> table.check(it.check().id()).who() == Check.Who.TECHNICIAN);
    }
}
