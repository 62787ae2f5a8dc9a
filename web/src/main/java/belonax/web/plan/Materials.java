package belonax.web.plan;

import belonax.hazard.Verdict;
import belonax.needle.Needle;
import belonax.plan.JobPlan.From;
import belonax.plan.JobPlan.Group;
import belonax.plan.JobPlan.Planned;
import belonax.room.Words;
import belonax.room.card.Kept;
import belonax.room.drawer.Spool;
import belonax.room.event.TableWork;
import belonax.room.settings.Units;
import belonax.web.plan.PlanDesk.Worked;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * What a plan wants that is not at hand.
 *
 * @param shortages spools that will not reach, told before the first stitch
 * @param toBuy these and the needles that the drawer lacks, a line each as it stands on a shopping list
 */
public record Materials(List<String> shortages, List<String> toBuy) {
    public Materials {
        shortages = List.copyOf(shortages);
        toBuy = List.copyOf(toBuy);
    }

    static Materials of(Worked worked) {
        Map<String, Double> needed = new LinkedHashMap<>();
        Map<String, TableWork.Top> tops = new LinkedHashMap<>();
        if (worked.plan().isEmpty()) {
            return new Materials(List.of(), List.of());
        }
        for (Planned planned : worked.plan().get().steps()) {
            TableWork.Top top =
                    worked.project().card().get(planned.step().id()).work().top();
            needed.merge(
                    planned.step().thread(),
                    planned.use().topMetres() + planned.use().bobbinMetres(),
                    Double::sum);
            tops.putIfAbsent(planned.step().thread(), top);
        }
        List<String> shortages = new ArrayList<>();
        List<String> toBuy = new ArrayList<>();
        needed.forEach((thread, metres) -> {
            TableWork.Top top = Objects.requireNonNull(tops.get(thread));
            left(worked, top).filter(left -> metres > left).ifPresent(left -> {
                Units units = worked.stock().units();
                shortages.add(units.say(String.format(
                        Locale.ROOT,
                        "%s will not reach: %.0f m needed above and below, %.0f m left. Buy one more before the first stitch.",
                        Words.capital(top.colour()),
                        metres,
                        left)));
                // A list is read in the shop: the metres that are missing, rounded up.
                toBuy.add(units.say(String.format(
                        Locale.ROOT, "%s: a spool of at least %.0f m", top.words(), Math.ceil(metres - left))));
            });
        });
        if (!worked.packets().isEmpty()) {
            toBuy.addAll(needles(worked));
        }
        return new Materials(shortages, toBuy);
    }

    /** A drawer of which no packet was ever told may hold any needle. Of one that is known: the needles that are to be new and that no packet of the drawer holds, or not often enough. */
    private static List<String> needles(Worked worked) {
        Map<Needle, Long> wanted = worked.plan().orElseThrow().groups().stream()
                .filter(group -> group.from() == From.NEW && group.needle().verdict() != Verdict.AVOID)
                .collect(Collectors.groupingBy(
                        group -> group.needle().needle(),
                        LinkedHashMap::new,
                        Collectors.summingLong(Materials::needlesOf)));
        List<String> all = new ArrayList<>();
        wanted.forEach((needle, count) -> {
            int held = worked.packets().getOrDefault(needle, 0);
            if (held < count) {
                all.add("needles " + needle.words() + " (" + needle.code() + "): " + (count - held)
                        + (held == 0 ? "" : " more"));
            }
        });
        return all;
    }

    private static long needlesOf(Group group) {
        return group.outlasted() ? 2 : 1;
    }

    /** What is on its spool, on others of the same thread and colour, and wound from any of them; nothing where nobody knows. */
    private static Optional<Double> left(Worked worked, TableWork.Top top) {
        if (top.spool() == null) {
            return Optional.empty();
        }
        Optional<Kept<Spool>> named = worked.spools().stream()
                .filter(kept -> kept.id().equals(top.spool()))
                .findFirst();
        if (named.isEmpty() || named.get().card().metresLeft() == null) {
            return Optional.empty();
        }
        List<Kept<Spool>> alike = worked.spools().stream()
                .filter(kept -> kept.id().equals(top.spool())
                        || kept.card().isSound()
                                && kept.card().isLike(named.get().card()))
                .toList();
        double onSpools = alike.stream()
                .mapToDouble(kept -> Objects.requireNonNullElse(kept.card().metresLeft(), 0.0))
                .sum();
        Set<UUID> ids = alike.stream().map(Kept::id).collect(Collectors.toSet());
        double wound = worked.bobbins().stream()
                .filter(kept ->
                        kept.card().spool() != null && ids.contains(kept.card().spool()))
                .mapToDouble(kept -> Objects.requireNonNullElse(kept.card().metresLeft(), 0.0))
                .sum();
        return Optional.of(onSpools + wound);
    }
}
