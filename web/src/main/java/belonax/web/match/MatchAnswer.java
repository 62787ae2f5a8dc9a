package belonax.web.match;

import belonax.hazard.Limit;
import belonax.hazard.SizeWindow;
import belonax.hazard.Verdict;
import belonax.machine.FootKind;
import belonax.match.Conflict;
import belonax.match.FootAdvice;
import belonax.match.Match;
import belonax.match.SetupCheck;
import belonax.match.StartingDial;
import belonax.match.StitchAdvice;
import belonax.web.shared.api.NeedleAnswer;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** What {@code POST /match} answers; the names are the contract's. */
record MatchAnswer(
        WindowAnswer clothWindow,
        WindowAnswer threadWindow,
        double threadDiameterMm,
        @Nullable Conflict conflict,
        List<NeedleAnswer> recommendations,
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
                        .mapToObj(i ->
                                NeedleAnswer.of(i + 1, match.recommendations().get(i)))
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

    record FootAnswer(
            FootAdvice.@Nullable Pressure pressure,
            FootKind kind,
            @Nullable FootKind nextBest) {
        static FootAnswer of(FootAdvice foot) {
            return new FootAnswer(
                    foot.pressure().orElse(null), foot.kind(), foot.nextBest().orElse(null));
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
            NeedleAnswer.HazardsAnswer hazards,
            List<NeedleAnswer.ReasonAnswer> reasons,
            @Nullable NeedleAnswer better) {

        static CheckAnswer of(SetupCheck.Checked checked) {
            return new CheckAnswer(
                    checked.verdict(),
                    NeedleAnswer.HazardsAnswer.of(checked.judged().hazards()),
                    checked.judged().reasons().stream()
                            .map(NeedleAnswer.ReasonAnswer::of)
                            .toList(),
                    checked.better()
                            .map(candidate -> NeedleAnswer.of(null, candidate))
                            .orElse(null));
        }
    }
}
