package belonax.needle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A line of a list of packets as a sewist types it. */
class PacketLineTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            130/705 H-S 75/11          | stretch 75/11                | 5
            jeans 100/16, 4 left       | jeans 100/16                 | 4
            jeans 100, 1 left          | jeans 100/16                 | 1
            3 x topstitch 90           | topstitch 90/14              | 3
            topstitch 90 x 3           | topstitch 90/14              | 3
            universal 70-80-90         | universal 70/10, 80/12, 90/14 | 5
            H 80/12 10 needles         | universal 80/12              | 10
            90                         | universal 90/14              | 5
            stretch twin 4.0/75 2 left | twin 4.0 mm 75/11            | 2
            130/705 H-XYZ 90/14        | unknown kind (XYZ) 90/14     | 5
            BP 100/15                  | jersey 100/16                | 5
            """)
    void a_line_is_read_as_typed(String line, String words, int each) {
        PacketLine read = PacketLine.read(line, NeedleSystem.H_130_705);

        assertThat(read.words()).isEqualTo(words);
        assertThat(read.each()).isEqualTo(each);
        assertThat(read.system()).isEqualTo(NeedleSystem.H_130_705);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            jeans          | Add the size, such as 80 or 80/12: it decides the eye.
            twin 75        | Add the spacing of the points in mm, such as twin 4.0/75.
            134-35 140/22  | 140/22 is a size for industrial machines. Leave it out of a home drawer.
            """)
    void what_is_missing_is_asked_for(String line, String asked) {
        assertThatThrownBy(() -> PacketLine.read(line, NeedleSystem.H_130_705))
                .isInstanceOf(BadInput.class)
                .hasMessage(asked);
    }

    @ParameterizedTest
    @CsvSource({"90,HAX1SP", "ELx705 90,ELX705", "HAx1SP 75/11,HAX1SP"})
    void the_system_is_the_machines_own_unless_told(String line, NeedleSystem system) {
        assertThat(PacketLine.read(line, NeedleSystem.HAX1SP).system()).isEqualTo(system);
    }
}
