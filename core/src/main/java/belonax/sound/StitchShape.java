package belonax.sound;

/**
 * The sound of one stitch, told from the mean of eight. When it changes from one moment to the next at the same speed, something else
 * than before moves in the machine. Source: docs/craft.md, "Listening".
 */
final class StitchShape {
    private static final int PARTS = 16;
    private static final double SETTLED = 0.85;
    private static final double OTHER = 0.5;
    private static final double NEW_SHARE = 0.15;
    private static final int ENOUGH = 8;
    private static final double SAME_SPEED = 1.2;

    private final Recent power;
    private final double[] usual = new double[PARTS];
    private final double[] now = new double[PARTS];
    private double usualLag;
    private double alike;
    private int known;
    private int others;
    private boolean changed;

    StitchShape(Recent power) {
        this.power = power;
    }

    /** Hears eight stitches that begin with that step. */
    void hear(long from, double lag) {
        fold(from, lag);
        boolean isSameSpeed = lag < usualLag * SAME_SPEED && usualLag < lag * SAME_SPEED;
        if (known == 0 || !isSameSpeed) {
            System.arraycopy(now, 0, usual, 0, PARTS);
            usualLag = lag;
            known = 1;
            alike = 1;
            others = 0;
            return;
        }
        int shift = bestShift();
        double likeness = likeness(shift);
        boolean isOther = known >= ENOUGH && alike > SETTLED && likeness < OTHER;
        others = isOther ? others + 1 : 0;
        changed |= others >= 3;
        if (!isOther) {
            learn(shift, likeness, lag);
        }
    }

    private void learn(int shift, double likeness, double lag) {
        for (int i = 0; i < PARTS; i++) {
            usual[i] += NEW_SHARE * (now[(i + shift) % PARTS] - usual[i]);
        }
        usualLag += NEW_SHARE * (lag - usualLag);
        alike += NEW_SHARE * (likeness - alike);
        known++;
    }

    private void fold(long from, double lag) {
        for (int part = 0; part < PARTS; part++) {
            double sum = 0;
            for (int stitch = 0; stitch < KnockMeter.STITCHES; stitch++) {
                sum += between(from + (stitch + (double) part / PARTS) * lag);
            }
            now[part] = Math.sqrt(sum / KnockMeter.STITCHES);
        }
    }

    private double between(double step) {
        long low = (long) step;
        double share = step - low;
        return (1 - share) * power.at(low) + share * power.at(low + 1);
    }

    private int bestShift() {
        int best = 0;
        for (int shift = 1; shift < PARTS; shift++) {
            if (likeness(shift) > likeness(best)) {
                best = shift;
            }
        }
        return best;
    }

    /** Returns the correlation of the two. */
    private double likeness(int shift) {
        double meanNow = 0;
        double meanUsual = 0;
        for (int i = 0; i < PARTS; i++) {
            meanNow += now[i] / PARTS;
            meanUsual += usual[i] / PARTS;
        }
        double both = 0;
        double ofNow = 0;
        double ofUsual = 0;
        for (int i = 0; i < PARTS; i++) {
            double a = now[(i + shift) % PARTS] - meanNow;
            double b = usual[i] - meanUsual;
            both += a * b;
            ofNow += a * a;
            ofUsual += b * b;
        }
        double scale = Math.sqrt(ofNow * ofUsual);
        return scale <= 0 ? 1 : both / scale;
    }

    boolean hasChanged() {
        return changed;
    }

    /** Takes what is heard from now on for the usual. */
    void learnAnew() {
        known = 0;
        others = 0;
        changed = false;
    }
}
