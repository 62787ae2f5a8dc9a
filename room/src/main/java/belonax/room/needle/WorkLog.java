package belonax.room.needle;

import belonax.BadInput;
import belonax.life.EffectiveHours;
import belonax.life.Wear;
import belonax.room.event.Event;
import belonax.room.event.EventRepository;
import belonax.room.machine.MachineMinutes;
import belonax.room.machine.MachineRepository;
import belonax.room.needle.MachineNow.Fitted;
import belonax.room.press.UseCase;
import belonax.thread.SewingThread;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Counts the work of the needles in a machine, by entry or by a timer. */
@Service
public class WorkLog {
    /** A timer that runs longer was forgotten: it is asked about, never counted blindly. */
    private static final Duration FORGOTTEN = Duration.ofHours(3);

    private final SewingRoom room;
    private final MachineRepository machines;
    private final EventRepository events;
    private final NeedleRepository needles;
    private final Projection projection;
    private final MachineMinutes machineMinutes;
    private final Clock clock;
    private final Supplier<UUID> ids;

    WorkLog(
            SewingRoom room,
            MachineRepository machines,
            EventRepository events,
            NeedleRepository needles,
            Projection projection,
            MachineMinutes machineMinutes,
            Clock clock,
            Supplier<UUID> ids) {
        this.room = room;
        this.machines = machines;
        this.events = events;
        this.needles = needles;
        this.projection = projection;
        this.machineMinutes = machineMinutes;
        this.clock = clock;
        this.ids = ids;
    }

    /** A timer that runs. */
    public record Running(Instant since, double minutes, boolean isForgotten) {}

    /**
     * Records work done with every needle in the machine.
     *
     * @return the action, by which it can be taken back
     * @throws BadInput if no needle is in the machine or the minutes make no sense
     */
    @UseCase
    public UUID sewn(String machineId, double minutes, Wear wear) {
        machines.hold(machineId);
        MachineNow now = room.find(machineId).orElseThrow();
        BadInput.unless(
                now.fitted().isPresent(),
                "machine",
                () -> "No needle is in " + now.machine().name() + ", as far as Belonax knows.");
        UUID action = ids.get();
        boolean sheds = now.thread().filter(SewingThread::shedsLint).isPresent();
        for (MachineNow.Place place : now.places()) {
            place.fitted().ifPresent(it -> sewn(action, machineId, place.number(), it, minutes, wear, sheds));
        }
        machineMinutes.add(machineId, minutes, sheds || wear.isLinty() ? minutes : 0);
        return action;
    }

    /** Starts the timer; one that runs already goes on. */
    @UseCase
    public void startTimer(String machineId) {
        machines.hold(machineId);
        if (running(machineId).isEmpty()) {
            events.add(ids.get(), now(), new Event.TimerOn(machineId));
        }
    }

    /**
     * Stops the timer and counts its minutes.
     *
     * @return the action; empty when no timer ran, or too short to count
     */
    @UseCase
    public Optional<UUID> stopTimer(String machineId, Wear wear, Optional<Double> minutesInstead) {
        machines.hold(machineId);
        Optional<Running> running = running(machineId);
        if (running.isEmpty()) {
            return Optional.empty();
        }
        events.add(ids.get(), now(), new Event.TimerOff(machineId));
        double minutes = minutesInstead.orElse(running.get().minutes());
        return minutes < 0.1 ? Optional.empty() : Optional.of(sewn(machineId, minutes, wear));
    }

    /** Returns the timer of a machine, if it runs. */
    public Optional<Running> running(MachineNow machine) {
        return machine.timerSince().map(it -> {
            Duration time = Duration.between(it, clock.instant());
            return new Running(it, time.toSeconds() / 60.0, time.compareTo(FORGOTTEN) > 0);
        });
    }

    /** Does the same by the machine's short name. */
    @Transactional(readOnly = true)
    public Optional<Running> running(String machineId) {
        return running(room.find(machineId).orElseThrow());
    }

    private void sewn(
            UUID action, String machineId, int place, Fitted fitted, double minutes, Wear wear, boolean sheds) {
        boolean coated =
                needles.findById(fitted.needleId()).map(NeedleEntity::isCoated).orElse(false);
        double hours = EffectiveHours.of(minutes, wear, coated).value();
        events.add(action, now(), new Event.Sewn(machineId, place, fitted.needleId(), minutes, hours, wear, sheds));
        projection.refresh(fitted.needleId());
    }

    private Instant now() {
        return clock.instant();
    }
}
