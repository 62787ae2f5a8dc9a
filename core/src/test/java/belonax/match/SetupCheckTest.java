package belonax.match;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.Verdict;
import belonax.match.MatchRequest.Proven;
import belonax.match.SetupCheck.Checked;
import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.thread.SewingThread;
import java.util.List;
import org.junit.jupiter.api.Test;

class SetupCheckTest {
    private static final SetupCheck CHECK = new SetupCheck(NeedleMatcher.standard());
    private static final Needle UNIVERSAL_80 =
            Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_80);

    @Test
    void a_fresh_needle_that_suits_is_good_and_nothing_better_is_offered() {
        Checked checked = CHECK.check(on("quilting-cotton"), NeedleInUse.fresh(UNIVERSAL_80));

        assertThat(checked.verdict()).isEqualTo(Verdict.GOOD);
        assertThat(checked.better()).isEmpty();
    }

    @Test
    void the_same_needle_on_a_swim_knit_is_to_be_avoided_for_a_stretch_needle() {
        Checked checked = CHECK.check(on("swim-knit"), NeedleInUse.fresh(UNIVERSAL_80));

        assertThat(checked.verdict()).isEqualTo(Verdict.AVOID);
        assertThat(checked.why())
                .isEqualTo("A universal needle skips on a knit that gives 90 %: take a jersey or stretch needle.");
        assertThat(checked.better().orElseThrow().needle().words()).isEqualTo("stretch 75/11");
    }

    @Test
    void wear_caps_the_verdict_at_8_and_at_14_hours() {
        MatchRequest cotton = on("quilting-cotton");

        assertThat(CHECK.check(cotton, used(UNIVERSAL_80, 3)).verdict()).isEqualTo(Verdict.GOOD);
        assertThat(CHECK.check(cotton, used(UNIVERSAL_80, 8)).verdict()).isEqualTo(Verdict.CAN_PASS);
        assertThat(CHECK.check(cotton, used(UNIVERSAL_80, 14)).verdict()).isEqualTo(Verdict.AVOID);
        assertThat(CHECK.check(cotton, used(UNIVERSAL_80, 14))
                        .better()
                        .orElseThrow()
                        .needle())
                .isEqualTo(UNIVERSAL_80);
    }

    @Test
    void more_hours_never_lower_any_harm() {
        double before = 0;
        for (int hours = 0; hours <= 30; hours++) {
            double harm = CHECK.check(on("poplin"), used(UNIVERSAL_80, hours))
                    .judged()
                    .expectedHarm();
            assertThat(harm).isGreaterThanOrEqualTo(before);
            before = harm;
        }
    }

    @Test
    void a_struck_needle_is_to_be_avoided_whatever_it_sews() {
        Checked checked = CHECK.check(on("quilting-cotton"), new NeedleInUse(UNIVERSAL_80, 0.5, true));

        assertThat(checked.verdict()).isEqualTo(Verdict.AVOID);
        assertThat(checked.why()).contains("hit something hard");
    }

    @Test
    void a_needle_of_another_system_is_to_be_taken_out_even_when_it_was_proven() {
        Needle industrial = Needle.of(NeedleSystem.R_134, NeedleType.UNIVERSAL, NeedleSize.NM_80);
        MatchRequest proven =
                on("quilting-cotton").withProven(List.of(new Proven(NeedleType.UNIVERSAL, NeedleSize.NM_80)));

        Checked checked = CHECK.check(proven, NeedleInUse.fresh(industrial));

        assertThat(checked.verdict()).isEqualTo(Verdict.AVOID);
        assertThat(checked.why()).contains("134 R is not on this machine's list (130/705 H)");
        assertThat(checked.judged().hazards().breakage()).isGreaterThan(0.1);
    }

    @Test
    void a_proven_set_up_is_good_against_the_rule_until_it_is_worn() {
        MatchRequest proven = on("swim-knit").withProven(List.of(new Proven(NeedleType.UNIVERSAL, NeedleSize.NM_80)));

        assertThat(CHECK.check(proven, NeedleInUse.fresh(UNIVERSAL_80)).verdict())
                .isEqualTo(Verdict.GOOD);
        assertThat(CHECK.check(proven, used(UNIVERSAL_80, 9)).verdict()).isEqualTo(Verdict.CAN_PASS);
    }

    private static MatchRequest on(String cloth) {
        return MatchRequest.of(
                Job.sewing(Stack.of(ClothCatalogue.standard().get(cloth), 2), SewingThread.spunPolyester(25))
                        .build());
    }

    private static NeedleInUse used(Needle needle, double hours) {
        return new NeedleInUse(needle, hours, false);
    }
}
