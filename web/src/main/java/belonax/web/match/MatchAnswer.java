package belonax.web.match;

import belonax.hazard.Hazards;
import belonax.hazard.Limit;
import belonax.hazard.Reason;
import belonax.hazard.SizeWindow;
import belonax.hazard.Verdict;
import belonax.machine.FootKind;
import belonax.match.Conflict;
import belonax.match.FootAdvice;
import belonax.match.Match;
import belonax.match.Recommendation;
import belonax.match.SetupCheck;
import belonax.match.StartingDial;
import belonax.match.StitchAdvice;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleType;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** What {@code POST /match} answers; the names are the contract's. */
record MatchAnswer(
        WindowAnswer clothWindow,
        WindowAnswer threadWindow,
        double threadDiameterMm,
        @Nullable Conflict conflict,
        List<RecommendationAnswer> recommendations,
        StitchAdvice stitch,
        FootAnswer foot,
        StartingDialAnswer startingDial,
        List<Limit> limits,
        List<String> warnings) {

    static MatchAnswer of(Match match) {
        return new MatchAnswer(
                WindowAnswer.of(match.clothWindow()),
                WindowAnswer.of(match.threadWindow()),
                match.job().threadDiameterMm(),
                match.conflict().orElse(null),
                IntStream.range(0, match.recommendations().size())
                        .mapToObj(i -> RecommendationAnswer.of(
                                i + 1, match.recommendations().get(i)))
                        .toList(),
                match.stitch(),
                FootAnswer.of(match.foot()),
                StartingDialAnswer.of(match.startingDial()),
                match.limits(),
                match.warnings());
    }

    record WindowAnswer(int min, int max) {
        static WindowAnswer of(SizeWindow window) {
            return new WindowAnswer(window.min().nm(), window.max().nm());
        }
    }

    record SizeAnswer(int nm, int trade) {
        static SizeAnswer of(NeedleSize size) {
            return new SizeAnswer(size.nm(), size.trade());
        }
    }

    record TwinAnswer(double spacingMm, NeedleType point) {
        static @Nullable TwinAnswer of(Needle needle) {
            return needle.twin()
                    .map(it -> new TwinAnswer(it.spacingMm(), it.point()))
                    .orElse(null);
        }
    }

    record HazardsAnswer(
            double skip,
            double shred,
            @JsonProperty("break") double breakage,
            double mark,
            double pucker) {
        static HazardsAnswer of(Hazards it) {
            return new HazardsAnswer(it.skip(), it.shred(), it.breakage(), it.mark(), it.pucker());
        }
    }

    record ReasonAnswer(String hazard, Direction direction, String text) {
        enum Direction {
            LOWERS,
            RAISES
        }

        static ReasonAnswer of(Reason reason) {
            return new ReasonAnswer(
                    reason.hazard().words(), reason.raises() ? Direction.RAISES : Direction.LOWERS, reason.text());
        }
    }

    /** One needle; its rank is left out where it stands alone. */
    record RecommendationAnswer(
            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            Integer rank,

            String system,
            NeedleType type,
            SizeAnswer size,
            @Nullable TwinAnswer twin,
            String label,
            Verdict verdict,
            double expectedHarm,
            HazardsAnswer hazards,
            List<ReasonAnswer> reasons) {

        static RecommendationAnswer of(@Nullable Integer rank, Recommendation it) {
            Needle needle = it.needle();
            return new RecommendationAnswer(
                    rank,
                    needle.system().label(),
                    needle.type(),
                    SizeAnswer.of(needle.size()),
                    TwinAnswer.of(needle),
                    needle.label(),
                    it.verdict(),
                    it.expectedHarm(),
                    HazardsAnswer.of(it.hazards()),
                    it.reasons().stream().map(ReasonAnswer::of).toList());
        }
    }

    record FootAnswer(
            FootAdvice.Pressure pressure,
            FootKind kind,
            @Nullable FootKind nextBest) {
        static FootAnswer of(FootAdvice foot) {
            return new FootAnswer(foot.pressure(), foot.kind(), foot.nextBest().orElse(null));
        }
    }

    record StartingDialAnswer(double lower, double upper, String note) {
        static StartingDialAnswer of(StartingDial dial) {
            return new StartingDialAnswer(dial.lower(), dial.upper(), dial.note());
        }
    }

    /** What {@code POST /match/check} answers. */
    record CheckAnswer(
            Verdict verdict,
            HazardsAnswer hazards,
            List<ReasonAnswer> reasons,
            @Nullable RecommendationAnswer better) {

        static CheckAnswer of(SetupCheck.Checked checked) {
            return new CheckAnswer(
                    checked.verdict(),
                    HazardsAnswer.of(checked.judged().hazards()),
                    checked.judged().reasons().stream().map(ReasonAnswer::of).toList(),
                    checked.better()
                            .map(it -> RecommendationAnswer.of(null, it))
                            .orElse(null));
        }
    }
}
