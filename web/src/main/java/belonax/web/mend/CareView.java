package belonax.web.mend;

import belonax.fault.Check;
import belonax.fault.CheckId;
import belonax.fault.FaultTable;
import belonax.life.CareGuide;
import belonax.life.CareKind;
import belonax.life.CarePlan;
import belonax.life.CarePlan.Due;
import belonax.room.needle.MachineNow;
import java.util.List;
import java.util.stream.Stream;

/** How a machine is cared for: what is due, who may do it, how, and on what sewists differ. */
public record CareView(List<Task> tasks, List<CareGuide.Differing> differing, List<String> backIntoUse) {
    /**
     * One kind of care.
     *
     * @param percent how much of its interval is over
     */
    public record Task(
            CareKind kind,
            String title,
            String who,
            String reason,
            int percent,
            boolean isDue,
            List<StepPictures.Step> steps,
            List<String> cautions) {}

    static CareView of(MachineNow now, CarePlan plan, FaultTable table) {
        List<Due> due = plan.of(now.machine());
        return new CareView(
                Stream.of(CareKind.values())
                        .map(kind -> task(kind, now, due, table))
                        .toList(),
                CareGuide.differing(),
                plan.wantsRunIn() ? CarePlan.backIntoUse(now.machine()) : List.of());
    }

    private static Task task(CareKind kind, MachineNow now, List<Due> due, FaultTable table) {
        Check check = table.check(checkOf(kind));
        boolean home = CareGuide.isForHomeHands(kind, now.machine());
        return due.stream()
                .filter(otherDue -> otherDue.kind() == kind)
                .findFirst()
                .map(otherDue -> new Task(
                        kind,
                        kind.words(),
                        CareGuide.who(kind, now.machine()),
                        otherDue.reason(),
                        (int) Math.min(100, Math.round(100 * otherDue.share())),
                        otherDue.isDue(),
                        home ? StepPictures.of(check, now) : List.of(),
                        home ? check.cautions() : List.of()))
                // Only oil is not planned where it is not the owner's.
                .orElseGet(() ->
                        new Task(kind, "Oil", CareGuide.who(kind, now.machine()), "", 0, false, List.of(), List.of()));
    }

    /** Returns the check whose steps are those of the care. */
    private static CheckId checkOf(CareKind kind) {
        return switch (kind) {
            case CLEAN -> CheckId.CLEAN_HOOK_AREA;
            case OIL -> CheckId.OIL;
            case SERVICE -> CheckId.SERVICE;
        };
    }
}
