package belonax.needle;

import java.util.ArrayList;
import java.util.List;

/**
 * A needle's shape to scale, in millimetres: y downwards from the butt at 0, x from the needle's own middle. Shank to
 * 11.5, a cone to the blade at 13.5, groove on the sewist's side from 14 to the eye, scarf on the hook side from 4.6 above
 * the eye, point 3.6 from the eye's lower end to the tip. Source: docs/craft.md, "Drawing to scale".
 */
public final class NeedleOutline {
    private static final double SHANK_END_MM = 11.5;
    private static final double SHANK_MM = 2.05;
    private static final double FLAT_SHANK_MM = 1.6;
    private static final double BLADE_START_MM = 13.5;
    private static final double GROOVE_START_MM = 14;
    private static final double GROOVE_SHARE = 0.8;
    private static final double POINT_MM = 3.6;
    private static final double SCARF_ABOVE_EYE_MM = 4.6;
    private static final double SCARF_DEPTH_SHARE = 0.42;
    private static final double DEEP_SCARF_SHARE = 0.5;
    private static final double EYE_OVER_DEEP_SCARF_HIGHER_MM = 0.25;
    private static final double WING_FLARE_MM = 2.8;
    private static final int CURVE_STEPS = 10;

    /** A place in millimetres. */
    public record Place(double xMm, double yMm) {}

    /** A rounded slot, such as the eye or the groove. */
    public record Slot(double xMm, double yMm, double widthMm, double heightMm) {
        /** Returns the radius of its ends: half its narrower side. */
        public double roundMm() {
            return Math.min(widthMm, heightMm) / 2;
        }
    }

    private final Needle needle;
    private final double bladeMm;
    private final double eyeTopMm;
    private final double eyeEndMm;

    private NeedleOutline(Needle needle) {
        this.needle = needle;
        this.bladeMm = needle.size().bladeMm();
        double buttToEye = needle.system()
                .buttToEyeMm()
                .orElse(NeedleSystem.H_130_705.buttToEyeMm().orElseThrow());
        this.eyeTopMm = buttToEye - (needle.point().hasDeepScarf() ? EYE_OVER_DEEP_SCARF_HIGHER_MM : 0);
        this.eyeEndMm = eyeTopMm + needle.point().eye().lengthMm();
    }

    /** Returns the outline of one needle; a twin is drawn as this outline beside itself. */
    public static NeedleOutline of(Needle needle) {
        return new NeedleOutline(needle);
    }

    /** Returns where the tip ends, in millimetres from the butt. */
    public double tipMm() {
        return eyeEndMm + POINT_MM;
    }

    /** Returns the eye as seen from the front. */
    public Slot eye() {
        double widthMm = needle.eyeWidthMm();
        return new Slot(-widthMm / 2, eyeTopMm, widthMm, eyeEndMm - eyeTopMm);
    }

    /** Returns the long groove as seen from the front. */
    public Slot groove() {
        double widthMm = GROOVE_SHARE * needle.eyeWidthMm();
        return new Slot(-widthMm / 2, GROOVE_START_MM, widthMm, eyeTopMm - GROOVE_START_MM);
    }

    /** Returns the outline from the front, where the sewist sits, going round once. */
    public List<Place> front() {
        List<Place> right = new ArrayList<>();
        right.add(new Place(SHANK_MM / 2, 0));
        right.add(new Place(SHANK_MM / 2, SHANK_END_MM));
        right.add(new Place(bladeMm / 2, BLADE_START_MM));
        if (needle.point().isWinged()) {
            addWing(right);
        }
        addPoint(right, 1);
        List<Place> outline = new ArrayList<>(right);
        for (int i = right.size() - 1; i >= 0; i--) {
            outline.add(new Place(-right.get(i).xMm(), right.get(i).yMm()));
        }
        return outline;
    }

    /** Returns the outline from the side: the groove side at the left, flat and scarf at the right. */
    public List<Place> side() {
        double half = bladeMm / 2;
        List<Place> outline = new ArrayList<>();
        double flatMm = needle.system().shank() == Shank.FLAT ? FLAT_SHANK_MM - SHANK_MM / 2 : SHANK_MM / 2;
        outline.add(new Place(flatMm, 0));
        outline.add(new Place(flatMm, SHANK_END_MM));
        outline.add(new Place(half, BLADE_START_MM));
        addScarf(outline, half);
        addPoint(outline, 1);
        List<Place> left = new ArrayList<>();
        left.add(new Place(-SHANK_MM / 2, 0));
        left.add(new Place(-SHANK_MM / 2, SHANK_END_MM));
        left.add(new Place(-half, BLADE_START_MM));
        addPoint(left, -1);
        for (int i = left.size() - 1; i >= 0; i--) {
            outline.add(left.get(i));
        }
        return outline;
    }

    private void addWing(List<Place> to) {
        to.add(new Place(bladeMm / 2, eyeTopMm - 6));
        to.add(new Place(WING_FLARE_MM / 2, eyeTopMm - 1.5));
        to.add(new Place(WING_FLARE_MM / 2, eyeTopMm + 0.5));
        to.add(new Place(bladeMm / 2, eyeEndMm + 0.4));
    }

    private void addScarf(List<Place> to, double half) {
        double depth = bladeMm * (needle.point().hasDeepScarf() ? DEEP_SCARF_SHARE : SCARF_DEPTH_SHARE);
        double top = eyeTopMm - SCARF_ABOVE_EYE_MM;
        double floorFrom = top + 1.4;
        double floorTo = eyeTopMm - 1.2;
        double end = eyeTopMm - 0.1;
        addCurve(to, half, top, half - depth, floorFrom);
        addCurve(to, half - depth, floorTo, half, end);
    }

    private static void addCurve(List<Place> to, double fromX, double fromY, double toX, double toY) {
        for (int i = 0; i <= CURVE_STEPS; i++) {
            double t = (double) i / CURVE_STEPS;
            double eased = t * t * (3 - 2 * t);
            to.add(new Place(fromX + (toX - fromX) * eased, fromY + (toY - fromY) * t));
        }
    }

    /** The taper swells a little before it ends in the rounding of the tip; a cutting point is a plain wedge. */
    private void addPoint(List<Place> to, int side) {
        double half = bladeMm / 2;
        double radius = needle.point().tipRadiusMm();
        double end = tipMm() - radius;
        double swell = needle.point().isCutting() ? 1.0 : 1.25;
        for (int i = 0; i <= CURVE_STEPS; i++) {
            double t = (double) i / CURVE_STEPS;
            double x = radius + (half - radius) * (1 - Math.pow(t, swell));
            to.add(new Place(side * x, eyeEndMm + (end - eyeEndMm) * t));
        }
        for (int i = 1; i <= CURVE_STEPS && radius > 0; i++) {
            double angle = Math.PI / 2 * i / CURVE_STEPS;
            to.add(new Place(side * radius * Math.cos(angle), end + radius * Math.sin(angle)));
        }
    }
}
