package belonax.match;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.JobBuilder;
import belonax.match.PacketPlan.Use;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.thread.NeedleNote;
import belonax.thread.SewingThread;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class PacketPlanTest {
    private static final ClothCatalogue CLOTHS = ClothCatalogue.standard();
    private static final NeedleMatcher MATCHER = NeedleMatcher.standard();

    @Test
    void every_use_is_good_with_a_packet_of_the_plan_or_one_in_the_drawer() {
        List<Use> uses = uses(
                "poplin", "quilting-cotton", "single-jersey", "swim-knit", "denim-heavy", "leather-garment", "lawn");
        Needle owned = Needle.of(NeedleSystem.H_130_705, NeedleType.JEANS, NeedleSize.NM_100);

        PacketPlan plan = PacketPlan.of(MATCHER, uses, List.of(owned));

        assertThat(plan.served()).extracting(Use::name).contains("denim-heavy");
        assertThat(plan.without()).isEmpty();
        for (PacketPlan.Packet packet : plan.packets()) {
            for (Use use : packet.serves()) {
                assertThat(MATCHER.good(use.request())).containsKey(packet.needle());
            }
        }
        assertThat(plan.mostWithFew())
                .isSorted()
                .last()
                .satisfies(number -> assertThat(number).isLessThanOrEqualTo(uses.size()));
    }

    @Test
    void the_last_cloth_that_wants_a_packet_of_its_own_is_named() {
        PacketPlan plan =
                PacketPlan.of(MATCHER, uses("poplin", "quilting-cotton", "shirting", "leather-garment"), List.of());

        assertThat(plan.words())
                .startsWith("1 packet covers 3 of the 4 things that you sew; leather-garment needs leather ");
    }

    @Test
    void a_use_that_no_needle_suits_is_told_apart() {
        Use fighting = new Use(
                "chiffon with topstitch thread",
                MatchRequest.of(Job.sewing(Stack.of(CLOTHS.get("chiffon"), 2), SewingThread.spunPolyester(100))
                        .build()));

        PacketPlan plan = PacketPlan.of(MATCHER, List.of(fighting), List.of());

        assertThat(plan.packets()).isEmpty();
        assertThat(plan.withoutWords()).contains("No needle is good for chiffon with topstitch thread");
    }

    /** The exact search against trying every subset, on made-up tables of what serves what. */
    @Test
    void no_smaller_choice_exists() {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(41);
        List<Needle> needles =
                belonax.needle.NeedleRange.standard().of(NeedleSystem.H_130_705).subList(0, 10);
        for (int round = 0; round < 200; round++) {
            List<Map<Needle, Double>> good = new ArrayList<>();
            for (int use = 0; use < 1 + random.nextInt(7); use++) {
                Map<Needle, Double> of = new HashMap<>();
                for (int i = 0; i < 1 + random.nextInt(3); i++) {
                    of.put(needles.get(random.nextInt(needles.size())), random.nextDouble());
                }
                good.add(of);
            }

            List<Needle> found = new SmallestCover(good).smallest();

            assertThat(good).as("round " + round).allMatch(map -> found.stream().anyMatch(map::containsKey));
            assertThat(found).as("round " + round).hasSize(fewestByTrying(good, needles));
        }
    }

    @Test
    void a_needle_on_no_list_is_offered_when_the_drawer_holds_it_and_never_across_systems() {
        Needle odd = Needle.of(NeedleSystem.H_130_705, NeedleType.QUILTING, NeedleSize.NM_80);
        Needle foreign = Needle.of(NeedleSystem.ELX705, NeedleType.QUILTING, NeedleSize.NM_80);
        MatchRequest request = request("batting-sandwich").withOwned(List.of(odd, foreign));

        assertThat(MATCHER.candidates(request).usable())
                .extracting(prediction -> prediction.needle().needle())
                .contains(odd)
                .doesNotContain(foreign);
    }

    @Test
    void what_the_spool_names_moves_the_ranking_a_little() {
        JobBuilder job = Job.sewing(Stack.of(CLOTHS.get("poplin"), 2), SewingThread.spunPolyester(25));
        NeedleNote note = new NeedleNote(Optional.of(NeedleType.UNIVERSAL), Optional.of(NeedleSize.NM_75));
        double without = harmOf75(MATCHER.match(MatchRequest.of(job.build())));

        Match with = MATCHER.match(MatchRequest.of(job.spoolNote(note).build()));

        assertThat(harmOf75(with)).isLessThan(without).isGreaterThan(without - 0.1);
        assertThat(with.recommendations())
                .filteredOn(candidate -> note.names(candidate.needle()))
                .allSatisfy(candidate -> assertThat(candidate.reasons())
                        .anyMatch(
                                reason -> reason.text().equals("The spool itself names this needle for its thread.")));
    }

    private static double harmOf75(Match match) {
        return match.recommendations().stream()
                .filter(candidate -> candidate
                        .needle()
                        .equals(Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_75)))
                .findFirst()
                .orElseThrow()
                .expectedHarm();
    }

    private static int fewestByTrying(List<Map<Needle, Double>> good, List<Needle> needles) {
        int fewest = Integer.MAX_VALUE;
        for (int subset = 1; subset < 1 << needles.size(); subset++) {
            int chosen = subset;
            boolean serves = good.stream()
                    .allMatch(of ->
                            of.keySet().stream().anyMatch(needle -> (chosen >> needles.indexOf(needle) & 1) == 1));
            fewest = serves ? Math.min(fewest, Integer.bitCount(subset)) : fewest;
        }
        return fewest;
    }

    private static List<Use> uses(String... cloths) {
        return Stream.of(cloths).map(text -> new Use(text, request(text))).toList();
    }

    private static MatchRequest request(String cloth) {
        return MatchRequest.of(Job.sewing(Stack.of(CLOTHS.get(cloth), 2), SewingThread.spunPolyester(25))
                .build());
    }
}
