package belonax.web.shared.device;

import java.util.random.RandomGenerator;
import org.springframework.stereotype.Component;

/** Stands in for a stitch counter: as if a seam or two had been sewn since it was last read. */
@Component
final class SimulatedStitchCounter implements StitchCounter {
    private static final int FEWEST = 800;
    private static final int MOST = 9000;

    private final RandomGenerator random;

    SimulatedStitchCounter(RandomGenerator random) {
        this.random = random;
    }

    @Override
    public long readStitches() {
        return random.nextInt(FEWEST, MOST);
    }

    @Override
    public boolean isSimulated() {
        return true;
    }
}
