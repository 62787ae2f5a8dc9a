package belonax.web.plan;

import belonax.plan.JobPlan.Planned;
import belonax.room.Words;
import belonax.room.drawer.Spool;
import belonax.room.event.TableWork;
import belonax.web.plan.PlanDesk.Worked;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Tells before the first stitch which spool will not reach: what is wound already counts with what is on the spool. */
final class Materials {
    private Materials() {}

    static List<String> shortages(Worked worked) {
        Map<String, Double> needed = new LinkedHashMap<>();
        Map<String, TableWork.Top> tops = new LinkedHashMap<>();
        if (worked.plan().isEmpty()) {
            return List.of();
        }
        for (Planned it : worked.plan().get().steps()) {
            TableWork.Top top =
                    worked.project().card().get(it.step().id()).work().top();
            needed.merge(it.step().thread(), it.use().topMetres() + it.use().bobbinMetres(), Double::sum);
            tops.putIfAbsent(it.step().thread(), top);
        }
        List<String> all = new ArrayList<>();
        needed.forEach((thread, metres) -> {
            Double left = left(worked, Objects.requireNonNull(tops.get(thread)));
            if (left != null && metres > left) {
                all.add(worked.stock()
                        .units()
                        .say(String.format(
                                Locale.ROOT,
                                "%s will not reach: %.0f m needed above and below, %.0f m left. Buy one more before the first stitch.",
                                Words.capital(
                                        Objects.requireNonNull(tops.get(thread)).colour()),
                                metres,
                                left)));
            }
        });
        return all;
    }

    private static @Nullable Double left(Worked worked, TableWork.Top top) {
        if (top.spool() == null) {
            return null;
        }
        Double onSpool = worked.stock()
                .findSpool(top.spool().toString())
                .map(Spool::metresLeft)
                .orElse(null);
        if (onSpool == null) {
            return null;
        }
        double wound = worked.bobbins().stream()
                .filter(it -> top.spool().equals(it.card().spool()))
                .mapToDouble(it -> Objects.requireNonNullElse(it.card().metresLeft(), 0.0))
                .sum();
        return onSpool + wound;
    }
}
