package belonax.balance;

import belonax.machine.Dial;

/**
 * The settings at which a strip is ever sewn: the dial's own steps, all but the outer ninth of its range at either end, where
 * a dial runs out. Source: docs/craft.md, "Balance".
 */
record DialSettings(double lowest, double step, int count) {
    private static final double OUTER = 1.0 / 9;
    private static final double NEARLY = 1e-6;
    /** A finer dial than this is looked at in coarser steps. */
    private static final int MOST = 400;

    static DialSettings of(Dial dial) {
        double outer = (dial.max() - dial.min()) * OUTER;
        int coarser = (int) Math.ceil((dial.max() - dial.min()) / dial.step() / MOST);
        double step = dial.step() * Math.max(1, coarser);
        int first = (int) Math.ceil(outer / step - NEARLY);
        int last = (int) Math.floor((dial.max() - dial.min() - outer) / step + NEARLY);
        // A dial with steps so coarse that none lies inside is used whole.
        int from = first <= last ? first : 0;
        int to = first <= last ? last : (int) Math.floor((dial.max() - dial.min()) / step + NEARLY);
        return new DialSettings(dial.min() + from * step, step, to - from + 1);
    }

    double highest() {
        return at(count - 1);
    }

    /** Tells whether a dial lies where strips are sewn, and not where it runs out. */
    boolean reaches(double dial) {
        return dial >= lowest - NEARLY && dial <= highest() + NEARLY;
    }

    /**
     * Returns the setting between two places at which balance is likeliest, or the nearest to them; of several alike the one
     * nearest to the middle of what is believed.
     */
    double best(DialPosterior posterior, double from, double to) {
        double middle = posterior.quantile(0.5);
        double best = lowest;
        double most = -1;
        for (int i = first(from, to); i <= last(from, to); i++) {
            double chance = posterior.chanceBalanced(at(i));
            boolean alike = Math.abs(chance - most) < NEARLY;
            if (alike ? Math.abs(at(i) - middle) < Math.abs(best - middle) : chance > most) {
                best = at(i);
                most = chance;
            }
        }
        return best;
    }

    /** Returns the setting nearest to a place. */
    double nearest(double place) {
        return at((int) Math.max(0, Math.min(count - 1, Math.round((place - lowest) / step))));
    }

    /** The last setting where all lie below, so that one is always left. */
    private int first(double from, double to) {
        int above = (int) Math.ceil((Math.min(from, to) - lowest) / step - NEARLY);
        return Math.max(0, Math.min(count - 1, above));
    }

    private int last(double from, double to) {
        int below = (int) Math.floor((to - lowest) / step + NEARLY);
        return Math.max(first(from, to), Math.min(count - 1, below));
    }

    private double at(int i) {
        return Math.round((lowest + i * step) * 1e9) / 1e9;
    }
}
