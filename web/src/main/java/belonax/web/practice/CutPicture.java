package belonax.web.practice;

import belonax.practice.StripDrawing;
import belonax.practice.StripDrawing.Lock;
import java.util.ArrayList;
import java.util.List;

/**
 * The strip cut through along its straight part, once it was answered: where the threads really lock. In pixels.
 *
 * @param times so many times as thick as it is long, so that a thin stack can be looked into
 */
public record CutPicture(
        double heightPx,
        double topPx,
        double thickPx,
        List<Double> layerLines,
        String topPath,
        String bobbinPath,
        double threadPx,
        String times) {

    static final int WIDTH_PX = 512;
    private static final int SHOWN = 8;
    private static final double MARGIN_PX = 20;
    private static final double THICK_PX = 76;
    private static final double PX_PER_MM = 24;
    private static final double HOLE_PX = 9;

    static CutPicture of(StripDrawing drawing) {
        double times = Math.max(1, Math.round(THICK_PX / (drawing.stackMm() * PX_PER_MM)));
        double thick = drawing.stackMm() * PX_PER_MM * times;
        double thread = Math.max(3, Math.min(7, drawing.threadMm() * PX_PER_MM));
        List<Lock> locks = drawing.locks().subList(0, SHOWN);
        List<Double> lines = new ArrayList<>();
        for (int i = 1; i < drawing.layers(); i++) {
            lines.add(Pen.rounded(MARGIN_PX + thick * i / drawing.layers()));
        }
        return new CutPicture(
                Pen.rounded(2 * MARGIN_PX + thick),
                MARGIN_PX,
                Pen.rounded(thick),
                lines,
                path(locks, MARGIN_PX - thread / 2, thick, thread / 2, drawing.nest()),
                path(locks, MARGIN_PX + thick + thread / 2, thick, -thread / 2, false),
                Pen.rounded(thread),
                times == 1 ? "to scale" : "drawn " + Math.round(times) + " times as thick as it is long");
    }

    /** Along a face, and at each hole down or up to where the threads lock. */
    private static String path(List<Lock> locks, double face, double thick, double over, boolean slack) {
        Pen pen = new Pen().to(0, face);
        double first = locks.get(0).xMm();
        for (Lock otherLock : locks) {
            double x = 30 + (otherLock.xMm() - first) * PX_PER_MM;
            double lock = slack ? MARGIN_PX + thick + 12 : MARGIN_PX + thick / 2 - otherLock.depth() * thick / 2 + over;
            pen.line(x - HOLE_PX, face)
                    .bow(x - 2, face, x - 2, (face + lock) / 2)
                    .bow(x - 2, lock, x, lock)
                    .bow(x + 2, lock, x + 2, (face + lock) / 2)
                    .bow(x + 2, face, x + HOLE_PX, face);
        }
        return pen.line(WIDTH_PX, face).drawn();
    }
}
