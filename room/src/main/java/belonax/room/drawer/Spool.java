package belonax.room.drawer;

import belonax.BadInput;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleType;
import belonax.room.card.Card;
import belonax.room.card.CardKind;
import belonax.room.card.IsCard;
import belonax.thread.Build;
import belonax.thread.Delivery;
import belonax.thread.Fibre;
import belonax.thread.NeedleNote;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.SnapResult;
import belonax.thread.Tex;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * A spool of thread.
 *
 * @param colour in words
 * @param label what is printed on it
 * @param metresLeft null when nobody knows
 * @param boughtYear null when its age is unknown
 * @param noteType kind of needle that the spool names, if it names one
 * @param noteNm size that the spool names, if it names one
 * @param snap how it did in the snap test
 * @param snappedOn when that was
 */
@IsCard(CardKind.SPOOL)
public record Spool(
        String colour,
        String label,
        double tex,
        Fibre fibre,
        Build build,
        @Nullable Double metresLeft,
        @Nullable Integer boughtYear,
        Quality quality,
        boolean keptInSun,
        Delivery.Winding winding,
        @Nullable NeedleType noteType,
        @Nullable Integer noteNm,
        SnapResult snap,
        @Nullable LocalDate snappedOn,
        String note)
        implements OnMetres<Spool> {

    public Spool {
        colour = colour.strip();
        BadInput.unless(!colour.isBlank(), "colour", () -> "Name the colour, so that you know the spool again.");
        Card.checkLength("colour", colour, 60);
        Card.checkLength("label", label, 200);
        Card.checkLength("note", note, 300);
        BadInput.unless(
                metresLeft == null || metresLeft >= 0 && metresLeft <= 100_000,
                "metresLeft",
                () -> "A spool holds 0 to 100 000 metres. Leave it empty when you do not know.");
        BadInput.unless(
                boughtYear == null || boughtYear >= 1850 && boughtYear <= 2200,
                "boughtYear",
                () -> "Type the year, such as 2019, or leave it empty when you do not know.");
        if (noteNm != null) {
            NeedleSize.ofNm(noteNm);
        }
        new Tex(tex);
    }

    /**
     * Returns the thread as the core knows it, as old as it is in this year. A passed snap test is worth more than any date: from
     * then on the thread ages anew, and what it stood in before or who made it matters no more.
     */
    public SewingThread thread(int year) {
        boolean passed = snap == SnapResult.RESISTS;
        Integer since = passed && snappedOn != null ? Integer.valueOf(snappedOn.getYear()) : boughtYear;
        OptionalDouble age =
                since == null ? OptionalDouble.empty() : OptionalDouble.of(Math.min(200, Math.max(0, year - since)));
        Quality trusted = passed && quality == Quality.UNKNOWN ? Quality.GOOD : quality;
        return new SewingThread(new Tex(tex), fibre, build, age, trusted, keptInSun && !passed);
    }

    /** Returns how it wants to come off. */
    public Delivery delivery(int year) {
        return Delivery.of(winding, thread(year));
    }

    /** Returns what the spool says about needles. */
    public NeedleNote needleNote() {
        return new NeedleNote(
                Optional.ofNullable(noteType), Optional.ofNullable(noteNm).map(NeedleSize::ofNm));
    }

    /** Tells whether it may be offered: a thread that failed its snap test may not. */
    public boolean isSound() {
        return !snap.isBad();
    }

    /** Tells whether a seam may go on from one to the other: the same colour and the same kind and size of thread. */
    public boolean isLike(Spool other) {
        return colour.equalsIgnoreCase(other.colour)
                && tex == other.tex
                && fibre == other.fibre
                && build == other.build;
    }

    @Override
    public Spool withMetresLeft(double metres) {
        return with(metres, snap, snappedOn);
    }

    public Spool snapped(SnapResult result, @Nullable LocalDate on) {
        return with(metresLeft, result, on);
    }

    private Spool with(@Nullable Double metres, SnapResult result, @Nullable LocalDate on) {
        return new Spool(
                colour,
                label,
                tex,
                fibre,
                build,
                metres,
                boughtYear,
                quality,
                keptInSun,
                winding,
                noteType,
                noteNm,
                result,
                on,
                note);
    }

    @Override
    public String words() {
        return colour + " " + thread(2000).words();
    }

    @Override
    public String wordsToFind() {
        return (words() + " " + label + " " + note).toLowerCase(Locale.ROOT);
    }
}
