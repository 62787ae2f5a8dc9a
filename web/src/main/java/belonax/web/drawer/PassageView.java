package belonax.web.drawer;

import belonax.machine.Foot;
import belonax.machine.NeedleTravel;
import belonax.machine.Plate;
import belonax.machine.StitchPlate;
import belonax.match.Clearance;
import belonax.match.Clearance.Passage;
import belonax.needle.NeedleSize;
import belonax.room.settings.Units;
import belonax.web.shared.form.Entries;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** Plate, foot and the needle's whole travel from above, to scale. */
record PassageView(
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
    /** A round hole lets one needle through and leaves nothing on either side. */
    private static final double ROUND_HOLE_MM = 2;

    /** From where to where. */
    record Span(double fromPx, double widthPx) {}

    /** A needle at one end of its travel, with the margin it needs. */
    record NeedleShown(double xPx, double bodyPx, double marginPx, boolean strikes) {}

    /** Returns the opening of a plate in millimetres, also that of one with a round hole. */
    static double slotMm(StitchPlate plate) {
        return plate.kind() == Plate.STRAIGHT ? ROUND_HOLE_MM : plate.slotMm();
    }

    /** Returns the opening of a foot in millimetres, also that of one with a round hole. */
    static double slotMm(Foot foot) {
        return foot.hasRoundHole() ? ROUND_HOLE_MM : foot.slotMm();
    }

    /**
     * Works out the passage.
     *
     * @throws belonax.BadInput naming every entry that will not do
     */
    static PassageView of(Entries entries, Units units) {
        double slot = entries.number("slot", "Lay a ruler across the slot of the plate.");
        Double footSlot = entries.optional("footSlot", "Lay a ruler across the foot's opening.");
        int nm = entries.has("nm") ? entries.whole("nm", "Choose a size.") : NeedleSize.NM_80.nm();
        int needles = entries.has("kind") ? entries.whole("kind", "Choose one, two or three needles.") : 1;
        Double spacing = needles == 1 ? null : entries.optional("spacing", "Read it off the packet, such as 4.");
        Double wing = entries.optional("wing", "Measure across the flare.");
        Double offset = entries.optional("offset", "Read the needle's place off the machine.");
        Double width = entries.optional("width", "Read the stitch width off the machine.");
        Passage passage = entries.done(() -> new Passage(
                units.toMm(slot),
                optional(footSlot, units),
                spacing == null ? 0 : spacing,
                NeedleSize.ofNm(nm),
                needles,
                optional(wing, units),
                offset == null ? 0 : units.toMm(offset),
                optional(width, units)));
        return of(passage, Clearance.of(passage), units);
    }

    private static PassageView of(Passage it, Clearance clearance, Units units) {
        double width = it.stitchWidthMm().orElse(clearance.maxStitchWidthMm());
        double reach = width / 2 + it.spacingMm() / 2;
        double needed = NeedleTravel.neededMm(width, it.spacingMm(), it.bodyMm(), it.offCentreMm());
        double actual = width + it.spacingMm() + it.bodyMm() + 2 * NeedleTravel.MARGIN_MM;
        boolean strikes = !clearance.hasRoom() || !clearance.clears().orElse(true);
        List<NeedleShown> needles = new ArrayList<>();
        for (int i = 0; i < it.needles(); i++) {
            double within = it.needles() == 1 ? 0 : -it.spacingMm() / 2 + it.spacingMm() * i / (it.needles() - 1);
            needles.add(needle(it, within - width / 2, strikes));
            if (width > 0) {
                needles.add(needle(it, within + width / 2, strikes));
            }
        }
        double from = it.offCentreMm() - reach - it.bodyMm() / 2 - NeedleTravel.MARGIN_MM;
        return new PassageView(
                headline(clearance, units),
                units.say(clearance.advice()),
                strikes,
                new Span(px(-it.plateSlotMm() / 2), it.plateSlotMm() * PX_PER_MM),
                foot(it.footSlotMm().orElse(it.plateSlotMm())),
                needles,
                new Span(px(from), actual * PX_PER_MM),
                "it takes " + units.mm(Math.round(needed * 100) / 100.0) + " of " + units.mm(it.slotMm()),
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

    private static NeedleShown needle(Passage it, double atMm, boolean strikes) {
        double x = atMm + it.offCentreMm();
        double half = it.slotMm() / 2;
        boolean beyond = strikes && Math.abs(x) + it.bodyMm() / 2 + NeedleTravel.MARGIN_MM > half + 1e-9;
        return new NeedleShown(
                px(x), it.bodyMm() / 2 * PX_PER_MM, (it.bodyMm() / 2 + NeedleTravel.MARGIN_MM) * PX_PER_MM, beyond);
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

    private static OptionalDouble optional(@Nullable Double typed, Units units) {
        return typed == null ? OptionalDouble.empty() : OptionalDouble.of(units.toMm(typed));
    }
}
