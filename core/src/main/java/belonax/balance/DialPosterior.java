package belonax.balance;

import java.util.List;

/**
 * The posterior of the balanced dial and of how sharply this machine answers it, over a grid of both; every strip weighs
 * each point by the chance to read what was read. The order of the strips does not matter. Source: docs/craft.md, "Balance".
 */
public final class DialPosterior {
    private static final int PLACES = 181;
    private static final int SLOPES = 9;
    /** The balanced dial may lie beyond its ends, which is what a loose or a tight bobbin does. */
    private static final double BEYOND = 0.35;

    private static final double SLOPE_SPREAD = 0.35;
    /** Slope of the top pull over the dial, as a logarithm per number: the usual one. */
    private static final double USUAL_SLOPE = 0.36;
    /** A tenth of all rooms is stranger than the rest. */
    private static final double STRANGE = 0.1;

    private static final double STRANGER = 2.6;
    private final double first;
    private final double spacing;
    private final double[] slopes;
    /** For each slope the posterior chance that the balanced dial is at most at each place. */
    private final double[][] upTo;

    private DialPosterior(double first, double spacing, double[] slopes, double[][] weights) {
        this.first = first;
        this.spacing = spacing;
        this.slopes = slopes;
        this.upTo = weights;
        sumUp();
    }

    static DialPosterior of(BalanceSetup setup, DialPrior prior, List<Strip> strips, Readings readings) {
        double range = setup.dial().max() - setup.dial().min();
        double first = setup.dial().min() - BEYOND * range;
        double spacing = range * (1 + 2 * BEYOND) / (PLACES - 1);
        double[] slopes = new double[SLOPES];
        double usual = USUAL_SLOPE / StitchModel.width(setup.stackMm()) / setup.numberOnDial();
        double[][] weights = new double[SLOPES][PLACES];
        for (int g = 0; g < SLOPES; g++) {
            double away = (g - (SLOPES - 1) / 2.0) / 2;
            slopes[g] = usual * Math.exp(away * SLOPE_SPREAD);
            for (int i = 0; i < PLACES; i++) {
                weights[g][i] = bell(away) * bell(first + i * spacing, prior);
            }
        }
        for (Strip strip : strips) {
            weigh(weights, slopes, first, spacing, strip, readings);
        }
        return new DialPosterior(first, spacing, slopes, weights);
    }

    /** Returns the chance that this setting is truly balanced, 0 to 1. */
    public double chanceBalanced(double dial) {
        double chance = 0;
        for (int g = 0; g < slopes.length; g++) {
            double reach = StitchModel.HIDDEN / slopes[g];
            chance += upTo(g, dial + reach) - upTo(g, dial - reach);
        }
        return Math.max(0, Math.min(1, chance));
    }

    /** Returns the dial below which the balanced one lies with this chance, which is above 0 and below 1. */
    public double quantile(double chance) {
        double before = 0;
        for (int i = 0; i < PLACES; i++) {
            double now = 0;
            for (int g = 0; g < slopes.length; g++) {
                now += upTo[g][i];
            }
            if (now >= chance) {
                double part = now > before ? (chance - before) / (now - before) : 1;
                return first + (i - 0.5 + part) * spacing;
            }
            before = now;
        }
        return first + (PLACES - 1) * spacing;
    }

    /** Returns the chance that the balanced dial lies below this one. */
    public double chanceBelow(double dial) {
        double chance = 0;
        for (int g = 0; g < slopes.length; g++) {
            chance += upTo(g, dial);
        }
        return chance;
    }

    /** Returns how far the lock lies from the middle at a dial, as is believed: -1 to 1. */
    public double expectedLockDepth(double dial) {
        double depth = 0;
        for (int g = 0; g < slopes.length; g++) {
            double before = 0;
            for (int i = 0; i < PLACES; i++) {
                double weight = upTo[g][i] - before;
                before = upTo[g][i];
                depth += weight * StitchModel.lockDepth((dial - first - i * spacing) * slopes[g]);
            }
        }
        return depth;
    }

    private static void weigh(
            double[][] weights, double[] slopes, double first, double spacing, Strip strip, Readings readings) {
        if (strip.isNest()) {
            return; // It carries no word about the dial.
        }
        double[] chances = readings.of(strip);
        double most = 0;
        for (int g = 0; g < slopes.length; g++) {
            double[] row = weights[g];
            double at = ((strip.dial() - first) * slopes[g] + Readings.FAR) / Readings.FINENESS + 0.5;
            double by = spacing * slopes[g] / Readings.FINENESS;
            for (int i = 0; i < PLACES; i++) {
                int distance = (int) Math.max(0, Math.min(Readings.POINTS - 1, at - i * by));
                row[i] *= chances[distance];
                most = Math.max(most, row[i]);
            }
        }
        for (double[] row : weights) {
            for (int i = 0; i < PLACES; i++) {
                row[i] /= most; // Many strips would else come to less than a number can hold.
            }
        }
    }

    private void sumUp() {
        double all = 0;
        for (double[] row : upTo) {
            for (int i = 0; i < PLACES; i++) {
                all += row[i];
                if (i > 0) {
                    row[i] += row[i - 1];
                }
            }
        }
        for (double[] row : upTo) {
            for (int i = 0; i < PLACES; i++) {
                row[i] /= all;
            }
        }
    }

    private double upTo(int slope, double dial) {
        double at = (dial - first) / spacing + 0.5;
        if (at < 0) {
            return 0;
        }
        int i = (int) at;
        if (i >= PLACES) {
            return upTo[slope][PLACES - 1];
        }
        double before = i == 0 ? 0 : upTo[slope][i - 1];
        return before + (upTo[slope][i] - before) * (at - i);
    }

    private static double bell(double place, DialPrior prior) {
        double away = (place - prior.mean()) / prior.spread();
        return (1 - STRANGE) * bell(away) + STRANGE * bell(away / STRANGER) / STRANGER;
    }

    private static double bell(double away) {
        return Math.exp(-away * away / 2);
    }
}
