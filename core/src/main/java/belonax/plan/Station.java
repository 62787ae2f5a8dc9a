package belonax.plan;

import belonax.BadInput;
import belonax.machine.Dial;
import belonax.machine.DialKind;
import belonax.needle.NeedleInUse;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A machine that a job is sewn on, as it stands now.
 *
 * @param id by which steps name it
 * @param stitchesPerMinute as fast as is really sewn on it, 20 to 2000
 * @param bobbin the room of its bobbins
 * @param dial its top tension
 * @param now the needle in it and its hours left; empty where a first needle is no change
 * @param thread the thread on it; empty where a first thread is no change
 * @param dialAt where its dial stands, if that is known
 */
public record Station(
        String id,
        double stitchesPerMinute,
        BobbinRoom bobbin,
        Dial dial,
        Optional<AtHand> now,
        Optional<String> thread,
        OptionalDouble dialAt) {
    private static final Dial USUAL_DIAL = Dial.of(DialKind.NUMBERED, 0, 9, 0.25);

    public Station {
        BadInput.unless(
                stitchesPerMinute >= 20 && stitchesPerMinute <= 2000,
                "stitchesPerMinute",
                () -> "A home machine makes 20 to 2000 stitches a minute; 500 is usual.");
    }

    /**
     * A needle that need not be bought.
     *
     * @param hoursLeft effective hours until it is changed
     */
    public record AtHand(NeedleInUse needle, double hoursLeft) {}

    /** Returns a machine of which nothing is known but its speed and its bobbins. */
    public static Station unknown(String id, double stitchesPerMinute, BobbinRoom bobbin) {
        return new Station(
                id, stitchesPerMinute, bobbin, USUAL_DIAL, Optional.empty(), Optional.empty(), OptionalDouble.empty());
    }
}
