package belonax.balance;

import belonax.BadInput;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.Tex;
import java.util.OptionalDouble;

/**
 * A balance that was found on this machine before.
 *
 * @param dial where it stood, 0 to 20
 * @param stackMm thickness of what was sewn in millimetres, above 0 and at most 60
 * @param stitchWidthMm 0 to 12
 */
public record PastBalance(double dial, double stackMm, Tex top, double stitchWidthMm, Build topBuild) {
    public PastBalance {
        BadInput.unless(
                dial >= 0 && dial <= 20, "past", () -> "A dial stands between 0 and 20. Look the balance up again.");
        BalanceSetup.checkStack("past", stackMm, stitchWidthMm);
    }

    /** Returns the thread as far as it is known: the fibre is told by the build alone. */
    SewingThread thread() {
        return new SewingThread(top, Fibre.POLYESTER, topBuild, OptionalDouble.empty(), Quality.GOOD, false);
    }
}
