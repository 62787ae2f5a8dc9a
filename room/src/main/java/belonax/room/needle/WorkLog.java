package belonax.room.needle;

import belonax.BadInput;
import belonax.life.EffectiveHours;
import belonax.life.Wear;
import belonax.plan.ThreadUse;
import belonax.room.ReadCache;
import belonax.room.event.Event;
import belonax.room.event.EventKind;
import belonax.room.event.EventRepository;
import belonax.room.event.TableWork;
import belonax.room.machine.MachineMinutes;
import belonax.room.machine.MachineRepository;
import belonax.room.needle.MachineNow.Fitted;
import belonax.room.usecase.UseCase;
import belonax.room.workbench.Workbench;
import belonax.thread.SewingThread;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Counts the work of the needles in a machine, by entry or by a timer. */
@Service
public class WorkLog {
    /** A timer that runs longer was forgotten: it is asked about, never counted blindly. */
    private static final Duration FORGOTTEN = Duration.ofHours(3);

    private static final double MIN_MINUTES = 0.1;

    private final SewingRoom room;
    private final Workbench table;
    private final MachineRepository machines;
    private final EventRepository events;
    private final NeedleRepository needles;
    private final Projection projection;
    private final MachineMinutes machineMinutes;
    private final List<Consumable> consumables;
    private final ReadCache cache;
    private final Clock clock;
    private final Supplier<UUID> ids;

    WorkLog(
            SewingRoom room,
            Workbench table,
            MachineRepository machines,
            EventRepository events,
            NeedleRepository needles,
            Projection projection,
            MachineMinutes machineMinutes,
            List<Consumable> consumables,
            ReadCache cache,
            Clock clock,
            Supplier<UUID> ids) {
        this.room = room;
        this.table = table;
        this.machines = machines;
        this.events = events;
        this.needles = needles;
        this.projection = projection;
        this.machineMinutes = machineMinutes;
        this.cache = cache;
        this.consumables = consumables;
        this.clock = clock;
        this.ids = ids;
    }

    /** A timer that runs. */
    public record Running(Instant since, double minutes, boolean isForgotten) {}

    /** Something that grows less as one sews; it is told of each work that is counted, as a part of that action. */
    public interface Consumable {
        /** Takes off what so many minutes of this work use up. The machine is held by who counts. */
        void counted(UUID action, String machineId, double minutes, TableWork work);
    }

    /**
     * Work of one kind that is counted.
     *
     * @param minutes at the needle
     * @param threadMinutes minutes on the clock in which as much thread is used
     */
    private record Piece(
            double minutes,
            double threadMinutes,
            Wear wear,
            boolean sheds,
            @Nullable TableWork work) {
        static Piece of(double minutes, TableWork work) {
            return new Piece(minutes, minutes, work.wear(), work.top().sewing().shedsLint(), work);
        }

        Piece usingThreadOf(double share) {
            return new Piece(minutes, minutes * share, wear, sheds, work);
        }

        @Nullable
        String on() {
            return work == null ? null : work.words();
        }
    }

    /**
     * Records work done with every needle in the machine, and lays it on the table.
     *
     * @return the action, by which it can be taken back
     * @throws BadInput if no needle is in the machine or the minutes make no sense
     */
    @UseCase
    public UUID sewn(String machineId, double minutes, TableWork work) {
        machines.hold(machineId);
        MachineNow now = room.get(machineId);
        now.checkSeen();
        UUID action = ids.get();
        table.lay(action, machineId, work);
        return count(action, now, List.of(Piece.of(minutes, work)), Map.of());
    }

    /** Does the same where nothing is known of the work but what it costs a needle. */
    @UseCase
    public UUID sewn(String machineId, double minutes, Wear wear) {
        machines.hold(machineId);
        MachineNow now = room.get(machineId);
        now.checkSeen();
        return count(ids.get(), now, List.of(piece(now, minutes, wear)), Map.of());
    }

    private static Piece piece(MachineNow now, double minutes, Wear wear) {
        boolean sheds = now.thread().filter(SewingThread::shedsLint).isPresent();
        return new Piece(minutes, minutes, wear, sheds, null);
    }

    /** @param needles those that did the work, by their place, where others may be in the machine by now */
    private UUID count(UUID action, MachineNow now, List<Piece> pieces, Map<Integer, UUID> needles) {
        String machineId = now.id();
        BadInput.unless(
                now.fitted().isPresent() || !needles.isEmpty(),
                "machine",
                () -> "No needle is in " + now.machine().name() + ", as far as Belonax knows.");
        for (Piece piece : pieces) {
            for (MachineNow.Place place : now.places()) {
                Optional.ofNullable(needles.get(place.number()))
                        .or(() -> place.fitted()
                                .filter(fitted -> needles.isEmpty())
                                .map(Fitted::needleId))
                        .ifPresent(id -> sewn(action, machineId, place.number(), id, piece));
            }
            boolean linty = piece.sheds() || piece.wear().isLinty();
            machineMinutes.add(machineId, piece.minutes(), linty ? piece.minutes() : 0);
            if (piece.work() != null) {
                consumables.forEach(
                        consumable -> consumable.counted(action, machineId, piece.threadMinutes(), piece.work()));
            }
        }
        return action;
    }

    /**
     * Counts, as a part of an action, minutes that a machine was heard to run, for each work the time that it lay on the table.
     *
     * @param since when it was begun to listen
     * @param needles those that were in it then, by their place
     * @param stitches that were heard in them, by which thread is counted
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void heard(
            UUID action, String machineId, Instant since, Map<Integer, UUID> needles, double minutes, double stitches) {
        MachineNow now = room.find(machineId).orElseThrow();
        double share = minutes <= 0 ? 1 : ThreadUse.minutesOf(stitches) / minutes;
        List<Piece> pieces = pieces(now, running(since), minutes).stream()
                .map(piece -> piece.usingThreadOf(share))
                .toList();
        count(action, now, pieces, needles);
    }

    /**
     * Starts the timer; one that runs already goes on.
     *
     * @param work what is sewn, where that is told
     */
    @UseCase
    public void startTimer(String machineId, Optional<TableWork> work) {
        machines.hold(machineId);
        UUID action = ids.get();
        work.ifPresent(tableWork -> table.lay(action, machineId, tableWork));
        if (running(machineId).isEmpty()) {
            events.add(action, now(), new Event.TimerOn(machineId));
        }
    }

    /**
     * Stops the timer and counts its minutes, for each work the time that it lay on the table.
     *
     * @param minutesInstead how long was really sewn, where the timer was forgotten
     * @return the action; empty when no timer ran, or too short to count
     */
    @UseCase
    public Optional<UUID> stopTimer(String machineId, Optional<Double> minutesInstead) {
        return pause(machineId, minutesInstead);
    }

    /** Does the same as part of another use case. A timer that was forgotten runs on: how long was sewn has to be asked. */
    @Transactional
    public void pauseFor(String machineId) {
        if (running(machineId)
                .filter(otherRunning -> !otherRunning.isForgotten())
                .isPresent()) {
            pause(machineId, Optional.empty());
        }
    }

    private Optional<UUID> pause(String machineId, Optional<Double> minutesInstead) {
        machines.hold(machineId);
        MachineNow now = room.find(machineId).orElseThrow();
        Optional<Running> running = running(now);
        if (running.isEmpty()) {
            return Optional.empty();
        }
        events.add(ids.get(), now(), new Event.TimerOff(machineId));
        double minutes = minutesInstead.orElse(running.get().minutes());
        return minutes < MIN_MINUTES
                ? Optional.empty()
                : Optional.of(count(ids.get(), now, pieces(now, running.get(), minutes), Map.of()));
    }

    /** Parts the minutes by what lay on the table; minutes that were told instead are parted in the same shares. */
    private List<Piece> pieces(MachineNow now, Running running, double minutes) {
        List<Workbench.Lay> lays = table.since(now.id(), running.since());
        if (lays.isEmpty()) {
            return List.of(piece(now, minutes, Wear.ORDINARY));
        }
        double share = running.minutes() > 0 ? minutes / running.minutes() : 1;
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < lays.size(); i++) {
            // What was sewn before anything was laid counts for what was laid first.
            Instant from = i == 0 ? running.since() : lays.get(i).at();
            Instant to = i + 1 < lays.size() ? lays.get(i + 1).at() : now();
            double sewn = share * Duration.between(from, to).toMillis() / 60_000.0;
            if (sewn >= MIN_MINUTES || lays.size() == 1) {
                pieces.add(
                        Piece.of(lays.size() == 1 ? minutes : sewn, lays.get(i).work()));
            }
        }
        return pieces.isEmpty()
                ? List.of(Piece.of(minutes, lays.get(lays.size() - 1).work()))
                : pieces;
    }

    /**
     * The last day on which a machine sewed.
     *
     * @param on what was sewn last, in words; empty where nobody told
     */
    public record LastDay(LocalDate day, double minutes, String on) {}

    /** Returns the last day on which a machine sewed, where that was before today. */
    public Optional<LastDay> lastDay(MachineNow machine) {
        LocalDate today = LocalDate.now(clock);
        return machine.work()
                .sewnAt()
                .map(time -> time.atZone(clock.getZone()).toLocalDate())
                .filter(day -> day.isBefore(today))
                .map(day -> cache.of("sewn on " + day + " on " + machine.id(), () -> lastDay(machine.id(), day)));
    }

    /** Every needle counts the same minutes, so only those of one place are added up. */
    private LastDay lastDay(String machineId, LocalDate day) {
        List<Event.Sewn> sewn =
                events
                        .since(
                                machineId,
                                EventKind.SEWN,
                                day.atStartOfDay(clock.getZone()).toInstant())
                        .stream()
                        .flatMap(stored -> stored.as(Event.Sewn.class).stream())
                        .toList();
        int place = sewn.stream().mapToInt(Event.Sewn::place).min().orElse(0);
        double minutes = sewn.stream()
                .filter(otherSewn -> otherSewn.place() == place)
                .mapToDouble(Event.Sewn::minutes)
                .sum();
        String on = sewn.isEmpty() ? null : sewn.get(sewn.size() - 1).on();
        return new LastDay(day, minutes, on == null ? "" : on);
    }

    /** Returns the timer of a machine, if it runs. */
    public Optional<Running> running(MachineNow machine) {
        return machine.timerSince().map(this::running);
    }

    private Running running(Instant since) {
        Duration passed = Duration.between(since, clock.instant());
        // A clock that was set back has counted nothing yet.
        Duration time = passed.isNegative() ? Duration.ZERO : passed;
        return new Running(since, time.toSeconds() / 60.0, time.compareTo(FORGOTTEN) > 0);
    }

    /** Does the same by the machine's short name. */
    @Transactional(readOnly = true)
    public Optional<Running> running(String machineId) {
        return running(room.find(machineId).orElseThrow());
    }

    private void sewn(UUID action, String machineId, int place, UUID needle, Piece piece) {
        boolean coated = needles.findById(needle).map(NeedleEntity::isCoated).orElse(false);
        double hours = EffectiveHours.of(piece.minutes(), piece.wear(), coated).value();
        events.add(
                action,
                now(),
                new Event.Sewn(
                        machineId, place, needle, piece.minutes(), hours, piece.wear(), piece.sheds(), piece.on()));
        projection.refresh(needle);
    }

    private Instant now() {
        return clock.instant();
    }
}
