package belonax.thread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ThreadLabelTest {
    @ParameterizedTest(name = "{0} is tex {2}")
    @CsvSource({
        "tex 25, TEX, 25", "25 tex, TEX, 25", "TEX27, TEX, 27", "Tkt 120, TICKET, 25", "No. 120, TICKET, 25",
        "40 wt, WEIGHT, 25", "50wt, WEIGHT, 20", "dtex 250, DTEX, 25", "225 den, DENIER, 25", "Nm 120/2, NM, 16.67",
        "Ne 50/3, NE, 35.43", "polyester Tkt 30 topstitch, TICKET, 100", "120, TICKET, 25", "50, WEIGHT, 20"
    })
    void the_likeliest_reading_stands_first(String label, ThreadNumbering numbering, double tex) {
        ThreadLabel.Reading first = ThreadLabel.read(label).get(0);

        assertThat(first.numbering()).isEqualTo(numbering);
        assertThat(first.tex().value()).isCloseTo(tex, within(0.01));
    }

    @ParameterizedTest
    @ValueSource(strings = {"120", "50", "40", "30", "100", "#80"})
    void the_readings_of_a_bare_number_share_one_certainty(String label) {
        List<ThreadLabel.Reading> readings = ThreadLabel.read(label);

        assertThat(readings.size()).isGreaterThan(1);
        assertThat(readings.stream()
                        .mapToDouble(ThreadLabel.Reading::likelihood)
                        .sum())
                .isCloseTo(1, within(1e-9));
        assertThat(readings).isSortedAccordingTo((a, b) -> Double.compare(b.likelihood(), a.likelihood()));
    }
}
