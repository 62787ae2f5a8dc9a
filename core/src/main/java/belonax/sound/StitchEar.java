package belonax.sound;

import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * Hears a lockstitch machine: whether it runs, how fast, how many stitches it made, how much its needle knocks. It needs a fixed amount
 * of memory, and tells two seconds later, when it has heard what came after; only metal is told at once. Source: docs/craft.md,
 * "Listening".
 */
public final class StitchEar {
    /** So many slices in a row may show no beat. */
    static final int MAX_BLANKS = 3;

    /** A tenth of a second. */
    private static final int SLICE = 20;

    private static final double SLICE_SECONDS = SLICE / (double) Loudness.PER_SECOND;
    private static final int DELAY = BeatFinder.WINDOW / 2;

    /** Forty seconds: so far it counts back once it is sure. */
    private static final int KEPT = 8192;

    private static final int AGAIN_WITHIN = 60 * Loudness.PER_SECOND;
    private static final int WINDOW_OF_PAUSE = 3 * Loudness.PER_SECOND;
    private static final int LONG_PAUSE = 120 * Loudness.PER_SECOND;
    private static final int MAX_STRAYS = 15;
    private static final int QUARTER_SECOND = 50;

    /** A machine that runs is so much louder than the room, as powers. */
    private static final double OVER_ROOM = 1.5;

    private final Recent power = new Recent(KEPT);
    private final Recent bright = new Recent(KEPT);
    private final Recent rises = new Recent(KEPT);
    private final Rises rise = new Rises();
    private final RoomFloor floor = new RoomFloor(Loudness.PER_SECOND / SLICE);
    private final RoomFloor brightFloor = new RoomFloor(Loudness.PER_SECOND / SLICE);
    private final BeatFinder finder = new BeatFinder(rises);
    private final Proof proof = new Proof();
    private final KnockMeter knocks = new KnockMeter(bright);
    private final MetalEar metal = new MetalEar();
    private final StitchShape shape = new StitchShape(power);
    private final Consumer<Knock> knocked;

    private boolean isRunning;
    private boolean mayRun;
    private Beat beat = Beat.NONE;
    private int blanks;
    private int strays;
    private long countedTo;
    private long measuredTo;
    private double stitches;
    private double blankStitches;
    private double seconds;
    private double workSeconds;
    private double alike;
    private double slices;
    private double loudSlices;

    /** @param knocked is told of the knock of each eight stitches */
    public StitchEar(Consumer<Knock> knocked) {
        this.knocked = knocked;
    }

    /** Hears the next five milliseconds. */
    public void hear(Loudness step) {
        power.add(step.loud() * step.loud());
        bright.add(step.bright() * step.bright());
        rises.add(rise.next(step.loud()));
        metal.hear(step.bright() * step.bright(), mayRun ? knocks.typicalPeak() : 0);
        if (power.many() % SLICE == 0 && power.many() >= BeatFinder.WINDOW) {
            listen(power.many() - DELAY);
        }
    }

    private void listen(long centre) {
        // Of metal it tells before it knows that the machine runs.
        mayRun = power.mean(power.many() - QUARTER_SECOND / 2, QUARTER_SECOND) >= OVER_ROOM * floor.power();
        Beat found = finder.find(centre);
        floor.hear(power.mean(centre, QUARTER_SECOND), isRunning);
        brightFloor.hear(bright.mean(centre, QUARTER_SECOND), isRunning);
        boolean isLoud = isLoud(centre, found);
        loudSlices += isLoud ? 1 : 0;
        proof.hear(found, isLoud);
        if (isRunning) {
            goOn(centre);
        } else if (proof.isSure(countedTo > 0 && centre - countedTo < AGAIN_WITHIN)) {
            begin(centre);
        }
    }

    private boolean isLoud(long centre, Beat beat) {
        return power.mean(centre, Math.max(SLICE, (int) beat.lag())) >= OVER_ROOM * floor.power();
    }

    /** Tells whether a machine that ran at that beat still does a slice later, or did one before. */
    private boolean isSame(long centre, Beat next, Beat last) {
        return next.isThere() && next.follows(last) && isLoud(centre, next);
    }

    private void begin(long centre) {
        double before = seconds;
        long last = countedTo;
        beat = proof.last();
        isRunning = true;
        blanks = 0;
        blankStitches = 0;
        strays = 0;
        measuredTo = centre;
        countBack(centre);
        countedTo = centre;
        boolean isSameWork = last > 0 && centre - last <= LONG_PAUSE;
        workSeconds += isSameWork ? (centre - last) / (double) Loudness.PER_SECOND : seconds - before;
    }

    private void goOn(long centre) {
        Beat next = finder.follow(centre, beat.lag());
        strays = proof.contradicts(next) ? strays + 1 : 0;
        if (isSame(centre, next, beat)) {
            beat = next;
            workSeconds += (1 + blanks) * SLICE_SECONDS;
            count(beat);
            countedTo = centre;
            measure(centre);
        } else {
            blank(beat);
        }
        if (blanks > MAX_BLANKS || strays > MAX_STRAYS) {
            isRunning = false;
            proof.drop();
        }
    }

    private void count(Beat at) {
        stitches += at.perSecond() * SLICE_SECONDS + blankStitches;
        seconds += SLICE_SECONDS * (1 + blanks);
        alike += at.strength();
        slices++;
        blanks = 0;
        blankStitches = 0;
    }

    /** What lies between two beats was sewn too; what comes after the last was not. */
    private void blank(Beat last) {
        blanks++;
        blankStitches += last.perSecond() * SLICE_SECONDS;
    }

    /** Follows the beat back to where it began. */
    private void countBack(long centre) {
        Beat at = beat;
        for (long back = centre; back > countedTo && rises.has(back - DELAY) && blanks <= MAX_BLANKS; back -= SLICE) {
            Beat before = finder.follow(back, at.lag());
            if (isSame(back, before, at)) {
                at = before;
                count(at);
            } else {
                blank(at);
            }
        }
        blanks = 0;
        blankStitches = 0;
    }

    /** Eight stitches are measured as soon as they are over. */
    private void measure(long centre) {
        double needed = KnockMeter.STITCHES * beat.lag();
        if (blanks > 0 || centre - measuredTo > 2 * needed) {
            measuredTo = Math.max(measuredTo, centre - (long) needed);
        }
        if (centre - measuredTo >= needed) {
            @Nullable Knock knock = knocks.measure(measuredTo, beat.lag(), brightFloor.power());
            shape.hear(measuredTo, beat.lag());
            measuredTo += Math.round(needed);
            if (knock != null) {
                knocked.accept(knock);
            }
        }
    }

    /** Hears some seconds of the room at its quietest, so that the last stitches are counted too. */
    public void pause() {
        if (Double.isFinite(floor.power())) {
            Loudness quiet = new Loudness(Math.sqrt(floor.power()), Math.sqrt(brightFloor.power()));
            for (int i = 0; i < WINDOW_OF_PAUSE; i++) {
                hear(quiet);
            }
        }
    }

    /** Returns the stitches a second two seconds ago; 0 while the machine stands. */
    public double speed() {
        return isRunning ? beat.perSecond() : 0;
    }

    /** Returns what was heard so far. */
    public Heard heard() {
        return new Heard(
                isRunning,
                speed(),
                stitches,
                seconds,
                workSeconds,
                slices == 0 ? 0 : alike / slices,
                slices == 0 ? 0 : slices / Math.max(slices, loudSlices),
                alarm());
    }

    private Alarm alarm() {
        if (metal.hasHeard()) {
            return Alarm.METAL;
        }
        return shape.hasChanged() ? Alarm.OTHER_SOUND : Alarm.NONE;
    }

    /** Goes on after what was told has been looked at. */
    public void lookedAt() {
        metal.listenAnew();
        shape.learnAnew();
    }
}
