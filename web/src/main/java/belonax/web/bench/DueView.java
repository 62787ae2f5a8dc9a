package belonax.web.bench;

import belonax.life.CareKind;
import belonax.life.CarePlan;
import belonax.room.needle.MachineNow;
import java.util.List;
import java.util.Set;

/** What is due on the machine, and its own path when it stood long. */
public record DueView(List<DueShown> due, List<DueShown> later, List<String> backIntoUse, String asideWords) {

    /** One thing that the machine wants. */
    public record DueShown(CareKind kind, String words, String reason, int percent) {}

    static DueView of(MachineNow now, CarePlan plan, Set<String> snoozed) {
        List<CarePlan.Due> all = plan.of(now.machine());
        List<CarePlan.Due> open =
                all.stream().filter(due -> !snoozed.contains(due.kind().name())).toList();
        return new DueView(
                open.stream().filter(CarePlan.Due::isDue).map(DueView::shown).toList(),
                open.stream().filter(due -> !due.isDue()).map(DueView::shown).toList(),
                plan.wantsRunIn() ? CarePlan.backIntoUse(now.machine()) : List.of(),
                snoozed.isEmpty() ? "" : snoozed.size() + " put off for a few days");
    }

    private static DueShown shown(CarePlan.Due due) {
        return new DueShown(
                due.kind(), due.kind().words(), due.reason(), (int) Math.min(100, Math.round(due.share() * 100)));
    }
}
