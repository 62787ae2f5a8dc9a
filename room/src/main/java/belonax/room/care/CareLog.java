package belonax.room.care;

import belonax.BadInput;
import belonax.life.CareGuide;
import belonax.life.CareKind;
import belonax.life.CarePlan;
import belonax.machine.Machine;
import belonax.machine.Past;
import belonax.room.event.Event;
import belonax.room.event.EventRepository;
import belonax.room.machine.MachineEntity;
import belonax.room.machine.MachineMinutes;
import belonax.room.machine.MachineRepository;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.usecase.UseCase;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was done for the machines, and what is due. */
@Service
public class CareLog {
    private static final double DAYS_PER_MONTH = 30.44;

    private final MachineRepository machines;
    private final SewingRoom room;
    private final EventRepository events;
    private final MachineMinutes minutes;
    private final Clock clock;
    private final Supplier<UUID> ids;

    CareLog(
            MachineRepository machines,
            SewingRoom room,
            EventRepository events,
            MachineMinutes minutes,
            Clock clock,
            Supplier<UUID> ids) {
        this.machines = machines;
        this.room = room;
        this.events = events;
        this.minutes = minutes;
        this.clock = clock;
        this.ids = ids;
    }

    /** Returns how far the machine's intervals are over. */
    @Transactional(readOnly = true)
    public CarePlan plan(String machineId) {
        return plan(room.find(machineId).orElseThrow());
    }

    /** Returns how far the intervals of a machine are over. */
    public CarePlan plan(MachineNow machine) {
        MachineNow.Work work = machine.work();
        return new CarePlan(
                hoursSince(work.cleaned(), work.sewnMinutes(), MachineNow.Mark::sewnMinutes),
                hoursSince(work.cleaned(), work.lintyMinutes(), MachineNow.Mark::lintyMinutes),
                hoursSince(work.oiled(), work.sewnMinutes(), MachineNow.Mark::sewnMinutes),
                serviced(work).map(time -> OptionalDouble.of(monthsSince(time))).orElse(OptionalDouble.empty()),
                work.sewnAt().map(this::monthsSince).orElse(0.0),
                work.past() == Past.NEW && work.serviced().isPresent() ? Past.IN_USE : work.past());
    }

    /** A new machine needs none before its first interval is over. */
    private static Optional<Instant> serviced(MachineNow.Work work) {
        return work.serviced()
                .map(MachineNow.Mark::at)
                .or(() -> work.begun().filter(begun -> begun.past() == Past.NEW).map(MachineNow.Begun::at));
    }

    private static double hoursSince(
            Optional<MachineNow.Mark> mark, double minutes, ToDoubleFunction<MachineNow.Mark> then) {
        return Math.max(0, minutes - mark.map(then::applyAsDouble).orElse(0.0)) / 60;
    }

    /**
     * Records that a machine was run in: cleaned, and oiled where its owner may.
     *
     * @return the action, by which it can be taken back
     */
    @UseCase
    public UUID runIn(String machineId) {
        UUID action = ids.get();
        done(action, machineId, CareKind.CLEAN);
        Machine machine = room.find(machineId).orElseThrow().machine();
        if (CareGuide.isForHomeHands(CareKind.OIL, machine)) {
            done(action, machineId, CareKind.OIL);
        }
        return action;
    }

    /** Records that something was done today. */
    @UseCase
    public UUID done(String machineId, CareKind kind) {
        return done(ids.get(), machineId, kind);
    }

    /**
     * Records that something was done earlier; what was sewn on the machine since counts.
     *
     * @throws BadInput if that day is still to come, or lies before the last time that is known
     */
    @UseCase
    public UUID doneOn(String machineId, CareKind kind, LocalDate day) {
        MachineEntity machine = machines.hold(machineId);
        Instant at = day.atTime(LocalTime.NOON).atZone(clock.getZone()).toInstant();
        BadInput.unless(
                !day.isAfter(LocalDate.now(clock)),
                "day",
                () -> "That day is still to come. Type the day it was done.");
        lastDone(machineId, kind)
                .ifPresent(last -> BadInput.unless(
                        at.isAfter(last),
                        "day",
                        () -> "A later one is known: " + LocalDate.ofInstant(last, clock.getZone())
                                + ". Only the last one counts."));
        Instant then = at.isAfter(now()) ? now() : at;
        MachineMinutes.Minutes since = minutes.since(machineId, then);
        UUID action = ids.get();
        events.add(
                action,
                then,
                eventOf(kind, machineId, machine.sewnMinutes() - since.sewn(), machine.lintyMinutes() - since.linty()));
        return action;
    }

    private Optional<Instant> lastDone(String machineId, CareKind kind) {
        MachineNow.Work work = room.find(machineId).orElseThrow().work();
        Optional<MachineNow.Mark> last = switch (kind) {
            case CLEAN -> work.cleaned();
            case OIL -> work.oiled();
            case SERVICE -> work.serviced();
        };
        return last.map(MachineNow.Mark::at);
    }

    /** Does the same as part of an action. */
    @Transactional
    public UUID done(UUID action, String machineId, CareKind kind) {
        MachineEntity machine = machines.hold(machineId);
        events.add(action, now(), eventOf(kind, machineId, machine.sewnMinutes(), machine.lintyMinutes()));
        return action;
    }

    /** Puts something off for some days; it is not mentioned until then. */
    @UseCase
    public UUID snooze(String machineId, String what, int days) {
        BadInput.unless(days >= 1 && days <= 60, "days", () -> "Put it off by 1 to 60 days.");
        machines.hold(machineId);
        UUID action = ids.get();
        events.add(action, now(), new Event.Snoozed(machineId, what, now().plus(Duration.ofDays(days))));
        return action;
    }

    /** Returns what is put off on a machine at the moment. */
    @Transactional(readOnly = true)
    public Set<String> snoozed(String machineId) {
        return events.snoozed(machineId, clock.instant()).stream()
                .flatMap(stored -> stored.as(Event.Snoozed.class).stream())
                .map(Event.Snoozed::what)
                .collect(Collectors.toSet());
    }

    private double monthsSince(Instant at) {
        return Duration.between(at, clock.instant()).toDays() / DAYS_PER_MONTH;
    }

    private static Event eventOf(CareKind kind, String machineId, double sewn, double linty) {
        return switch (kind) {
            case CLEAN -> new Event.Cleaned(machineId, sewn, linty);
            case OIL -> new Event.Oiled(machineId, sewn, linty);
            case SERVICE -> new Event.Serviced(machineId, sewn, linty);
        };
    }

    private Instant now() {
        return clock.instant();
    }
}
