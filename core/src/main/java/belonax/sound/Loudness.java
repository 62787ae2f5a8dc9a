package belonax.sound;

import belonax.BadInput;

/**
 * Five milliseconds of sound, of which nothing can be heard any more. Source: docs/craft.md, "Listening".
 *
 * @param loud root mean square between 200 Hz and 6 kHz, 0 to 1 where 1 is all that a microphone can tell
 * @param bright the same above 2 kHz
 */
public record Loudness(double loud, double bright) {
    /** Steps of one second. */
    public static final int PER_SECOND = 200;

    private static final double MOST = 4;

    /** @throws BadInput if either is no loudness */
    public Loudness {
        BadInput.unless(
                loud >= 0 && loud <= MOST && bright >= 0 && bright <= MOST,
                "steps",
                () -> "A loudness is a number from 0 to 1. Listen again from the beginning.");
    }
}
