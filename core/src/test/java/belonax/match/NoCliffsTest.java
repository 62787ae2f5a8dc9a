package belonax.match;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Hazard;
import belonax.hazard.HazardModel;
import belonax.hazard.Job;
import belonax.hazard.Outlook;
import belonax.hazard.Verdict;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleRange;
import belonax.needle.NeedleSystem;
import belonax.thread.SewingThread;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A tenth of a tex, a gram, a layer: nothing tips over. Asked of the whole catalogue. Source: docs/craft.md, "No cliffs". */
@Tag("thorough")
class NoCliffsTest {
    private static final NeedleMatcher MATCHER = NeedleMatcher.standard();
    private static final HazardModel MODEL = HazardModel.standard();
    private static final double[] TEXES = {16.7, 20, 25, 30, 40, 60, 80};
    private static final double SAME_HAZARD = 0.005;
    private static final double SAME_HARM = 0.015;
    private static final double BETTER_BY_A_LAYER = 0.02;
    private static final List<NeedleInUse> NEEDLES = NeedleRange.standard().of(NeedleSystem.H_130_705).stream()
            .filter(needle -> !needle.type().isMultiple())
            .map(NeedleInUse::fresh)
            .toList();

    static Stream<Cloth> cloths() {
        return ClothCatalogue.standard().all().stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cloths")
    void a_tenth_of_a_tex_and_a_gram_change_hardly_anything(Cloth cloth) {
        Cloth heavier =
                cloth.like().as(cloth.structure(), cloth.weightGsm() + 1).build();
        for (int layers = 1; layers <= 4; layers++) {
            for (double tex : TEXES) {
                Job job = job(cloth, layers, tex);
                String told = layers + " layers with tex " + tex;
                isNear(job, job(cloth, layers, tex + 0.1), told + " and a tenth");
                isNear(job, job(heavier, layers, tex), told + " and a gram");
            }
        }
    }

    /** Helpers lie under no seam by themselves. */
    static Stream<Cloth> carryingCloths() {
        return cloths().filter(Cloth::carries);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("carryingCloths")
    void another_layer_never_makes_it_better(Cloth cloth) {
        for (int layers = 2; layers < 6; layers++) {
            for (double tex : new double[] {16.7, 20, 25, 30}) {
                Job job = job(cloth, layers, tex);
                if (isThreadTooThick(job)) {
                    continue;
                }
                double harm = best(job).expectedHarm();
                double withOneMore = best(job(cloth, layers + 1, tex)).expectedHarm();

                assertThat(withOneMore)
                        .as("%d layers with tex %s, and one more", layers, tex)
                        .isGreaterThan(harm - BETTER_BY_A_LAYER);
            }
        }
    }

    private static void isNear(Job job, Job other, String told) {
        Outlook one = MODEL.outlook(job);
        Outlook two = MODEL.outlook(other);
        Candidates candidates = MATCHER.candidates(MatchRequest.of(job));
        for (NeedleInUse needle : NEEDLES) {
            if (candidates.verdict(one.with(needle)) == Verdict.AVOID) {
                continue;
            }
            for (Hazard hazard : Hazard.values()) {
                double moved = one.with(needle).hazards().of(hazard)
                        - two.with(needle).hazards().of(hazard);
                assertThat(Math.abs(moved))
                        .as("%s of %s, %s", hazard, needle.needle(), told)
                        .isLessThan(SAME_HAZARD);
            }
        }
        // Where a conflict or a verdict begins, another needle comes first; everywhere else the best answer stays as it
        // is.
        Recommendation best = best(job);
        Recommendation then = best(other);
        boolean sameVerdicts = best.verdict() == then.verdict()
                && best.needle().type() == then.needle().type()
                && job.windowsMissEachOther(0.40) == other.windowsMissEachOther(0.40);
        if (sameVerdicts) {
            assertThat(Math.abs(best.expectedHarm() - then.expectedHarm()))
                    .as("best harm, " + told)
                    .isLessThan(SAME_HARM);
        }
    }

    /** A thread that is tight in every size of a fine cloth gains by every layer: that is set aside. */
    private static boolean isThreadTooThick(Job job) {
        return job.threadWindow(0.40).minNm() > job.clothWindow().sizes().max().nm();
    }

    private static Recommendation best(Job job) {
        return MATCHER.match(MatchRequest.of(job)).best();
    }

    private static Job job(Cloth cloth, int layers, double tex) {
        return Job.sewing(Stack.of(cloth, layers), SewingThread.spunPolyester(tex))
                .build();
    }
}
