package belonax.room.sound;

import belonax.BadInput;
import belonax.life.Wear;
import belonax.machine.BobbinKind;
import belonax.room.ReadCache;
import belonax.room.event.Event;
import belonax.room.event.EventKind;
import belonax.room.event.EventRepository;
import belonax.room.event.TableWork;
import belonax.room.machine.MachineRepository;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.needle.WorkLog;
import belonax.room.usecase.UseCase;
import belonax.sound.Heard;
import belonax.sound.Knock;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Counts what was heard of a machine, and tells what is known of how it sounds and how fast it is sewn on. */
@Service
public class SoundLog {
    /** A needle is fresh for so long, in effective hours. */
    private static final double FRESH_HOURS = 1;

    private static final int LATEST = 60;
    private static final int LATEST_OF_ALL = 200;
    private static final int LATEST_FRESH = 5;
    private static final int LATEST_SHOWN = 10;
    private static final double ENOUGH_STITCHES = 500;

    private final SewingRoom room;
    private final MachineRepository machines;
    private final EventRepository events;
    private final WorkLog work;
    private final ReadCache cache;
    private final Clock clock;
    private final Supplier<UUID> ids;

    SoundLog(
            SewingRoom room,
            MachineRepository machines,
            EventRepository events,
            WorkLog work,
            ReadCache cache,
            Clock clock,
            Supplier<UUID> ids) {
        this.room = room;
        this.machines = machines;
        this.events = events;
        this.work = work;
        this.cache = cache;
        this.clock = clock;
        this.ids = ids;
    }

    /** Returns why a machine cannot be listened to; nothing where it can. */
    public Optional<String> whyNotHeard(MachineNow now) {
        if (now.machine().bobbin() == BobbinKind.NONE) {
            return Optional.of("A machine with loopers sounds several times a stitch, so its stitches cannot be told."
                    + " Use the clock.");
        }
        return now.fitted().isPresent()
                ? Optional.empty()
                : Optional.of("No needle is in " + now.machine().name() + ", as far as Belonax knows.");
    }

    /**
     * Returns how a machine stands now that it is begun to listen.
     *
     * @throws BadInput if it cannot be listened to
     */
    public Began begin(MachineNow now) {
        whyNotHeard(now).ifPresent(text -> {
            throw new BadInput("machine", text);
        });
        return new Began(clock.instant(), needles(now), hours(now), wear(now), now.tableWords());
    }

    /** Tells whether the needles are in a machine that were in it when it was begun to listen. */
    public static boolean isSameNeedle(Began began, MachineNow now) {
        return began.needles().equals(needles(now));
    }

    private static Map<Integer, UUID> needles(MachineNow now) {
        Map<Integer, UUID> needles = new TreeMap<>();
        now.places()
                .forEach(place -> place.fitted().ifPresent(fitted -> needles.put(place.number(), fitted.needleId())));
        return needles;
    }

    private static double hours(MachineNow now) {
        return now.places().stream()
                .flatMap(place -> place.fitted().stream())
                .mapToDouble(fitted -> fitted.needle().effectiveHours())
                .max()
                .orElse(0);
    }

    /**
     * Counts what was heard as work of the needles that were in the machine, on what lay on its table meanwhile.
     *
     * @return the action, by which all of it can be taken back
     * @throws BadInput if the clock runs as well
     */
    @UseCase
    public UUID keep(String machineId, Listened listened) {
        machines.hold(machineId);
        MachineNow now = room.get(machineId);
        BadInput.unless(
                now.timerSince().isEmpty(),
                "machine",
                () -> "The clock of " + now.machine().name()
                        + " runs as well, so it would be counted twice. Pause it, and count only one of the two.");
        UUID action = ids.get();
        Began began = listened.began();
        Heard heard = listened.heard();
        work.heard(action, machineId, began.since(), began.needles(), heard.minutes(), heard.stitches());
        events.add(
                action,
                clock.instant(),
                new Event.Heard(
                        machineId,
                        began.needle(),
                        began.needleHours(),
                        heard.stitches(),
                        heard.minutes(),
                        heard.workSeconds() / 60,
                        listened.knock().orElse(null),
                        began.wear(),
                        began.on()));
        return action;
    }

    private static Wear wear(MachineNow now) {
        return now.table().map(TableWork::wear).orElse(Wear.ORDINARY);
    }

    /** Tells whether the needle in a machine has hardly sewn, so that it sounds as a fresh one does. */
    public static boolean isFresh(MachineNow now) {
        return now.fitted()
                .filter(fitted -> fitted.needle().effectiveHours() < FRESH_HOURS
                        && !fitted.needle().struck())
                .isPresent();
    }

    /** Returns how a fresh needle knocks on such cloth as lies on this machine's table: the middle of the last five times. */
    @Transactional(readOnly = true)
    public Optional<Knock> freshKnock(MachineNow now) {
        Wear wear = wear(now);
        List<Knock> knocks = latest(now.id())
                .filter(heard -> heard.needleHours() < FRESH_HOURS && heard.wear() == wear)
                .flatMap(heard -> Optional.ofNullable(heard.knock()).stream())
                .limit(LATEST_FRESH)
                .toList();
        return knocks.isEmpty() ? Optional.empty() : Optional.of(Knock.middle(knocks));
    }

    /**
     * Returns the stitches a minute on the clock that are really sewn on each machine, guiding and turning included; those of which
     * not enough was heard are left out.
     */
    public Map<String, Double> stitchesPerMinute() {
        return cache.of("stitches heard a minute", this::readSpeeds);
    }

    private Map<String, Double> readSpeeds() {
        Map<String, List<Event.Heard>> byMachine = events.newest(EventKind.HEARD, Limit.of(LATEST_OF_ALL)).stream()
                .flatMap(stored -> stored.as(Event.Heard.class).stream())
                .collect(Collectors.groupingBy(Event.Heard::machine));
        Map<String, Double> speeds = new TreeMap<>();
        byMachine.forEach((machine, all) -> {
            double stitches = all.stream().mapToDouble(Event.Heard::stitches).sum();
            double minutes = all.stream().mapToDouble(Event.Heard::clockMinutes).sum();
            if (stitches >= ENOUGH_STITCHES && minutes > 0) {
                speeds.put(machine, stitches / minutes);
            }
        });
        return speeds;
    }

    /** One time that a machine was listened to. */
    public record Time(LocalDate day, Event.Heard heard) {}

    /**
     * What is known of how a machine sounds.
     *
     * @param times the last ten, the newest first
     * @param freshKnock on such cloth as lies on its table
     */
    public record Known(List<Time> times, Optional<Double> stitchesPerMinute, Optional<Knock> freshKnock) {}

    @Transactional(readOnly = true)
    public Known known(MachineNow now) {
        List<Time> times = events.newestOn(now.id(), EventKind.HEARD, Limit.of(LATEST_SHOWN)).stream()
                .flatMap(stored -> stored.as(Event.Heard.class).stream()
                        .map(heard ->
                                new Time(stored.at().atZone(clock.getZone()).toLocalDate(), heard)))
                .toList();
        return new Known(times, Optional.ofNullable(stitchesPerMinute().get(now.id())), freshKnock(now));
    }

    /** Returns the minutes since then that were spent at a machine which stood: guiding, turning, cutting. */
    @Transactional(readOnly = true)
    public double idleMinutes(String machineId, Instant since) {
        return events.since(machineId, EventKind.HEARD, since).stream()
                .flatMap(stored -> stored.as(Event.Heard.class).stream())
                .mapToDouble(heard -> Math.max(0, heard.clockMinutes() - heard.minutes()))
                .sum();
    }

    /** The newest first. */
    private Stream<Event.Heard> latest(String machineId) {
        return events.newestOn(machineId, EventKind.HEARD, Limit.of(LATEST)).stream()
                .flatMap(stored -> stored.as(Event.Heard.class).stream());
    }
}
