package belonax.web.drawer.thread;

import belonax.match.SmallestNeedles;
import belonax.needle.NeedleRange;
import belonax.needle.NeedleSize;
import belonax.room.Words;
import belonax.room.drawer.Spool;
import belonax.room.settings.Units;
import belonax.thread.Delivery;
import belonax.thread.SewingThread;
import belonax.thread.SnapResult;
import belonax.web.shared.drawing.ThreadColour;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A spool as its page shows it: how it wants to come off, and how it did in the snap test. */
public record SpoolView(
        String name,
        String words,
        String diameter,
        String colour,
        Delivery.Way way,
        String wayWords,
        List<String> delivery,
        String snap,
        String snapVerdict,
        boolean isBad,
        @Nullable String snapDue,
        List<Smallest> smallest,
        String tooThick) {

    /** The smallest needle of one kind of eye. */
    public record Smallest(String eye, String size) {}

    /** From here up a home machine is not made for the thread on top. */
    private static final double THICKEST_TEX = 90;

    static SpoolView of(Spool spool, LocalDate today, Units units) {
        SewingThread thread = spool.thread(today.getYear());
        Delivery delivery = spool.delivery(today.getYear());
        return new SpoolView(
                Words.capital(spool.colour()),
                thread.words(),
                units.mm(Math.round(thread.diameterMm() * 100) / 100.0),
                ThreadColour.of(spool.colour()),
                delivery.way(),
                delivery.way().words(),
                delivery.advice().stream().map(units::say).toList(),
                spool.snappedOn() == null
                        ? SnapResult.NOT_TESTED.words()
                        : spool.snap().words() + ", on " + Words.date(spool.snappedOn()),
                spool.snap().verdict(),
                spool.snap().isBad(),
                due(spool, thread),
                SmallestNeedles.of(thread, NeedleRange.standard()).stream()
                        .map(ofEye -> new Smallest(
                                ofEye.words(),
                                ofEye.size().map(NeedleSize::toString).orElse("none is large enough")))
                        .toList(),
                thread.totalTex() > THICKEST_TEX
                        ? "Most home machines are made for up to about tex 90 on top. Wind this on the bobbin by hand, in a spare"
                                + " case, and sew with the right side down."
                        : "");
    }

    private static @Nullable String due(Spool spool, SewingThread thread) {
        if (spool.snap() != SnapResult.NOT_TESTED) {
            return null;
        }
        if (spool.boughtYear() == null) {
            return "Nobody knows its age, so test it before it goes into a seam.";
        }
        return thread.wantsSnapTest() ? "It is old, or stood in the sun: test it before it goes into a seam." : null;
    }
}
