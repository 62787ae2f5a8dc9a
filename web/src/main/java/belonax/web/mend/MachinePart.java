package belonax.web.mend;

/** A part of the machine's picture: its middle and how wide a view shows it well, in millimetres. */
public enum MachinePart {
    NEEDLE(75, 214, 62),
    CLAMP(77, 197, 40),
    EYE(75, 227, 24),
    LAST_GUIDE(77, 188, 40),
    PATH(196, 112, 330),
    DISCS(98, 70, 90),
    SPOOL(300, 26, 120, 225, 14, 230),
    DIAL(160, 65, 86, 215, 104, 120),
    WHEEL(392, 84, 150, 312, 150, 110),
    PRESSURE(60, 36, 80),
    LIFTER(122, 172, 90),
    FOOT(78, 226, 56),
    PLATE(77, 236, 56),
    FEED(77, 236, 44),
    BOBBIN(78, 262, 76),
    HOOK(78, 260, 92),
    LENGTH(362, 180, 120, 300, 210, 90),
    SEAM(60, 234, 150),
    PLUG(405, 282, 90, 318, 282, 80);

    /** How high a view is for its width. */
    static final double HEIGHT_SHARE = 0.7;

    private final Where usual;
    private final Where overlocker;

    /** A place in the picture. */
    public record Where(double xMm, double yMm, double widthMm) {}

    MachinePart(double x, double y, double width) {
        this(x, y, width, x, y, width);
    }

    MachinePart(double x, double y, double width, double overlockerX, double overlockerY, double overlockerWidth) {
        usual = new Where(x, y, width);
        overlocker = new Where(overlockerX, overlockerY, overlockerWidth);
    }

    /** Returns where it is. */
    Where on(boolean isOverlocker) {
        return isOverlocker ? overlocker : usual;
    }
}
