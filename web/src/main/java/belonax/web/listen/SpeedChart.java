package belonax.web.listen;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * When a machine ran and how fast, as a drawing. In pixels.
 *
 * @param bars one for each part of the time in which it ran
 * @param topPx where the fastest stands
 */
public record SpeedChart(List<Bar> bars, double topPx, String words) {
    static final int WIDTH_PX = 600;
    static final int BASE_PX = 116;
    private static final double LEFT_PX = 34;
    private static final double RIGHT_PX = 8;
    private static final double HIGH_PX = 88;

    /** One part of the time. */
    public record Bar(double x, double y, double width, double height) {}

    static SpeedChart of(List<Double> speeds) {
        double fastest = speeds.stream().mapToDouble(value -> value).max().orElse(0);
        double width = (WIDTH_PX - LEFT_PX - RIGHT_PX) / Math.max(1, speeds.size());
        List<Bar> bars = new ArrayList<>();
        int runs = 0;
        for (int i = 0; i < speeds.size(); i++) {
            double speed = speeds.get(i);
            if (speed > 0) {
                double high = HIGH_PX * speed / fastest;
                bars.add(new Bar(
                        rounded(LEFT_PX + i * width), rounded(BASE_PX - high), rounded(width + 0.3), rounded(high)));
                runs += i == 0 || speeds.get(i - 1) == 0 ? 1 : 0;
            }
        }
        return new SpeedChart(
                bars,
                rounded(BASE_PX - HIGH_PX),
                runs == 0
                        ? "No machine ran."
                        : String.format(
                                Locale.ROOT,
                                "It ran %s, up to %.0f stitches a second.",
                                runs == 1 ? "once" : runs == 2 ? "twice" : runs + " times",
                                fastest));
    }

    private static double rounded(double px) {
        return Math.round(px * 10) / 10.0;
    }
}
