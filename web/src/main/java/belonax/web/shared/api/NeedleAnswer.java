package belonax.web.shared.api;

import belonax.hazard.Hazards;
import belonax.hazard.Reason;
import belonax.hazard.Verdict;
import belonax.match.Recommendation;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleType;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One needle with its verdict, wherever the JSON interface names one; its rank is left out where it stands alone. */
public record NeedleAnswer(
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Integer rank,

        String system,
        NeedleType type,
        SizeAnswer size,
        @Nullable TwinAnswer twin,
        String label,
        Verdict verdict,
        double expectedHarm,
        HazardsAnswer hazards,
        List<ReasonAnswer> reasons) {

    public static NeedleAnswer of(@Nullable Integer rank, Recommendation candidate) {
        Needle needle = candidate.needle();
        return new NeedleAnswer(
                rank,
                needle.system().label(),
                needle.type(),
                SizeAnswer.of(needle.size()),
                TwinAnswer.of(needle),
                needle.label(),
                candidate.verdict(),
                candidate.expectedHarm(),
                HazardsAnswer.of(candidate.hazards()),
                candidate.reasons().stream().map(ReasonAnswer::of).toList());
    }

    public record SizeAnswer(int nm, int trade) {
        public static SizeAnswer of(NeedleSize size) {
            return new SizeAnswer(size.nm(), size.trade());
        }
    }

    public record TwinAnswer(double spacingMm, NeedleType point) {
        public static @Nullable TwinAnswer of(Needle needle) {
            return needle.twin()
                    .map(twin -> new TwinAnswer(twin.spacingMm(), twin.point()))
                    .orElse(null);
        }
    }

    public record HazardsAnswer(
            double skip,
            double shred,
            @JsonProperty("break") double breakage,
            double mark,
            double pucker) {
        public static HazardsAnswer of(Hazards hazards) {
            return new HazardsAnswer(
                    hazards.skip(), hazards.shred(), hazards.breakage(), hazards.mark(), hazards.pucker());
        }
    }

    public record ReasonAnswer(String hazard, Direction direction, String text) {
        public enum Direction {
            LOWERS,
            RAISES
        }

        public static ReasonAnswer of(Reason reason) {
            return new ReasonAnswer(
                    reason.hazard().words(), reason.raises() ? Direction.RAISES : Direction.LOWERS, reason.text());
        }
    }
}
