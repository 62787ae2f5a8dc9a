package belonax.room.archive;

import belonax.needle.Needle;
import belonax.needle.Twin;
import belonax.room.NothingMissing;
import belonax.room.archive.RoomContent.MachineLine;
import belonax.room.archive.RoomContent.NeedleLine;
import belonax.room.event.Event;
import belonax.room.event.EventLine;
import belonax.room.event.StoredEvent;
import belonax.room.machine.MachineEntity;
import belonax.room.machine.MachineMinutes;
import belonax.room.needle.NeedleEntity;
import belonax.room.needle.Projection;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes a whole sewing room out, and puts another in its place. */
@Service
public class RoomArchive {
    private final EntityManager entities;
    private final Projection projection;
    private final MachineMinutes minutes;
    private final Supplier<UUID> ids;

    RoomArchive(EntityManager entities, Projection projection, MachineMinutes minutes, Supplier<UUID> ids) {
        this.entities = entities;
        this.projection = projection;
        this.minutes = minutes;
        this.ids = ids;
    }

    /** Returns all that is kept. */
    @Transactional(readOnly = true)
    public RoomContent content() {
        return new RoomContent(
                all("select m from MachineEntity m order by m.position, m.id", MachineEntity.class).stream()
                        .map(machineEntity -> new MachineLine(
                                machineEntity.id(),
                                machineEntity.position(),
                                machineEntity.isRemoved(),
                                null,
                                null,
                                machineEntity.card()))
                        .toList(),
                all("select n from NeedleEntity n order by n.id", NeedleEntity.class).stream()
                        .map(needleEntity -> line(needleEntity))
                        .toList(),
                all("select e from StoredEvent e order by e.seq", StoredEvent.class).stream()
                        .filter(StoredEvent::isReadable)
                        .map(StoredEvent::line)
                        .toList());
    }

    /** Replaces all that is kept; what goes wrong on the way leaves everything as it was. */
    @Transactional
    public void replace(RoomContent content) {
        NothingMissing.in(content);
        content.events()
                .forEach(eventLine -> NothingMissing.in(eventLine.stored().event()));
        for (String kept : List.of("StoredEvent", "MachineChange", "NeedleEntity")) {
            entities.createQuery("delete from " + kept).executeUpdate();
        }
        all("select m from MachineEntity m", MachineEntity.class).forEach(entities::remove);
        entities.flush();
        for (MachineLine machineLine : content.machines()) {
            MachineEntity machine = new MachineEntity(machineLine.id(), machineLine.position(), machineLine.card());
            machine.remove(machineLine.removed());
            entities.persist(machine);
        }
        content.needles()
                .forEach(needleLine ->
                        entities.persist(new NeedleEntity(needleLine.id(), needle(needleLine), needleLine.coated())));
        entities.flush();
        for (EventLine eventLine : content.events()) {
            entities.persist(eventLine.stored());
        }
        settle();
        content.needles().forEach(needleLine -> {
            projection.refresh(needleLine.id());
            settle();
        });
        content.machines().forEach(this::countMinutes);
    }

    /** Writes down what was done and forgets it: else each later question would go through all of it again. */
    private void settle() {
        entities.flush();
        entities.clear();
    }

    /** Where an old archive counted the minutes of a machine otherwise than its events do, its count stands. */
    private void countMinutes(MachineLine line) {
        minutes.refresh(line.id());
        MachineEntity machine = entities.find(MachineEntity.class, line.id());
        double sewn = line.sewnMinutes() == null ? 0 : line.sewnMinutes() - machine.sewnMinutes();
        double linty = line.lintyMinutes() == null ? 0 : line.lintyMinutes() - machine.lintyMinutes();
        if (Math.abs(sewn) + Math.abs(linty) > 0.001) {
            entities.persist(
                    new StoredEvent(ids.get(), Instant.EPOCH, new Event.MinutesSetRight(line.id(), sewn, linty)));
            entities.flush();
            minutes.refresh(line.id());
        }
    }

    private <T> List<T> all(String query, Class<T> type) {
        return entities.createQuery(query, type).getResultList();
    }

    private static NeedleLine line(NeedleEntity entity) {
        Needle needle = entity.needle();
        return new NeedleLine(
                entity.id(),
                needle.system(),
                needle.type(),
                needle.size().nm(),
                needle.twin().map(Twin::spacingMm).orElse(null),
                needle.twin().map(Twin::point).orElse(null),
                entity.isCoated());
    }

    private static Needle needle(NeedleLine needleLine) {
        return Needle.of(
                needleLine.system(),
                needleLine.type(),
                needleLine.nm(),
                Optional.ofNullable(needleLine.spacingMm()),
                Optional.ofNullable(needleLine.point()));
    }
}
