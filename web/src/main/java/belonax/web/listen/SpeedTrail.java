package belonax.web.listen;

import java.util.ArrayList;
import java.util.List;

/** How fast was sewn over time, in a fixed number of parts: when there are too many, two become one. */
final class SpeedTrail {
    private static final int MOST = 240;

    private List<Double> perSecond = new ArrayList<>();
    private int stepsAPart = 100;
    private int steps;
    private double fastest;

    /** Goes on by a step of five milliseconds. */
    void add(double stitchesPerSecond) {
        fastest = Math.max(fastest, stitchesPerSecond);
        if (++steps >= stepsAPart) {
            perSecond.add(fastest);
            fastest = 0;
            steps = 0;
            if (perSecond.size() >= MOST) {
                halve();
            }
        }
    }

    private void halve() {
        List<Double> half = new ArrayList<>();
        for (int i = 0; i + 1 < perSecond.size(); i += 2) {
            half.add(Math.max(perSecond.get(i), perSecond.get(i + 1)));
        }
        perSecond = half;
        stepsAPart *= 2;
    }

    /** Returns the stitches a second of each part; 0 where the machine stood. */
    List<Double> parts() {
        return List.copyOf(perSecond);
    }
}
