package belonax.match;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Layers;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.hazard.Reason;
import belonax.hazard.Verdict;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleRange;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.thread.SewingThread;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** How strict a verdict is, asked of the whole catalogue. Source: docs/craft.md, "Verdicts". */
@Tag("thorough")
class VerdictLawsTest {
    private static final NeedleMatcher MATCHER = NeedleMatcher.standard();
    private static final ClothCatalogue CLOTHS = ClothCatalogue.standard();
    private static final double[] TEXES = {16.7, 20, 25, 30, 35, 40, 60, 80};
    /** Log-odds beyond which a reason speaks so loudly against a needle that nobody would call it good. */
    private static final double LOUD = 2.2;

    private static final Map<NeedleType, List<NeedleInUse>> KINDS =
            NeedleRange.standard().of(NeedleSystem.H_130_705).stream()
                    .filter(needle -> !needle.type().isMultiple())
                    .sorted(Comparator.comparing(needle -> needle.size()))
                    .map(NeedleInUse::fresh)
                    .collect(Collectors.groupingBy(needle -> needle.needle().type()));

    static Stream<Cloth> carrying() {
        return CLOTHS.all().stream().filter(Cloth::carries);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("carrying")
    void from_size_to_size_a_verdict_has_one_hill_and_no_jump(Cloth cloth) {
        for (Job job : jobs(cloth)) {
            Candidates candidates = candidates(job);
            KINDS.forEach((type, sizes) -> {
                List<Verdict> verdicts = sizes.stream()
                        .map(needle -> candidates.verdict(candidates.with(needle)))
                        .toList();

                assertThat(isOneHill(verdicts))
                        .as("%s by size: %s, %s", type, verdicts, told(job))
                        .isTrue();
                assertThat(largestJump(verdicts))
                        .as("%s by size: %s, %s", type, verdicts, told(job))
                        .isLessThan(2);
            });
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("carrying")
    void a_verdict_agrees_with_the_reasons_beside_it(Cloth cloth) {
        for (Job job : jobs(cloth)) {
            for (Recommendation candidate : MATCHER.match(MatchRequest.of(job)).all()) {
                List<Reason> raising =
                        candidate.reasons().stream().filter(Reason::raises).toList();
                if (candidate.verdict() == Verdict.GOOD) {
                    assertThat(raising)
                            .as("%s is good, %s", candidate.needle(), told(job))
                            .allMatch(reason -> reason.weight() < LOUD);
                } else {
                    assertThat(candidate.prediction().deciding(candidate.verdict()))
                            .as("%s is %s, %s", candidate.needle(), candidate.verdict(), told(job))
                            .isNotEmpty();
                }
            }
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("carrying")
    void a_helper_never_adds_more_than_one_size_and_what_yields_adds_next_to_none(Cloth cloth) {
        Job alone = job(Stack.of(cloth, 2), 25, Purpose.SEAM);
        for (Cloth helper : CLOTHS.all()) {
            if (!helper.carries()) {
                Job helped = job(Stack.of(List.of(new Layers(cloth, 2), new Layers(helper, 1))), 25, Purpose.SEAM);
                double added = helped.clothWindow().step() - alone.clothWindow().step();

                assertThat(added).as(helper.name()).isBetween(0.0, helper.yields() ? 0.25 : 1 + 1e-9);
            }
        }
    }

    /** Better once and worse once at most. */
    private static boolean isOneHill(List<Verdict> verdicts) {
        int best = verdicts.indexOf(
                verdicts.stream().min(Comparator.naturalOrder()).orElseThrow());
        for (int i = 1; i < verdicts.size(); i++) {
            int worse = verdicts.get(i).compareTo(verdicts.get(i - 1));
            if (i <= best ? worse > 0 : worse < 0) {
                return false;
            }
        }
        return true;
    }

    private static int largestJump(List<Verdict> verdicts) {
        int largest = 0;
        for (int i = 1; i < verdicts.size(); i++) {
            int jump = Math.abs(verdicts.get(i).ordinal() - verdicts.get(i - 1).ordinal());
            largest = Math.max(largest, jump);
        }
        return largest;
    }

    private static List<Job> jobs(Cloth cloth) {
        List<Job> jobs = new ArrayList<>();
        for (int layers = 1; layers <= 4; layers++) {
            for (double tex : TEXES) {
                jobs.add(job(Stack.of(cloth, layers), tex, Purpose.SEAM));
            }
        }
        for (Purpose purpose : Purpose.values()) {
            jobs.add(job(Stack.of(cloth, 2), 25, purpose));
        }
        return jobs;
    }

    private static Candidates candidates(Job job) {
        return MATCHER.candidates(MatchRequest.of(job));
    }

    private static Job job(Stack stack, double tex, Purpose purpose) {
        return Job.sewing(stack, SewingThread.spunPolyester(tex))
                .purpose(purpose)
                .build();
    }

    private static String told(Job job) {
        return job.stack() + " with " + job.thread().words() + " for "
                + job.purpose().words();
    }
}
