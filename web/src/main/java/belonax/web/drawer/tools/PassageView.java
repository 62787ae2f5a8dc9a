package belonax.web.drawer.tools;

import belonax.machine.NeedleTravel;
import belonax.match.Clearance;
import belonax.match.Clearance.Passage;
import belonax.needle.Needle;
import belonax.room.settings.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Plate, foot and the needle's whole travel from above, to scale. */
public record PassageView(
        String headline,
        String advice,
        boolean strikes,
        Span slot,
        String foot,
        List<NeedleShown> needles,
        Span travel,
        String travelWords,
        String scale,
        double barPx) {

    private static final double MIDDLE_PX = 210;
    private static final double PX_PER_MM = 26;
    /** From where to where. */
    public record Span(double fromPx, double widthPx) {}

    /** A needle at one end of its travel, with the margin it needs. */
    public record NeedleShown(double xPx, double bodyPx, double marginPx, boolean strikes) {}

    static PassageView of(Passage passage, Units units) {
        return of(passage, Clearance.of(passage), units);
    }

    private static PassageView of(Passage passage, Clearance clearance, Units units) {
        double width = passage.stitchWidthMm().orElse(clearance.maxStitchWidthMm());
        double reach = width / 2 + passage.spacingMm() / 2;
        double needed = NeedleTravel.neededMm(width, passage.spacingMm(), passage.bodyMm(), passage.offCentreMm());
        double actual = width + passage.spacingMm() + passage.bodyMm() + 2 * NeedleTravel.MARGIN_MM;
        boolean strikes = !clearance.hasRoom() || !clearance.clears().orElse(true);
        List<NeedleShown> needles = new ArrayList<>();
        for (double stands : Needle.standMm(passage.needles(), passage.spacingMm())) {
            double within = stands - passage.spacingMm() / 2;
            needles.add(needle(passage, within - width / 2, strikes));
            if (width > 0) {
                needles.add(needle(passage, within + width / 2, strikes));
            }
        }
        double from = passage.offCentreMm() - reach - passage.bodyMm() / 2 - NeedleTravel.MARGIN_MM;
        return new PassageView(
                headline(clearance, units),
                units.say(clearance.advice()),
                strikes,
                new Span(px(-passage.plateSlotMm() / 2), passage.plateSlotMm() * PX_PER_MM),
                foot(passage.footSlotMm().orElse(passage.plateSlotMm())),
                needles,
                new Span(px(from), actual * PX_PER_MM),
                "it takes " + units.mm(Math.round(needed * 100) / 100.0) + " of " + units.mm(passage.slotMm()),
                "seen from above, to scale; the bar is " + (units == Units.METRIC ? "2 mm" : "a tenth of an inch"),
                units == Units.METRIC ? 2 * PX_PER_MM : 2.54 * PX_PER_MM);
    }

    private static String headline(Clearance clearance, Units units) {
        if (!clearance.hasRoom()) {
            return "It would strike: do not sew with it";
        }
        String widest = clearance.maxStitchWidthMm() < 0.05
                ? "straight only"
                : "up to " + units.mm(Math.floor(clearance.maxStitchWidthMm() * 10 + 1e-6) / 10) + " wide";
        return clearance
                .clears()
                .map(does -> does ? "It clears; " + widest : "It would strike; " + widest)
                .orElseGet(() -> Character.toUpperCase(widest.charAt(0)) + widest.substring(1));
    }

    private static NeedleShown needle(Passage passage, double atMm, boolean strikes) {
        double x = atMm + passage.offCentreMm();
        double half = passage.slotMm() / 2;
        boolean beyond = strikes && Math.abs(x) + passage.bodyMm() / 2 + NeedleTravel.MARGIN_MM > half + 1e-9;
        return new NeedleShown(
                px(x),
                passage.bodyMm() / 2 * PX_PER_MM,
                (passage.bodyMm() / 2 + NeedleTravel.MARGIN_MM) * PX_PER_MM,
                beyond);
    }

    /** Two toes with the opening between them. */
    private static String foot(double openingMm) {
        double left = px(-openingMm / 2);
        double right = px(openingMm / 2);
        return String.format(
                Locale.ROOT,
                "M%.1f 30H%.1fV128Q%.1f 140 %.1f 140H%.1fZM%.1f 30H%.1fV140H%.1fQ%.1f 140 %.1f 128Z",
                left - 42,
                left,
                left,
                left - 10,
                left - 42,
                right,
                right + 42,
                right + 10,
                right,
                right);
    }

    private static double px(double mm) {
        return MIDDLE_PX + mm * PX_PER_MM;
    }
}
