package belonax.web.drawer.tools;

import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * The sheet that is printed in true scale: where the eyes of the systems lie from the butt, and a wedge of two lines whose
 * gap at each mark is a size's blade. All in millimetres.
 *
 * @param wedge outline of the gap, filled, so that a blade laid on it covers it exactly at its own size
 */
public record Gauge(List<Mark> systems, List<Mark> sizes, String wedge, List<Tick> ticks) {
    private static final double WEDGE_MM = 150;
    private static final double THINNEST_MM = 0.55;
    private static final double THICKEST_MM = 1.35;
    private static final double FIRST_LEADER_MM = 15;
    private static final double LEADER_STEP_MM = 6;
    private static final int RULER_MM = 60;

    /** A mark with how far its leader goes. */
    public record Mark(double mm, double leaderMm, String words) {}

    /** A line of the ruler: the longer, the rounder its number. */
    public record Tick(int mm, double lengthMm) {}

    static Gauge standard() {
        return new Gauge(
                systemMarks(),
                sizeMarks(),
                wedgeOutline(),
                IntStream.rangeClosed(0, RULER_MM)
                        .mapToObj(number -> new Tick(number, number % 10 == 0 ? 5 : number % 5 == 0 ? 3.6 : 2.2))
                        .toList());
    }

    private static List<Mark> systemMarks() {
        Map<Double, String> byLength = new LinkedHashMap<>();
        for (NeedleSystem system : NeedleSystem.values()) {
            system.buttToEyeMm().ifPresent(mm -> byLength.merge(mm, system.label(), (a, b) -> a + ", " + b));
        }
        List<Mark> marks = new ArrayList<>();
        byLength.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(entry -> marks.add(new Mark(
                        entry.getKey(),
                        FIRST_LEADER_MM + LEADER_STEP_MM * marks.size(),
                        entry.getValue() + "  " + entry.getKey())));
        return marks;
    }

    private static List<Mark> sizeMarks() {
        List<Mark> marks = new ArrayList<>();
        for (NeedleSize size : NeedleSize.LADDER) {
            double x = WEDGE_MM * (size.bladeMm() - THINNEST_MM) / (THICKEST_MM - THINNEST_MM);
            marks.add(new Mark(x, marks.size() % 2 == 0 ? 6 : 11, size.toString()));
        }
        return marks;
    }

    private static String wedgeOutline() {
        return String.format(
                Locale.ROOT,
                "M0 %.3fL%.1f %.3fV%.3fL0 %.3fZ",
                -THINNEST_MM / 2,
                WEDGE_MM,
                -THICKEST_MM / 2,
                THICKEST_MM / 2,
                THINNEST_MM / 2);
    }
}
