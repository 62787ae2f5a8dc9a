package belonax.web.shared.device;

import java.util.random.RandomGenerator;
import org.springframework.stereotype.Component;

/** Stands in for a kitchen scale: as if a swatch of 20 x 20 cm of some cloth lay on it. */
@Component
final class SimulatedKitchenScale implements KitchenScale {
    private static final double LIGHTEST_GSM = 40;
    private static final double HEAVIEST_GSM = 420;
    private static final double SWATCH_M2 = 0.04;

    private final RandomGenerator random;

    SimulatedKitchenScale(RandomGenerator random) {
        this.random = random;
    }

    @Override
    public double readGrams() {
        double gsm = LIGHTEST_GSM + (HEAVIEST_GSM - LIGHTEST_GSM) * random.nextDouble();
        return Math.max(stepGrams(), Math.rint(gsm * SWATCH_M2 / stepGrams()) * stepGrams());
    }

    @Override
    public double stepGrams() {
        return 1;
    }

    @Override
    public boolean isSimulated() {
        return true;
    }
}
