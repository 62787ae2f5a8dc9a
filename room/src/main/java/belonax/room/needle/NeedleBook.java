package belonax.room.needle;

import belonax.BadInput;
import belonax.hazard.BrokenBefore;
import belonax.room.ChangedMeanwhile;
import belonax.room.ReadCache;
import belonax.room.event.Event;
import belonax.room.event.EventKind;
import belonax.room.event.EventRepository;
import belonax.room.event.SetupKept;
import belonax.room.event.StoredEvent;
import belonax.room.machine.MachineEntity;
import belonax.room.machine.MachineRepository;
import belonax.room.usecase.UseCase;
import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Where every needle is, and what becomes of it. */
@Service
public class NeedleBook {
    private static final int MAX_BREAKS = 40;
    private static final Set<NeedleState> OUT_AND_USABLE = Set.of(NeedleState.PARKED, NeedleState.LOOSE);
    private static final Set<NeedleState> IN_THE_JAR = Set.of(NeedleState.JARRED, NeedleState.BROKEN);

    private final NeedleRepository needles;
    private final EventRepository events;
    private final MachineRepository machines;
    private final SewingRoom room;
    private final Projection projection;
    private final ReadCache cache;
    private final Clock clock;
    private final Supplier<UUID> ids;

    NeedleBook(
            NeedleRepository needles,
            EventRepository events,
            MachineRepository machines,
            SewingRoom room,
            Projection projection,
            ReadCache cache,
            Clock clock,
            Supplier<UUID> ids) {
        this.cache = cache;
        this.needles = needles;
        this.events = events;
        this.machines = machines;
        this.room = room;
        this.projection = projection;
        this.clock = clock;
        this.ids = ids;
    }

    /** Where a needle that comes out goes. */
    public enum Disposal {
        PARK {
            @Override
            Event event(@Nullable String machine, UUID needle, String where, boolean failed) {
                return new Event.Parked(machine, needle, where.strip());
            }
        },
        JAR {
            @Override
            Event event(@Nullable String machine, UUID needle, String where, boolean failed) {
                return new Event.Jarred(machine, needle, failed);
            }
        },
        BACK {
            @Override
            Event event(@Nullable String machine, UUID needle, String where, boolean failed) {
                return new Event.PutBack(machine, needle);
            }
        };

        abstract Event event(@Nullable String machine, UUID needle, String where, boolean failed);
    }

    /** Returns the needles in a state, the one used last first. */
    @Transactional(readOnly = true)
    public List<NeedleRecord> in(NeedleState state, int most) {
        return needles.findByStateOrderByLastAtDesc(state, Limit.of(most)).stream()
                .map(NeedleEntity::line)
                .toList();
    }

    /** Returns the needles that could go into a machine again: those that are parked first, then those that lie about. */
    public List<NeedleRecord> lyingAbout(int most) {
        return cache.of("lying about " + most, () -> readLyingAbout(most));
    }

    private List<NeedleRecord> readLyingAbout(int most) {
        return needles.findByStateInOrderByLastAtDesc(OUT_AND_USABLE, Limit.of(2 * most)).stream()
                .map(NeedleEntity::line)
                .sorted(Comparator.comparing(needleRecord -> needleRecord.state() != NeedleState.PARKED))
                .toList();
    }

    /** Returns the needles used last, wherever they are. */
    @Transactional(readOnly = true)
    public List<NeedleRecord> last(int most) {
        return needles.findByStateNotOrderByLastAtDesc(NeedleState.UNKNOWN, Limit.of(most)).stream()
                .map(NeedleEntity::line)
                .toList();
    }

    @Transactional(readOnly = true)
    public Optional<NeedleRecord> find(UUID needleId) {
        return needles.findById(needleId).map(NeedleEntity::line);
    }

    /** Returns how many needles went into the sharps jar since it was emptied. */
    @Transactional(readOnly = true)
    public long inTheJar() {
        Instant emptied = events.newest(EventKind.JAR_EMPTIED, Limit.of(1)).stream()
                .map(StoredEvent::at)
                .findFirst()
                .orElse(Instant.EPOCH);
        return needles.countByStateInAndLastAtAfter(IN_THE_JAR, emptied);
    }

    /** Returns broken needles of which pieces are still missing. */
    @Transactional(readOnly = true)
    public List<NeedleRecord> withMissingPieces() {
        return needles.findByMissingNot("").stream().map(NeedleEntity::line).toList();
    }

    /**
     * Puts a needle that is in no machine somewhere.
     *
     * @param place where it is parked, in the owner's words
     * @param failed whether it goes because it failed
     * @return the action, by which it can be taken back
     */
    @UseCase
    public UUID put(UUID needleId, Disposal goes, String place, boolean failed) {
        NeedleRecord needle = hold(needleId)
                .filter(needleRecord ->
                        needleRecord.state() == NeedleState.LOOSE || needleRecord.state() == NeedleState.PARKED)
                .orElseThrow(
                        () -> new BadInput("needle", "That needle is not lying about: it is in a machine, or gone."));
        checkPlace(goes, place);
        return record(needleId, goes.event(needle.machineId().orElse(null), needleId, place, failed));
    }

    /**
     * Takes a needle out of a machine, as part of an action.
     *
     * @param expectedOut the needle that the sewist saw there
     */
    @Transactional
    public void takeOut(
            UUID action, String machineId, int place, UUID expectedOut, Disposal goes, String where, boolean failed) {
        checkPlace(goes, where);
        machines.hold(machineId);
        UUID out = fitted(machineId, place, expectedOut);
        events.add(action, now(), new Event.NeedleOut(machineId, place, out));
        events.add(action, now(), goes.event(machineId, out, where, failed));
        projection.refresh(out);
    }

    /** Puts a parked or loose needle back into a machine. */
    @UseCase
    public UUID putBackIn(String machineId, int place, UUID needleId) {
        machines.hold(machineId);
        room.get(machineId).checkSeen();
        return putBackIn(ids.get(), machineId, place, needleId);
    }

    /** Does the same as part of an action. */
    @Transactional
    public UUID putBackIn(UUID action, String machineId, int place, UUID needleId) {
        MachineEntity machine = machines.hold(machineId);
        NeedleEntity needle = needles.findAndHold(needleId)
                .filter(needleEntity ->
                        OUT_AND_USABLE.contains(needleEntity.line().state()))
                .orElseThrow(() -> new BadInput("needle", "That needle is not parked any more."));
        BadInput.unless(
                machine.card().machine().systems().contains(needle.needle().system()),
                "system",
                () -> machine.card().machine().name() + " does not list "
                        + needle.needle().system().label() + ", and a needle of another system can strike.");
        MachineNow before = room.find(machineId).orElseThrow();
        Optional<MachineNow.Fitted> out = before.fittedIn(place);
        out.ifPresent(fitted -> events.add(action, now(), new Event.NeedleOut(machineId, place, fitted.needleId())));
        events.add(action, now(), new Event.NeedleIn(machineId, place, needleId, null, before.tableWords()));
        out.ifPresent(fitted -> projection.refresh(fitted.needleId()));
        projection.refresh(needleId);
        return action;
    }

    /**
     * Records that a needle broke, and on what.
     *
     * @param sewn what was under it
     * @param missing the pieces that were not found, in words; empty when all were
     */
    @UseCase
    public UUID broke(String machineId, int place, UUID expectedOut, String missing, Optional<SetupKept> sewn) {
        machines.hold(machineId);
        UUID out = fitted(machineId, place, expectedOut);
        UUID action = ids.get();
        events.add(action, now(), new Event.NeedleOut(machineId, place, out));
        events.add(action, now(), new Event.Broke(machineId, out, missing, sewn.orElse(null)));
        projection.refresh(out);
        return action;
    }

    /** Returns the needles that broke on a machine, the newest first, at most 40. */
    @Transactional(readOnly = true)
    public List<NeedleRecord> brokenOn(String machineId) {
        return needles.brokenOn(machineId, Limit.of(MAX_BREAKS)).stream()
                .map(broken -> broken.needle().line())
                .toList();
    }

    /** Returns which needles broke on a machine in this very cloth. */
    public List<BrokenBefore> brokenBefore(String machineId, String cloth) {
        return cache.of("breaks on " + machineId, () -> breaks(machineId)).stream()
                .filter(otherBreak -> otherBreak.cloth().equals(cloth))
                .map(Break::before)
                .toList();
    }

    /** A needle that broke, and in which cloth. */
    private record Break(String cloth, BrokenBefore before) {}

    private List<Break> breaks(String machineId) {
        return needles.brokenOn(machineId, Limit.of(MAX_BREAKS)).stream()
                .flatMap(broken -> broken.by().as(Event.Broke.class).map(Event.Broke::sewn).stream()
                        .map(sewn -> new Break(
                                sewn.cloth(), new BrokenBefore(broken.needle().needle(), sewn.layers()))))
                .toList();
    }

    /** Records that the missing pieces of a needle were found. */
    @UseCase
    public UUID piecesFound(UUID needleId) {
        NeedleRecord needle = hold(needleId)
                .filter(needleRecord -> !needleRecord.missing().isEmpty())
                .orElseThrow(() -> new BadInput("needle", "No piece of that needle is missing."));
        return record(needleId, new Event.PiecesFound(needle.machineId().orElse(null), needleId));
    }

    /**
     * Records that a whole turn by hand was silent, so that what is missing of a needle may wait for the service.
     *
     * @throws BadInput if nothing of it is missing
     */
    @UseCase
    public UUID silentTurn(UUID needleId) {
        NeedleRecord needle = hold(needleId)
                .filter(needleRecord -> !needleRecord.missing().isEmpty())
                .orElseThrow(() -> new BadInput("needle", "No piece of that needle is missing."));
        return record(needleId, new Event.SilentTurn(needle.machineId().orElse(null), needleId));
    }

    /** Records that the sharps jar was emptied. */
    @UseCase
    public UUID jarEmptied() {
        UUID action = ids.get();
        events.add(action, now(), new Event.JarEmptied());
        return action;
    }

    private Optional<NeedleRecord> hold(UUID needleId) {
        return needles.findAndHold(needleId).map(NeedleEntity::line);
    }

    private UUID fitted(String machineId, int place, UUID expectedOut) {
        Optional<UUID> now = room.find(machineId)
                .flatMap(machineNow -> machineNow.fittedIn(place))
                .map(MachineNow.Fitted::needleId);
        if (!now.equals(Optional.of(expectedOut))) {
            throw new ChangedMeanwhile(
                    "The needle was changed in another window. Look at the strip: is what it shows what you"
                            + " see in the machine?");
        }
        return expectedOut;
    }

    private UUID record(UUID needleId, Event event) {
        UUID action = ids.get();
        events.add(action, now(), event);
        projection.refresh(needleId);
        return action;
    }

    private static void checkPlace(Disposal goes, String place) {
        BadInput.unless(
                goes != Disposal.PARK || !place.isBlank() && place.length() <= 80,
                "where",
                () ->
                        "Name the place where you park it, such as “felt card, row 2”: an unmarked needle is not known again.");
    }

    private Instant now() {
        return clock.instant();
    }
}
