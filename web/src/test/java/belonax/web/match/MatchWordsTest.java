package belonax.web.match;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.JobBuilder;
import belonax.hazard.Purpose;
import belonax.hazard.Verdict;
import belonax.machine.FootLength;
import belonax.machine.MotorPower;
import belonax.match.Match;
import belonax.match.MatchRequest;
import belonax.match.NeedleMatcher;
import belonax.match.Recommendation;
import belonax.needle.NeedleType;
import belonax.room.settings.Units;
import belonax.thread.SewingThread;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** An answer in words and in bars, as Match shows it first. */
class MatchWordsTest {
    private static final ClothCatalogue CLOTHS = ClothCatalogue.standard();
    private static final NeedleMatcher MATCHER = NeedleMatcher.standard();

    private static JobBuilder job(String cloth, int layers, double tex) {
        return Job.sewing(Stack.of(CLOTHS.get(cloth), layers), SewingThread.spunPolyester(tex));
    }

    private static Match match(JobBuilder job) {
        return MATCHER.match(MatchRequest.of(job.build()));
    }

    @ParameterizedTest(name = "{1} layers of {0}: {3} {4}")
    @CsvSource(
            delimiter = '|',
            value = {
                "swim-knit       | 2 | 25 | Fit a   | stretch needle, 75/11",
                "quilting-cotton | 2 | 25 | Fit a   | universal needle, 80/12",
                "denim-heavy     | 2 | 40 | Fit a   | jeans needle, 100/16",
                "leather-garment | 2 | 40 | Fit a   | leather needle, 90/14"
            })
    void it_begins_with_the_needle_to_fit(String cloth, int layers, double tex, String lead, String needle) {
        Match match = match(job(cloth, layers, tex));

        assertThat(MatchWords.lead(match, false)).isEqualTo(lead);
        assertThat(MatchWords.headline(match)).isEqualTo(needle);
        assertThat(MatchWords.lead(match, true)).isEqualTo("Keep the");
    }

    @Test
    void what_stands_in_the_way_of_every_needle_comes_before_any() {
        Match tooMuch = match(job("webbing-nylon", 6, 80).power(MotorPower.LIGHT));

        assertThat(MatchWords.lead(tooMuch, true)).isEqualTo("Not like this:");
        assertThat(MatchWords.headline(tooMuch)).isIn("too high for the foot", "too much for the motor");
    }

    @Test
    void a_rope_on_top_is_told_as_too_thick_a_thread() {
        assertThat(MatchWords.headline(match(job("lawn", 2, 210)))).isEqualTo("too thick a thread on top");
    }

    @Test
    void good_is_kept_for_what_is_made_for_the_work() {
        Match match = match(job("quilting-cotton", 2, 25));
        Recommendation topstitch = match.all().stream()
                .filter(candidate ->
                        candidate.needle().type() == NeedleType.TOPSTITCH && candidate.verdict() == Verdict.GOOD)
                .findFirst()
                .orElseThrow();

        assertThat(MatchWords.verdict(match, match.best())).isEqualTo("good");
        assertThat(MatchWords.verdict(match, topstitch)).isEqualTo("does as well");
    }

    @Test
    void what_to_start_with_names_stitch_pressure_foot_and_dial_and_what_the_foot_makes_of_the_length() {
        Match match = match(job("single-jersey", 2, 25));

        assertThat(MatchWords.start(match, Optional.empty(), Optional.empty(), Units.METRIC))
                .startsWith("Zigzag 2.5 mm, 0.5 mm wide · light pressure, standard foot · start the dial near ");
        assertThat(MatchWords.start(
                        match, Optional.of(new FootLength("standard foot", 0.8)), Optional.empty(), Units.METRIC))
                .startsWith("Zigzag 2.5 mm, set 3.1 under the standard foot, 0.5 mm wide");
        assertThat(MatchWords.start(match, Optional.empty(), Optional.empty(), Units.IMPERIAL))
                .startsWith("Zigzag 10 stitches per inch (2.5)");
        assertThat(MatchWords.start(match, Optional.empty(), Optional.of(4.25), Units.METRIC))
                .endsWith("dial at 4¼, proven here");
    }

    @Test
    void kinds_that_are_ruled_out_are_told_in_one_line() {
        assertThat(MatchWords.ruledOut(match(job("swim-knit", 2, 25)))).endsWith(" needles ruled out: why");
        assertThat(MatchWords.ruledOut(match(job("swim-knit", 2, 25)))).contains(" and ");
    }

    @ParameterizedTest(name = "{0}: {1}, {2} px, high {3}")
    @CsvSource({
        "0,     < 1 in 100, 2,    false",
        "0.004, < 1 in 100, 2,    false",
        "0.02,  2 in 100,   2.56, false",
        "0.15,  15 in 100,  19.2, true",
        "0.5,   50 in 100,  64,   true",
        "1,     100 in 100, 64,   true"
    })
    void a_chance_is_a_number_and_a_bar(double chance, String words, double px, boolean high) {
        assertThat(HazardRow.Chance.of(chance)).isEqualTo(new HazardRow.Chance(words, px, high));
    }

    @Test
    void five_hazards_stand_in_one_order_with_the_needle_in_the_machine_beside_them() {
        Match match = match(job("poplin", 2, 25));
        List<HazardRow> alone = HazardRow.of(match.best().hazards(), Optional.empty());
        List<HazardRow> beside = HazardRow.of(
                match.best().hazards(), Optional.of(match.all().get(3).hazards()));

        assertThat(alone).extracting(HazardRow::words).contains("holes").hasSize(5);
        assertThat(alone).allMatch(hazardRow -> hazardRow.fitted() == null);
        assertThat(beside).allMatch(hazardRow -> hazardRow.fitted() != null);
    }

    @Test
    void portraits_show_different_points_the_best_first_and_the_usual_mistake_last() {
        List<PortraitShown> shown = PortraitShown.of(match(job("swim-knit", 2, 25)), List.of());

        assertThat(shown.get(0).isBest()).isTrue();
        assertThat(shown)
                .hasSizeLessThanOrEqualTo(3)
                .extracting(PortraitShown::name)
                .doesNotHaveDuplicates();
        assertThat(shown.get(shown.size() - 1))
                .returns("Universal", PortraitShown::name)
                .returns("avoid", PortraitShown::verdict)
                .returns(null, PortraitShown::word);
    }

    @Test
    void twins_are_drawn_wider_so_fewer_stand_side_by_side() {
        List<PortraitShown> shown = PortraitShown.of(
                match(job("single-jersey", 2, 25).purpose(Purpose.HEM).slotMm(9)), List.of());

        assertThat(shown).isNotEmpty().hasSizeLessThanOrEqualTo(3);
        assertThat(shown.stream()
                        .mapToInt(portraitShown -> portraitShown.drawing().widthPx() + 26)
                        .sum())
                .isLessThanOrEqualTo(520);
    }
}
