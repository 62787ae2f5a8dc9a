package belonax.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import belonax.balance.BobbinPull.Pull;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.SewingThread;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a test of the bobbin's pull gave, and when it is asked for again. */
class PullTest {
    private static final SewingThread POLYESTER_25 = SewingThread.spunPolyester(25);

    @ParameterizedTest(name = "{5}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "RIGHT | -   | -  | - | 0  | right                                                    | -",
                "RIGHT | 1   | 25 | 3 | 0  | right, slipped 1 cm, 25 g                                | 3",
                "LOOSE | 6.5 | -  | 7 | 1  | too loose, slipped 6.5 cm; turned an eighth tighter      | 0",
                "LOOSE | -   | 12 | 0 | 2  | too loose, 12 g; turned 2 eighths tighter                | 2",
                "TIGHT | 0   | -  | 0 | -1 | too tight, slipped 0 cm; turned an eighth looser         | 7",
                "TIGHT | -   | 60 | 1 | -4 | too tight, 60 g; turned 4 eighths looser                 | 5"
            })
    void it_is_told_with_where_the_slot_stands_after(
            Pull pull, Double slipCm, Double grams, Integer slot, int turned, String words, Integer after) {
        PullMeasured measured = new PullMeasured(pull, slipCm, grams, slot, turned);

        assertThat(measured.words()).isEqualTo(words);
        assertThat(measured.slotAfter()).isEqualTo(after);
    }

    @ParameterizedTest(name = "{4}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "-0.1 | -     | - | 0  | slip   | The case slips 0 to 60 cm.",
                "61   | -     | - | 0  | slip   | The case slips 0 to 60 cm.",
                "-    | 0.5   | - | 0  | grams  | A gauge reads 1 to 300 g",
                "-    | 301   | - | 0  | grams  | A gauge reads 1 to 300 g",
                "-    | -     | 8 | 0  | slot   | The slot stands at one of eight places.",
                "-    | -     | -1| 0  | slot   | The slot stands at one of eight places.",
                "-    | -     | 0 | 5  | turned | More than half a turn at once is not written down.",
                "-    | -     | - | 1  | slot   | Say where the slot stood before you turned it"
            })
    void what_cannot_be_is_refused_with_what_to_do(
            Double slipCm, Double grams, Integer slot, int turned, String field, String told) {
        assertThatThrownBy(() -> new PullMeasured(Pull.RIGHT, slipCm, grams, slot, turned))
                .isInstanceOfSatisfying(BadInput.class, badInput -> {
                    assertThat(badInput.problems()).singleElement().satisfies(problem -> {
                        assertThat(problem.field()).isEqualTo(field);
                        assertThat(problem.message()).startsWith(told);
                    });
                });
    }

    @ParameterizedTest(name = "{0}, now tex {1} {2}, another day {3}, outside {4}")
    @CsvSource(
            delimiter = '|',
            value = {
                "NEW_THREAD    | 25 | POLYESTER | false | false | ''",
                "NEW_THREAD    | 27 | POLYESTER | true  | false | ''",
                "NEW_THREAD    | 40 | POLYESTER | false | false | Another thread is on the bobbin now, spun polyester tex 40: test its"
                        + " pull again.",
                "NEW_THREAD    | 25 | COTTON    | false | false | Another thread is on the bobbin now, spun cotton tex 25: test its"
                        + " pull again.",
                "NEW_THREAD    | 25 | POLYESTER | false | true  | The dial left its usual band: test the bobbin's pull before anything"
                        + " else.",
                "EVERY_SITTING | 25 | POLYESTER | false | false | ''",
                "EVERY_SITTING | 25 | POLYESTER | true  | false | A new sitting: test the bobbin's pull, as you chose.",
                "ONCE          | 60 | COTTON    | true  | true  | ''"
            })
    void it_is_asked_for_again_as_the_sewist_chose(
            PullRhythm rhythm, double tex, Fibre fibre, boolean anotherDay, boolean outside, String asks) {
        SewingThread now = SewingThread.spunPolyester(tex).of(fibre, Build.SPUN);

        String told = rhythm.asks(POLYESTER_25, now, anotherDay, outside).orElse("");

        assertThat(told.replace("spun ", "")).isEqualTo(asks.replace("spun ", ""));
    }

    @Test
    void what_was_turned_before_the_first_strip_says_what_follows() {
        assertThat(Touched.NOTHING.advice()).isEmpty();
        assertThat(Touched.DIAL.advice()).contains("the strips decide");
        assertThat(Touched.SCREW.advice()).contains("test the bobbin's pull before the first strip");
        assertThat(Touched.values())
                .extracting(Touched::words)
                .doesNotHaveDuplicates()
                .doesNotContain("");
    }
}
