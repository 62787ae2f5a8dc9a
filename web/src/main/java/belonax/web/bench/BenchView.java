package belonax.web.bench;

import belonax.hazard.Hazard;
import belonax.hazard.Verdict;
import belonax.match.SetupCheck;
import belonax.room.Words;
import belonax.room.needle.NeedleRecord;
import belonax.room.settings.Units;
import belonax.web.shared.drawing.ClampedNeedle;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Ready to sew or not, with the needle drawn in its clamp and the chances for what is on the table. */
public record BenchView(
        String headline,
        boolean isReady,
        String needle,
        @Nullable String needleId,
        String advice,
        boolean changeNow,
        boolean findOut,
        String clothWords,
        String verdict,
        String why,
        List<HazardShown> hazards,
        List<HazardShown> seldom,
        @Nullable ClampedNeedle drawing,
        String worn,
        double wornPx,
        String wearSays,
        List<MissingShown> missing) {

    private static final double BAR_PX = 240;
    /** What happens less often than so many times in a hundred stands one press away. */
    private static final int SELDOM_BELOW = 5;

    /** A needle of which something is missing in the machine. */
    public record MissingShown(String needle, String words, boolean waits) {
        static List<MissingShown> of(BenchReadiness.Missing missing) {
            return missing.needles().stream()
                    .map(it -> new MissingShown(
                            it.id().toString(),
                            Words.capital(it.missing()) + " of the "
                                    + it.needle().words(),
                            it.waits()))
                    .toList();
        }
    }

    /** One chance. */
    public record HazardShown(String words, String chance, double barPx, boolean isHigh, boolean isSeldom) {}

    static BenchView of(BenchReadiness.Ready it, Units units) {
        if (it.fitted().isEmpty()) {
            return noNeedle(it);
        }
        BenchReadiness.Fitted fitted = it.fitted().get();
        NeedleRecord needle = fitted.needle();
        SetupCheck.Checked checked = fitted.checked();
        Map<Boolean, List<HazardShown>> bySeldom =
                hazards(checked).stream().collect(Collectors.partitioningBy(HazardShown::isSeldom));
        return new BenchView(
                it.missing().forbids()
                        ? "Not ready: a piece is missing"
                        : fitted.forbids().isPresent() ? "Not like this" : headline(fitted),
                fitted.isReady() && !it.missing().forbids(),
                Words.capital(needle.needle().words()),
                needle.id().toString(),
                fitted.retirement().reason(),
                fitted.isToBeChangedNow(),
                fitted.isToBeFoundOut(),
                it.stack().words(),
                checked.verdict().words(),
                units.say(fitted.forbids()
                        .map(limit -> limit.text() + " " + limit.wayOut())
                        .orElse(checked.why())),
                bySeldom.getOrDefault(false, List.of()),
                bySeldom.getOrDefault(true, List.of()),
                ClampedNeedle.of(needle.needle(), fitted.retirement().used()),
                String.format(
                        Locale.ROOT,
                        "%.1f h worked out, %.1f h on the clock",
                        needle.effectiveHours(),
                        needle.minutes() / 60),
                BAR_PX * Math.min(1, fitted.retirement().used()),
                "On this cloth an hour counts " + fitted.wear().factor() + ": "
                        + fitted.wear().reason(),
                MissingShown.of(it.missing()));
    }

    private static BenchView noNeedle(BenchReadiness.Ready it) {
        return new BenchView(
                "Not ready: no needle in the machine",
                false,
                "No needle",
                null,
                "Fit one, and Belonax counts its work from the first stitch.",
                true,
                false,
                it.stack().words(),
                "",
                "",
                List.of(),
                List.of(),
                null,
                "",
                0,
                "",
                MissingShown.of(it.missing()));
    }

    private static String headline(BenchReadiness.Fitted it) {
        if (it.isReady()) {
            return it.checked().verdict() == Verdict.GOOD ? "Ready to sew" : "Ready, with care";
        }
        return it.isToBeChangedNow()
                ? "Change the needle first"
                : it.isToBeFoundOut() ? "Find out why first" : "Not with this needle";
    }

    private static List<HazardShown> hazards(SetupCheck.Checked checked) {
        return Hazard.AS_MET.stream()
                .map(it -> {
                    double chance = checked.judged().hazards().of(it);
                    return new HazardShown(
                            it.calledBySewists(),
                            Words.chance(chance),
                            Math.max(2, BAR_PX * chance),
                            Hazard.isHigh(chance),
                            Math.round(chance * 100) < SELDOM_BELOW);
                })
                .toList();
    }
}
