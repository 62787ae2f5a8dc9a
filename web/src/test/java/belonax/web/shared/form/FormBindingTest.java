package belonax.web.shared.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.entry;

import belonax.BadInput;
import belonax.needle.NeedleSystem;
import belonax.room.ChangedMeanwhile;
import belonax.room.Words;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.validation.BindingResult;
import org.springframework.validation.FieldError;
import org.springframework.validation.MapBindingResult;

/** What was typed becomes the values of a form, or a sentence beside its entry that says what to type. */
class FormBindingTest {
    enum Grain {
        LENGTHWISE,
        CROSSWISE
    }

    record Strip(
            @Ask(value = "Measure the strip.", needed = true) @Nullable
            Double length,

            @Ask("Count the strips.") @Nullable Integer count,

            @Ask(value = "Give it a name.", needed = true) @Nullable
            String name,

            @Nullable Grain grain,
            @Nullable NeedleSystem system,
            @Nullable List<Integer> sizes) {}

    @ParameterizedTest(name = "“{0}” is {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "2.5 | 2.5",
                "2,5 | 2.5",
                "' 7 ' | 7",
                "-0,25 | -0.25",
                "+3 | 3",
                ".5 | 0.5",
                "1e3 | ",
                "1.2.3 | ",
                "2 m | "
            })
    void a_number_takes_a_comma_and_nothing_odd(String typed, @Nullable Double value) {
        BindingResult bound = bound(Map.of("length", typed, "name", "a"));

        if (value == null) {
            assertThat(messages(bound))
                    .containsExactly(entry("length", "“" + typed + "” is not a number. Measure the strip."));
            assertThat(bound.getFieldValue("length")).isEqualTo(typed);
        } else {
            assertThat(strip(bound).length()).isEqualTo(value);
            assertThat(bound.getFieldValue("length")).isEqualTo(Words.plain(value));
        }
    }

    @Test
    void all_that_is_wrong_is_told_at_once_and_nothing_typed_is_lost() {
        BindingResult bound = bound(Map.of("count", "2,5", "grain", "SIDEWAYS", "sizes", "70, x", "system", "99"));

        assertThat(messages(bound))
                .containsOnly(
                        entry("length", "This is missing. Measure the strip."),
                        entry("name", "This is missing. Give it a name."),
                        entry("count", "Only whole numbers will do. Count the strips."),
                        entry("grain", "“SIDEWAYS” is not one of the choices. Pick one from the list."),
                        entry("system", "“99” is not one of the choices. Pick one from the list."),
                        entry("sizes", "“70, x” is not a number. "));
        assertThat(bound.getFieldValue("count")).isEqualTo("2,5");
        assertThat(bound.getFieldValue("sizes")).isEqualTo("70, x");
    }

    @Test
    void what_is_left_empty_is_nothing_and_blanks_are_missing() {
        BindingResult bound = bound(Map.of("length", "1", "count", "", "name", "a", "grain", "", "sizes", ""));

        assertThat(strip(bound)).isEqualTo(new Strip(1.0, null, "a", null, null, List.of()));
        assertThat(messages(bound(Map.of("length", "1", "name", "  "))))
                .containsExactly(entry("name", "This is missing. Give it a name."));
    }

    @ParameterizedTest
    @CsvSource({"130/705 H", "H_130_705", "' 130/705 H '"})
    void a_system_is_told_by_the_trades_name_or_by_the_forms_word(String typed) {
        BindingResult bound = bound(Map.of("length", "1", "name", "a", "system", typed));

        assertThat(strip(bound).system()).isEqualTo(NeedleSystem.H_130_705);
    }

    @Test
    void sizes_are_parted_by_commas() {
        BindingResult bound = bound(Map.of("length", "1", "name", "a", "sizes", "70, 80,90"));

        assertThat(strip(bound).sizes()).containsExactly(70, 80, 90);
    }

    @Test
    void what_the_core_refuses_stands_beside_its_entry_or_over_the_form() {
        BindingResult bound = bound(Map.of("length", "1", "name", "a"));

        Optional<String> answer = Problems.read(bound, () -> {
            throw new BadInput(List.of(
                    new BadInput.Problem("length", "Too long."),
                    new BadInput.Problem("thread.tex", "Too thick."),
                    new BadInput.Problem("", "Not like this.")));
        });

        assertThat(answer).isEmpty();
        assertThat(messages(bound)).containsExactly(entry("length", "Too long."));
        assertThat(bound.getGlobalErrors())
                .extracting(objectError -> String.valueOf(objectError.getDefaultMessage()))
                .containsExactly("Too thick.", "Not like this.");
    }

    @Test
    void what_was_changed_in_another_window_is_told_over_the_form() {
        BindingResult bound = bound(Map.of("length", "1", "name", "a"));

        assertThat(Problems.read(bound, () -> {
                    throw new ChangedMeanwhile("It was changed in another window.");
                }))
                .isEmpty();
        assertThat(bound.getGlobalErrors()).hasSize(1);
        assertThat(Problems.read(bound(Map.of("length", "1", "name", "a")), () -> "kept"))
                .contains("kept");
    }

    @Test
    void what_was_sent_word_for_word_can_be_told_what_is_wrong_with_it() {
        BindingResult sent = new MapBindingResult(Map.of("minutes", "long"), "form");

        Problems.show(new BadInput("minutes", "“long” is not a number."), sent);
        Problems.show(new BadInput("seconds", "Nobody asked."), sent);

        assertThat(messages(sent)).containsExactly(entry("minutes", "“long” is not a number."));
        assertThat(sent.getFieldValue("minutes")).isEqualTo("long");
        assertThat(sent.getGlobalErrorCount()).isEqualTo(1);
    }

    private static Strip strip(BindingResult bound) {
        assertThat(bound.getAllErrors()).isEmpty();
        return (Strip) Objects.requireNonNull(bound.getTarget());
    }

    private static Map<String, String> messages(BindingResult bound) {
        return bound.getFieldErrors().stream()
                .collect(Collectors.toMap(
                        FieldError::getField, fieldError -> String.valueOf(fieldError.getDefaultMessage())));
    }

    private static BindingResult bound(Map<String, String> typed) {
        return FormBinding.bind(Strip.class, typed);
    }
}
