package belonax.match;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.JobBuilder;
import belonax.hazard.Purpose;
import belonax.hazard.Verdict;
import belonax.match.MatchRequest.TwinWish;
import belonax.thread.SewingThread;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What helps where every needle is one to avoid. */
class WaysOutTest {
    private static final NeedleMatcher MATCHER = NeedleMatcher.standard();

    @ParameterizedTest(name = "{0} {2}")
    @CsvSource(delimiter = '|', textBlock = """
            jersey-bamboo        | 2 | HEM        | 2   | 25 | 0  | Take needles that stand another distance apart: the stretch twin 2.5 mm, 75/11 is good then.
            jersey-bamboo        | 2 | HEM        | 2   | 25 | 0  | Sew the lines one after another with a single needle: the stretch 90/14 is good then.
            hessian              | 1 | BAR_TACK   | 2.5 | 30 | 0  | Take a single needle: the universal 90/14 is good then.
            webbing-nylon        | 3 | TOPSTITCH  |     | 40 | 6  | Stop before the crossing and close the gap by hand: the jeans 120/19 can pass then.
            upholstery-chenille  | 4 | ROLLED_HEM |     | 25 | 0  | Turn the edge and sew a plain hem instead of a rolled hem: the jeans 110/18 is good then.
            denim-stretch        | 4 | COUCHING   | 2   | 60 | 0  | Sew fewer layers at once, 1 of stretch denim: the universal twin 2 mm, 80/12 can pass then.
            """)
    void a_change_that_is_enough_is_told_with_the_needle_that_sews_it_then(
            String cloth,
            int layers,
            Purpose purpose,
            @Nullable Double spacingMm,
            double tex,
            int crossing,
            String way) {
        Match match = MATCHER.match(asked(cloth, layers, purpose, spacingMm, tex, crossing));

        assertThat(match.best().verdict()).isEqualTo(Verdict.AVOID);
        assertThat(match.waysOut().orElseThrow().together()).isFalse();
        assertThat(match.waysOut().orElseThrow().ways()).contains(way);
        assertThat(match.warnings()).contains(way);
    }

    @Test
    void changes_that_are_not_enough_alone_are_told_together() {
        WaysOut out = MATCHER.match(asked("tapestry", 2, Purpose.ROLLED_HEM, 1.6, 16, 7))
                .waysOut()
                .orElseThrow();

        assertThat(out.together()).isTrue();
        assertThat(out.enough())
                .containsExactly(
                        "Sew the lines one after another with a single needle.",
                        "Turn the edge and sew a plain hem instead of a rolled hem: the jeans 90/14 can pass then.");
    }

    @Test
    void a_needle_that_can_be_fitted_and_a_limit_with_a_way_out_of_its_own_need_none() {
        Match good = MATCHER.match(asked("poplin", 2, Purpose.SEAM, null, 25, 0));
        Match tooHigh = MATCHER.match(asked("canvas", 14, Purpose.SEAM, null, 25, 0));

        assertThat(good.waysOut()).isEmpty();
        assertThat(tooHigh.best().verdict()).isEqualTo(Verdict.AVOID);
        assertThat(tooHigh.limits().get(0).wayOut()).isNotEmpty();
        assertThat(tooHigh.waysOut()).isEmpty();
    }

    private static MatchRequest asked(
            String cloth, int layers, Purpose purpose, @Nullable Double spacingMm, double tex, int crossing) {
        Stack stack = Stack.of(ClothCatalogue.standard().find(cloth).orElseThrow(), layers);
        JobBuilder job = Job.sewing(stack, SewingThread.spunPolyester(tex)).purpose(purpose);
        MatchRequest request = MatchRequest.of((crossing == 0 ? job : job.crossingLayers(crossing)).build());
        return Optional.ofNullable(spacingMm)
                .map(value -> request.withTwin(new TwinWish(value, 2)))
                .orElse(request);
    }
}
