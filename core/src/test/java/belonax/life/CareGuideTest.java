package belonax.life;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import belonax.BadInput;
import belonax.machine.Machine;
import belonax.machine.MachineKind;
import belonax.machine.Oiling;
import belonax.machine.WheelTurn;
import belonax.thread.SnapResult;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whose hands may do what, what an hour costs a needle, and what a new needle wants to have looked at. */
class CareGuideTest {
    private static Machine machine(MachineKind kind, Oiling oiling) {
        return Machine.described("Finch", kind).oiling(oiling).build();
    }

    @ParameterizedTest(name = "{0}, {1}: {2} by its owner {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "MECHANICAL          | WHERE_THE_MANUAL_SAYS | CLEAN   | true  | Yours to do: mains plug out before plate, bobbin case or"
                        + " oil.",
                "COMPUTER_CONTROLLED | NEVER                 | CLEAN   | true  | Yours to do: mains plug out before plate, bobbin case or"
                        + " oil.",
                "MECHANICAL          | WHERE_THE_MANUAL_SAYS | OIL     | true  | Yours to do where Finch's manual shows it, and nowhere"
                        + " else.",
                "MECHANICAL          | NEVER                 | OIL     | false | Not yours: Finch's manual leaves oil to the technician.",
                "COMPUTER_CONTROLLED | NEVER                 | OIL     | false | Not yours: Finch is computer-controlled, and its oil is"
                        + " the technician's at the service.",
                "MECHANICAL          | WHERE_THE_MANUAL_SAYS | SERVICE | false | A technician's: timing, check spring, hook, motor and"
                        + " wiring lie behind screws that the manual does not show."
            })
    void it_says_whose_hands_a_care_is_for(MachineKind kind, Oiling oiling, CareKind care, boolean owner, String who) {
        Machine machine = machine(kind, oiling);

        assertThat(CareGuide.isForHomeHands(care, machine)).isEqualTo(owner);
        assertThat(CareGuide.who(care, machine)).isEqualTo(who);
    }

    @Test
    void where_sewists_differ_the_schools_stand_beside_ours_with_why() {
        assertThat(CareGuide.differing()).hasSize(4).allSatisfy(differing -> {
            assertThat(differing.schools()).hasSizeGreaterThanOrEqualTo(2).allMatch(school -> school.endsWith("."));
            assertThat(differing.ours()).startsWith("We ").endsWith(".");
        });
    }

    @ParameterizedTest(name = "{0} min of {1}, coated {2}: {3} h")
    @CsvSource({
        "60,  ORDINARY,        false, 1",
        "60,  DENIM_CANVAS,    false, 1.5",
        "60,  DENIM_CANVAS,    true,  1",
        "40,  DENIM_CANVAS,    false, 1",
        "90,  PAPER,           false, 2.7",
        "30,  SOFT_KNIT,       false, 0.45",
        "60,  HIDE,            true,  1.0667",
        "120, BATTING,         false, 2.2"
    })
    void an_hour_costs_what_the_cloth_costs_a_point(double minutes, Wear wear, boolean coated, double hours) {
        assertThat(EffectiveHours.of(minutes, wear, coated).value()).isCloseTo(hours, within(0.0001));
    }

    @Test
    void it_tells_how_it_was_worked_out() {
        assertThat(EffectiveHours.of(40, Wear.DENIM_CANVAS, false).words())
                .isEqualTo("40 min × 1.5 (denim and canvas) = 1.00 h");
        assertThat(EffectiveHours.of(60, Wear.HIDE, true).words())
                .isEqualTo("60 min × 1.6 (hide) ÷ 1.5 (hard coating) = 1.07 h");
    }

    @Test
    void a_seam_takes_its_length_by_the_stitch_and_the_speed() {
        assertThat(EffectiveHours.minutesOfSeam(10, 2.5, 500)).isCloseTo(8, within(1e-9));
        assertThat(EffectiveHours.minutesOfStitches(6000, 600)).isCloseTo(10, within(1e-9));
    }

    @ParameterizedTest(name = "{0} m, {1} mm, {2} a minute: {3}")
    @CsvSource({
        "0,     2.5,  500,  metres",
        "10001, 2.5,  500,  metres",
        "10,    0.1,  500,  stitchMm",
        "10,    12.1, 500,  stitchMm",
        "10,    2.5,  19,   stitchesPerMinute",
        "10,    2.5,  2001, stitchesPerMinute"
    })
    void a_seam_that_cannot_be_is_refused(double metres, double stitchMm, double speed, String field) {
        assertThatThrownBy(() -> EffectiveHours.minutesOfSeam(metres, stitchMm, speed))
                .isInstanceOfSatisfying(
                        BadInput.class,
                        badInput ->
                                assertThat(badInput.problems().get(0).field()).isEqualTo(field));
    }

    @Test
    void only_batting_and_soft_knits_leave_lint_by_themselves() {
        assertThat(Wear.values()).filteredOn(Wear::isLinty).containsExactly(Wear.BATTING, Wear.SOFT_KNIT);
        assertThat(Wear.values()).allSatisfy(wear -> {
            assertThat(wear.factor()).isBetween(0.9, 1.8);
            assertThat(wear.reason()).endsWith(".");
        });
    }

    @ParameterizedTest(name = "after {0} min: height {1}, clamp {2}")
    @CsvSource({"0, true, false", "9.9, true, false", "10, true, true", "29, true, true", "30, false, true"})
    void a_new_needle_wants_its_height_looked_at_at_once_and_its_clamp_after_ten_minutes(
            double minutes, boolean height, boolean clamp) {
        assertThat(FitCheck.HEIGHT.isDue(minutes)).isEqualTo(height);
        assertThat(FitCheck.CLAMP.isDue(minutes)).isEqualTo(clamp);
    }

    @Test
    void the_height_is_told_by_the_threader_or_by_a_turn_of_the_wheel_with_the_power_off() {
        assertThat(FitCheck.HEIGHT.how(WheelTurn.TOWARDS_YOU, true)).startsWith("Power off. If the threader reaches");
        assertThat(FitCheck.HEIGHT.how(WheelTurn.AWAY_FROM_YOU, false))
                .startsWith("Power off. Turn the wheel away from you through one stitch");
        assertThat(FitCheck.CLAMP.how(WheelTurn.TOWARDS_YOU, true)).contains("Power off");
    }

    @ParameterizedTest(name = "{0}: not for seams {1}")
    @CsvSource({
        "NOT_TESTED,     false",
        "RESISTS,        false",
        "PARTS_AT_ONCE,  true",
        "SEVERAL_PLACES, true",
        "FRAYS,          true"
    })
    void a_snapped_thread_tells_whether_it_holds_a_seam(SnapResult result, boolean bad) {
        assertThat(result.isBad()).isEqualTo(bad);
        assertThat(result.verdict().isEmpty()).isEqualTo(result == SnapResult.NOT_TESTED);
    }
}
