package belonax.web.shared.drawing;

import static org.assertj.core.api.Assertions.assertThat;

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
                .isEqualTo("M0 30.400L-0.400 1.001L12.050 -3L0 1Z");
    }
}
