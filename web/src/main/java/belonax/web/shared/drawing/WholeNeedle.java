package belonax.web.shared.drawing;

import belonax.needle.Needle;
import belonax.needle.NeedleOutline;
import belonax.needle.NeedleOutline.Place;
import belonax.needle.NeedleOutline.Slot;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A whole needle from butt to tip, lying with its butt at the left, from the front and from the side, in millimetres.
 *
 * @param fronts one outline for each needle on the shank
 */
public record WholeNeedle(
        String viewBox,
        double widthMm,
        double heightMm,
        List<String> fronts,
        String eyes,
        String grooves,
        String side,
        double eyeTopMm,
        double tipMm,
        double frontYMm,
        double sideYMm) {

    private static final double LENGTH_MM = 46;
    private static final double FRONT_Y_MM = 2.4;
    private static final double SHANK_MM = 2.05;
    private static final double BAR_FROM_MM = 12;
    private static final double BAR_TO_MM = 15.5;
    private static final double BAR_BEYOND_MM = 0.9;

    /** Returns the part that is shown where marks stand above it. */
    public String viewBoxWithMarks() {
        return String.format(Locale.ROOT, "-0.5 -2.6 47 %.2f", heightMm + 3.4);
    }

    /** Returns down to where the line of a mark goes, short of the needle. */
    public double marksEndMm() {
        return frontYMm - 1.1;
    }

    /** Draws a needle. */
    public static WholeNeedle of(Needle needle) {
        NeedleOutline outline = NeedleOutline.of(needle);
        double spacing = needle.spacingMm();
        double sideY = FRONT_Y_MM + spacing + 4.2;
        double height = sideY + 2;
        List<Double> middles =
                needle.standMm().stream().map(value -> FRONT_Y_MM + value).toList();
        return new WholeNeedle(
                String.format(Locale.ROOT, "0 0 %.1f %.2f", LENGTH_MM, height),
                LENGTH_MM,
                height,
                needle.count() == 1 ? List.of(path(outline.front(), FRONT_Y_MM)) : onOneShank(outline, middles),
                OutlinePath.slots(middles.stream()
                        .map(middle -> turned(outline.eye(), middle))
                        .toList()),
                OutlinePath.grooves(middles.stream()
                        .map(middle -> turned(outline.groove(), middle))
                        .toList()),
                path(outline.side(), sideY),
                outline.eye().yMm(),
                outline.tipMm(),
                FRONT_Y_MM,
                sideY);
    }

    /** Several blades hang from a bar on one shank. */
    private static List<String> onOneShank(NeedleOutline outline, List<Double> middles) {
        double first = middles.get(0);
        double last = middles.get(middles.size() - 1);
        double shank = (first + last) / 2;
        List<String> paths = new ArrayList<>();
        for (double middle : middles) {
            List<Place> blade = outline.front().stream()
                    .filter(place -> place.yMm() >= BAR_FROM_MM)
                    .toList();
            paths.add(path(blade, middle));
        }
        paths.add(rectangle(0, BAR_FROM_MM, shank - SHANK_MM / 2, shank + SHANK_MM / 2));
        paths.add(rectangle(BAR_FROM_MM, BAR_TO_MM, first - BAR_BEYOND_MM, last + BAR_BEYOND_MM));
        return paths;
    }

    private static String rectangle(double fromX, double toX, double fromY, double toY) {
        return String.format(Locale.ROOT, "M%.2f %.2fH%.2fV%.2fH%.2fZ", fromX, fromY, toX, toY, fromX);
    }

    /** The core has the butt at the top; lying, x becomes the way down and y the way across. */
    private static Slot turned(Slot slot, double middleMm) {
        double along = slot.heightMm();
        double across = slot.widthMm();
        return new Slot(slot.yMm(), slot.xMm() + middleMm, along, across);
    }

    private static String path(List<Place> outline, double middleMm) {
        OutlinePath path = new OutlinePath();
        outline.forEach(place -> path.to(place.yMm(), middleMm + place.xMm()));
        return path.closed();
    }
}
