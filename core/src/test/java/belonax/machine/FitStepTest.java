package belonax.machine;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.machine.FitStep.Scene;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The steps of changing a needle, worded for one machine. */
class FitStepTest {
    @ParameterizedTest
    @EnumSource(MachineKind.class)
    void the_power_is_off_before_a_hand_goes_near_and_stays_off_until_the_wheel_was_turned(MachineKind kind) {
        List<FitStep> steps = FitStep.of(Machine.ordinary("Heron", kind), false, false);

        assertThat(steps).extracting(FitStep::scene).containsExactly(Scene.values());
        assertThat(steps.get(0).caution()).contains("Power off before your hands go near the needle.");
        assertThat(text(steps, Scene.HAND_TURN)).startsWith("Power still off.");
        assertThat(steps).allSatisfy(fitStep -> {
            assertThat(fitStep.title()).isNotBlank();
            assertThat(fitStep.text()).endsWith(".");
        });
    }

    @ParameterizedTest(name = "flat {0}")
    @EnumSource(FlatSide.class)
    void the_flat_faces_where_this_machine_has_it(FlatSide side) {
        Machine machine = Machine.described("Old Tin", MachineKind.MECHANICAL)
                .flatSide(side)
                .build();

        assertThat(text(FitStep.of(machine, false, false), Scene.FLAT))
                .startsWith("The flat side of the shank faces the " + side.words())
                .contains("Trust the manual");
    }

    @ParameterizedTest
    @EnumSource(Scene.class)
    void every_step_asks_back_and_says_what_to_do_where_the_answer_is_no(Scene scene) {
        assertThat(scene.asks()).endsWith("?");
        assertThat(scene.ifNot()).matches(".*[.?]$");
    }

    @Test
    void the_thread_passes_the_guides_in_the_owners_order_and_the_bobbin_turns_its_way() {
        Threading threading =
                new Threading(List.of("pin", "back guide", " "), Optional.of(Threading.BobbinTurn.CLOCKWISE));

        assertThat(text(
                        FitStep.of(Machine.ordinary("Heron", MachineKind.MECHANICAL), false, false, threading),
                        Scene.THREADED))
                .startsWith(
                        "Foot up, pin, back guide. Pull: it runs free now, and grips with the foot down. Through the eye")
                .contains("the case clicks against its stop")
                .contains("The bobbin turns clockwise when its thread is drawn.");
    }

    @Test
    void a_round_shank_is_turned_until_its_scarf_faces_the_hook() {
        Machine machine = Machine.ordinary("Old Tin", MachineKind.MECHANICAL);

        assertThat(text(FitStep.of(machine, false, true), Scene.FLAT))
                .contains("A round shank can stand anyhow")
                .doesNotContain("flat side");
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "MECHANICAL          | the bobbin thread comes up in that one turn",
                "COMPUTER_CONTROLLED | the bobbin thread comes up in that one turn",
                "OVERLOCKER          | Thread the loopers as the manual has it"
            })
    void what_is_brought_up_at_the_end_is_what_the_machine_has(MachineKind kind, String says) {
        assertThat(text(FitStep.of(Machine.ordinary("Sparrow", kind), false, false), Scene.THREADED))
                .contains(says);
    }

    @Test
    void a_threader_tells_the_height_but_not_of_a_wing_or_a_twin() {
        Machine machine = Machine.ordinary("Heron", MachineKind.COMPUTER_CONTROLLED);

        assertThat(text(FitStep.of(machine, true, false), Scene.HAND_TURN))
                .contains("If the threader reaches the eye, the height is right; not for a wing or twin needle.");
        assertThat(text(FitStep.of(machine, false, false), Scene.HAND_TURN)).doesNotContain("threader");
    }

    private static String text(List<FitStep> steps, Scene scene) {
        return steps.stream()
                .filter(fitStep -> fitStep.scene() == scene)
                .map(FitStep::text)
                .findFirst()
                .orElseThrow();
    }
}
