package belonax.balance;

import belonax.BadInput;
import belonax.thread.Build;
import belonax.thread.Tex;

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
}
