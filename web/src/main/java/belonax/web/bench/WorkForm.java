package belonax.web.bench;

import belonax.BadInput;
import belonax.life.EffectiveHours;
import belonax.life.Sign;
import belonax.room.Choice;
import belonax.room.settings.Units;
import belonax.web.shared.form.Ask;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Work as it is entered: minutes, or a seam's length with its stitch, or stitches counted; lengths in the sewist's own measures. */
public record WorkForm(
        @Ask("Type how long the machine ran, in minutes.") @Nullable
        Double minutes,

        @Ask("Type the length of the seam.") @Nullable Double metres,
        @Ask("Type the stitch length.") @Nullable Double stitch,
        @Ask("Type the stitches counted.") @Nullable Double stitches) {

    private static final double USUAL_SPEED = 500;
    private static final double USUAL_STITCH_MM = 2.5;

    static final Choices CHOICES = new Choices(Choice.of(Sign.values(), Sign::words));

    /** What the buttons offer. */
    public record Choices(List<Choice> signs) {}

    static WorkForm blank() {
        return new WorkForm(null, null, null, null);
    }

    /**
     * Returns the minutes that were entered.
     *
     * @throws BadInput if nothing usable was
     */
    double minutes(Units units) {
        if (metres != null) {
            return EffectiveHours.minutesOfSeam(
                    units.toMetres(metres), stitch == null ? USUAL_STITCH_MM : units.toMm(stitch), USUAL_SPEED);
        }
        if (stitches != null) {
            return ofStitches(stitches);
        }
        if (minutes == null) {
            throw new BadInput("minutes", "This is missing. Type how long the machine ran, in minutes.");
        }
        return minutes;
    }

    /** Returns the minutes that so many stitches take. */
    static double ofStitches(double stitches) {
        return EffectiveHours.minutesOfStitches(stitches, USUAL_SPEED);
    }

    /** A timer that was forgotten is asked about. */
    public record Instead(
            @Ask("Type the minutes that you really sewed, or 0.") @Nullable
            Double minutesInstead) {}
}
