package belonax.web.listen;

import belonax.room.Words;
import belonax.room.sound.Listened;
import belonax.sound.Heard;
import belonax.sound.KnockWatch;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a listening came to, to be counted or thrown away.
 *
 * @param headline stitches and time
 * @param line speed and how sure it is
 * @param knock what is told of the needle
 * @param knocksMore whether to listen to it
 * @param alarm empty where nothing had to be looked at
 * @param isEnough whether it can be counted
 */
public record ResultView(
        UUID id,
        boolean isSimulated,
        boolean isThrownAway,
        boolean isCounted,
        boolean isEnough,
        String headline,
        String line,
        String knock,
        boolean knocksMore,
        String alarm,
        SpeedChart chart) {
    private static final String SLOW =
            "Single and slow stitches, under three a second, are not told from other sounds.";

    static @Nullable ResultView of(@Nullable Listening listening) {
        return listening == null ? null : made(listening);
    }

    private static ResultView made(Listening listening) {
        Heard heard = listening.heard();
        boolean isEnough = Listened.isEnough(heard);
        return new ResultView(
                listening.id(),
                listening.isSimulated(),
                listening.isThrownAway(),
                listening.countedAs().isPresent(),
                isEnough,
                isEnough
                        ? NowView.stitches(heard) + " in " + Words.clock(Math.round(heard.seconds()))
                        : "No machine was heard" + (heard.stitches() > 0 ? " for long enough" : ""),
                isEnough
                        ? String.format(
                                Locale.ROOT,
                                "%.0f a minute while it ran; the count is %s.",
                                heard.perMinute(),
                                heard.certainty().words())
                        : SLOW,
                isEnough ? knock(listening) : "",
                listening.hasKnockedMore(),
                heard.alarm().words(),
                SpeedChart.of(listening.speeds()));
    }

    private static String knock(Listening listening) {
        if (listening.hasKnockedMore()) {
            return KnockWatch.WORDS;
        }
        if (listening.isFresh()) {
            return "This needle is fresh: how it knocks is learnt when you count it, and later ones are held against it.";
        }
        if (listening.knowsFresh()) {
            return listening.couldCompare()
                    ? "No more knock than with the fresh needle, as far as it was heard."
                    : "Too few stitches stood out of the room to compare the needle’s knock.";
        }
        return KnownView.NO_FRESH_NEEDLE;
    }
}
