package belonax.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import belonax.balance.Advice.Action;
import belonax.machine.BobbinKind;
import belonax.machine.Dial;
import belonax.thread.Build;
import belonax.thread.SewingThread;
import belonax.thread.Tex;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Worked runs of strips: what a good technician would say to each, strip by strip. */
class StripLawsTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
        # run                                       | action    | from | to   | why begins with, or holds
        4 CLEAN CLEAN                               | SEW_STRIP | 4    | 4    | One more there
        4 CLEAN CLEAN, 4 CLEAN CLEAN                | KEEP      | 4    | 4    | Balanced at 4
        6 CLEAN LOOPS, 4 CLEAN CLEAN, 4 CLEAN CLEAN | KEEP      | 4    | 4    | at 4
        7 CLEAN LOOPS, 7 CLEAN LOOPS, 3 CLEAN CLEAN, 3 CLEAN CLEAN | KEEP | 3 | 3 | at 3
        4 CLEAN DOTS, 4 CLEAN CLEAN                 | SEW_STRIP | 4    | 5    | the strip was clean
        2.5 DOTS CLEAN, 6 CLEAN LOOPS               | SEW_STRIP | 2    | 7    | cannot both be
        4 CLEAN LOOPS, 4 DOTS CLEAN                 | SEW_STRIP | 3    | 5    | cannot both be
        2.5 DOTS CLEAN, 6 CLEAN LOOPS, 4 CLEAN CLEAN, 4 CLEAN CLEAN | KEEP | 4 | 4 | at 4
        4 LINE CLEAN                                | SEW_STRIP | 2    | 3.5  | far too hard
        4 CLEAN LOOPS                               | SEW_STRIP | 4.5  | 6    | Was it threaded with the foot up?
        7 CLEAN LOOPS                               | SEW_STRIP | 4    | 6    | the trouble lay below
        4 DOTS TIGHT                                | SEW_STRIP | 2    | 3.75 | the top pulls too hard
        4 CLEAN TIGHT                               | SEW_STRIP | 4.25 | 6    | Two colours decide
        4 DRAWN_UP TIGHT                            | SEW_STRIP | 2    | 3.75 | drawn up
        4 DRAWN_UP CLEAN                            | SEW_STRIP | 2    | 3.75 | both pulls are strong
        4 DRAWN_UP LINE                             | BOBBIN    | 0    | 0    | the bobbin's most of all
        4 LINE LINE                                 | SEW_STRIP | 2    | 4    | too thick for this stack
        4 LINE LINE, 3 LINE LINE                    | BOBBIN    | 0    | 0    | both pulls are too strong
        4 CLEAN NEST, 8 CLEAN LOOPS                 | SEW_STRIP | 6    | 6    | One strip may be misread
        0.5 LINE CLEAN                              | SEW_STRIP | 2    | 2    | One strip may be misread
        5 CLEAN CLEAN, 5 DRAWN_UP DOTS              | BOBBIN    | 0    | 0    | both pulls are too strong
        3 DOTS CLEAN, 3 CLEAN LOOPS ERRATIC         | SEW_STRIP | 2    | 6    | cannot both be
        4 LINE LOOPS                                | SEW_STRIP | 2    | 4    | far off at once
        3 CLEAN LINE, 6 DOTS CLEAN                  | SEW_STRIP | 3.25 | 5.75 | the top pulls too hard
        3 DOTS CLEAN, 4.5 CLEAN CLEAN BOBBIN_BROKE, 7 LINE CLEAN | SEW_STRIP | 1 | 5 | far too hard
        4 DOTS DOTS                                 | SEW_STRIP | 3.5  | 4.5  | nearly balanced, with fuzzy thread
        4 CLEAN NEST                                | RETHREAD  | 0    | 0    | A nest from the first stitches
        4 CLEAN CLEAN, 4 CLEAN NEST, 4 CLEAN CLEAN  | KEEP      | 4    | 4    | at 4
        4 CLEAN NEST, 4 CLEAN NEST, 4 CLEAN NEST    | TECHNICIAN | 0   | 0    | The third nest
        1 DOTS CLEAN, 1 DOTS CLEAN                  | BOBBIN    | 0    | 0    | The dial runs out at its low end
        8 CLEAN LOOPS, 8 CLEAN LOOPS                | BOBBIN    | 0    | 0    | The dial runs out at its high end
        4 CLEAN CLEAN BOBBIN_BROKE                  | BOBBIN    | 0    | 0    | is it wound evenly
        4 CLEAN LOOPS BOBBIN_BROKE                  | BOBBIN    | 0    | 0    | The screw comes last
        4 CLEAN CLEAN BOBBIN_BROKE, 4 CLEAN CLEAN BOBBIN_BROKE | BOBBIN | 0 | 0 | Slacken the bobbin screw
        4 CLEAN CLEAN PUCKER                        | SEW_STRIP | 2    | 4    | both pulls are strong
        4 CLEAN CLEAN ERRATIC, 4 CLEAN CLEAN ERRATIC | RETHREAD | 0    | 0    | comes and goes is not the dial
        """)
    void a_run_is_answered_as_a_technician_would(String run, Action action, double from, double to, String why) {
        Advice advice = DialAdvisor.advise(setup(), List.of(), strips(run));

        assertThat(advice.action()).as(advice.why()).isEqualTo(action);
        assertThat(advice.why()).contains(why);
        if (to > 0) {
            assertThat(advice.dial().orElseThrow()).isBetween(from, to);
        }
    }

    @Test
    void strips_that_contradict_each_other_say_so_keep_nothing_and_name_the_strip_that_settles_it() {
        List<Strip> run = strips("2.5 DOTS CLEAN, 6 CLEAN LOOPS");
        Advice asked = DialAdvisor.advise(setup(), List.of(), run);

        assertThat(asked.contradiction())
                .hasValue(
                        "Strip 2 at 6 says the top pulls too little, strip 1 at 2½ that it pulls too hard: one of them was"
                                + " misread.");
        assertThat(asked.confidence()).isLessThanOrEqualTo(0.6);
        assertThat(asked.why())
                .contains("too tight on top, that strip 2 was misread")
                .contains("loops or dots below, that strip 1 was");

        double settles = asked.dial().orElseThrow();
        Advice settled =
                DialAdvisor.advise(setup(), List.of(), with(run, Strip.of(settles, TopFace.CLEAN, Underside.CLEAN)));
        assertThat(settled.contradiction()).isEmpty();
        Advice again =
                DialAdvisor.advise(setup(), List.of(), with(run, Strip.of(settles, TopFace.DOTS, Underside.CLEAN)));
        assertThat(again.contradiction()).isPresent();
    }

    @Test
    void a_kept_balance_that_is_less_believed_than_seen_says_so_and_states_the_belief() {
        Advice kept = DialAdvisor.advise(
                setup(),
                Collections.nCopies(8, new PastBalance(7, 0.6, new Tex(25), 0, Build.SPUN)),
                strips("7 CLEAN LOOPS, 3 CLEAN CLEAN, 3 CLEAN CLEAN"));

        assertThat(kept.action()).isEqualTo(Action.KEEP);
        assertThat(kept.dial()).hasValue(3);
        assertThat(kept.confidence()).isLessThan(DialAdvisor.KEEP_CONFIDENCE);
        assertThat(kept.why()).startsWith("Kept at 3 because two strips running were clean on both faces there");
    }

    @Test
    void one_strip_alone_never_sends_the_dial_more_than_two_numbers_from_what_was_expected() {
        for (TopFace top : List.of(TopFace.LINE, TopFace.DOTS)) {
            assertThat(proposed(Strip.of(9, top, Underside.CLEAN))).isBetween(2.0, 6.0);
            assertThat(proposed(Strip.of(0, top, Underside.CLEAN))).isBetween(2.0, 6.0);
        }
        assertThat(proposed(Strip.of(5.5, TopFace.CLEAN, Underside.LOOPS))).isLessThanOrEqualTo(6);
        assertThat(proposed(Strip.of(5.5, TopFace.CLEAN, Underside.LOOPS), Strip.of(6, TopFace.CLEAN, Underside.LOOPS)))
                .isGreaterThan(6);
    }

    @Test
    void a_machine_with_five_balances_has_a_band_of_its_own() {
        List<PastBalance> high = Collections.nCopies(5, new PastBalance(6.5, 0.6, new Tex(25), 0, Build.SPUN));
        List<Strip> clean = strips("6.5 CLEAN CLEAN, 6.5 CLEAN CLEAN");

        assertThat(DialAdvisor.advise(setup(), high.subList(0, 4), clean).suspicion())
                .isPresent();
        assertThat(DialAdvisor.advise(setup(), high, clean).suspicion()).isEmpty();
        assertThat(DialAdvisor.advise(setup(), List.of(), clean).why())
                .endsWith("Before you leave it, look at the bobbin.");
    }

    @Test
    void who_takes_dots_for_clean_sews_a_third_strip_before_it_is_settled() {
        Reader careless = Reader.of(Map.of(
                Reading.TOP_DOTS, Map.of(Reading.TOP_DOTS, 0.6, Reading.CLEAN, 0.4),
                Reading.DOTS, Map.of(Reading.DOTS, 0.6, Reading.CLEAN, 0.4)));
        List<Strip> two = strips("7 CLEAN LOOPS, 3 CLEAN CLEAN, 3 CLEAN CLEAN");
        List<PastBalance> past = Collections.nCopies(8, new PastBalance(7, 0.6, new Tex(25), 0, Build.SPUN));

        assertThat(DialAdvisor.opinion(setup(), past, two, careless).advice().action())
                .isEqualTo(Action.SEW_STRIP);
        assertThat(DialAdvisor.opinion(setup(), past, with(two, two.get(2)), careless)
                        .advice()
                        .action())
                .isEqualTo(Action.KEEP);
        assertThat(DialAdvisor.opinion(setup(), List.of(), strips("4 CLEAN CLEAN"), careless)
                        .advice()
                        .confidence())
                .isLessThan(DialAdvisor.advise(setup(), List.of(), strips("4 CLEAN CLEAN"))
                        .confidence());
    }

    @Test
    void a_readers_table_has_to_add_up() {
        assertThatThrownBy(() -> Reader.of(Map.of(Reading.DOTS, Map.of(Reading.DOTS, 0.6))))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("add up to 1");
        assertThatThrownBy(() -> Reader.of(Map.of(Reading.DOTS, Map.of(Reading.DOTS, 1.5, Reading.CLEAN, -0.5))))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("between 0 and 1");
    }

    private static double proposed(Strip... strips) {
        return DialAdvisor.advise(setup(), List.of(), List.of(strips)).dial().orElseThrow();
    }

    private static List<Strip> strips(String run) {
        List<Strip> strips = new ArrayList<>();
        for (String text : run.split(",")) {
            String[] words = text.strip().split(" +");
            Set<StripObservation> also = words.length > 3 ? Set.of(StripObservation.valueOf(words[3])) : Set.of();
            strips.add(new Strip(
                    Double.parseDouble(words[0]), TopFace.valueOf(words[1]), Underside.valueOf(words[2]), also));
        }
        return strips;
    }

    private static List<Strip> with(List<Strip> strips, Strip more) {
        List<Strip> all = new ArrayList<>(strips);
        all.add(more);
        return all;
    }

    private static BalanceSetup setup() {
        return new BalanceSetup(
                Dial.numbered(), BobbinKind.REMOVABLE, 0.7, 0, SewingThread.spunPolyester(25), Optional.empty());
    }
}
