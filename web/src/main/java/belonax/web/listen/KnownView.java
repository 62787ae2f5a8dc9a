package belonax.web.listen;

import belonax.room.Words;
import belonax.room.sound.SoundLog.Known;
import java.util.List;
import java.util.Locale;

/**
 * What was heard of a machine before.
 *
 * @param lines each time, the newest first
 * @param speed how fast it is sewn on; empty where not enough was heard
 * @param knock what is known of a fresh needle on such cloth
 */
public record KnownView(List<Line> lines, String speed, String knock) {
    static final String NO_FRESH_NEEDLE =
            "How a fresh needle knocks on such cloth is not known yet: it is learnt with the next one.";

    /** One time. */
    public record Line(String day, String stitches, String minutes, String perMinute, String on) {}

    static KnownView of(Known known) {
        return new KnownView(
                known.times().stream()
                        .map(time -> new Line(
                                Words.date(time.day()),
                                String.format(Locale.ROOT, "%,.0f", time.heard().stitches()),
                                Words.clock(Math.round(time.heard().minutes() * 60)),
                                String.format(Locale.ROOT, "%.0f", time.heard().perMinute()),
                                time.heard().on() == null ? "" : time.heard().on()))
                        .toList(),
                known.stitchesPerMinute().isEmpty()
                        ? ""
                        : String.format(
                                Locale.ROOT,
                                "You sew %.0f stitches a minute on it, guiding and turning included; plans reckon with that.",
                                known.stitchesPerMinute().get()),
                known.freshKnock().isEmpty()
                        ? NO_FRESH_NEEDLE
                        : "A fresh needle's knock on such cloth is known, and each later one is held against it.");
    }
}
