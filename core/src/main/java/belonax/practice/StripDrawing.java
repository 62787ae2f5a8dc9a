package belonax.practice;

import belonax.balance.StitchModel;
import java.util.List;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;

/**
 * A seam as it lies on the strip, in millimetres: along a straight, a curve and round a corner, seen from above; x to the
 * right, y downwards. What it shows is decided by what is drawn, never by the lock that it was drawn from.
 *
 * @param cloth what lies under the foot, such as "2 layers of poplin"
 * @param threadMm thickness of either thread
 * @param fuzz how hairy the threads are, 0 to 1
 * @param drawnUp whether the cloth is drawn together along the seam
 * @param nest whether a tangle hangs below where it begins
 */
public record StripDrawing(
        double widthMm,
        double heightMm,
        String cloth,
        int layers,
        double stackMm,
        double threadMm,
        double fuzz,
        boolean drawnUp,
        boolean nest,
        List<Lock> locks) {

    private static final double DOTTED = 0.25;
    private static final double IN_A_LINE = 0.5;
    /** A single dot is a stray one; a few in the curve already tell that a straight line would hide the fault. */
    private static final double STRAY = 0.05;

    private static final double SURELY_DOTTED = 0.33;

    /**
     * Where the threads lock in one hole.
     *
     * @param depth -1 at the underside to 1 on top
     * @param size of a dot where one shows, about 1
     * @param speckAbove whether a hair of the other thread stands up there, and so below
     */
    public record Lock(double xMm, double yMm, double depth, double size, boolean speckAbove, boolean speckBelow) {
        /** Returns how much of the bobbin's thread shows on top there: 0 nothing, 1 a dot, 2 a loop over a straight line. */
        public int above() {
            return Math.max(0, StitchModel.stepAt(depth));
        }

        /** Returns how much of the upper thread shows below there, likewise. */
        public int below() {
            return Math.max(0, -StitchModel.stepAt(depth));
        }
    }

    public StripDrawing {
        locks = List.copyOf(locks);
    }

    /** Returns what is drawn, as an eye reads it that does not err. */
    public StripLook look() {
        if (nest) {
            return StripLook.NEST;
        }
        if (drawnUp) {
            return StripLook.DRAWN_UP;
        }
        boolean above = share(above(1)) >= DOTTED;
        boolean below = share(below(1)) >= DOTTED;
        if (above && below) {
            return StripLook.COMES_AND_GOES;
        }
        if (above) {
            return share(above(2)) >= IN_A_LINE ? StripLook.TOP_LINE : StripLook.TOP_DOTS;
        }
        if (below) {
            return share(below(2)) >= IN_A_LINE ? StripLook.LOOPS : StripLook.DOTS;
        }
        boolean fuzzy = share(locks.stream().filter(Lock::speckAbove).count()) >= DOTTED
                && share(locks.stream().filter(Lock::speckBelow).count()) >= DOTTED;
        return fuzzy ? StripLook.BOTH_DOTTED : StripLook.CLEAN;
    }

    /** Tells whether what it shows lies so near to a border that two good eyes could differ. */
    boolean isBetween() {
        double most = Math.max(share(above(1)), share(below(1)));
        double line = Math.max(share(above(2)), share(below(2)));
        return most > STRAY && most < SURELY_DOTTED || Math.abs(line - IN_A_LINE) < 0.1;
    }

    /** Returns in words what is drawn, for whoever does not see it: what lies there, not what it means. */
    public String inWords() {
        return "On top: " + face(Lock::above, "blue") + ". Below: "
                + (nest ? "a tangle of orange where the seam begins" : face(Lock::below, "orange")) + "."
                + (drawnUp ? " The cloth is drawn together along the seam." : "") + specks();
    }

    private String specks() {
        long above = locks.stream().filter(Lock::speckAbove).count();
        long below = locks.stream().filter(Lock::speckBelow).count();
        return above + below == 0 ? "" : " Fine hairs: " + above + " on top, " + below + " below.";
    }

    private String face(ToIntFunction<Lock> shows, String colour) {
        List<Integer> at = IntStream.range(0, locks.size())
                .filter(number -> shows.applyAsInt(locks.get(number)) > 0)
                .boxed()
                .toList();
        if (at.isEmpty()) {
            return "nothing " + colour + " shows at any of " + locks.size() + " stitches";
        }
        long loops = locks.stream().filter(lock -> shows.applyAsInt(lock) > 1).count();
        return colour + " shows at " + at.size() + " of " + locks.size() + " stitches, from the "
                + ordinal(at.get(0)) + " to the " + ordinal(at.get(at.size() - 1))
                + (loops == 0 ? ", as dots" : ", " + loops + " of them as loops over a straight thread");
    }

    private static String ordinal(int place) {
        int number = place + 1;
        int last = number % 10;
        boolean isTeen = number >= 11 && number <= 13;
        return number + (isTeen || last == 0 || last > 3 ? "th" : last == 1 ? "st" : last == 2 ? "nd" : "rd");
    }

    private long above(int atLeast) {
        return locks.stream().filter(lock -> lock.above() >= atLeast).count();
    }

    private long below(int atLeast) {
        return locks.stream().filter(lock -> lock.below() >= atLeast).count();
    }

    private double share(long count) {
        return (double) count / locks.size();
    }
}
