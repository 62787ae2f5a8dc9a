package belonax.web.drawer.tools;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The sheet that is printed in true scale. */
class GaugeTest {
    private static final Gauge GAUGE = Gauge.standard();

    @ParameterizedTest(name = "{0} mm: {1} mm long")
    @CsvSource({"0, 5", "1, 2.2", "5, 3.6", "10, 5", "38, 2.2", "45, 3.6", "60, 5"})
    void a_line_of_the_ruler_is_the_longer_the_rounder_its_number(int mm, double lengthMm) {
        assertThat(GAUGE.ticks().get(mm)).isEqualTo(new Gauge.Tick(mm, lengthMm));
    }

    @Test
    void every_known_length_from_butt_to_eye_is_marked_where_it_is_and_no_two_leaders_cross() {
        assertThat(GAUGE.ticks()).hasSize(61);
        assertThat(GAUGE.systems()).isSortedAccordingTo((one, other) -> Double.compare(one.mm(), other.mm()));
        assertThat(GAUGE.systems()).extracting(Gauge.Mark::leaderMm).doesNotHaveDuplicates();
        assertThat(GAUGE.systems())
                .filteredOn(mark -> mark.words().contains(NeedleSystem.H_130_705.label()))
                .singleElement()
                .satisfies(mark -> assertThat(mark.mm()).isEqualTo(38.5));
    }

    @Test
    void the_wedge_is_as_wide_at_each_mark_as_the_blade_of_its_size() {
        assertThat(GAUGE.sizes()).hasSameSizeAs(NeedleSize.LADDER);
        for (int i = 0; i < NeedleSize.LADDER.size(); i++) {
            double widthMm = 0.55 + GAUGE.sizes().get(i).mm() / 150 * 0.8;

            assertThat(widthMm).isCloseTo(NeedleSize.LADDER.get(i).bladeMm(), within(1e-9));
        }
        assertThat(GAUGE.wedge()).startsWith("M0 -0.275").endsWith("Z");
    }
}
