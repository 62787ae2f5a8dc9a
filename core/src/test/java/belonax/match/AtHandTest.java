package belonax.match;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Hazard;
import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.match.SpoolRank.Spool;
import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleSize;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.Tex;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What lies at hand comes first where it does nearly as well; what scraps showed counts; which spool suits. */
class AtHandTest {
    private static final ClothCatalogue CLOTHS = ClothCatalogue.standard();
    private static final NeedleMatcher MATCHER = NeedleMatcher.standard();

    private static Job job(String cloth, Purpose purpose) {
        return Job.sewing(Stack.of(CLOTHS.get(cloth), 2), SewingThread.spunPolyester(25))
                .purpose(purpose)
                .build();
    }

    private static Match match(String cloth) {
        return MATCHER.match(MatchRequest.of(job(cloth, Purpose.SEAM)));
    }

    @Test
    void a_needle_at_hand_comes_first_only_where_it_does_nearly_as_well() {
        for (String cloth :
                List.of("poplin", "canvas", "denim-heavy", "single-jersey", "velvet", "softshell", "lawn")) {
            Match match = match(cloth);
            Recommendation best = match.best();
            for (Recommendation candidate : match.recommendations()) {
                Recommendation first = match.preferring(Optional.empty(), List.of(candidate.needle()))
                        .best();
                boolean nearly = candidate.verdict() == best.verdict()
                        && match.isMadeFor(candidate) == match.isMadeFor(best)
                        && candidate.expectedHarm() <= best.expectedHarm() + 0.05;
                assertThat(first.needle()).as(cloth).isEqualTo(nearly ? candidate.needle() : best.needle());
                assertThat(match.preferring(Optional.empty(), List.of(candidate.needle()))
                                .recommendations())
                        .containsExactlyInAnyOrderElementsOf(match.recommendations());
            }
        }
    }

    @Test
    void the_fitted_needle_stays_unless_it_is_worn() {
        Match match = match("poplin");
        MatchRequest request = MatchRequest.of(job("poplin", Purpose.SEAM));
        Needle second = match.recommendations().stream()
                .skip(1)
                .filter(candidate -> candidate.verdict() == match.best().verdict()
                        && match.isMadeFor(candidate)
                        && candidate.expectedHarm() <= match.best().expectedHarm() + 0.03)
                .findFirst()
                .orElseThrow()
                .needle();
        SetupCheck check = new SetupCheck(MATCHER);

        assertThat(match.preferring(Optional.of(check.check(request, NeedleInUse.fresh(second))), List.of())
                        .best()
                        .needle())
                .isEqualTo(second);
        assertThat(match.preferring(Optional.of(check.check(request, new NeedleInUse(second, 9, false))), List.of())
                        .best()
                        .needle())
                .isEqualTo(match.best().needle());
    }

    @Test
    void neighbours_are_the_sizes_beside_the_advised_one() {
        Match match = match("canvas");
        int nm = match.best().needle().size().nm();

        assertThat(match.neighbours()).isNotEmpty().allSatisfy(candidate -> {
            assertThat(candidate.needle().type())
                    .isEqualTo(match.best().needle().type());
            assertThat(Math.abs(candidate.needle().size().nm() - nm)).isBetween(5, 10);
        });
    }

    @Test
    void what_a_scrap_showed_moves_the_next_answer_and_is_told() {
        Match before = match("poplin");
        Needle best = before.best().needle();
        MatchRequest request = MatchRequest.of(job("poplin", Purpose.SEAM))
                .withScraps(List.of(new Scrap(best.type(), best.size(), Scrap.Showed.HOLES)));

        Recommendation now =
                new SetupCheck(MATCHER).check(request, NeedleInUse.fresh(best)).judged();
        assertThat(now.hazards().of(Hazard.MARK))
                .isGreaterThan(2 * before.best().hazards().of(Hazard.MARK));
        assertThat(now.reasons().get(0).text())
                .isEqualTo("A " + best.type().words() + " " + best.size() + " left holes that show on your scrap.");
        assertThat(MATCHER.match(request).best().needle()).isNotEqualTo(best);
        assertThat(new Scrap(best.type(), best.size(), Scrap.Showed.BENT).speaksOf(best.type(), NeedleSize.NM_120))
                .as("a bent blade says nothing of thicker ones")
                .isFalse();
    }

    @Test
    void a_spool_is_chosen_by_fibre_then_by_shade() {
        List<Spool> spools = List.of(
                new Spool(thread(Fibre.COTTON, 25), "crimson"),
                new Spool(thread(Fibre.POLYESTER, 25), "moss green"),
                new Spool(thread(Fibre.POLYESTER, 25), "crimson"),
                new Spool(thread(Fibre.RAYON, 25), "crimson"));

        List<SpoolRank> forKnit = SpoolRank.rank(job("swim-knit", Purpose.SEAM), "acrobat's suit, crimson", spools);

        assertThat(forKnit.get(0).spool()).isEqualTo(2);
        assertThat(forKnit.get(0).why()).isEqualTo("gives with the cloth; the cloth's own colour");
        assertThat(forKnit).filteredOn(spoolRank -> spoolRank.spool() == 0).allSatisfy(spoolRank -> {
            assertThat(spoolRank.suits()).isFalse();
            assertThat(spoolRank.why()).isEqualTo("cotton does not give with this cloth: the seam pops");
        });
        assertThat(SpoolRank.rank(job("quilting-cotton", Purpose.PIECING), "quilting cotton", spools))
                .filteredOn(spoolRank -> spoolRank.spool() == 0)
                .allSatisfy(spoolRank -> assertThat(spoolRank.why()).isEqualTo("cotton is customary for piecing"));
    }

    @Test
    void what_is_seen_takes_a_thread_that_is_seen_and_a_seam_hides_it() {
        List<Spool> spools = List.of(
                new Spool(thread(Fibre.POLYESTER, 25), "navy"), new Spool(thread(Fibre.POLYESTER, 100), "rope orange"));

        assertThat(SpoolRank.rank(job("denim-mid", Purpose.TOPSTITCH), "denim", spools)
                        .get(0)
                        .why())
                .isEqualTo("thick, made to be seen");
        assertThat(SpoolRank.rank(job("poplin", Purpose.SEAM), "poplin", spools)
                        .get(1)
                        .why())
                .isEqualTo("thick for this cloth: for lines that are seen");
    }

    @Test
    void plain_cloth_takes_a_shade_lighter_and_a_print_a_shade_darker() {
        List<Spool> spools = List.of(
                new Spool(thread(Fibre.POLYESTER, 25), "dark grey"),
                new Spool(thread(Fibre.POLYESTER, 25), "light grey"));
        Job seam = job("poplin", Purpose.SEAM);

        assertThat(SpoolRank.rank(seam, "grey poplin", spools).get(0).why()).isEqualTo("a shade lighter");
        assertThat(SpoolRank.rank(seam, "grey print", spools).get(0).why()).isEqualTo("a shade darker");
    }

    private static SewingThread thread(Fibre fibre, double tex) {
        return new SewingThread(new Tex(tex), fibre, Build.SPUN, OptionalDouble.empty(), Quality.GOOD, false);
    }
}
