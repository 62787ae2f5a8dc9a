package belonax.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.entry;

import belonax.BadInput;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A table tells what stands in it, or which word in which line will not do. */
class RuleTableTest {
    private static final RuleTable TABLE = new RuleTable("weaves.txt", "name | weave | mm | others | chances | how");

    enum Weave {
        PLAIN,
        TWILL
    }

    record Cloth(
            String name,
            Weave weave,
            OptionalDouble mm,
            Set<Weave> others,
            Map<Weave, Double> chances,
            List<String> how) {}

    private static Cloth cloth(RuleTable.Row row) {
        return new Cloth(
                row.text(0),
                row.word(1, Weave.class),
                row.optional(2),
                row.words(3, Weave.class),
                row.numbers(4, Weave.class),
                row.sentences(5));
    }

    @Test
    void a_row_is_read_column_by_column_and_comments_are_passed_over() {
        List<Cloth> read = TABLE.read(
                List.of(
                        "# name",
                        "",
                        " lawn | PLAIN | .18 | PLAIN, TWILL | PLAIN .5, TWILL 2 | Press it.; Pin it.",
                        "gab|TWILL||||"),
                RuleTableTest::cloth);

        assertThat(read).hasSize(2);
        assertThat(read.get(0).mm()).hasValue(0.18);
        assertThat(read.get(0).others()).containsExactly(Weave.PLAIN, Weave.TWILL);
        assertThat(read.get(0).chances()).containsExactly(entry(Weave.PLAIN, 0.5), entry(Weave.TWILL, 2.0));
        assertThat(read.get(0).how()).containsExactly("Press it.", "Pin it.");
        assertThat(read.get(1))
                .isEqualTo(new Cloth("gab", Weave.TWILL, OptionalDouble.empty(), Set.of(), Map.of(), List.of()));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = ';',
            value = {
                "lawn|PLAIN|1;                         2 columns instead of 6.",
                "lawn|SATIN||||;                       “SATIN” is none of [PLAIN, TWILL].",
                "lawn|PLAIN|thin|||;                   “thin” is no number.",
                "lawn|PLAIN||PLAIN SATIN||;            “SATIN” is none of [PLAIN, TWILL].",
                "lawn|PLAIN|||TWILL .3 PLAIN|;         “TWILL .3 PLAIN” is no word with its number.",
                "lawn|PLAIN|||TWILL much|;             “much” is no number."
            })
    void a_word_that_will_not_do_is_named_with_file_and_line_and_what_to_write(String line, String why) {
        String first = line.startsWith("lawn|PLAIN|1") ? "lawn|PLAIN" : line;

        assertThatThrownBy(() -> TABLE.read(List.of("# a table", first), RuleTableTest::cloth))
                .isInstanceOf(IllegalStateException.class)
                .hasMessage("weaves.txt, line 2: " + why + " Write: name | weave | mm | others | chances | how.");
    }

    @Test
    void what_the_core_refuses_is_told_the_same_way_and_a_missing_file_too() {
        assertThatThrownBy(() -> TABLE.read(List.of("a|PLAIN||||"), row -> {
                    throw new BadInput("A cloth has a note.");
                }))
                .hasMessageStartingWith("weaves.txt, line 1: A cloth has a note. Write:");
        assertThatThrownBy(() -> TABLE.read(RuleTableTest.class, RuleTableTest::cloth))
                .hasMessageStartingWith("weaves.txt is missing");
    }
}
