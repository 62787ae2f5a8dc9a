package belonax.room.needle;

import belonax.BadInput;
import belonax.machine.Machine;
import belonax.needle.Needle;
import belonax.room.ChangedMeanwhile;
import belonax.room.event.Event;
import belonax.room.event.EventKind;
import belonax.room.event.EventRepository;
import belonax.room.event.SetupKept;
import belonax.room.machine.MachineEntity;
import belonax.room.machine.MachineName;
import belonax.room.machine.MachineRepository;
import belonax.thread.SewingThread;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tells what is in which machine now, and records what happens to it. */
@Service
public class SewingRoom {
    static final Set<EventKind> NEEDLE_MOVES = Set.of(EventKind.NEEDLE_IN, EventKind.NEEDLE_OUT);

    private final MachineRepository machines;
    private final NeedleRepository needles;
    private final EventRepository events;
    private final Projection projection;
    private final Clock clock;
    private final Supplier<UUID> ids;

    SewingRoom(
            MachineRepository machines,
            NeedleRepository needles,
            EventRepository events,
            Projection projection,
            Clock clock,
            Supplier<UUID> ids) {
        this.machines = machines;
        this.needles = needles;
        this.events = events;
        this.projection = projection;
        this.clock = clock;
        this.ids = ids;
    }

    /** Returns all machines as they are now, in the owner's order. */
    @Transactional(readOnly = true)
    public List<MachineNow> machines() {
        return machines.findAllByRemovedFalseOrderByPosition().stream()
                .map(this::now)
                .toList();
    }

    /** Returns the names of all machines, in the owner's order. */
    @Transactional(readOnly = true)
    public List<MachineName> names() {
        return machines.names();
    }

    /** Returns one machine as it is now, if there is one with this short name. */
    @Transactional(readOnly = true)
    public Optional<MachineNow> find(String machineId) {
        return machines.findById(machineId).filter(it -> !it.isRemoved()).map(this::now);
    }

    /**
     * Keeps everybody else who would change something on a machine waiting until this is done.
     *
     * @throws BadInput if there is no such machine
     */
    @Transactional
    public void hold(String machineId) {
        machines.hold(machineId);
    }

    /**
     * Records that a new needle was fitted, which one came out for it, and which thread is on the machine now.
     *
     * @param expectedOut the needle that the sewist saw in this place; empty when it was empty
     * @return the action, by which it can be taken back
     * @throws BadInput if there is no such machine or place, or it does not list the needle's system
     * @throws ChangedMeanwhile if another needle is in that place by now
     */
    @Transactional
    public UUID fit(
            String machineId, int place, Needle needle, Optional<SewingThread> thread, Optional<UUID> expectedOut) {
        return fit(ids.get(), machineId, place, new NewNeedle(needle, false, ""), thread, expectedOut);
    }

    /** Does the same as part of an action, with what is known of the new needle. */
    @Transactional
    public UUID fit(
            UUID action,
            String machineId,
            int place,
            NewNeedle fresh,
            Optional<SewingThread> thread,
            Optional<UUID> expectedOut) {
        Needle needle = fresh.needle();
        Machine machine = machines.hold(machineId).card().machine();
        BadInput.unless(
                place >= 0 && place < machine.needlePlaces().size(),
                "place",
                () -> machine.name() + " has no such place for a needle. Choose one of "
                        + String.join(", ", machine.needlePlaces()) + ".");
        BadInput.unless(
                machine.systems().contains(needle.system()),
                "system",
                () -> machine.name() + " does not list " + needle.system().label()
                        + ", and a needle of another system can" + " strike. Choose one that its manual names.");
        Optional<Event> inNow = needleIn(machineId, place);
        refuseIfChanged(machine, inNow, expectedOut);
        return record(action, machineId, place, fresh, thread, inNow);
    }

    /** Records that a machine was balanced, and on what. */
    @Transactional
    public UUID balanced(String machineId, double dial, SetupKept sewn) {
        machines.hold(machineId);
        UUID action = ids.get();
        events.save(Event.balanced(action, now(), machineId, dial).with(sewn));
        return action;
    }

    private UUID record(
            UUID action,
            String machineId,
            int place,
            NewNeedle fresh,
            Optional<SewingThread> thread,
            Optional<Event> inNow) {
        Instant at = now();
        inNow.flatMap(Event::needleId)
                .ifPresent(out -> events.save(Event.needleOut(action, at, machineId, place, out)));
        NeedleEntity stored = needles.save(new NeedleEntity(ids.get(), fresh.needle(), fresh.coated()));
        events.save(Event.needleIn(action, at, machineId, place, stored.id()).noting(fresh.packet()));
        thread.filter(it -> !thread(machineId).equals(Optional.of(it)))
                .ifPresent(it -> events.save(Event.threaded(action, at, machineId, it)));
        inNow.flatMap(Event::needleId).ifPresent(projection::refresh);
        projection.refresh(stored.id());
        return action;
    }

    private static void refuseIfChanged(Machine machine, Optional<Event> inNow, Optional<UUID> expectedOut) {
        if (!inNow.flatMap(Event::needleId).equals(expectedOut)) {
            throw new ChangedMeanwhile(
                    "The needle in " + machine.name()
                            + " was changed in another window. Look at the strip: is what it shows what you see in the machine?");
        }
    }

    private MachineNow now(MachineEntity entity) {
        Machine machine = entity.card().machine();
        List<MachineNow.Place> places = new ArrayList<>();
        for (int i = 0; i < machine.needlePlaces().size(); i++) {
            places.add(new MachineNow.Place(i, machine.needlePlaces().get(i), fitted(entity.id(), i)));
        }
        return new MachineNow(entity.id(), entity.card(), places, thread(entity.id()), dial(entity.id()));
    }

    private Optional<Event> needleIn(String machineId, int place) {
        return events.newestAtPlace(machineId, place, NEEDLE_MOVES)
                .filter(it -> it.kind() == EventKind.NEEDLE_IN && projection.isNewestMove(it));
    }

    private Optional<MachineNow.Fitted> fitted(String machineId, int place) {
        return needleIn(machineId, place)
                .flatMap(event -> event.needleId()
                        .flatMap(needles::findById)
                        .map(it -> new MachineNow.Fitted(it.id(), it.inUse(), event.at())));
    }

    private Optional<SewingThread> thread(String machineId) {
        return events.newestOf(machineId, EventKind.THREADED).flatMap(Event::thread);
    }

    private OptionalDouble dial(String machineId) {
        return Stream.of(EventKind.BALANCED, EventKind.DIAL_SET)
                .flatMap(it -> events.newestOf(machineId, it).stream())
                .max(Comparator.comparingLong(Event::seq))
                .map(Event::dial)
                .orElse(OptionalDouble.empty());
    }

    private Instant now() {
        return clock.instant();
    }
}
