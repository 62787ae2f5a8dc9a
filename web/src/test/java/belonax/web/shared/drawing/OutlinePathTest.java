package belonax.web.shared.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.needle.NeedleOutline.Slot;
import java.util.List;
import org.junit.jupiter.api.Test;

class OutlinePathTest {
    @Test
    void places_are_written_to_the_thousandth_of_a_millimetre() {
        assertThat(new OutlinePath()
                        .to(0, 30.4)
                        .to(-0.4004, 1.0005)
                        .to(12.05, -3)
                        .to(-0.0001, 0.9996)
                        .closed())
                .isEqualTo("M0 30.4l-.4 -29.399l12.45 -4.001l-12.05 4Z");
    }

    @Test
    void an_eye_has_round_ends_and_a_groove_square_ones() {
        assertThat(OutlinePath.slots(List.of(new Slot(1, 2, 0.4, 2))))
                .isEqualTo("M1.2 2a.2 .2 0 0 1 .2 .2l0 1.6a.2 .2 0 0 1 -.2 .2a.2 .2 0 0 1 -.2 -.2l0 -1.6"
                        + "a.2 .2 0 0 1 .2 -.2Z");
        assertThat(OutlinePath.slots(List.of(new Slot(0, 0, 2, 0.4))))
                .startsWith("M.2 0l1.6 0a.2 .2 0 0 1 .2 .2a.2 .2 0 0 1 -.2 .2l-1.6 0a");
        assertThat(OutlinePath.grooves(List.of(new Slot(1, 2, 0.4, 2), new Slot(5, 2, 0.4, 2))))
                .isEqualTo("M1 2l.4 0l0 2l-.4 0ZM5 2l.4 0l0 2l-.4 0Z");
    }
}
