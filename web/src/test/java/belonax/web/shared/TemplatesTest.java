package belonax.web.shared;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** How templates are written, so that a change in one is seen in a review. */
class TemplatesTest {
    private static final Path TEMPLATES = Path.of("src/main/resources/templates");
    private static final int LONGEST_LINE = 160;
    private static final Pattern INLINE = Pattern.compile("\\s(style|on[a-z]+)=\"");
    private static final Pattern ATTRIBUTES = Pattern.compile("th:attr=\"([^\"]*)\"");
    private static final Pattern QUOTED = Pattern.compile("'[^']*'");
    private static final Pattern ARITHMETIC = Pattern.compile(" [-*/%] |\\+ \\d|\\d \\+");
    private static final Pattern COLOUR = Pattern.compile("#[0-9A-Fa-f]{6}\\b");

    static List<Path> templates() throws IOException {
        try (Stream<Path> all = Files.walk(TEMPLATES)) {
            return all.filter(path -> path.toString().endsWith(".html"))
                    .sorted()
                    .toList();
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("templates")
    void a_line_can_be_read_whole(Path template) throws IOException {
        assertThat(Files.readAllLines(template))
                .allSatisfy(text -> assertThat(text).hasSizeLessThanOrEqualTo(LONGEST_LINE));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("templates")
    void nothing_is_styled_or_scripted_in_place(Path template) throws IOException {
        assertThat(Files.readString(template)).doesNotContainPattern(INLINE);
    }

    /** What is worked out of a drawing's numbers is worked out in its view. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("templates")
    void geometry_is_worked_out_in_views(Path template) {
        Stream<String> attributes = ATTRIBUTES.matcher(read(template)).results().map(match -> match.group(1));

        assertThat(attributes.map(attribute -> QUOTED.matcher(attribute).replaceAll("")))
                .allSatisfy(text -> assertThat(text).doesNotContainPattern(ARITHMETIC));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("templates")
    void numbers_are_said_by_views(Path template) {
        assertThat(read(template)).doesNotContain("#numbers.format");
    }

    /** Outside of an expression both sides are tried as numbers first, and a refusal costs more than the rest of its line. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("templates")
    void words_are_compared_within_an_expression(Path template) {
        assertThat(read(template)).doesNotContainPattern("} *[!=]= *''");
    }

    /** Prints have no style sheet beside them, so their colours stand in them. */
    @Test
    void colours_are_tokens_but_in_prints() throws IOException {
        assertThat(templates().stream()
                        .filter(template -> !template.startsWith(TEMPLATES.resolve("print")))
                        .filter(template -> COLOUR.matcher(read(template)).find()))
                .isEmpty();
    }

    private static String read(Path template) {
        try {
            return Files.readString(template);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
