package belonax.room.needle;

import belonax.BadInput;
import belonax.life.FitCheck;
import belonax.life.Sign;
import belonax.room.event.Event;
import belonax.room.event.EventRepository;
import belonax.room.machine.MachineRepository;
import belonax.room.needle.MachineNow.Fitted;
import belonax.room.usecase.UseCase;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is noted of the needles in a machine: signs, strikes, projects, and the looks after a change. */
@Service
public class NeedleNotes {
    private final SewingRoom room;
    private final MachineRepository machines;
    private final EventRepository events;
    private final Projection projection;
    private final Clock clock;
    private final Supplier<UUID> ids;

    NeedleNotes(
            SewingRoom room,
            MachineRepository machines,
            EventRepository events,
            Projection projection,
            Clock clock,
            Supplier<UUID> ids) {
        this.room = room;
        this.machines = machines;
        this.events = events;
        this.projection = projection;
        this.clock = clock;
        this.ids = ids;
    }

    /** Records what was heard, felt or seen of the needle in a place. */
    @UseCase
    public UUID sign(String machineId, int place, Sign sign) {
        return ofFitted(machineId, place, (now, id) -> new Event.Noticed(machineId, id, sign, now.tableWords()));
    }

    /** Records that the needle in a place struck something or was bent. */
    @UseCase
    public UUID struck(String machineId, int place) {
        return ofFitted(machineId, place, (now, id) -> new Event.Struck(machineId, id, now.tableWords()));
    }

    /** Records, as part of an action, that what was noticed of the needles in a machine had another cause. */
    @Transactional
    public void explained(UUID action, String machineId) {
        for (MachineNow.Place place : room.find(machineId).orElseThrow().places()) {
            place.fitted().map(Fitted::needleId).ifPresent(id -> {
                events.add(action, now(), new Event.Explained(machineId, id));
                projection.refresh(id);
            });
        }
    }

    /** Records that a project begins with every needle in the machine. */
    @UseCase
    public UUID projectBegun(String machineId, boolean big) {
        machines.hold(machineId);
        UUID action = ids.get();
        MachineNow now = room.find(machineId).orElseThrow();
        now.checkSeen();
        BadInput.unless(
                now.fitted().isPresent(),
                "machine",
                () -> "No needle is in " + now.machine().name() + ". Fit one, and begin the project with it.");
        for (MachineNow.Place place : now.places()) {
            place.fitted().ifPresent(fitted -> {
                events.add(
                        action,
                        now(),
                        big
                                ? new Event.BigProject(machineId, fitted.needleId())
                                : new Event.Project(machineId, fitted.needleId()));
                projection.refresh(fitted.needleId());
            });
        }
        return action;
    }

    /** A look that a needle fitted lately wants. */
    public record CheckWanted(MachineNow.Place place, Fitted fitted, FitCheck check) {}

    /** Returns the looks that are due on a machine's needles, and were not done since they were fitted. */
    public static List<CheckWanted> fitChecks(MachineNow now) {
        return now.places().stream()
                .flatMap(place -> place.fitted().stream()
                        .flatMap(fitted -> wanted(fitted).map(check -> new CheckWanted(place, fitted, check))))
                .toList();
    }

    /** Records that a look after a change was done. */
    @UseCase
    public UUID fitChecked(String machineId, int place, FitCheck check) {
        return ofFitted(machineId, place, (now, id) -> new Event.FitChecked(machineId, id, check));
    }

    private static Stream<FitCheck> wanted(Fitted fitted) {
        return Stream.of(FitCheck.values())
                .filter(fitCheck -> fitCheck.isDue(fitted.minutesSince())
                        && !fitted.checked().contains(fitCheck));
    }

    private UUID ofFitted(String machineId, int place, BiFunction<MachineNow, UUID, Event> happened) {
        machines.hold(machineId);
        MachineNow now = room.find(machineId).orElseThrow();
        now.checkSeen();
        UUID needle = now.fittedIn(place)
                .map(Fitted::needleId)
                .orElseThrow(() -> new BadInput("place", "No needle is in that place, as far as Belonax knows."));
        UUID action = ids.get();
        events.add(action, now(), happened.apply(now, needle));
        projection.refresh(needle);
        return action;
    }

    private Instant now() {
        return clock.instant();
    }
}
