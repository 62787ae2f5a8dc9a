package belonax.web.balance;

import belonax.balance.DialPosterior;
import belonax.machine.Dial;
import belonax.room.Words;
import belonax.room.balance.BalanceRun.StripKept;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/** The dial as a scale, with what is believed of its balanced place and the strips so far. */
public record DialView(
        List<Mark> marks, double bandX, double bandWidth, String belief, List<Dot> strips, double nextX, String next) {

    private static final double LEFT = 26;
    private static final double WIDTH = 460;
    private static final double AXIS_Y = 84;
    private static final double HILL_PX = 60;
    private static final int POINTS = 92;
    private static final double DOT_PX = 26;
    private static final double ROOM_PX = 58;

    /** A number of the dial. */
    public record Mark(double x, String words) {}

    /** A strip. */
    public record Dot(double x, double y, int number, String reading) {}

    static DialView of(Dial dial, DialPosterior posterior, List<StripKept> strips, OptionalDouble next) {
        return new DialView(
                marks(dial),
                x(dial, dial.normalLow()),
                x(dial, dial.normalHigh()) - x(dial, dial.normalLow()),
                hill(dial, posterior),
                dots(dial, strips),
                next.isPresent() ? x(dial, next.getAsDouble()) : -1,
                next.isPresent() ? Words.number(next.getAsDouble()) : "");
    }

    /** Returns how far down the drawing reaches. */
    public double heightPx() {
        return strips.stream().mapToDouble(Dot::y).max().orElse(AXIS_Y + 34) + 22;
    }

    private static List<Mark> marks(Dial dial) {
        double range = dial.max() - dial.min();
        double by = range > 12 ? 2 : range > 4 ? 1 : 0.5;
        List<Mark> marks = new ArrayList<>();
        for (double at = dial.min(); at <= dial.max() + 1e-9; at += by) {
            marks.add(new Mark(x(dial, at), Words.number(at)));
        }
        return marks;
    }

    private static String hill(Dial dial, DialPosterior posterior) {
        double width = (dial.max() - dial.min()) / POINTS;
        double[] height = new double[POINTS];
        double most = 0;
        for (int i = 0; i < POINTS; i++) {
            double from = dial.min() + i * width;
            height[i] = posterior.chanceBelow(from + width) - posterior.chanceBelow(from);
            most = Math.max(most, height[i]);
        }
        StringBuilder path = new StringBuilder(String.format(Locale.ROOT, "M%.1f %.1f", LEFT, AXIS_Y));
        for (int i = 0; i < POINTS; i++) {
            path.append(String.format(
                    Locale.ROOT, "L%.1f %.1f", LEFT + WIDTH * (i + 0.5) / POINTS, AXIS_Y - HILL_PX * height[i] / most));
        }
        return path.append(String.format(Locale.ROOT, "L%.1f %.1fZ", LEFT + WIDTH, AXIS_Y))
                .toString();
    }

    /** Each strip under its dial, in the first row in which it has room. */
    private static List<Dot> dots(Dial dial, List<StripKept> strips) {
        List<Dot> dots = new ArrayList<>();
        for (StripKept stripKept : strips) {
            double x = x(dial, stripKept.dial());
            double y = AXIS_Y + 42;
            while (isTaken(dots, x, y)) {
                y += DOT_PX;
            }
            dots.add(new Dot(x, y, dots.size() + 1, reading(stripKept)));
        }
        return dots;
    }

    private static boolean isTaken(List<Dot> dots, double x, double y) {
        return dots.stream().anyMatch(dot -> dot.y() == y && Math.abs(dot.x() - x) < ROOM_PX);
    }

    private static String reading(StripKept stripKept) {
        return stripKept.strip().isNest()
                ? "NEST"
                : stripKept.strip().isTooTight() ? "TIGHT" : stripKept.strip().isTooLoose() ? "LOOSE" : "CLEAN";
    }

    private static double x(Dial dial, double at) {
        return LEFT + WIDTH * (at - dial.min()) / (dial.max() - dial.min());
    }
}
