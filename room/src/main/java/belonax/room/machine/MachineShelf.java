package belonax.room.machine;

import belonax.BadInput;
import belonax.machine.Past;
import belonax.room.ChangedMeanwhile;
import belonax.room.CraftJson;
import belonax.room.event.Event;
import belonax.room.event.EventRepository;
import belonax.room.usecase.UseCase;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what the owner tells about machines. Every change can be taken back as long as nothing later rests on it. */
@Service
public class MachineShelf {
    private final MachineRepository machines;
    private final MachineChangeRepository changes;
    private final EventRepository events;
    private final EntityManager entities;
    private final Clock clock;
    private final Supplier<UUID> ids;

    MachineShelf(
            MachineRepository machines,
            MachineChangeRepository changes,
            EventRepository events,
            EntityManager entities,
            Clock clock,
            Supplier<UUID> ids) {
        this.machines = machines;
        this.changes = changes;
        this.events = events;
        this.entities = entities;
        this.clock = clock;
        this.ids = ids;
    }

    /** A change, and the machine it was about. */
    public record Done(UUID change, String machineId) {}

    /** Puts a new machine on the shelf; its short name is made of its name. */
    @UseCase
    public Done add(MachineCard card) {
        String id = freeId(card.machine().name());
        MachineEntity entity = machines.save(new MachineEntity(id, (int) machines.count(), card));
        return done(entity, null);
    }

    /** Does the same, and records where it comes from. */
    @UseCase
    public Done add(MachineCard card, Past past) {
        Done done = add(card);
        events.add(ids.get(), clock.instant(), new Event.Begun(done.machineId(), past));
        return done;
    }

    /**
     * Changes what is kept about a machine, plate and foot among it.
     *
     * @throws BadInput if there is no such machine
     * @throws ChangedMeanwhile if it was changed since this revision
     */
    @UseCase
    public Done change(String machineId, int revision, MachineCard card) {
        MachineEntity entity = hold(machineId, revision);
        String before = CraftJson.write(entity.card());
        entity.put(card);
        return done(entity, before);
    }

    /**
     * Takes a machine off the shelf. What happened on it stays recorded.
     *
     * @throws BadInput if there is no such machine
     * @throws ChangedMeanwhile if it was changed since this revision
     */
    @UseCase
    public Done remove(String machineId, int revision) {
        MachineEntity entity = hold(machineId, revision);
        String before = CraftJson.write(entity.card());
        entity.remove(true);
        return done(entity, before);
    }

    /**
     * Takes a change back.
     *
     * @throws BadInput if there is no such change
     * @throws ChangedMeanwhile if the machine was changed after it
     */
    @UseCase
    public void undo(UUID changeId) {
        MachineChange change = changes.findById(changeId)
                .orElseThrow(() -> new BadInput("change", "There is no such change to take back."));
        MachineEntity entity = machines.findAndHold(change.machineId()).orElseThrow();
        entities.refresh(change);
        if (change.isUndone()) {
            return; // Pressed twice: it is taken back already.
        }
        if (entity.revision() != change.revision()) {
            throw new ChangedMeanwhile("It was changed after that, so that change cannot be taken back by itself.");
        }
        entity.remove(change.before().isEmpty());
        change.before().ifPresent(text -> entity.put(CraftJson.read(text, MachineCard.class)));
        change.undone();
    }

    /**
     * Takes several changes back, all of them or none.
     *
     * @throws ChangedMeanwhile if one of the machines was changed after it
     */
    @UseCase
    public void undoAll(List<UUID> changeIds) {
        changeIds.forEach(this::undo);
    }

    /** Tells whether a change was one of a machine. */
    @Transactional(readOnly = true)
    public boolean knows(UUID changeId) {
        return changes.findById(changeId).isPresent();
    }

    /** Tells whether a change can still be taken back. */
    @Transactional(readOnly = true)
    public boolean canUndo(UUID changeId) {
        return changes.findById(changeId)
                .filter(machineChange -> !machineChange.isUndone())
                .flatMap(machineChange -> machines.findById(machineChange.machineId())
                        .filter(now -> now.revision() == machineChange.revision()))
                .isPresent();
    }

    /** Returns the revision of a machine, to be named when it is changed. */
    @Transactional(readOnly = true)
    public Optional<Integer> revision(String machineId) {
        return machines.findById(machineId)
                .filter(machineEntity -> !machineEntity.isRemoved())
                .map(MachineEntity::revision);
    }

    private MachineEntity hold(String machineId, int revision) {
        MachineEntity entity = machines.hold(machineId);
        if (entity.revision() != revision) {
            throw new ChangedMeanwhile(
                    "It was changed in another window. Look at it again and make your change there.");
        }
        return entity;
    }

    private Done done(MachineEntity entity, @Nullable String before) {
        MachineChange change =
                changes.save(new MachineChange(ids.get(), clock.instant(), entity.id(), entity.revision(), before));
        return new Done(change.id(), entity.id());
    }

    private String freeId(String name) {
        String slug =
                name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        String base = slug.isEmpty() ? "machine" : slug.substring(0, Math.min(30, slug.length()));
        String id = base;
        for (int i = 2; machines.findById(id).isPresent(); i++) {
            id = base + "-" + i;
        }
        return id;
    }
}
