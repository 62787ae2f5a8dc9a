package belonax.room.plan;

import belonax.BadInput;
import belonax.room.card.CardType;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.event.Undo;
import belonax.room.needle.SewingRoom;
import belonax.room.needle.WorkLog;
import belonax.room.sound.SoundLog;
import belonax.room.usecase.UseCase;
import belonax.room.workbench.Workbench;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is done with projects. Each returns the change by which it is taken back. */
@Service
public class ProjectBook {
    private final DrawerStore drawer;
    private final SewingRoom room;
    private final Workbench table;
    private final WorkLog log;
    private final SoundLog sounds;
    private final Undo undo;
    private final Clock clock;
    private final Supplier<UUID> ids;

    ProjectBook(
            DrawerStore drawer,
            SewingRoom room,
            Workbench table,
            WorkLog log,
            SoundLog sounds,
            Undo undo,
            Clock clock,
            Supplier<UUID> ids) {
        this.drawer = drawer;
        this.room = room;
        this.table = table;
        this.log = log;
        this.sounds = sounds;
        this.undo = undo;
        this.clock = clock;
        this.ids = ids;
    }

    /** Projects are kept as cards, so they go through undo, archive and copies like all of them. */
    @Configuration(proxyBeanMethods = false)
    static class Cards {
        @Bean
        CardType project() {
            return new CardType(Project.class);
        }
    }

    /** Returns all projects, the one that was begun last first. */
    @Transactional(readOnly = true)
    public List<Kept<Project>> all() {
        return drawer.all(Project.class);
    }

    @Transactional(readOnly = true)
    public Optional<Kept<Project>> find(UUID id) {
        return drawer.find(Project.class, id);
    }

    /** Begins a project, and returns it. */
    @UseCase
    public UUID begin(String name) {
        return drawer.add(Project.named(name)).card();
    }

    /** Adds a step to the end. */
    @UseCase
    public UUID add(UUID project, ProjectStep step) {
        room.get(step.machineId());
        return change(project, otherProject -> otherProject.with(step));
    }

    /** Adds steps of a file to the end, all of them or none; they name each other by ids of their own. */
    @UseCase
    public UUID addAll(UUID project, List<ProjectStep> steps) {
        BadInput.unless(!steps.isEmpty(), "file", () -> "There is no step in it.");
        steps.stream().map(ProjectStep::machineId).distinct().forEach(room::get);
        return change(project, otherProject -> otherProject.withAll(steps));
    }

    /** Tells a step anew. */
    @UseCase
    public UUID tell(UUID project, int revision, String step, ProjectStep told) {
        room.get(told.machineId());
        return change(project, revision, otherProject -> otherProject.change(step, old -> old.told(told)));
    }

    /** Takes a step out; what waited for it waits no more. */
    @UseCase
    public UUID drop(UUID project, int revision, String step) {
        return change(project, revision, otherProject -> otherProject.without(step));
    }

    /** Has a step sewn after another one, whatever that costs. */
    @UseCase
    public UUID pin(UUID project, int revision, String step, String after) {
        return change(project, revision, otherProject -> {
            BadInput.unless(!step.equals(after), "step", () -> "A step cannot come after itself.");
            return otherProject.pinned(step, after);
        });
    }

    /** Lets every wish for an order go. */
    @UseCase
    public UUID unpin(UUID project, int revision) {
        return change(project, revision, Project::unpinned);
    }

    /** Says how long one sews in an evening, and on which days. */
    @UseCase
    public UUID sewsOn(UUID project, int revision, int minutes, Set<DayOfWeek> days) {
        return change(project, revision, otherProject -> otherProject.sewnOn(minutes, days));
    }

    /** Begins a step: what it sews lies on its machine's table from now on. */
    @UseCase
    public UUID start(UUID project, int revision, String step) {
        Kept<Project> kept = drawer.get(Project.class, project);
        ProjectStep asked = kept.card().get(step);
        room.hold(asked.machineId());
        double sewn = room.get(asked.machineId()).work().sewnMinutes();
        UUID change = change(
                project, revision, otherProject -> otherProject.change(step, old -> old.begun(sewn, clock.instant())));
        table.lay(ids.get(), asked.machineId(), asked.work());
        return change;
    }

    /**
     * What ending a step came to.
     *
     * @param work the minutes that were counted with it, which no timer had counted
     */
    public record Ended(UUID change, Optional<UUID> work) {}

    /**
     * Ends a step. Minutes that its machine has not counted since it was begun are counted now: needle, thread and machine follow
     * from them like from all work.
     *
     * @param minutes what it took; empty for what its machine has sewn since it was begun
     */
    @UseCase
    public Ended done(UUID project, int revision, String step, OptionalDouble minutes) {
        ProjectStep asked = drawer.get(Project.class, project).card().get(step);
        room.hold(asked.machineId());
        double counted = took(asked);
        double took = minutes.orElse(counted);
        UUID change = change(project, revision, otherProject -> otherProject.change(step, old -> old.done(took)));
        return new Ended(
                change,
                took > counted
                        ? Optional.of(log.sewn(asked.machineId(), took - counted, asked.work()))
                        : Optional.empty());
    }

    /** Returns the minutes that a step has taken so far, by what its machine sewed since it was begun. */
    @Transactional(readOnly = true)
    public double took(ProjectStep step) {
        Double before = step.sewnBefore();
        if (before == null) {
            return 0;
        }
        // Where a machine was listened to only its running was counted; guiding and turning take their time too.
        Instant begun = step.begunAt();
        double idle = begun == null ? 0 : sounds.idleMinutes(step.machineId(), begun);
        return Math.max(0, room.get(step.machineId()).work().sewnMinutes() - before) + idle;
    }

    /** Has a step to sew again. */
    @UseCase
    public UUID again(UUID project, int revision, String step) {
        return change(project, revision, otherProject -> otherProject.change(step, ProjectStep::again));
    }

    /** Takes a whole project away. */
    @UseCase
    public UUID remove(UUID project, int revision) {
        return drawer.remove(project, revision).change();
    }

    /** Takes a change back, and the work that was counted with it. */
    @UseCase
    public void undo(UUID change, Optional<UUID> work) {
        work.ifPresent(undo::undo);
        drawer.undo(change);
    }

    private UUID change(UUID project, UnaryOperator<Project> change) {
        return drawer.change(Project.class, project, change).change();
    }

    private UUID change(UUID project, int revision, UnaryOperator<Project> change) {
        return drawer.change(Project.class, project, revision, change).change();
    }
}
