package belonax.web.listen;

import belonax.room.Words;
import belonax.sound.Heard;
import belonax.sound.KnockWatch;
import java.util.Locale;
import java.util.UUID;

/**
 * What a sewist sees while it listens.
 *
 * @param received how many steps arrived
 * @param clock the time that the machine ran
 * @param line stitches and speed
 * @param state whether it runs, in words
 * @param knock empty where it knocks as with a fresh needle
 * @param alarm empty where nothing has to be looked at
 */
public record NowView(
        UUID id,
        long received,
        boolean isRunning,
        String clock,
        String line,
        String state,
        String knock,
        String alarm) {
    static NowView of(Listening listening) {
        Heard heard = listening.heard();
        return new NowView(
                listening.id(),
                listening.received(),
                heard.isRunning(),
                Words.clock(Math.round(heard.seconds())),
                stitches(heard),
                heard.isRunning()
                        ? String.format(Locale.ROOT, "Runs, %.1f stitches a second", heard.perSecond())
                        : "Stands",
                listening.hasKnockedMore() ? KnockWatch.WORDS : "",
                heard.alarm().words());
    }

    /** Returns the count in words, such as “1,240 stitches”. */
    static String stitches(Heard heard) {
        return String.format(Locale.ROOT, "%,.0f stitches", heard.stitches());
    }
}
