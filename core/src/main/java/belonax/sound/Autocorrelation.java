package belonax.sound;

import org.jtransforms.fft.DoubleFFT_1D;

/**
 * How much a stretch of sound is like itself some steps later: its autocorrelation, by way of its power spectrum (Wiener and
 * Khinchin), each lag over as many products as it has.
 */
final class Autocorrelation {
    private final int length;
    private final double[] padded;
    private final DoubleFFT_1D fft;

    /** @param length the longest stretch that is looked at, in steps, a power of two */
    Autocorrelation(int length) {
        this.length = length;
        padded = new double[2 * length];
        fft = new DoubleFFT_1D(padded.length);
    }

    /**
     * Looks at a stretch.
     *
     * @param values as many as are looked at, at most the length
     * @param many how many of them
     */
    void look(double[] values, int many) {
        double mean = 0;
        for (int i = 0; i < many; i++) {
            mean += values[i] / many;
        }
        for (int i = 0; i < padded.length; i++) {
            padded[i] = i < many ? values[i] - mean : 0;
        }
        fft.realForward(padded);
        padded[0] *= padded[0];
        padded[1] *= padded[1];
        for (int i = 2; i < padded.length; i += 2) {
            padded[i] = padded[i] * padded[i] + padded[i + 1] * padded[i + 1];
            padded[i + 1] = 0;
        }
        fft.realInverse(padded, true);
        double all = padded[0];
        for (int lag = 0; lag < length; lag++) {
            padded[lag] = all <= 0 || lag >= many ? 0 : padded[lag] / all * many / (many - lag);
        }
    }

    /** Returns how alike the stretch is that many steps later, 1 for quite the same, about 0 for not at all. */
    double at(int lag) {
        return padded[lag];
    }

    /** Returns where, between the steps beside it, a peak stands: the top of a parabola through three. */
    double top(int lag) {
        double before = at(lag - 1);
        double after = at(lag + 1);
        double bend = before - 2 * at(lag) + after;
        double shift = bend >= 0 ? 0 : 0.5 * (before - after) / bend;
        return lag + Math.max(-0.5, Math.min(0.5, shift));
    }

    /** Returns how alike it is there. */
    double height(int lag) {
        double shift = top(lag) - lag;
        return at(lag) - 0.25 * (at(lag - 1) - at(lag + 1)) * shift;
    }

    /** Returns how alike it is around there, with lags a foot strays to. */
    double around(int lag) {
        int stray = Math.max(2, (int) (0.04 * lag));
        double sum = 0;
        for (int i = -stray; i <= stray; i++) {
            sum += at(lag + i);
        }
        return sum;
    }

    /** Returns the lag in that range, both ends included, at which it is most alike. */
    int best(int from, int to) {
        int best = from;
        for (int lag = from + 1; lag <= to; lag++) {
            if (at(lag) > at(best)) {
                best = lag;
            }
        }
        return best;
    }
}
