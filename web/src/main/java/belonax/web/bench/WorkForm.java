package belonax.web.bench;

import belonax.life.EffectiveHours;
import belonax.life.Sign;
import belonax.life.Wear;
import belonax.room.Choice;
import belonax.room.settings.Units;
import belonax.web.shared.form.Entries;
import java.util.List;
import java.util.Locale;

/** Work as it is entered: minutes, or a seam's length, or stitches counted. */
final class WorkForm {
    private static final double USUAL_SPEED = 500;
    private static final double USUAL_STITCH_MM = 2.5;

    static final Choices CHOICES = new Choices(
            Choice.of(Wear.values(), it -> it.words() + String.format(Locale.ROOT, ", counts %.1f", it.factor())),
            Choice.of(Sign.values(), Sign::words));

    /** What the selects and buttons offer. */
    record Choices(List<Choice> wears, List<Choice> signs) {}

    private WorkForm() {}

    /**
     * Returns the minutes that were entered.
     *
     * @throws belonax.BadInput if nothing usable was
     */
    static double minutes(Entries entries, Units units) {
        if (entries.has("metres")) {
            double metres = entries.number("metres", "Type the length of the seam.");
            Double stitch = entries.optional("stitch", "Type the stitch length.");
            return entries.done(() -> EffectiveHours.minutesOfSeam(
                    units.toMetres(metres), stitch == null ? USUAL_STITCH_MM : units.toMm(stitch), USUAL_SPEED));
        }
        if (entries.has("stitches")) {
            double stitches = entries.number("stitches", "Type the stitches counted.");
            return entries.done(() -> EffectiveHours.minutesOfStitches(stitches, USUAL_SPEED));
        }
        double minutes = entries.number("minutes", "Type how long the machine ran, in minutes.");
        return entries.done(() -> minutes);
    }
}
