package belonax.web.listen;

import belonax.sound.Heard;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What a listening came to so far.
 *
 * @param received steps of five milliseconds
 * @param hasKnockedMore whether it once knocked more than with a fresh needle
 * @param knowsFresh whether there is a fresh needle to compare with
 * @param isFresh whether the needle is a fresh one itself, and nothing is known of another
 * @param couldCompare whether enough was heard to compare with it
 * @param countedAs the action by which it was counted
 * @param speeds stitches a second over time
 */
record Listening(
        UUID id,
        String machineId,
        boolean isSimulated,
        long received,
        Heard heard,
        boolean hasKnockedMore,
        boolean knowsFresh,
        boolean isFresh,
        boolean couldCompare,
        boolean isThrownAway,
        Optional<UUID> countedAs,
        List<Double> speeds) {}
