package belonax.sound;

/** Finds what comes again and again in the rises of loudness. Source: docs/craft.md, "Listening". */
final class BeatFinder {
    /** A beat is looked for in four seconds, and then closer by. */
    static final int WINDOW = 4 * Loudness.PER_SECOND;

    private static final int MIN_WINDOW = 256;
    private static final int PERIODS_CLOSE_BY = 5;
    private static final int SHORTEST = Loudness.PER_SECOND / 20;
    private static final int LONGEST = Loudness.PER_SECOND;

    /** The slower of two beats is taken only if it is more alike by a fifth. */
    private static final double SLOWER_IF = 1.2;

    private static final int MAX_WITHIN = 8;
    private static final int SOON = 260;
    private static final int LATE = 520;

    private final Recent rises;
    private final Autocorrelation far = new Autocorrelation(1024);
    private final Autocorrelation near = new Autocorrelation(1024);
    private final double[] window = new double[WINDOW];

    BeatFinder(Recent rises) {
        this.rises = rises;
    }

    /** Finds the beat around a moment, WINDOW / 2 steps before the newest at least. */
    Beat find(long centre) {
        look(far, centre, WINDOW);
        int lag = period();
        double keeps = far.at(far.best(SOON, LATE)) / Math.max(0.05, far.at(lag));
        Beat close = follow(centre, lag);
        return new Beat(close.lag(), close.strength(), keeps);
    }

    /** Finds the beat around a moment that goes on from one that is known. */
    Beat follow(long centre, double from) {
        int many = (int) Math.min(WINDOW, Math.max(MIN_WINDOW, PERIODS_CLOSE_BY * from));
        look(near, centre, many);
        int best = near.best((int) Math.max(SHORTEST - 1, 0.75 * from), (int) Math.min(LONGEST, 1.33 * from + 1));
        double strength = near.height(best);
        return isPartOfSlower(best, strength, many)
                ? Beat.NONE
                : new Beat(fine(near.top(best), strength, many), strength, 1);
    }

    private void look(Autocorrelation alike, long centre, int many) {
        rises.copy(centre - many / 2, window, many);
        alike.look(window, many);
    }

    /** A part of a stitch may come again before the stitch does. */
    private boolean isPartOfSlower(int lag, double strength, int many) {
        for (int times = 2; times <= 3 && times * lag + 3 < many / 2; times++) {
            if (near.height(near.best(times * lag - 2, times * lag + 3)) > SLOWER_IF * strength) {
                return true;
            }
        }
        return false;
    }

    /** The second to the fourth time tell the length of one more exactly. */
    private double fine(double lag, double strength, int many) {
        double finer = lag;
        for (int times = 2; times <= 4 && times * finer < 0.6 * many; times++) {
            int there = near.best((int) (times * finer) - 2, (int) (times * finer) + 3);
            if (near.at(there) < 0.5 * strength) {
                break;
            }
            finer = near.top(there) / times;
        }
        return finer;
    }

    private int period() {
        int slow = bestAround(SHORTEST, LONGEST);
        for (int parts = MAX_WITHIN; parts > 1; parts--) {
            int lag = slow / parts;
            if (lag >= SHORTEST) {
                int stray = Math.max(1, (int) (0.06 * lag));
                int fast = bestAround(Math.max(SHORTEST, lag - stray), lag + stray + 1);
                if (comesEachTime(fast, slow, parts)) {
                    return fast;
                }
            }
        }
        return slow;
    }

    private int bestAround(int from, int to) {
        int best = from;
        double most = far.around(from);
        for (int lag = from + 1; lag <= to; lag++) {
            double alike = far.around(lag);
            if (alike > most) {
                best = lag;
                most = alike;
            }
        }
        return best;
    }

    private boolean comesEachTime(int fast, int slow, int parts) {
        double enough = far.around(slow) / SLOWER_IF;
        boolean all = far.around(fast) >= enough;
        for (int times = 2; times < parts && all; times++) {
            all = far.around(Math.round((float) times * slow / parts)) >= enough;
        }
        return all;
    }
}
