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
        outline.forEach(place -> path.to(place.xMm() + middleMm, place.yMm()));
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

    private static String rounded(Slot slot) {
        double round = slot.roundMm();
        double right = slot.xMm() + slot.widthMm();
        double end = slot.yMm() + slot.heightMm();
        return new OutlinePath()
                .to(slot.xMm() + round, slot.yMm())
                .side(right - round, slot.yMm())
                .corner(round, right, slot.yMm() + round)
                .side(right, end - round)
                .corner(round, right - round, end)
                .side(slot.xMm() + round, end)
                .corner(round, slot.xMm(), end - round)
                .side(slot.xMm(), slot.yMm() + round)
                .corner(round, slot.xMm() + round, slot.yMm())
                .closed();
    }

    private static String square(Slot slot) {
        double right = slot.xMm() + slot.widthMm();
        double end = slot.yMm() + slot.heightMm();
        return new OutlinePath()
                .to(slot.xMm(), slot.yMm())
                .to(right, slot.yMm())
                .to(right, end)
                .to(slot.xMm(), end)
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
