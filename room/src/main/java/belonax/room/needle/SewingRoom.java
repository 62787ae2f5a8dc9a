package belonax.room.needle;

import belonax.BadInput;
import belonax.machine.Machine;
import belonax.needle.Needle;
import belonax.room.ChangedMeanwhile;
import belonax.room.ReadCache;
import belonax.room.event.Event;
import belonax.room.event.EventKind;
import belonax.room.event.EventRepository;
import belonax.room.event.NewestEvents;
import belonax.room.event.SetupKept;
import belonax.room.event.StoredEvent;
import belonax.room.machine.MachineCards;
import belonax.room.machine.MachineName;
import belonax.room.machine.MachineRepository;
import belonax.thread.SewingThread;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
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
    private static final Set<EventKind> TOLD_BY_EVENTS = EnumSet.of(
            EventKind.THREADED,
            EventKind.LAID,
            EventKind.BALANCED,
            EventKind.DIAL_SET,
            EventKind.TIMER_ON,
            EventKind.TIMER_OFF,
            EventKind.SEWN,
            EventKind.CLEANED,
            EventKind.OILED,
            EventKind.SERVICED,
            EventKind.BEGUN);

    private final MachineRepository machines;
    private final MachineCards cards;
    private final NewestEvents newest;
    private final NeedleRepository needles;
    private final EventRepository events;
    private final Projection projection;
    private final ReadCache cache;
    private final Clock clock;
    private final Supplier<UUID> ids;

    SewingRoom(
            MachineRepository machines,
            MachineCards cards,
            NewestEvents newest,
            NeedleRepository needles,
            EventRepository events,
            Projection projection,
            ReadCache cache,
            Clock clock,
            Supplier<UUID> ids) {
        this.machines = machines;
        this.cache = cache;
        this.cards = cards;
        this.newest = newest;
        this.needles = needles;
        this.events = events;
        this.projection = projection;
        this.clock = clock;
        this.ids = ids;
    }

    /** A place for a needle in a machine. */
    private record Spot(String machineId, int place) {}

    /** Returns all machines as they are now, in the owner's order. */
    @Transactional(readOnly = true)
    public List<MachineNow> machines() {
        return now(cards.all());
    }

    /** Returns the names of all machines, in the owner's order. */
    public List<MachineName> names() {
        return cards.all().stream()
                .map(shelved -> new MachineName(
                        shelved.id(),
                        shelved.card().machine().name(),
                        shelved.card().standsAt()))
                .toList();
    }

    /** Returns one machine as it is now, if there is one with this short name. */
    public Optional<MachineNow> find(String machineId) {
        return cards.find(machineId)
                .map(shelved -> cache.of(
                        "machine now " + machineId, () -> now(List.of(shelved)).get(0)));
    }

    /**
     * Returns one machine as it is now.
     *
     * @throws BadInput if it was taken out of the drawer
     */
    public MachineNow get(String machineId) {
        return find(machineId).orElseThrow(() -> new BadInput("machine", "It is no longer in the drawer."));
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
        return fit(ids.get(), machineId, place, new NewNeedle(needle, false, Optional.empty()), thread, expectedOut);
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
        MachineNow now = find(machineId).orElseThrow();
        refuseIfChanged(now, place, expectedOut);
        return record(action, now, place, fresh, thread);
    }

    /**
     * Makes sure that a place still holds what the sewist saw there; the machine is held.
     *
     * @throws ChangedMeanwhile if another needle is in that place by now
     */
    @Transactional
    public void expect(String machineId, int place, Optional<UUID> expectedOut) {
        machines.hold(machineId);
        refuseIfChanged(find(machineId).orElseThrow(), place, expectedOut);
    }

    /** Records that a machine was balanced, and on what. */
    @Transactional
    public UUID balanced(String machineId, double dial, SetupKept sewn) {
        machines.hold(machineId);
        UUID action = ids.get();
        events.add(action, now(), new Event.Balanced(machineId, dial, sewn));
        return action;
    }

    private UUID record(UUID action, MachineNow before, int place, NewNeedle fresh, Optional<SewingThread> thread) {
        Instant at = now();
        String machineId = before.id();
        Optional<UUID> out = before.fittedIn(place).map(MachineNow.Fitted::needleId);
        out.ifPresent(id -> events.add(action, at, new Event.NeedleOut(machineId, place, id)));
        NeedleEntity stored = needles.save(new NeedleEntity(ids.get(), fresh.needle(), fresh.coated()));
        UUID packet = fresh.packet().orElse(null);
        events.add(action, at, new Event.NeedleIn(machineId, place, stored.id(), packet, before.tableWords()));
        thread.filter(sewingThread -> !before.thread().equals(Optional.of(sewingThread)))
                .ifPresent(sewingThread -> events.add(action, at, Event.Threaded.with(machineId, sewingThread)));
        out.ifPresent(projection::refresh);
        projection.refresh(stored.id());
        return action;
    }

    private static void refuseIfChanged(MachineNow now, int place, Optional<UUID> expectedOut) {
        if (!now.fittedIn(place).map(MachineNow.Fitted::needleId).equals(expectedOut)) {
            throw new ChangedMeanwhile(
                    "The needle in " + now.machine().name()
                            + " was changed in another window. Look at the strip: is what it shows what you see in the machine?");
        }
    }

    private List<MachineNow> now(List<MachineCards.Shelved> shelved) {
        List<String> ids = shelved.stream().map(MachineCards.Shelved::id).toList();
        Map<String, NewestEvents.OfMachine> newest = this.newest.of(ids, TOLD_BY_EVENTS);
        Map<Spot, MachineNow.Fitted> fitted = fitted(ids);
        List<NeedleRecord> missing =
                needles.missingIn(ids).stream().map(NeedleEntity::line).toList();
        return shelved.stream()
                .map(otherShelved ->
                        now(otherShelved, Objects.requireNonNull(newest.get(otherShelved.id())), fitted, missing))
                .toList();
    }

    private static MachineNow now(
            MachineCards.Shelved machine,
            NewestEvents.OfMachine newest,
            Map<Spot, MachineNow.Fitted> fitted,
            List<NeedleRecord> missing) {
        List<String> names = machine.card().machine().needlePlaces();
        List<MachineNow.Place> places = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            places.add(
                    new MachineNow.Place(i, names.get(i), Optional.ofNullable(fitted.get(new Spot(machine.id(), i)))));
        }
        return new MachineNow(
                machine.id(),
                machine.card(),
                places,
                newest.of(Event.Threaded.class).map(Event.Threaded::thread),
                dial(newest),
                newest.of(Event.Laid.class).map(Event.Laid::work),
                newest.of(EventKind.TIMER_ON)
                        .filter(on -> newest.of(EventKind.TIMER_OFF)
                                .filter(off -> off.seq() > on.seq())
                                .isEmpty())
                        .map(StoredEvent::at),
                missing.stream()
                        .filter(needleRecord -> needleRecord.machineId().equals(Optional.of(machine.id())))
                        .toList(),
                new MachineNow.Work(
                        machine.sewnMinutes(),
                        machine.lintyMinutes(),
                        newest.of(EventKind.SEWN).map(StoredEvent::at),
                        mark(newest, EventKind.CLEANED),
                        mark(newest, EventKind.OILED),
                        mark(newest, EventKind.SERVICED),
                        newest.of(EventKind.BEGUN)
                                .flatMap(stored -> stored.as(Event.Begun.class)
                                        .map(begun -> new MachineNow.Begun(begun.past(), stored.at())))));
    }

    private static Optional<MachineNow.Mark> mark(NewestEvents.OfMachine newest, EventKind kind) {
        return newest.of(kind)
                .flatMap(stored -> stored.as(Event.Care.class)
                        .map(care -> new MachineNow.Mark(stored.at(), care.sewnMinutes(), care.lintyMinutes())));
    }

    private Map<Spot, MachineNow.Fitted> fitted(List<String> machineIds) {
        Map<Spot, MachineNow.Fitted> all = new HashMap<>();
        for (NeedleRepository.InMachine inMachine : needles.inMachines(machineIds)) {
            StoredEvent in = inMachine.in();
            all.put(new Spot(in.machineId().orElseThrow(), in.place().orElse(0)), fitted(inMachine));
        }
        return all;
    }

    private static MachineNow.Fitted fitted(NeedleRepository.InMachine inMachine) {
        NeedleEntity needle = inMachine.needle();
        return new MachineNow.Fitted(
                needle.id(), needle.inUse(), inMachine.in().at(), needle.minutesSinceIn(), needle.checkedSinceIn());
    }

    private static OptionalDouble dial(NewestEvents.OfMachine newest) {
        return Stream.of(EventKind.BALANCED, EventKind.DIAL_SET)
                .flatMap(eventKind -> newest.of(eventKind).stream())
                .max(Comparator.comparingLong(StoredEvent::seq))
                .flatMap(stored -> stored.as(Event.DialStands.class))
                .map(dialStands -> OptionalDouble.of(dialStands.dial()))
                .orElse(OptionalDouble.empty());
    }

    private Instant now() {
        return clock.instant();
    }
}
