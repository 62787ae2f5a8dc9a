package belonax.sound;

import belonax.BadInput;
import belonax.Median;
import java.util.Collection;

/**
 * How far the point's knock stands out of its stitches.
 *
 * @param decibels the brightest moment of a stitch over all that is bright in the rest of it, -30 to 60 dB
 * @param perSecond the stitches a second at which it was heard, 1 to 20
 */
public record Knock(double decibels, double perSecond) {
    /** Only stitches within half to double the speed can be compared. */
    private static final double ALIKE_FAST = 2;

    /** @throws BadInput if it cannot be one */
    public Knock {
        BadInput.unless(
                decibels >= -30 && decibels <= 60, "knock", () -> "A knock stands -30 to 60 dB out of a stitch.");
        BadInput.unless(
                perSecond >= 0.5 && perSecond <= 25, "knock", () -> "A machine makes 1 to 20 stitches a second.");
    }

    /** Returns the middle of several, in loudness and in speed. */
    public static Knock middle(Collection<Knock> knocks) {
        return new Knock(
                Median.of(knocks.stream().map(Knock::decibels).toList()),
                Median.of(knocks.stream().map(Knock::perSecond).toList()));
    }

    /** Tells whether the two were heard at about the same speed. */
    public boolean isAsFastAs(Knock other) {
        double ratio = perSecond / other.perSecond;
        return ratio < ALIKE_FAST && ratio > 1 / ALIKE_FAST;
    }
}
