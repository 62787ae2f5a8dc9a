package belonax.thread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A line of a list of spools as a sewist types it. */
class SpoolLineTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            navy polyester Tkt 120 200 m   | navy          | 25   | POLYESTER | SPUN         | 200
            Burnt orange topstitch         | Burnt orange  | 80   | POLYESTER | SPUN         |
            white cotton 50/3, 500m        | white         | 35.4 | COTTON    | SPUN         | 500
            clear invisible 0.10 mm nylon  | clear invisible | 9  | NYLON     | MONOFILAMENT |
            old gold                       | old gold      | 25   | POLYESTER | SPUN         |
            black overlock                 | black         | 18   | POLYESTER | TEXTURED     |
            red fine                       | red           | 16.7 | POLYESTER | SPUN         |
            lilac 100% polyester 120 1000 m | lilac        | 25   | POLYESTER | SPUN         | 1000
            sand tex 40 100 yds            | sand          | 40   | POLYESTER | SPUN         | 91.44
            """)
    void colour_metres_and_fibre_are_read(
            String line, String colour, double tex, Fibre fibre, Build build, Double metres) {
        SpoolLine read = SpoolLine.read(line);

        assertThat(read.colour()).isEqualTo(colour);
        assertThat(read.tex().value()).isCloseTo(tex, org.assertj.core.data.Offset.offset(0.3));
        assertThat(read.fibre()).isEqualTo(fibre);
        assertThat(read.build()).isEqualTo(build);
        assertThat(read.metres()).isEqualTo(metres == null ? OptionalDouble.empty() : OptionalDouble.of(metres));
        assertThat(read.spools()).isEqualTo(1);
    }

    @Test
    void a_thread_without_a_number_is_taken_as_ordinary_and_told_so() {
        SpoolLine read = SpoolLine.read("3 x moss green");

        assertThat(read.spools()).isEqualTo(3);
        assertThat(read.colour()).isEqualTo("moss green");
        assertThat(read.sure()).isFalse();
        assertThat(read.why())
                .isEqualTo("No number is told: taken as ordinary thread, tex 25, until its label is read.");
    }

    @ParameterizedTest
    @CsvSource({"polyester Tkt 120 200 m", "200 m", "' '"})
    void a_spool_without_a_colour_could_not_be_found_again(String line) {
        assertThatThrownBy(() -> SpoolLine.read(line))
                .isInstanceOf(BadInput.class)
                .hasMessageStartingWith("Begin with the colour");
    }
}
