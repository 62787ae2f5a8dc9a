package belonax.balance;

import belonax.BadInput;
import belonax.Shown;
import belonax.balance.BobbinPull.Pull;
import org.jspecify.annotations.Nullable;

/**
 * What a test of the bobbin's pull gave.
 *
 * @param slipCm how far the hanging case slipped, 0 to 60 cm; null when it was not measured
 * @param grams what a gauge read, 1 to 300 g; null when there was none
 * @param slotBefore where the marked end of the larger screw's slot stood, 0 to 7 eighths of a turn clockwise from the top;
 *     null when it was not looked at
 * @param turned by how many eighths it was turned, clockwise, which is tighter, -4 to 4
 */
public record PullMeasured(
        Pull pull,
        @Nullable Double slipCm,
        @Nullable Double grams,
        @Nullable Integer slotBefore,
        int turned) {

    private static final int EIGHTHS = 8;
    private static final int HALF_A_TURN = 4;

    public PullMeasured {
        BadInput.unless(
                slipCm == null || slipCm >= 0 && slipCm <= 60,
                "slip",
                () -> "The case slips 0 to 60 cm. Measure how far it came down at one small jerk.");
        BadInput.unless(
                grams == null || grams >= 1 && grams <= 300,
                "grams",
                () -> "A gauge reads 1 to 300 g; 20 to 30 is usual. Leave it empty if you have none.");
        BadInput.unless(
                slotBefore == null || slotBefore >= 0 && slotBefore < EIGHTHS,
                "slot",
                () -> "The slot stands at one of eight places. Pick the one it points to.");
        BadInput.unless(
                Math.abs(turned) <= HALF_A_TURN,
                "turned",
                () -> "More than half a turn at once is not written down. Turn an eighth, and test again.");
        BadInput.unless(
                turned == 0 || slotBefore != null,
                "slot",
                () -> "Say where the slot stood before you turned it; else there is no way back.");
    }

    /** Returns what was found and done, such as “right, slipped 1 cm; turned an eighth tighter”. */
    public String words() {
        String found = pull.words()
                + (slipCm == null ? "" : ", slipped " + Shown.number(slipCm) + " cm")
                + (grams == null ? "" : ", " + Shown.number(grams) + " g");
        return turned == 0 ? found : found + "; turned " + turnedWords();
    }

    private String turnedWords() {
        int by = Math.abs(turned);
        return (by == 1 ? "an eighth" : by + " eighths") + (turned > 0 ? " tighter" : " looser");
    }

    /** Returns where the slot stands now, 0 to 7 eighths; null when it was not looked at. */
    public @Nullable Integer slotAfter() {
        return slotBefore == null ? null : Math.floorMod(slotBefore + turned, EIGHTHS);
    }
}
