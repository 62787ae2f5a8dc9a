package belonax.fault;

import belonax.machine.BobbinKind;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What is looked at as it was found, before anything is touched; the dial is the fifth, and is read as a number. What is
 * seen is evidence: where something stands out, its causes are likelier; where all is as it should be, they are less
 * likely, though a glance misses much. Source: docs/craft.md, "Faults".
 */
public enum Glance implements Clue {
    PATH("The thread's way", "in every guide and the lever, down to the last guide", "it hangs out somewhere"),
    SPOOL("The spool", "runs off freely, cap and net fit", "it catches or jerks"),
    BOBBIN("The bobbin", "under its spring, turns the right way, well filled", "something there is not right"),
    NEEDLE("The needle", "straight, all the way up, flat the right way", "bent, low or turned");

    /** Now and then something looks wrong that is not. */
    private static final double FALSE_ALARM = 0.02;

    private final String part;
    private final String right;
    private final String wrong;

    Glance(String part, String right, String wrong) {
        this.part = part;
        this.right = right;
        this.wrong = wrong;
    }

    /** What was seen of a part. */
    public enum Look {
        RIGHT,
        WRONG
    }

    /** Returns what can be looked at on a machine with this bobbin: an overlocker has none. */
    public static List<Glance> on(BobbinKind bobbin) {
        return Arrays.stream(values())
                .filter(glance -> glance != BOBBIN || bobbin != BobbinKind.NONE)
                .toList();
    }

    /** Returns the part that is looked at, such as “The spool”. */
    public String part() {
        return part;
    }

    /** Returns what was seen of the part, in words. */
    public String words(Look look) {
        return look == Look.RIGHT ? right : wrong;
    }

    @Override
    public double leak() {
        return FALSE_ALARM;
    }

    @Override
    public double shownBy(Cause cause) {
        return Optional.ofNullable(cause.standsOut().get(this)).orElse(0.0);
    }
}
