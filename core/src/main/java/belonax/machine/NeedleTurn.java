package belonax.machine;

import belonax.BadInput;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * What a needle does that is turned away from its right place. The loop stands out on the scarf's side, so what it offers
 * the hook shrinks with the cosine of the turn; the hook catches a loop from about half its width on, a little more or less
 * from stitch to stitch. At 0 degrees practically every loop is caught, at 45 about nine in ten, at a quarter turn or more
 * none. Source: docs/craft.md, "Fitting a needle".
 *
 * @param degreesOff 0 to 180
 */
public record NeedleTurn(int degreesOff) {
    private static final NormalDistribution NEEDED = NormalDistribution.of(0.52, 0.14);
    /** Successive multiples of the golden ratio spread stitches evenly without any randomness. */
    private static final double GOLDEN = 0.6180339887498949;

    public NeedleTurn {
        BadInput.unless(
                degreesOff >= 0 && degreesOff <= 180,
                "turn",
                () -> "A needle can stand 0 to 180 degrees off. Choose one of the drawn ones.");
    }

    /** Returns how much of the loop's width the hook is offered, 0 to 1. */
    public double loopOffered() {
        return degreesOff >= 90 ? 0 : Math.cos(Math.toRadians(degreesOff));
    }

    /** Returns the share of loops that the hook catches, 0 to 1. */
    public double caught() {
        return loopOffered() == 0 ? 0 : NEEDED.cumulativeProbability(loopOffered());
    }

    /** Returns a row of stitches: true where the hook caught its loop. */
    public List<Boolean> row(int stitches) {
        double caught = caught();
        List<Boolean> row = new ArrayList<>();
        for (int i = 1; i <= stitches; i++) {
            row.add(i * GOLDEN % 1 < caught);
        }
        return List.copyOf(row);
    }

    /** Returns what is seen and why, one or two sentences. */
    public String words() {
        if (degreesOff == 0) {
            return "Right: the scarf faces the hook, the loop stands out towards it, and every stitch locks.";
        }
        if (caught() > 0.99) {
            return "A little off: it still sews here, and it is the first to skip on knits and thick places.";
        }
        if (caught() > 0) {
            return "Off: the loop stands aside of the hook's point, and stitches are missed here and there, without a pattern.";
        }
        return degreesOff > 135
                ? "The wrong way round: the loop stands on the far side, no stitch locks, and the thread runs over the blade"
                        + " instead of in its groove."
                : "A quarter turn off: the loop stands beside the hook's path, and no stitch locks at all.";
    }
}
