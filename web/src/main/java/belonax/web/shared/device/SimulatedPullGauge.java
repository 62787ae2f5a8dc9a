package belonax.web.shared.device;

import java.util.random.RandomGenerator;
import org.springframework.stereotype.Component;

/** Stands in for a pull gauge: a hand that pulls a swatch firmly, never twice the same. */
@Component
final class SimulatedPullGauge implements PullGauge {
    private static final double USUAL_G = 220;
    private static final double STRAYS_G = 25;

    private final RandomGenerator random;

    SimulatedPullGauge(RandomGenerator random) {
        this.random = random;
    }

    @Override
    public double readGrams() {
        return Math.max(5, Math.rint(USUAL_G + STRAYS_G * random.nextGaussian()));
    }

    @Override
    public boolean isSimulated() {
        return true;
    }
}
