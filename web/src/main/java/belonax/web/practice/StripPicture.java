package belonax.web.practice;

import belonax.practice.StripDrawing;
import belonax.practice.StripDrawing.Lock;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Both faces of a strip, as they lie under a good light: the underside turned over along the seam.
 *
 * @param viewBox of either face, in millimetres
 * @param words what is drawn, for whoever does not see it
 */
public record StripPicture(String viewBox, String cloth, Face top, Face below, String words) {
    private static final double GAP_MM = 0.42;
    private static final double DOT_MM = 0.44;
    private static final double RIPPLE_EVERY = 2;

    /**
     * One face.
     *
     * @param own the thread that lies on it, and so its hairs
     * @param holes where the needle went through
     * @param dots of the other thread
     * @param loops of the other thread over a straight line
     * @param specks hairs of the other thread
     * @param ripples of the cloth where it is drawn together
     * @param tangle of the upper thread; empty where there is none
     */
    public record Face(
            String own,
            String hairs,
            String holes,
            List<Dot> dots,
            String loops,
            String specks,
            String ripples,
            String tangle) {}

    /** A dot in millimetres. */
    public record Dot(double x, double y, double r) {}

    static StripPicture of(StripDrawing drawing) {
        String viewBox = "0 0 " + Pen.rounded(drawing.widthMm()) + " " + Pen.rounded(drawing.heightMm());
        return new StripPicture(
                viewBox,
                drawing.cloth(),
                new Side(drawing, false).face(),
                new Side(drawing, true).face(),
                drawing.inWords());
    }

    /** Draws one side. What has no place in the drawing's figures, such as how a hair lies, is made up the same way each time. */
    private static final class Side {
        private final StripDrawing drawing;
        private final boolean isBelow;
        private final SplittableRandom random;

        Side(StripDrawing drawing, boolean isBelow) {
            this.drawing = drawing;
            this.isBelow = isBelow;
            this.random = new SplittableRandom(drawing.locks().hashCode() + (isBelow ? 1 : 0));
        }

        Face face() {
            return new Face(own(), hairs(), holes(), dots(), loops(), specks(), ripples(), tangle());
        }

        private double y(Lock lock) {
            return isBelow ? drawing.heightMm() - lock.yMm() : lock.yMm();
        }

        private int other(Lock lock) {
            return isBelow ? lock.below() : lock.above();
        }

        /** From hole to hole; where it is pulled into a line it does not dip into the holes. */
        private String own() {
            Pen pen = new Pen();
            List<Lock> locks = drawing.locks();
            for (int i = 0; i + 1 < locks.size(); i++) {
                Lock from = locks.get(i);
                Lock to = locks.get(i + 1);
                double dx = to.xMm() - from.xMm();
                double dy = y(to) - y(from);
                double length = Math.hypot(dx, dy);
                double start = other(from) == 2 ? 0 : GAP_MM / length;
                double end = other(to) == 2 ? 1 : 1 - GAP_MM / length;
                double bow = (random.nextDouble() - 0.5) * 0.16;
                pen.to(from.xMm() + dx * start, y(from) + dy * start)
                        .bow(
                                from.xMm() + dx / 2 - bow * dy,
                                y(from) + dy / 2 + bow * dx,
                                from.xMm() + dx * end,
                                y(from) + dy * end);
            }
            return pen.drawn();
        }

        private String hairs() {
            Pen pen = new Pen();
            for (Lock lock : drawing.locks()) {
                if (random.nextDouble() < drawing.fuzz()) {
                    double x = lock.xMm() + (random.nextDouble() - 0.5) * 2;
                    double up = (random.nextBoolean() ? 1 : -1) * (0.3 + 0.5 * random.nextDouble());
                    pen.to(x, y(lock)).bow(x + 0.2, y(lock) + up, x + 0.7 * random.nextDouble(), y(lock) + 1.1 * up);
                }
            }
            return pen.drawn();
        }

        private String holes() {
            Pen pen = new Pen();
            drawing.locks().forEach(lock -> pen.to(lock.xMm(), y(lock)).line(lock.xMm() + 0.01, y(lock)));
            return pen.drawn();
        }

        private List<Dot> dots() {
            List<Dot> dots = new ArrayList<>();
            for (Lock lock : drawing.locks()) {
                if (other(lock) == 1) {
                    dots.add(new Dot(Pen.rounded(lock.xMm()), Pen.rounded(y(lock)), Pen.rounded(DOT_MM * lock.size())));
                }
            }
            return dots;
        }

        private String loops() {
            Pen pen = new Pen();
            for (Lock lock : drawing.locks()) {
                if (other(lock) == 2) {
                    double hangs = (isBelow ? 1.5 : 0.9) * lock.size();
                    pen.to(lock.xMm() - 0.55, y(lock) + 0.1)
                            .bow(lock.xMm() - 0.5, y(lock) + hangs * 1.4, lock.xMm() + 0.05, y(lock) + hangs)
                            .bow(lock.xMm() + 0.7, y(lock) + hangs * 0.9, lock.xMm() + 0.55, y(lock) - 0.15);
                }
            }
            return pen.drawn();
        }

        private String specks() {
            Pen pen = new Pen();
            for (Lock lock : drawing.locks()) {
                if (isBelow ? lock.speckBelow() : lock.speckAbove()) {
                    double lean = random.nextDouble() - 0.5;
                    pen.to(lock.xMm(), y(lock))
                            .line(lock.xMm() + lean * 0.7, y(lock) - 0.6 - 0.4 * random.nextDouble());
                }
            }
            return pen.drawn();
        }

        private String ripples() {
            Pen pen = new Pen();
            if (drawing.drawnUp()) {
                for (int i = 0; i < drawing.locks().size(); i += (int) RIPPLE_EVERY) {
                    Lock lock = drawing.locks().get(i);
                    double lean = (random.nextDouble() - 0.5) * 2.4;
                    double reach = 3.5 + 2.5 * random.nextDouble();
                    pen.to(lock.xMm() + lean, y(lock) - reach)
                            .bow(lock.xMm() - lean, y(lock), lock.xMm() + lean, y(lock) + reach);
                }
            }
            return pen.drawn();
        }

        private String tangle() {
            Pen pen = new Pen();
            if (drawing.nest() && isBelow) {
                Lock first = drawing.locks().get(0);
                double x = first.xMm() + 2;
                double y = y(first);
                pen.to(x - 2, y);
                for (int i = 0; i < 34; i++) {
                    double far = 0.6 + 2.2 * random.nextDouble();
                    double turn = 2 * Math.PI * random.nextDouble();
                    double on = x + 5 * random.nextDouble();
                    pen.bow(
                            on + far * Math.cos(turn),
                            y + far * Math.sin(turn),
                            on + far * Math.cos(turn + 1.3),
                            y + far * Math.sin(turn + 1.3));
                }
            }
            return pen.drawn();
        }
    }
}
