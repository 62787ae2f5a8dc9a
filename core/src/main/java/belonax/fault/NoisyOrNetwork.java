package belonax.fault;

import java.util.List;

/**
 * The posterior over sets of causes, since several at once are common. The model is the two-level noisy-or network of the
 * literature on diagnosis: causes come independently, and a clue, a symptom or what stands out at a glance, shows unless
 * every cause that is there and its leak fail to show it. It is summed exactly over all sets of causes by inclusion and
 * exclusion over the clues seen, the algorithm that D. Heckerman gave as “Quickscore” in 1989: time grows as two to their
 * number, which is why at most {@link #MOST} are weighed that way. Source: docs/craft.md, "Faults".
 */
final class NoisyOrNetwork {
    /** Clues that are weighed exactly; further ones would only repeat what these say. */
    static final int MOST = 8;

    private final double[] prior;
    /** For each clue seen and each cause the chance that the cause does not show it. */
    private final double[][] hides;

    /** For each clue seen the chance that it does not show by itself. */
    private final double[] noLeak;

    /**
     * Prepares the sums.
     *
     * @param prior chance of each cause before the clues, 0 to below 1
     * @param seen the clues, at most {@link #MOST}
     */
    NoisyOrNetwork(double[] prior, List<Cause> causes, List<Clue> seen) {
        this.prior = prior.clone();
        this.hides = new double[seen.size()][causes.size()];
        this.noLeak = new double[seen.size()];
        for (int s = 0; s < seen.size(); s++) {
            noLeak[s] = 1 - seen.get(s).leak();
            for (int c = 0; c < causes.size(); c++) {
                hides[s][c] = 1 - seen.get(s).shownBy(causes.get(c));
            }
        }
    }

    /**
     * Returns the chance of each cause, and for each group the chance that any of its causes is there.
     *
     * @param groups numbers of causes
     */
    Posterior posterior(List<int[]> groups) {
        int causes = prior.length;
        double all = 0;
        double[] with = new double[causes];
        double[] noneOf = new double[groups.size()];
        double[] ratio = new double[causes];
        double[] left = new double[causes];
        for (int set = 0; set < 1 << hides.length; set++) {
            double term = (Integer.bitCount(set) & 1) == 0 ? 1 : -1;
            for (int s = 0; s < hides.length; s++) {
                term *= (set >> s & 1) == 1 ? noLeak[s] : 1;
            }
            for (int c = 0; c < causes; c++) {
                double hidden = prior[c];
                for (int s = 0; s < hides.length; s++) {
                    hidden *= (set >> s & 1) == 1 ? hides[s][c] : 1;
                }
                double both = 1 - prior[c] + hidden;
                term *= both;
                ratio[c] = hidden / both;
                left[c] = (1 - prior[c]) / both;
            }
            all += term;
            for (int c = 0; c < causes; c++) {
                with[c] += term * ratio[c];
            }
            for (int g = 0; g < groups.size(); g++) {
                double none = term;
                for (int c : groups.get(g)) {
                    none *= left[c];
                }
                noneOf[g] += none;
            }
        }
        return new Posterior(divided(with, all), complements(noneOf, all));
    }

    /** Chances of causes, and of groups of them. */
    static final class Posterior {
        private final double[] causes;
        private final double[] groups;

        Posterior(double[] causes, double[] groups) {
            this.causes = causes;
            this.groups = groups;
        }

        double cause(int number) {
            return causes[number];
        }

        double group(int number) {
            return groups[number];
        }
    }

    private static double[] divided(double[] sums, double by) {
        double[] chances = new double[sums.length];
        for (int i = 0; i < sums.length; i++) {
            chances[i] = bounded(sums[i] / by);
        }
        return chances;
    }

    private static double[] complements(double[] sums, double by) {
        double[] chances = new double[sums.length];
        for (int i = 0; i < sums.length; i++) {
            chances[i] = bounded(1 - sums[i] / by);
        }
        return chances;
    }

    private static double bounded(double chance) {
        return Math.max(0, Math.min(1, chance));
    }
}
