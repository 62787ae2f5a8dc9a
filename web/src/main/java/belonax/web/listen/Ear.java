package belonax.web.listen;

import belonax.BadInput;
import belonax.room.sound.Began;
import belonax.room.sound.Listened;
import belonax.sound.Heard;
import belonax.sound.Knock;
import belonax.sound.KnockWatch;
import belonax.sound.Loudness;
import belonax.sound.StitchEar;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One listening to one machine, until it is counted or thrown away. It is nowhere but in memory, and holds no sound. */
final class Ear {
    private static final int KNOCKS_KEPT = 500;
    private static final int ENOUGH_KNOCKS = 5;

    private final UUID id;
    private final String machineId;
    private final Began began;
    private final boolean isSimulated;
    private final KnockWatch watch;
    private final StitchEar stitches = new StitchEar(this::knocked);
    private final SpeedTrail trail = new SpeedTrail();
    private final Deque<Knock> knocks = new ArrayDeque<>();
    private long received;
    private boolean hasKnockedMore;
    private boolean isThrownAway;
    private @Nullable UUID countedAs;

    Ear(UUID id, String machineId, Began began, KnockWatch watch, boolean isSimulated) {
        this.id = id;
        this.machineId = machineId;
        this.began = began;
        this.watch = watch;
        this.isSimulated = isSimulated;
    }

    private void knocked(Knock knock) {
        watch.hear(knock);
        hasKnockedMore |= watch.hasGrown();
        knocks.add(knock);
        if (knocks.size() > KNOCKS_KEPT) {
            knocks.remove();
        }
    }

    /**
     * Hears what a tab sends. What it sends again, because it got no answer, is heard once.
     *
     * @param from how many steps the tab had sent before
     */
    synchronized void hear(long from, List<Loudness> steps) {
        BadInput.unless(
                from >= 0 && from <= received,
                "from",
                () -> "A part of what was heard did not arrive. Stop listening, and listen on.");
        BadInput.unless(
                countedAs == null && !isThrownAway,
                "machine",
                () -> "This was counted or thrown away already. Listen anew.");
        for (int i = (int) Math.min(steps.size(), received - from); i < steps.size(); i++) {
            hear(steps.get(i));
        }
    }

    private void hear(Loudness step) {
        stitches.hear(step);
        trail.add(stitches.speed());
        received++;
    }

    /** The tab stops listening, for now at least. */
    synchronized void pause() {
        stitches.pause();
    }

    /** Goes on after what was told at once has been looked at. */
    synchronized void lookedAt() {
        stitches.lookedAt();
    }

    /** Returns what it came to so far. */
    synchronized Listening now() {
        return new Listening(
                id,
                machineId,
                isSimulated,
                received,
                stitches.heard(),
                hasKnockedMore,
                watch.fresh().isPresent(),
                watch.isLearning(),
                watch.isSure(),
                isThrownAway,
                Optional.ofNullable(countedAs),
                trail.parts());
    }

    /** Counting and throwing away hold the ear, so that two hands count once. */
    interface Counting {
        UUID count(Listened listened);
    }

    /** Counts it, unless it was; then it tells the action by which it was. */
    synchronized UUID count(Counting counting) {
        BadInput.unless(!isSimulated, "machine", () -> "A simulated machine sews nothing, so it is not counted.");
        BadInput.unless(!isThrownAway, "machine", () -> "This was thrown away. Bring it back first, or listen anew.");
        if (countedAs != null) {
            return countedAs;
        }
        Heard heard = stitches.heard();
        UUID action = counting.count(new Listened(began, heard, knock()));
        countedAs = action;
        return action;
    }

    private Optional<Knock> knock() {
        return knocks.size() < ENOUGH_KNOCKS ? Optional.empty() : Optional.of(Knock.middle(knocks));
    }

    /** What was counted was taken back: it waits again. */
    synchronized void takenBack() {
        countedAs = null;
    }

    synchronized void throwAway(boolean away) {
        isThrownAway = away;
    }

    UUID id() {
        return id;
    }

    String machineId() {
        return machineId;
    }

    Began began() {
        return began;
    }
}
