package belonax.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import belonax.cloth.ClothCatalogue;
import belonax.cloth.Layers;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.hazard.Verdict;
import belonax.needle.NeedleType;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.SewingThread;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The matcher against what experienced sewists fit, over the whole range from tulle to leather. */
class WorkedCasesTest {
    private static final ClothCatalogue CLOTHS = ClothCatalogue.standard();
    private static final NeedleMatcher MATCHER = NeedleMatcher.standard();

    record Case(String why, Job job, List<NeedleType> first, int fromNm, int toNm, List<String> verdicts) {
        @Override
        public String toString() {
            return why;
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void fits_what_an_experienced_sewist_would(Case one) {
        Match match = MATCHER.match(MatchRequest.of(one.job()));

        Recommendation best = match.best();
        assertThat(best.needle().type())
                .as("type of %s", match.recommendations())
                .isIn(one.first());
        assertThat(best.needle().size().nm()).as("size").isBetween(one.fromNm(), one.toNm());
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void judges_the_other_types_as_an_experienced_sewist_would(Case one) {
        Candidates candidates = MATCHER.candidates(MatchRequest.of(one.job()));

        for (NeedleType type : NeedleType.values()) {
            List<Verdict> allowed = one.verdicts().stream()
                    .filter(word -> word.startsWith(type.name() + "="))
                    .map(word -> Verdict.valueOf(word.substring(type.name().length() + 1)))
                    .toList();
            if (!allowed.isEmpty()) {
                assertThat(bestVerdict(candidates, type)).as(type.words()).isIn(allowed);
            }
        }
    }

    @Test
    void holds_at_least_sixty_cases() {
        assertThat(cases()).hasSizeGreaterThanOrEqualTo(60);
    }

    /** A type that is added gets cases that say where it belongs and where it does not. */
    @ParameterizedTest
    @EnumSource(NeedleType.class)
    void names_each_type_that_is_fitted_alone(NeedleType type) {
        assumeThat(type.isMultiple()).isFalse();
        List<Case> naming = cases().filter(one -> one.first().contains(type)
                        || one.verdicts().stream().anyMatch(word -> word.startsWith(type.name() + "=")))
                .toList();

        assertThat(naming).hasSizeGreaterThanOrEqualTo(3);
    }

    private static Verdict bestVerdict(Candidates candidates, NeedleType type) {
        return Stream.concat(candidates.usable().stream(), candidates.forbidden().stream())
                .filter(prediction -> prediction.needle().needle().type() == type)
                .map(prediction -> candidates.verdict(prediction))
                .min(Verdict::compareTo)
                .orElseThrow();
    }

    static Stream<Case> cases() {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(WorkedCasesTest.class.getResourceAsStream("worked-cases.txt")),
                StandardCharsets.UTF_8))) {
            return in
                    .lines()
                    .filter(line -> !line.startsWith("#") && !line.isBlank())
                    .map(WorkedCasesTest::read)
                    .toList()
                    .stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Case read(String line) {
        String[] field = line.split(" \\| ");
        String[] nm = field[5].split("-");
        return new Case(
                field[0],
                Job.sewing(stack(field[1]), thread(field[2]))
                        .purpose(Purpose.valueOf(field[3]))
                        .build(),
                Stream.of(field[4].split(" ")).map(NeedleType::valueOf).toList(),
                Integer.parseInt(nm[0]),
                Integer.parseInt(nm[1]),
                List.of(field[6].split(" ")));
    }

    private static Stack stack(String text) {
        return Stack.of(Stream.of(text.split(" \\+ "))
                .map(word -> word.split(" x "))
                .map(values -> new Layers(CLOTHS.get(values[0]), Integer.parseInt(values[1])))
                .toList());
    }

    private static SewingThread thread(String text) {
        String[] words = text.toUpperCase(Locale.ROOT).split(" ");
        return SewingThread.spunPolyester(Double.parseDouble(words[0]))
                .of(
                        words.length > 1 ? Fibre.valueOf(words[1]) : Fibre.POLYESTER,
                        words.length > 2 ? Build.valueOf(words[2]) : Build.SPUN);
    }
}
