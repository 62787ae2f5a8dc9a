package belonax.web.shared.drawing;

import belonax.needle.NeedleOutline.Place;
import belonax.needle.NeedleOutline.Slot;
import java.util.List;

/**
 * A closed SVG path through places, in millimetres to the thousandth, told by its steps. Written by hand and not by a format,
 * because a page of needles has a thousand places.
 */
public final class OutlinePath {
    private static final long PER_MM = 1000;

    private final StringBuilder path = new StringBuilder();

    /** Where the path stands, in thousandths: each step is told from what was written, so that rounding never adds up. */
    private long x;

    private long y;

    /** Returns the closed path through an outline, moved aside by so much. */
    public static String through(List<Place> outline, double middleMm) {
        OutlinePath path = new OutlinePath();
        outline.forEach(it -> path.to(it.xMm() + middleMm, it.yMm()));
        return path.closed();
    }

    /** Returns slots with round ends, such as eyes, as one path. */
    public static String slots(List<Slot> slots) {
        StringBuilder all = new StringBuilder();
        for (Slot it : slots) {
            double round = it.roundMm();
            double across = it.widthMm() - 2 * round;
            double down = it.heightMm() - 2 * round;
            OutlinePath path = new OutlinePath();
            path.to(it.xMm() + round, it.yMm());
            path.side(across, 0).corner(round, round, round);
            path.side(0, down).corner(round, -round, round);
            path.side(-across, 0).corner(round, -round, -round);
            path.side(0, -down).corner(round, round, -round);
            all.append(path.closed());
        }
        return all.toString();
    }

    /** Returns slots with square ends, such as grooves, as one path. */
    public static String grooves(List<Slot> slots) {
        StringBuilder all = new StringBuilder();
        for (Slot it : slots) {
            OutlinePath path = new OutlinePath();
            path.to(it.xMm(), it.yMm());
            path.side(it.widthMm(), 0).side(0, it.heightMm()).side(-it.widthMm(), 0);
            all.append(path.closed());
        }
        return all.toString();
    }

    private OutlinePath side(double byXMm, double byYMm) {
        if (byXMm == 0 && byYMm == 0) {
            return this; // The ends of a slot meet across it.
        }
        path.append('l');
        return by(byXMm, byYMm);
    }

    private OutlinePath corner(double roundMm, double byXMm, double byYMm) {
        path.append('a');
        by(roundMm, roundMm);
        path.append(" 0 0 1 ");
        return by(byXMm, byYMm);
    }

    private OutlinePath by(double xMm, double yMm) {
        append(Math.round(xMm * PER_MM));
        path.append(' ');
        append(Math.round(yMm * PER_MM));
        return this;
    }

    /** Goes on to a place; the first one is where it begins. */
    OutlinePath to(double xMm, double yMm) {
        long nextX = Math.round(xMm * PER_MM);
        long nextY = Math.round(yMm * PER_MM);
        path.append(path.isEmpty() ? 'M' : 'l');
        append(nextX - x);
        path.append(' ');
        append(nextY - y);
        x = nextX;
        y = nextY;
        return this;
    }

    /** Returns the path, closed. */
    String closed() {
        return path.append('Z').toString();
    }

    private void append(long thousandths) {
        if (thousandths < 0) {
            path.append('-');
        }
        long size = Math.abs(thousandths);
        long rest = size % PER_MM;
        if (size >= PER_MM || rest == 0) {
            path.append(size / PER_MM);
        }
        if (rest > 0) {
            path.append('.');
            for (long digit = PER_MM / 10; rest > 0; digit /= 10) {
                path.append(rest / digit);
                rest %= digit;
            }
        }
    }
}
