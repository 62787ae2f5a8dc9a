package belonax.plan;

import belonax.hazard.Verdict;
import belonax.match.Recommendation;
import belonax.needle.Needle;
import belonax.plan.JobPlan.From;
import belonax.plan.JobPlan.Group;
import belonax.plan.JobPlan.Planned;
import belonax.plan.Station.AtHand;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Names the needle of each run: the one that is in, one that was parked, one of an earlier run with hours left, one of the
 * drawer, and else the one with the least harm.
 */
final class Naming {
    private static final double A_LITTLE = 1e-9;

    private final List<Step> steps;
    private final List<Station> stations;
    private final Supplies supplies;
    private final List<Serving> servings;
    private final List<StepUse> uses;
    private final List<AtHand> parked;
    private final List<Left> left = new ArrayList<>();

    /**
     * A needle that an earlier run used.
     *
     * @param before how it was at hand before that; nothing where it was new
     */
    private record Left(Needle needle, @Nullable AtHand before, double hours) {}

    /** What a run is sewn with. */
    private record Chosen(
            Needle needle, From from, @Nullable AtHand worn, double hours) {}

    Naming(List<Step> steps, List<Station> stations, Supplies supplies, List<Serving> servings, List<StepUse> uses) {
        this.steps = steps;
        this.stations = stations;
        this.supplies = supplies;
        this.servings = servings;
        this.uses = uses;
        this.parked = new ArrayList<>(supplies.parked());
    }

    List<Group> groups(List<Run> runs) {
        return runs.stream().map(this::group).toList();
    }

    private Group group(Run run) {
        double hours = run.sewn().stream()
                .mapToDouble(sewn -> uses.get(sewn.step()).effectiveHours())
                .sum();
        Chosen chosen = chosen(run, hours);
        if (hours <= chosen.hours() + A_LITTLE) {
            left.add(new Left(chosen.needle(), chosen.worn(), chosen.hours() - hours));
        }
        List<Planned> planned =
                run.sewn().stream().map(sewn -> planned(sewn, chosen)).toList();
        Recommendation worst = planned.stream()
                .map(Planned::needle)
                .max(Comparator.comparing(Recommendation::verdict).thenComparingDouble(Recommendation::expectedHarm))
                .orElseThrow();
        return new Group(stations.get(run.machine()).id(), worst, chosen.from(), hours, chosen.hours(), planned);
    }

    private Planned planned(Run.Sewn sewn, Chosen chosen) {
        Serving serving = servings.get(sewn.step());
        Recommendation judged = Optional.ofNullable(chosen.worn())
                .flatMap(worn -> serving.worn(worn.needle()))
                .orElseGet(() -> serving.fresh(chosen.needle()));
        return new Planned(
                sewn.step(),
                steps.get(sewn.step()),
                uses.get(sewn.step()),
                judged,
                serving.dial(),
                sewn.changed().needle() > 0,
                sewn.changed().thread() > 0,
                sewn.changed().balance() > 0);
    }

    private Chosen chosen(Run run, double hours) {
        if (run.isFirst()) {
            AtHand now = stations.get(run.machine()).now().orElseThrow();
            return new Chosen(now.needle().needle(), From.IN_THE_MACHINE, now, now.hoursLeft());
        }
        for (AtHand atHand : parked) {
            if (atHand.hoursLeft() + A_LITTLE >= hours && servesAll(run, atHand)) {
                parked.remove(atHand);
                return new Chosen(atHand.needle().needle(), From.PARKED, atHand, atHand.hoursLeft());
            }
        }
        Set<Needle> serving = serving(run);
        for (Left otherLeft : left) {
            boolean serves = otherLeft.before() == null
                    ? serving.contains(otherLeft.needle())
                    : servesAll(run, otherLeft.before());
            if (serves && otherLeft.hours() + A_LITTLE >= hours) {
                left.remove(otherLeft);
                return new Chosen(otherLeft.needle(), From.AN_EARLIER_STEP, otherLeft.before(), otherLeft.hours());
            }
        }
        Needle fresh = serving.stream()
                .min(Comparator.comparing((Needle needle) -> supplies.life(needle) + A_LITTLE < hours)
                        .thenComparing(needle -> !supplies.packets().contains(needle))
                        .thenComparing(needle -> worst(run, needle))
                        .thenComparingDouble(needle -> harm(run, needle))
                        .thenComparing(Needle::size))
                .orElseThrow();
        return new Chosen(fresh, From.NEW, null, supplies.life(fresh));
    }

    private boolean servesAll(Run run, AtHand needle) {
        return run.sewn().stream()
                .allMatch(
                        sewn -> servings.get(sewn.step()).worn(needle.needle()).isPresent());
    }

    /** Returns the needles that serve every step of a run. */
    private Set<Needle> serving(Run run) {
        Set<Needle> all = new LinkedHashSet<>(
                servings.get(run.sewn().get(0).step()).needles().keySet());
        run.sewn()
                .forEach(sewn ->
                        all.retainAll(servings.get(sewn.step()).needles().keySet()));
        return all;
    }

    private Verdict worst(Run run, Needle needle) {
        return run.sewn().stream()
                .map(sewn -> servings.get(sewn.step()).fresh(needle).verdict())
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    private double harm(Run run, Needle needle) {
        return run.sewn().stream()
                .mapToDouble(sewn -> servings.get(sewn.step()).fresh(needle).expectedHarm())
                .sum();
    }
}
