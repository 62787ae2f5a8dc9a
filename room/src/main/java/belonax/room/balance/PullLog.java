package belonax.room.balance;

import belonax.BadInput;
import belonax.balance.BobbinPull.Pull;
import belonax.balance.PullMeasured;
import belonax.balance.PullRhythm;
import belonax.room.event.Event;
import belonax.room.event.EventKind;
import belonax.room.event.EventRepository;
import belonax.room.event.SetupKept.ThreadKept;
import belonax.room.event.StoredEvent;
import belonax.room.machine.MachineRepository;
import belonax.room.needle.MachineNow;
import belonax.room.usecase.UseCase;
import belonax.thread.SewingThread;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the tests of the bobbins' pulls gave, for each case of a machine, and when one is to be tested again. */
@Service
public class PullLog {
    private static final int MAX_READ = 40;
    private static final int LONGEST_NAME = 40;
    private static final String OWN_CASE = "its own case";

    private final EventRepository events;
    private final MachineRepository machines;
    private final Clock clock;
    private final Supplier<UUID> ids;

    PullLog(EventRepository events, MachineRepository machines, Clock clock, Supplier<UUID> ids) {
        this.events = events;
        this.machines = machines;
        this.clock = clock;
        this.ids = ids;
    }

    /** A test as it was written down. */
    public record Tested(Instant at, LocalDate on, Event.PullTested found) {}

    /**
     * Writes down what a test gave.
     *
     * @param bobbinCase which of the machine's cases; empty for its own
     * @param rhythm when it is asked for again
     * @return the action, by which it can be taken back
     * @throws BadInput if the name of the case is too long
     */
    @UseCase
    public UUID tested(
            String machineId, String bobbinCase, PullMeasured measured, SewingThread thread, PullRhythm rhythm) {
        BadInput.unless(
                bobbinCase.strip().length() <= LONGEST_NAME,
                "bobbinCase",
                () -> "Call the case something short, such as “red dot”.");
        machines.hold(machineId);
        UUID action = ids.get();
        String name = bobbinCase.isBlank() ? OWN_CASE : bobbinCase.strip();
        events.add(
                action,
                clock.instant(),
                new Event.PullTested(machineId, name, measured, ThreadKept.of(thread), rhythm));
        return action;
    }

    /** Returns what was tested on a machine, the newest first. */
    @Transactional(readOnly = true)
    public List<Tested> of(String machineId) {
        return events.newestOn(machineId, EventKind.PULL_TESTED, Limit.of(MAX_READ)).stream()
                .flatMap(stored -> tested(stored).stream())
                .toList();
    }

    /**
     * Returns how hard a machine's bobbin was found to pull when it was tested last; nothing where its screw was turned after that,
     * or where its cases differ, because nobody tells which of them is in.
     */
    @Transactional(readOnly = true)
    public Optional<Pull> found(String machineId) {
        Map<String, PullMeasured> newest = new LinkedHashMap<>();
        of(machineId)
                .forEach(tested -> newest.putIfAbsent(
                        tested.found().bobbinCase(), tested.found().measured()));
        Set<Optional<Pull>> found = newest.values().stream()
                .map(pullMeasured ->
                        pullMeasured.turned() == 0 ? Optional.of(pullMeasured.pull()) : Optional.<Pull>empty())
                .collect(Collectors.toSet());
        return found.size() == 1 ? found.iterator().next() : Optional.empty();
    }

    /** Returns why the pull is tested again before the next strip, if it should be; nothing where it never was. */
    @Transactional(readOnly = true)
    public Optional<String> asks(MachineNow machine, SewingThread onTheBobbin) {
        return events.newestOn(machine.id(), EventKind.PULL_TESTED, Limit.of(1)).stream()
                .flatMap(stored -> tested(stored).stream())
                .findFirst()
                .flatMap(last -> last.found()
                        .rhythm()
                        .asks(
                                last.found().thread().thread(),
                                onTheBobbin,
                                !last.on().equals(LocalDate.now(clock)),
                                isOutside(machine, last)));
    }

    private Optional<Tested> tested(StoredEvent stored) {
        return stored.as(Event.PullTested.class)
                .map(pullTested ->
                        new Tested(stored.at(), LocalDate.ofInstant(stored.at(), clock.getZone()), pullTested));
    }

    /** A dial that was balanced outside its band after the test tells that the bobbin may have moved. */
    private boolean isOutside(MachineNow machine, Tested last) {
        return machine.dial().stream()
                        .anyMatch(value -> !machine.machine().dial().isInBand(value))
                && events.newestOn(machine.id(), EventKind.BALANCED, Limit.of(1)).stream()
                        .map(StoredEvent::at)
                        .anyMatch(last.at()::isBefore);
    }
}
