package belonax.match;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleType;
import belonax.thread.NeedleNote;
import belonax.thread.SewingThread;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is printed on a spool stands beside what we say, also where we say otherwise. */
class SpoolWordTest {
    private static final NeedleMatcher MATCHER = NeedleMatcher.standard();
    private static final ClothCatalogue CLOTHS = ClothCatalogue.standard();

    @ParameterizedTest(name = "{0} with tex {1}: {2} {3}")
    @CsvSource(delimiter = '|', textBlock = """
            quilting-cotton | 25  | UNIVERSAL  | 80  | true  | Your spool says universal 80/12, and so do we.
            quilting-cotton | 25  | UNIVERSAL  |     | true  | Your spool says universal, and so do we.
            quilting-cotton | 25  | TOPSTITCH  | 110 | false | Your spool says topstitch 110/18:
            swim-knit       | 25  | UNIVERSAL  | 75  | false | Your spool says universal 75/11: avoid.
            canvas          | 100 | EMBROIDERY | 75  | false | Your spool says embroidery 75/11: avoid.
            """)
    void the_spool_is_heard_and_answered(
            String cloth, double tex, NeedleType type, Integer nm, boolean agrees, String says) {
        SpoolWord word = word(cloth, tex, type, nm).orElseThrow();

        assertThat(word.agrees()).isEqualTo(agrees);
        assertThat(word.words()).startsWith(says).endsWith(".");
        if (!agrees) {
            assertThat(word.words()).contains(" We say ");
            assertThat(word.needle().type()).isEqualTo(type);
        }
    }

    @Test
    void a_spool_that_says_nothing_is_not_quoted() {
        MatchRequest silent =
                MatchRequest.of(Job.sewing(Stack.of(CLOTHS.get("poplin"), 2), SewingThread.spunPolyester(25))
                        .build());

        assertThat(SpoolWord.of(silent, MATCHER.match(silent), new SetupCheck(MATCHER)))
                .isEmpty();
    }

    private static Optional<SpoolWord> word(String cloth, double tex, NeedleType type, Integer nm) {
        NeedleNote note =
                new NeedleNote(Optional.of(type), Optional.ofNullable(nm).map(NeedleSize::ofNm));
        MatchRequest request =
                MatchRequest.of(Job.sewing(Stack.of(CLOTHS.get(cloth), 2), SewingThread.spunPolyester(tex))
                        .spoolNote(note)
                        .build());
        return SpoolWord.of(request, MATCHER.match(request), new SetupCheck(MATCHER));
    }
}
