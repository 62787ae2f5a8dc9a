package belonax.room.care;

import belonax.BadInput;
import belonax.life.CareKind;
import belonax.life.CarePlan;
import belonax.room.event.Event;
import belonax.room.event.EventKind;
import belonax.room.event.EventRepository;
import belonax.room.machine.MachineEntity;
import belonax.room.machine.MachineRepository;
import belonax.room.press.UseCase;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was done for the machines, and what is due. */
@Service
public class CareLog {
    private static final double DAYS_PER_MONTH = 30.44;

    private final MachineRepository machines;
    private final EventRepository events;
    private final Clock clock;
    private final Supplier<UUID> ids;

    CareLog(MachineRepository machines, EventRepository events, Clock clock, Supplier<UUID> ids) {
        this.machines = machines;
        this.events = events;
        this.clock = clock;
        this.ids = ids;
    }

    /** Returns how far the machine's intervals are over. */
    @Transactional(readOnly = true)
    public CarePlan plan(String machineId) {
        MachineEntity machine = machines.findById(machineId).orElseThrow();
        Optional<Event> cleaned = events.newestOf(machineId, EventKind.CLEANED);
        Optional<Event> oiled = events.newestOf(machineId, EventKind.OILED);
        Optional<Event> serviced = events.newestOf(machineId, EventKind.SERVICED);
        double cleanedAt = cleaned.map(Event::minutes).orElse(0.0);
        double lintyAt = cleaned.map(Event::effectiveHours).orElse(0.0);
        return new CarePlan(
                Math.max(0, machine.sewnMinutes() - cleanedAt) / 60,
                Math.max(0, machine.lintyMinutes() - lintyAt) / 60,
                Math.max(0, machine.sewnMinutes() - oiled.map(Event::minutes).orElse(0.0)) / 60,
                serviced.map(it -> OptionalDouble.of(monthsSince(it.at()))).orElse(OptionalDouble.empty()),
                events.newestOf(machineId, EventKind.SEWN)
                        .map(it -> monthsSince(it.at()))
                        .orElse(0.0));
    }

    /** Records that something was done, at a time that may lie back. */
    @UseCase
    public UUID done(String machineId, CareKind kind) {
        return done(ids.get(), machineId, kind);
    }

    /** Does the same as part of an action. */
    @Transactional
    public UUID done(UUID action, String machineId, CareKind kind) {
        MachineEntity machine = machines.hold(machineId);
        events.save(Event.ofMachine(eventOf(kind), action, now(), machineId, "")
                .atMinutes(machine.sewnMinutes(), machine.lintyMinutes()));
        return action;
    }

    /** Puts something off for some days; it is not mentioned until then. */
    @UseCase
    public UUID snooze(String machineId, String what, int days) {
        BadInput.unless(days >= 1 && days <= 60, "days", () -> "Put it off by 1 to 60 days.");
        machines.hold(machineId);
        UUID action = ids.get();
        events.save(Event.ofMachine(EventKind.SNOOZED, action, now(), machineId, what)
                .until(now().plus(Duration.ofDays(days))));
        return action;
    }

    /** Returns what is put off on a machine at the moment. */
    @Transactional(readOnly = true)
    public Set<String> snoozed(String machineId) {
        return events.snoozed(machineId, clock.instant()).stream()
                .map(Event::note)
                .collect(Collectors.toSet());
    }

    private double monthsSince(Instant at) {
        return Duration.between(at, clock.instant()).toDays() / DAYS_PER_MONTH;
    }

    private static EventKind eventOf(CareKind kind) {
        return switch (kind) {
            case CLEAN -> EventKind.CLEANED;
            case OIL -> EventKind.OILED;
            case SERVICE -> EventKind.SERVICED;
        };
    }

    private Instant now() {
        return clock.instant();
    }
}
