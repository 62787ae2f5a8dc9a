package belonax.web.balance;

import belonax.balance.StitchModel;
import belonax.balance.Strip;
import belonax.room.event.SetupKept;
import belonax.thread.SewingThread;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * The stitch as the model believes it is: from above, cut through and from below, to scale. In pixels of the drawing; the cut
 * shows the threads at their true diameters and the layers at their thickness.
 *
 * @param layerLines where one layer ends and the next begins
 * @param scaleWords what the bar of the scale is
 */
public record StitchView(
        String title,
        String says,
        double topPx,
        double bottomPx,
        List<Double> layerLines,
        String topPath,
        String bobbinPath,
        double topThreadPx,
        double bobbinThreadPx,
        double heightPx,
        List<Double> locks,
        Face above,
        Face below,
        double scalePx,
        String scaleWords) {

    private static final double WIDTH_PX = 512;
    private static final double STITCH_MM = 2.5;
    private static final double MAX_PX_PER_MM = 66;
    private static final double STACK_PX = 118;
    private static final double FIRST_HOLE_PX = 40;
    private static final double HOLE_PX = 7;
    private static final double LOCK_PX = 12;

    /** Returns how much of a thread lies open between two locks. */
    public double shownPx() {
        return STITCH_MM * scalePx - 2 * LOCK_PX;
    }

    /** Returns how thick the stack is. */
    public double stackPx() {
        return bottomPx - topPx;
    }

    /** What one face shows of the other thread: nothing, dots, or loops over a straight line. */
    public enum Face {
        CLEAN,
        DOTS,
        LINE
    }

    static StitchView of(String title, double lockDepth, SetupKept sewn) {
        return of(title, lockDepth, sewn, says(StitchModel.stepAt(lockDepth)));
    }

    private static StitchView of(String title, double lockDepth, SetupKept sewn, String says) {
        double scale = Math.min(MAX_PX_PER_MM, STACK_PX / sewn.stackMm());
        double topPx = thread(sewn.top().thread(), scale);
        double bobbinPx = sewn.bobbin() == null ? topPx : thread(sewn.bobbin().thread(), scale);
        double stack = sewn.stackMm() * scale;
        double top = 22;
        double bottom = top + stack;
        double middle = (top + bottom) / 2;
        double lock = middle - lockDepth * stack / 2;
        List<Double> locks = new ArrayList<>();
        for (double x = FIRST_HOLE_PX; x < WIDTH_PX; x += STITCH_MM * scale) {
            locks.add(x);
        }
        List<Double> lines = new ArrayList<>();
        for (int i = 1; i < sewn.layers(); i++) {
            lines.add(top + stack * i / sewn.layers());
        }
        int step = StitchModel.stepAt(lockDepth);
        return new StitchView(
                title,
                says,
                top,
                bottom,
                lines,
                path(locks, top - topPx / 2, Math.min(bottom + topPx / 2, lock + bobbinPx / 2)),
                path(locks, bottom + bobbinPx / 2, Math.max(top - bobbinPx / 2, lock - topPx / 2)),
                topPx,
                bobbinPx,
                bottom + 22,
                locks,
                face(step),
                face(-step),
                scale,
                "1 mm");
    }

    /** The caption never says balanced of a strip that was read otherwise: it tells that the two differ. */
    static StitchView ofRead(String title, double lockDepth, SetupKept sewn, Strip strip) {
        boolean differs = StitchModel.stepAt(lockDepth) == 0 && !strip.isClean();
        return differs
                ? of(title, lockDepth, sewn, "you read it otherwise; the model thinks it nearly balanced")
                : of(title, lockDepth, sewn);
    }

    private static double thread(SewingThread thread, double scale) {
        return Math.max(2.5, thread.diameterMm() * scale);
    }

    private static Face face(int step) {
        return step >= 2 ? Face.LINE : step == 1 ? Face.DOTS : Face.CLEAN;
    }

    private static String says(int step) {
        return switch (step) {
            case 2 -> "the lock lies on top: the top thread pulls far too hard";
            case 1 -> "the lock sits high: the top thread pulls too hard";
            case -1 -> "the lock sits low: the top thread pulls too little";
            case -2 -> "the lock lies below: the top thread pulls far too little";
            default -> "the lock is hidden inside: balanced";
        };
    }

    /** Along a face, and at each hole down or up to the lock. */
    private static String path(List<Double> locks, double face, double lock) {
        StringBuilder path = new StringBuilder(String.format(Locale.ROOT, "M0 %.1f", face));
        for (double x : locks) {
            path.append(String.format(
                    Locale.ROOT,
                    "H%.1fC%.1f %.1f %.1f %.1f %.1f %.1fC%.1f %.1f %.1f %.1f %.1f %.1f",
                    x - HOLE_PX,
                    x - 1,
                    face,
                    x - 5,
                    lock,
                    x,
                    lock,
                    x + 5,
                    lock,
                    x + 1,
                    face,
                    x + HOLE_PX,
                    face));
        }
        return path.append('H').append(WIDTH_PX).toString();
    }
}
