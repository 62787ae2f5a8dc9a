package belonax.balance;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What to do next.
 *
 * @param dial the setting to sew at or to keep; empty when it is not the dial's turn
 * @param confidence chance that the named setting, or else the likeliest one, is truly balanced, 0 to 1
 * @param low the balanced dial lies above this with nine chances in ten
 * @param likely as likely above as below
 * @param high below this with nine chances in ten
 * @param why one or two sentences
 * @param suspicion what the place of the dial tells of bobbin, discs or threading
 * @param contradiction which two strips cannot both have been read right
 */
public record Advice(
        Action action,
        OptionalDouble dial,
        double confidence,
        double low,
        double likely,
        double high,
        String why,
        Optional<String> suspicion,
        Optional<String> contradiction) {

    /** What can be done next. */
    public enum Action {
        SEW_STRIP,
        KEEP,
        RETHREAD,
        BOBBIN,
        TECHNICIAN
    }

    /** Returns the same where strips contradict each other, and nothing is surer than so much. */
    Advice contradicted(String contradiction, double atMost) {
        return new Advice(
                action,
                dial,
                Math.min(atMost, confidence),
                low,
                likely,
                high,
                why,
                suspicion,
                Optional.of(contradiction));
    }

    /** Tells whether the search at the dial is over, for now at least. */
    public boolean isOver() {
        return action != Action.SEW_STRIP;
    }
}
