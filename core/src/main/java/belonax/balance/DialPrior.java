package belonax.balance;

import belonax.machine.DialGuide;
import java.util.List;

/**
 * Where the balanced dial is expected before the first strip: the guide's place for thread, stack and width, drawn towards
 * what this machine's own past says. A Bayesian linear regression with the guide's slopes ({@link DialGuide}) as its starting
 * point. Source: docs/craft.md, "Starting dial".
 *
 * @param mean expected balanced dial
 * @param spread standard deviation, above 0; both in the dial's own numbers
 */
record DialPrior(double mean, double spread) {
    /** A thicker thread in the bobbin drags more, so the top has to pull more. */
    private static final double BOBBIN_TWICE_AS_THICK = 0.3;

    /** How far machines differ in each of the guide's slopes. */
    private static final double[] MACHINES_DIFFER = {1.15, 0.25, 0.12, 0.08};
    /** A kept dial lies somewhere in the window that sews clean. */
    private static final double KEPT_WITHIN = 0.45;
    /** What no machine's past tells: today's spool and bobbin. */
    private static final double TODAY = 0.22;

    static DialPrior of(BalanceSetup setup, List<PastBalance> past) {
        double number = DialGuide.number(setup.dial());
        double band = DialGuide.usual(setup.dial());
        double[] slopes = DialGuide.slopes();
        double[][] covariance = new double[slopes.length][slopes.length];
        for (int i = 0; i < slopes.length; i++) {
            covariance[i][i] = MACHINES_DIFFER[i] * MACHINES_DIFFER[i];
        }
        for (PastBalance pastBalance : past) {
            double[] features =
                    DialGuide.features(pastBalance.thread(), pastBalance.stackMm(), pastBalance.stitchWidthMm());
            double seen = (pastBalance.dial() - band) / number - DialGuide.ofThread(pastBalance.thread());
            learn(slopes, covariance, features, seen);
        }
        double[] asked = DialGuide.features(setup.top(), setup.stackMm(), setup.stitchWidthMm());
        double mean = dot(slopes, asked) + DialGuide.ofThread(setup.top()) + bobbin(setup);
        double spread = Math.sqrt(dot(times(covariance, asked), asked) + TODAY * TODAY);
        return new DialPrior(band + mean * number, spread * number);
    }

    /** Takes one balance into account: the update of a Gaussian by one linear observation. */
    private static void learn(double[] slopes, double[][] covariance, double[] features, double seen) {
        double[] withSeen = times(covariance, features);
        double variance = dot(withSeen, features) + KEPT_WITHIN * KEPT_WITHIN;
        double residual = seen - dot(slopes, features);
        for (int i = 0; i < slopes.length; i++) {
            slopes[i] += withSeen[i] * residual / variance;
        }
        for (int i = 0; i < slopes.length; i++) {
            for (int j = 0; j < slopes.length; j++) {
                covariance[i][j] -= withSeen[i] * withSeen[j] / variance;
            }
        }
    }

    private static double bobbin(BalanceSetup setup) {
        return setup.bobbinThread()
                .map(thread -> BOBBIN_TWICE_AS_THICK
                        * Math.log(thread.tex().value() / setup.top().tex().value())
                        / Math.log(2))
                .map(value -> Math.max(-1, Math.min(1, value)))
                .orElse(0.0);
    }

    private static double[] times(double[][] matrix, double[] vector) {
        double[] product = new double[vector.length];
        for (int i = 0; i < vector.length; i++) {
            product[i] = dot(matrix[i], vector);
        }
        return product;
    }

    private static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }
}
