package belonax.web.listen;

import belonax.BadInput;
import belonax.room.event.Undo;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.needle.WorkLog;
import belonax.room.sound.Began;
import belonax.room.sound.SoundLog;
import belonax.sound.KnockWatch;
import belonax.sound.Loudness;
import belonax.sound.SimulatedRoom;
import belonax.sound.StitchEar;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Begins to listen, hears, and counts what was heard once a sewist says so. */
@Component
class ListenDesk {
    private static final int FRESH_SECONDS = 90;

    private final Ears ears;
    private final SoundLog sounds;
    private final SewingRoom room;
    private final WorkLog work;
    private final Undo undo;

    ListenDesk(Ears ears, SoundLog sounds, SewingRoom room, WorkLog work, Undo undo) {
        this.ears = ears;
        this.sounds = sounds;
        this.room = room;
        this.work = work;
        this.undo = undo;
    }

    /**
     * Begins to listen to a machine. Its clock is paused and counted, for from now on it is heard.
     *
     * @throws BadInput if it cannot be listened to
     */
    Listening begin(String machineId) {
        MachineNow now = room.get(machineId);
        Began began = sounds.begin(now);
        BadInput.unless(
                ears.open(machineId)
                        .filter(ear -> !SoundLog.isSameNeedle(ear.began(), now))
                        .isEmpty(),
                "machine",
                () -> "Something was heard with the needle that was in "
                        + now.machine().name() + " before. Count it or throw it away first.");
        BadInput.unless(
                work.running(now).filter(WorkLog.Running::isForgotten).isEmpty(),
                "machine",
                () -> "The clock of " + now.machine().name()
                        + " ran for hours. Say on the bench how long was sewn, then" + " listen.");
        work.stopTimer(machineId, Optional.empty());
        return ears.of(machineId, began, watch(now)).now();
    }

    private KnockWatch watch(MachineNow now) {
        return sounds.freshKnock(now)
                .map(KnockWatch::against)
                .orElseGet(() -> SoundLog.isFresh(now) ? KnockWatch.ofFreshNeedle() : KnockWatch.blind());
    }

    /** Hears what a tab sends. */
    Listening hear(UUID id, long from, List<Loudness> steps) {
        Ear ear = ears.get(id);
        ear.hear(from, steps);
        return ear.now();
    }

    /** A tab stops listening, for now at least. */
    Listening pause(UUID id) {
        Ear ear = ears.get(id);
        ear.pause();
        return ear.now();
    }

    /** Goes on after what was told at once has been looked at. */
    Listening lookedAt(UUID id) {
        Ear ear = ears.get(id);
        ear.lookedAt();
        return ear.now();
    }

    /** Returns what waits to be counted, or was counted or thrown away last, of a machine. */
    Optional<Listening> newest(String machineId) {
        return ears.newest(machineId).map(ear -> {
            ear.now().countedAs().filter(countedA -> !undo.canUndo(countedA)).ifPresent(countedA -> ear.takenBack());
            return ear.now();
        });
    }

    Listening get(UUID id) {
        return ears.get(id).now();
    }

    /** Counts what was heard; returns the action. */
    UUID count(UUID id) {
        Ear ear = ears.get(id);
        return ear.count(listened -> sounds.keep(ear.machineId(), listened));
    }

    /** Throws away what was heard, or brings it back. */
    void throwAway(UUID id, boolean away) {
        ears.get(id).throwAway(away);
    }

    /** Listens to a machine that is not there. */
    Listening simulated(Scene scene) {
        SimulatedRoom fresh = new SimulatedRoom(Scene.SEAMS.setting(), new SplittableRandom(scene.seed()));
        KnockWatch learnt = KnockWatch.ofFreshNeedle();
        StitchEar first = new StitchEar(learnt::hear);
        steps(fresh, FRESH_SECONDS).forEach(first::hear);
        KnockWatch watch = learnt.fresh().map(KnockWatch::against).orElseGet(KnockWatch::blind);
        Ear ear = ears.simulated(watch);
        ear.hear(0, steps(new SimulatedRoom(scene.setting(), new SplittableRandom(scene.seed())), Scene.SECONDS));
        ear.pause();
        return ear.now();
    }

    private static List<Loudness> steps(SimulatedRoom room, int seconds) {
        List<Loudness> steps = new ArrayList<>();
        for (int i = 0; i < seconds * Loudness.PER_SECOND; i++) {
            steps.add(room.next());
        }
        return steps;
    }
}
