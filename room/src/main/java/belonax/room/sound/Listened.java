package belonax.room.sound;

import belonax.BadInput;
import belonax.sound.Heard;
import belonax.sound.Knock;
import java.util.Optional;

/**
 * What listening to a machine came to, before a sewist counts it.
 *
 * @param knock the middle of what was measured, where enough was
 */
public record Listened(Began began, Heard heard, Optional<Knock> knock) {
    /** Less is a knock on the table. */
    private static final double MIN_STITCHES = 20;

    /** @throws BadInput if too little was heard to be counted */
    public Listened {
        BadInput.unless(
                isEnough(heard),
                "machine",
                () -> "Fewer than twenty stitches were heard, too few to be sure of. Sew on, or use the clock.");
    }

    /** Tells whether enough was heard to be counted. */
    public static boolean isEnough(Heard heard) {
        return heard.stitches() >= MIN_STITCHES;
    }
}
