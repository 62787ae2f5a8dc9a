package belonax.life;

import belonax.BadInput;

/**
 * A life that is over, or still goes on.
 *
 * @param hours effective hours, above 0
 * @param failed true when the needle failed; false when it was retired sound, or is still in use: then all that is known is
 *     that it lasts longer
 */
public record ObservedLife(double hours, boolean failed) {
    public ObservedLife {
        BadInput.unless(hours > 0 && hours < 100_000, "hours", () -> "A life that counts has more than 0 hours.");
    }
}
