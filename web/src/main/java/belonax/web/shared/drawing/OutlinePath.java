package belonax.web.shared.drawing;

import belonax.needle.NeedleOutline.Place;
import java.util.List;

/**
 * A closed SVG path through places, in millimetres to the thousandth. Written by hand and not by a format, because a page of
 * needles has a thousand places.
 */
public final class OutlinePath {
    private static final long PER_MM = 1000;

    private final StringBuilder path = new StringBuilder();

    /** Returns the closed path through an outline, moved aside by so much. */
    public static String through(List<Place> outline, double middleMm) {
        OutlinePath path = new OutlinePath();
        outline.forEach(it -> path.to(it.xMm() + middleMm, it.yMm()));
        return path.closed();
    }

    /** Goes on to a place; the first one is where it begins. */
    OutlinePath to(double xMm, double yMm) {
        path.append(path.isEmpty() ? 'M' : 'L');
        append(xMm);
        path.append(' ');
        append(yMm);
        return this;
    }

    /** Returns the path, closed. */
    String closed() {
        return path.append('Z').toString();
    }

    private void append(double mm) {
        long thousandths = Math.round(mm * PER_MM);
        if (thousandths < 0) {
            path.append('-');
        }
        long size = Math.abs(thousandths);
        path.append(size / PER_MM);
        long rest = size % PER_MM;
        if (rest > 0) {
            path.append('.').append(rest / 100).append(rest / 10 % 10).append(rest % 10);
        }
    }
}
