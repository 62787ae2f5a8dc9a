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
                    .map(needleRecord -> new MissingShown(
                            needleRecord.id().toString(),
                            Words.capital(needleRecord.missing()) + " of the "
                                    + needleRecord.needle().words(),
                            needleRecord.waits()))
                    .toList();
        }
    }

    /** One chance. */
    public record HazardShown(String words, String chance, double barPx, boolean isHigh, boolean isSeldom) {}

    static BenchView of(BenchReadiness.Ready ready, Units units) {
        if (ready.fitted().isEmpty()) {
            return noNeedle(ready);
        }
        BenchReadiness.Fitted fitted = ready.fitted().get();
        NeedleRecord needle = fitted.needle();
        SetupCheck.Checked checked = fitted.checked();
        Map<Boolean, List<HazardShown>> bySeldom =
                hazards(checked).stream().collect(Collectors.partitioningBy(HazardShown::isSeldom));
        return new BenchView(
                ready.missing().forbids()
                        ? "Not ready: a piece is missing"
                        : fitted.forbids().isPresent() ? "Not like this" : headline(fitted),
                fitted.isReady() && !ready.missing().forbids(),
                Words.capital(needle.needle().words()),
                needle.id().toString(),
                fitted.retirement().reason(),
                fitted.isToBeChangedNow(),
                fitted.isToBeFoundOut(),
                ready.stack().words(),
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
                MissingShown.of(ready.missing()));
    }

    private static BenchView noNeedle(BenchReadiness.Ready ready) {
        return new BenchView(
                "Not ready: no needle in the machine",
                false,
                "No needle",
                null,
                "Fit one, and Belonax counts its work from the first stitch.",
                true,
                false,
                ready.stack().words(),
                "",
                "",
                List.of(),
                List.of(),
                null,
                "",
                0,
                "",
                MissingShown.of(ready.missing()));
    }

    private static String headline(BenchReadiness.Fitted fitted) {
        if (fitted.isReady()) {
            return fitted.checked().verdict() == Verdict.GOOD ? "Ready to sew" : "Ready, with care";
        }
        return fitted.isToBeChangedNow()
                ? "Change the needle first"
                : fitted.isToBeFoundOut() ? "Find out why first" : "Not with this needle";
    }

    private static List<HazardShown> hazards(SetupCheck.Checked checked) {
        return Hazard.AS_MET.stream()
                .map(hazard -> {
                    double chance = checked.judged().hazards().of(hazard);
                    return new HazardShown(
                            hazard.calledBySewists(),
                            Words.chance(chance),
                            Math.max(2, BAR_PX * chance),
                            Hazard.isHigh(chance),
                            Math.round(chance * 100) < SELDOM_BELOW);
                })
                .toList();
    }
}
