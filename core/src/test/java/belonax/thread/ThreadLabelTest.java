package belonax.thread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import belonax.BadInput;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
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
        ThreadLabel.Reading first = ThreadLabel.read(label).likeliest();

        assertThat(first.numbering()).isEqualTo(numbering);
        assertThat(first.tex().value()).isCloseTo(tex, within(0.01));
    }

    @ParameterizedTest
    @ValueSource(strings = {"120", "50", "40", "30", "100", "#80"})
    void the_readings_of_a_bare_number_share_one_certainty(String label) {
        List<ThreadLabel.Reading> readings = ThreadLabel.read(label).readings();

        assertThat(readings.size()).isGreaterThan(1);
        assertThat(readings.stream()
                        .mapToDouble(ThreadLabel.Reading::likelihood)
                        .sum())
                .isCloseTo(1, within(1e-9));
        assertThat(readings).isSortedAccordingTo((a, b) -> Double.compare(b.likelihood(), a.likelihood()));
    }

    @ParameterizedTest(name = "{0} as {1} is tex {2}")
    @CsvSource({
        "50, WEIGHT, 20",
        "50, TICKET, 60",
        "50, NE, 23.62",
        "120/2, NM, 16.67",
        "40/2, NE, 29.53",
        "dtex 250x2, DTEX, 50",
        "120d/2, DENIER, 26.67",
        "T-27, TEX, 27",
        "E-Tkt 75, TICKET, 40",
        "cotton 50/3, NE, 35.43",
        "V-69 bonded nylon, BONDED_NUMBER, 70",
        "V 207, BONDED_NUMBER, 210",
        "bonded size F, LETTER, 90",
        "FF, LETTER, 135",
        "monofilament 0.12 mm, MONOFILAMENT_MM, 12.89",
        "denier 210/3, DENIER, 70",
        "210D/3, DENIER, 70",
        "dtex 2x150, DTEX, 30",
        "50s/3 cotton, NE, 35.43",
        "linen lea 40/3, LEA, 124.05",
        "No. 120 tex 25, TEX, 25",
        "120 100 % polyester 1000m, TICKET, 25"
    })
    void every_reading_that_fits_is_offered(String label, ThreadNumbering numbering, double tex) {
        assertThat(ThreadLabel.read(label).readings())
                .anySatisfy(reading -> {
                    assertThat(reading.numbering()).isEqualTo(numbering);
                    assertThat(reading.tex().value()).isCloseTo(tex, within(0.01));
                })
                .allSatisfy(reading -> assertThat(reading.why()).endsWith("."));
    }

    @Test
    void a_named_unit_wins_and_a_percentage_or_a_length_is_no_thickness() {
        assertThat(ThreadLabel.read("No. 120 tex 25").readings()).hasSize(1);
        assertThat(ThreadLabel.read("120 100 % polyester 1000m").readings())
                .noneMatch(reading -> Math.abs(reading.tex().value() - 30) < 0.1
                        || Math.abs(reading.tex().value() - 10) < 0.1);
        assertThatThrownBy(() -> ThreadLabel.read("100% polyester, 1000 m")).isInstanceOf(BadInput.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"30 topstitch", "30 jeans", "buttonhole 30"})
    void words_for_thick_thread_make_the_thick_reading_likelier(String label) {
        assertThat(ThreadLabel.read("30").likeliest().tex().value()).isLessThan(40);
        assertThat(ThreadLabel.read(label).likeliest().tex().value()).isGreaterThanOrEqualTo(40);
    }

    @Test
    void a_spool_that_was_weighed_along_is_asked_for() {
        ThreadLabel.Answer answer =
                ThreadLabel.read(Optional.of("Tkt 120"), OptionalDouble.of(200), OptionalDouble.of(14));

        assertThat(answer.question())
                .hasValueSatisfying(text -> assertThat(text)
                        .startsWith("Was the empty spool weighed along? The label says tex 25")
                        .contains("200 m of that weigh 5 g"));
    }

    @Test
    void a_bare_number_is_parted_by_one_question_and_settled_by_the_scale() {
        ThreadLabel.Answer bare = ThreadLabel.read("50");
        ThreadLabel.Answer weighed = ThreadLabel.read(Optional.of("50"), OptionalDouble.of(200), OptionalDouble.of(12));

        assertThat(bare.question())
                .contains(
                        "How many metres are on the spool, and what do they weigh? 200 m of it weigh 4 g if it is tex 20"
                                + " (wt), 12 g if it is tex 60 (Tkt).");
        assertThat(weighed.likeliest().numbering()).isEqualTo(ThreadNumbering.TICKET);
        assertThat(weighed.likeliest().tex().value()).isCloseTo(60, within(0.01));
        assertThat(weighed.question()).isEmpty();
    }

    @Test
    void metres_and_grams_alone_will_do_and_are_read_off_the_label_too() {
        ThreadLabel.Answer told = ThreadLabel.read(Optional.empty(), OptionalDouble.of(200), OptionalDouble.of(5));

        assertThat(told.readings()).singleElement().satisfies(reading -> {
            assertThat(reading.numbering()).isEqualTo(ThreadNumbering.WEIGHED);
            assertThat(reading.tex().value()).isCloseTo(25, within(1e-9));
            assertThat(reading.likelihood()).isEqualTo(1);
        });
        assertThat(ThreadLabel.read("No. 120, 100% polyester, 200 m, 5 g")
                        .likeliest()
                        .numbering())
                .isEqualTo(ThreadNumbering.TICKET);
        assertThat(ThreadLabel.read("No. 120, 100% polyester, 200 m").fibre()).contains(Fibre.POLYESTER);
    }

    @Test
    void a_label_that_its_weight_contradicts_gives_way_to_the_scale() {
        ThreadLabel.Answer answer =
                ThreadLabel.read(Optional.of("Tkt 120"), OptionalDouble.of(100), OptionalDouble.of(10));

        assertThat(answer.likeliest().numbering()).isEqualTo(ThreadNumbering.WEIGHED);
        assertThat(answer.likeliest().tex().value()).isCloseTo(100, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   ", "thread", "%%%", "no. 0", "🧵🧵", "tex"})
    void what_tells_no_fineness_is_refused_with_a_sentence(String label) {
        assertThatThrownBy(() -> ThreadLabel.read(label))
                .isInstanceOf(BadInput.class)
                .hasMessageEndingWith(".");
    }
}
