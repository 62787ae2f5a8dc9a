package belonax.web.shared.drawing;

import belonax.needle.NeedleOutline.Place;
import belonax.needle.NeedleOutline.Slot;
import java.util.List;
import java.util.stream.Collectors;

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
        return slots.stream().map(OutlinePath::rounded).collect(Collectors.joining());
    }

    /** Returns slots with square ends, such as grooves, as one path. */
    public static String grooves(List<Slot> slots) {
        return slots.stream().map(OutlinePath::square).collect(Collectors.joining());
    }

    private static String rounded(Slot it) {
        double round = it.roundMm();
        double right = it.xMm() + it.widthMm();
        double end = it.yMm() + it.heightMm();
        return new OutlinePath()
                .to(it.xMm() + round, it.yMm())
                .side(right - round, it.yMm())
                .corner(round, right, it.yMm() + round)
                .side(right, end - round)
                .corner(round, right - round, end)
                .side(it.xMm() + round, end)
                .corner(round, it.xMm(), end - round)
                .side(it.xMm(), it.yMm() + round)
                .corner(round, it.xMm() + round, it.yMm())
                .closed();
    }

    private static String square(Slot it) {
        double right = it.xMm() + it.widthMm();
        double end = it.yMm() + it.heightMm();
        return new OutlinePath()
                .to(it.xMm(), it.yMm())
                .to(right, it.yMm())
                .to(right, end)
                .to(it.xMm(), end)
                .closed();
    }

    /** Goes on to a place, unless the path stands there: the round ends of a slot meet across it. */
    private OutlinePath side(double xMm, double yMm) {
        return thousandths(xMm) == x && thousandths(yMm) == y ? this : to(xMm, yMm);
    }

    /** Goes on to a place round a corner. */
    private OutlinePath corner(double roundMm, double xMm, double yMm) {
        path.append('a');
        append(thousandths(roundMm));
        path.append(' ');
        append(thousandths(roundMm));
        path.append(" 0 0 1 ");
        return step(xMm, yMm);
    }

    /** Goes on to a place; the first one is where it begins. */
    OutlinePath to(double xMm, double yMm) {
        path.append(path.isEmpty() ? 'M' : 'l');
        return step(xMm, yMm);
    }

    private OutlinePath step(double xMm, double yMm) {
        long nextX = thousandths(xMm);
        long nextY = thousandths(yMm);
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

    private static long thousandths(double mm) {
        return Math.round(mm * PER_MM);
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
