package belonax.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import org.junit.jupiter.api.Test;

class NeedleTurnTest {
    @Test
    void a_needle_in_its_right_place_locks_every_stitch_and_one_a_quarter_turn_off_none() {
        assertThat(new NeedleTurn(0).row(16)).containsOnly(true);
        assertThat(new NeedleTurn(90).row(16)).containsOnly(false);
        assertThat(new NeedleTurn(180).row(16)).containsOnly(false);
        assertThat(new NeedleTurn(90).words()).startsWith("A quarter turn off: the loop stands beside the hook's path");
    }

    @Test
    void between_the_two_stitches_are_missed_here_and_there() {
        assertThat(new NeedleTurn(45).row(40)).contains(true, false);
        assertThat(new NeedleTurn(45).words()).contains("without a pattern");
        assertThat(new NeedleTurn(20).words()).contains("the first to skip on knits");
    }

    @Test
    void the_farther_it_is_turned_the_fewer_loops_are_caught() {
        for (int degrees = 1; degrees <= 180; degrees++) {
            assertThat(new NeedleTurn(degrees).caught()).isLessThanOrEqualTo(new NeedleTurn(degrees - 1).caught());
        }
        assertThatThrownBy(() -> new NeedleTurn(181)).isInstanceOf(BadInput.class);
    }
}
