package belonax.room.plan;

import belonax.BadInput;
import belonax.plan.Step;
import belonax.room.card.Card;
import belonax.room.event.TableWork;
import java.time.Instant;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * A step of a project.
 *
 * @param id within its project; empty until it is added
 * @param machineId the machine that sews it
 * @param work what is sewn, as it will lie on the table
 * @param seamMetres length of one pass, above 0 and at most 10 000 m
 * @param passes 1 to 100
 * @param after what has to be sewn before it
 * @param pinned what the sewist wants sewn before it, whatever that costs
 * @param sewnBefore minutes that its machine had sewn when it was begun; null until then
 * @param tookMinutes what it really took; null until it is done
 * @param begunAt when it was begun; null until then, and for those begun before that was kept
 */
public record ProjectStep(
        String id,
        String name,
        String machineId,
        TableWork work,
        double seamMetres,
        int passes,
        Set<String> after,
        Set<String> pinned,
        @Nullable Double sewnBefore,
        @Nullable Double tookMinutes,
        @Nullable Instant begunAt) {
    private static final double MAX_MINUTES = 100_000;

    public ProjectStep {
        name = name.strip();
        after = new TreeSet<>(after);
        pinned = new TreeSet<>(pinned);
        BadInput.unless(!name.isBlank(), "name", () -> "Say what is sewn, such as “side seams”.");
        Card.checkLength("name", name, 80);
        BadInput.unless(
                seamMetres > 0 && seamMetres <= Step.MAX_METRES,
                "metres",
                () -> "Type how long the seam is, above 0 and at most 10 000 m.");
        BadInput.unless(
                passes >= 1 && passes <= Step.MAX_PASSES,
                "passes",
                () -> "A seam is sewn over 1 to 100 times; once is usual.");
        BadInput.unless(
                tookMinutes == null || tookMinutes >= 0 && tookMinutes <= MAX_MINUTES,
                "minutes",
                () -> "Type the minutes at the needle, 0 or more.");
    }

    public boolean isDone() {
        return tookMinutes != null;
    }

    public boolean isUnderWay() {
        return sewnBefore != null && !isDone();
    }

    /** Returns all that comes before it. */
    public Set<String> waitsFor() {
        Set<String> all = new TreeSet<>(after);
        all.addAll(pinned);
        return all;
    }

    ProjectStep called(String newId) {
        return new ProjectStep(
                newId, name, machineId, work, seamMetres, passes, after, pinned, sewnBefore, tookMinutes, begunAt);
    }

    ProjectStep begun(double sewn, Instant at) {
        return new ProjectStep(id, name, machineId, work, seamMetres, passes, after, pinned, sewn, null, at);
    }

    ProjectStep done(double minutes) {
        return new ProjectStep(
                id, name, machineId, work, seamMetres, passes, after, pinned, sewnBefore, minutes, begunAt);
    }

    ProjectStep again() {
        return new ProjectStep(id, name, machineId, work, seamMetres, passes, after, pinned, null, null, null);
    }

    ProjectStep pinnedAfter(Set<String> others) {
        return new ProjectStep(
                id, name, machineId, work, seamMetres, passes, after, others, sewnBefore, tookMinutes, begunAt);
    }

    ProjectStep waitingFor(Set<String> others) {
        return new ProjectStep(
                id, name, machineId, work, seamMetres, passes, others, pinned, sewnBefore, tookMinutes, begunAt);
    }

    /** Returns the same step told anew; what became of it stays. */
    ProjectStep told(ProjectStep now) {
        return new ProjectStep(
                id,
                now.name,
                now.machineId,
                now.work,
                now.seamMetres,
                now.passes,
                now.after,
                pinned,
                sewnBefore,
                tookMinutes,
                begunAt);
    }

    ProjectStep without(String gone) {
        return new ProjectStep(
                id,
                name,
                machineId,
                work,
                seamMetres,
                passes,
                without(after, gone),
                without(pinned, gone),
                sewnBefore,
                tookMinutes,
                begunAt);
    }

    private static Set<String> without(Set<String> ids, String gone) {
        Set<String> left = new TreeSet<>(ids);
        left.remove(gone);
        return left;
    }
}
