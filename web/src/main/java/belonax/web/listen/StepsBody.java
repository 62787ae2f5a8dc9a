package belonax.web.listen;

import belonax.BadInput;
import belonax.sound.Loudness;
import belonax.web.shared.api.ApiBody;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a tab tells of some seconds: how loud it was every five milliseconds, and how loud above 2 kHz. Nothing else of the sound leaves it.
 *
 * @param from how many steps it told before
 */
record StepsBody(
        @Nullable Long from,
        @Nullable List<Double> loud,
        @Nullable List<Double> bright) implements ApiBody {
    /** Half a minute. */
    private static final int MOST = 30 * Loudness.PER_SECOND;

    long place() {
        if (from == null) {
            throw new BadInput("from", "Say how many steps were told before.");
        }
        return from;
    }

    /** @throws BadInput if they cannot be loudnesses */
    List<Loudness> steps() {
        if (loud == null || bright == null || loud.size() != bright.size() || loud.size() > MOST) {
            throw new BadInput("loud", "Tell both loudnesses of each step, of half a minute at most.");
        }
        List<Loudness> steps = new ArrayList<>();
        for (int i = 0; i < loud.size(); i++) {
            steps.add(new Loudness(number(loud.get(i)), number(bright.get(i))));
        }
        return steps;
    }

    private static double number(@Nullable Double value) {
        return value == null ? -1 : value;
    }
}
