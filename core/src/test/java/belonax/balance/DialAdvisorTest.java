package belonax.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assumptions.assumeThat;

import belonax.BadInput;
import belonax.balance.Advice.Action;
import belonax.machine.BobbinKind;
import belonax.machine.Dial;
import belonax.machine.DialKind;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.Tex;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class DialAdvisorTest {
    private static final int CASES = 300;

    @Test
    void the_first_strip_is_sewn_where_the_guide_says_and_a_past_moves_it() {
        Advice first = advise();
        assertThat(first.action()).isEqualTo(Action.SEW_STRIP);
        assertThat(first.dial()).hasValue(4);
        assertThat(first.why()).isEqualTo("Start at 4, the usual place for this thread and stack; the strip decides.");

        List<PastBalance> past = Collections.nCopies(4, new PastBalance(5.5, 0.7, new Tex(25), 0, Build.SPUN));
        Advice known = DialAdvisor.advise(setup(25, 0.7), past, List.of());

        assertThat(known.dial().orElseThrow()).isBetween(5.0, 5.5);
        assertThat(known.high() - known.low()).isLessThan(first.high() - first.low());
        assertThat(known.why()).contains("4 past balances of this machine point");
    }

    @ParameterizedTest(name = "{0} and {1} turn the dial {2}")
    @CsvSource({
        "DOTS, CLEAN, down, the bobbin's colour dotted the top: the top pulls too hard.",
        "LINE, CLEAN, down, the top thread lay straight: the top pulls far too hard.",
        "DRAWN_UP, CLEAN, down, the seam was drawn up with clean faces: both pulls are strong.",
        "CLEAN, DOTS, up, the top colour dotted the underside: the top pulls too little.",
        "CLEAN, LOOPS, up, 'the trouble lay below, and that is the top thread''s doing: it pulls far too little.'",
        "CLEAN, LINE, up, 'the trouble lay below, and that is the top thread''s doing: it pulls far too little.'",
    })
    void a_reading_turns_the_dial_the_right_way_and_says_why(TopFace top, Underside below, String way, String why) {
        Advice next = advise(Strip.of(4, top, below));

        assertThat(next.action()).isEqualTo(Action.SEW_STRIP);
        assertThat(Math.signum(next.dial().orElseThrow() - 4)).isEqualTo(way.equals("up") ? 1 : -1);
        assertThat(next.why()).startsWith("At 4 " + why);
    }

    @Test
    void a_strip_far_off_moves_the_dial_further_than_dots_do() {
        double dots = advise(Strip.of(4, TopFace.DOTS, Underside.CLEAN)).dial().orElseThrow();
        double line = advise(Strip.of(4, TopFace.LINE, Underside.CLEAN)).dial().orElseThrow();

        assertThat(line).isLessThan(dots);
    }

    @Test
    void a_clean_strip_is_confirmed_on_an_unknown_machine_and_enough_on_a_known_one() {
        Advice once = advise(clean(4));
        assertThat(once.action()).isEqualTo(Action.SEW_STRIP);
        assertThat(once.why()).isEqualTo("At 4 the strip was clean. One more there makes sure that it was read right.");

        Advice twice = advise(clean(4), clean(4));
        List<PastBalance> past = Collections.nCopies(5, new PastBalance(4, 0.6, new Tex(25), 0, Build.SPUN));
        Advice known = DialAdvisor.advise(setup(25, 0.7), past, List.of(clean(4)));

        assertThat(List.of(twice, known)).allSatisfy(kept -> {
            assertThat(kept.action()).isEqualTo(Action.KEEP);
            assertThat(kept.dial()).hasValue(4);
            assertThat(kept.confidence()).isGreaterThanOrEqualTo(DialAdvisor.KEEP_CONFIDENCE);
            assertThat(kept.why()).startsWith("Balanced at 4: neither face shows the other thread, and 9");
            assertThat(kept.suspicion()).isEmpty();
        });
    }

    @Test
    void a_balance_outside_the_usual_band_is_kept_and_carries_a_suspicion() {
        Advice low = advise(
                Strip.of(4, TopFace.LINE, Underside.CLEAN),
                Strip.of(2.5, TopFace.DOTS, Underside.CLEAN),
                clean(1.75),
                clean(1.75));

        assertThat(low.action()).isEqualTo(Action.KEEP);
        assertThat(low.suspicion().orElseThrow())
                .isEqualTo(
                        "1¾ lies below the usual band. With ordinary thread a loose bobbin is the likely reason: was its screw"
                                + " touched? Test its pull.");
    }

    @Test
    void an_automatic_machine_that_leaves_its_marks_tells_of_dirt() {
        BalanceSetup auto = new BalanceSetup(
                new Dial(DialKind.AUTO, 0, 9, 0.5, 3, 5),
                BobbinKind.SEALED,
                0.5,
                0,
                SewingThread.spunPolyester(25),
                Optional.empty());

        Advice kept = DialAdvisor.advise(
                auto, List.of(), List.of(Strip.of(4, TopFace.CLEAN, Underside.LOOPS), clean(6), clean(6)));

        assertThat(kept.suspicion().orElseThrow()).contains("dirt in the discs or of its threading");
    }

    @Test
    void nests_and_what_comes_and_goes_are_not_the_dials_and_end_at_a_technician() {
        Strip nest = Strip.of(4, TopFace.CLEAN, Underside.NEST);
        Strip erratic = new Strip(4, TopFace.DOTS, Underside.CLEAN, Set.of(StripObservation.ERRATIC));

        assertThat(advise(nest).action()).isEqualTo(Action.RETHREAD);
        assertThat(advise(nest, nest).action()).isEqualTo(Action.RETHREAD);
        assertThat(advise(nest, nest, nest).action()).isEqualTo(Action.TECHNICIAN);
        assertThat(advise(nest, clean(4), clean(4)).action()).isEqualTo(Action.KEEP);
        assertThat(advise(erratic).action()).isEqualTo(Action.SEW_STRIP);
        assertThat(advise(erratic, erratic).action()).isEqualTo(Action.RETHREAD);
        assertThat(advise(erratic, erratic).why()).startsWith("Tension that comes and goes is not the dial");
        assertThat(advise(erratic, erratic, erratic, erratic).action()).isEqualTo(Action.TECHNICIAN);
    }

    @Test
    void clean_faces_with_a_breaking_bobbin_thread_or_a_seam_drawn_up_are_the_bobbins() {
        Strip breaks = new Strip(5, TopFace.CLEAN, Underside.CLEAN, Set.of(StripObservation.BOBBIN_BROKE));
        Strip drawn = new Strip(4, TopFace.CLEAN, Underside.CLEAN, Set.of(StripObservation.PUCKER));

        assertThat(advise(breaks).action()).isEqualTo(Action.BOBBIN);
        assertThat(advise(breaks).why()).contains("is it wound evenly").contains("The screw comes last");
        assertThat(advise(breaks, breaks).why()).contains("Slacken the bobbin screw an eighth of a turn");
        assertThat(advise(breaks, clean(5)).action()).isNotEqualTo(Action.BOBBIN);
        Strip loops = new Strip(5, TopFace.CLEAN, Underside.LOOPS, Set.of(StripObservation.BOBBIN_BROKE));
        assertThat(advise(loops).why()).contains("is it wound evenly");
        assertThat(advise(drawn).dial().orElseThrow()).isLessThan(4);
        assertThat(advise(drawn, drawn, drawn).action()).isEqualTo(Action.BOBBIN);
        assertThat(sealed(breaks, breaks).why()).contains("This case is sealed, so take a finer or smoother thread");
    }

    @Test
    void where_the_dial_runs_out_it_is_the_bobbins_turn() {
        List<Strip> strips = new ArrayList<>();
        Advice advice = advise();
        while (advice.action() == Action.SEW_STRIP) {
            strips.add(Strip.of(advice.dial().orElseThrow(), TopFace.DOTS, Underside.CLEAN));
            advice = advise(strips.toArray(Strip[]::new));
        }

        assertThat(advice.action()).isEqualTo(Action.BOBBIN);
        assertThat(strips).hasSizeLessThan(6).allMatch(strip -> strip.dial() >= 1);
        assertThat(advice.why())
                .startsWith("The dial runs out at its low end")
                .contains("tighten the bobbin screw an eighth");
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void a_reading_too_tight_never_raises_the_proposal_and_one_too_loose_never_lowers_it(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        BalanceSetup same = setup(random);
        SimulatedMachine machine = SimulatedMachine.of(same, random);
        List<Strip> strips = new ArrayList<>();
        for (int i = random.nextInt(6); i > 0; i--) {
            double anywhere =
                    same.dial().min() + (same.dial().max() - same.dial().min()) * random.nextDouble();
            strips.add(machine.sewAndRead(same.dial().nearest(anywhere), random));
        }
        Advice before = DialAdvisor.advise(same, List.of(), strips);
        assumeThat(before.dial()).as("a dial that is proposed").isPresent();
        double dial = before.dial().getAsDouble();
        for (double sewnAt : new double[] {dial, same.dial().min() + random.nextInt(5)}) {
            for (TopFace tight : List.of(TopFace.DOTS, TopFace.LINE, TopFace.DRAWN_UP)) {
                proposed(same, with(strips, Strip.of(sewnAt, tight, Underside.CLEAN)))
                        .ifPresent(count -> assertThat(count <= dial || closesABracket(strips, sewnAt, count))
                                .as("%s after %s", count, dial)
                                .isTrue());
            }
            for (Underside loose : List.of(Underside.DOTS, Underside.LOOPS, Underside.LINE)) {
                proposed(same, with(strips, Strip.of(sewnAt, TopFace.CLEAN, loose)))
                        .ifPresent(count -> assertThat(count >= dial || closesABracket(strips, sewnAt, count))
                                .as("%s after %s", count, dial)
                                .isTrue());
            }
        }
    }

    /** Between a slack and a tight strip lies balance, whatever was believed before. */
    private static boolean closesABracket(List<Strip> strips, double sewnAt, double proposed) {
        return strips.stream()
                .filter(strip -> strip.saysTooLoose() || strip.saysTooTight())
                .anyMatch(strip ->
                        Math.min(strip.dial(), sewnAt) < proposed && proposed < Math.max(strip.dial(), sewnAt));
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void what_is_believed_does_not_hang_on_the_order_and_a_corrected_reading_leaves_no_trace(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Strip> strips = strips(random, 1 + random.nextInt(5));
        Strip a = strip(random, 4);
        Strip b = strip(random, 4);

        Advice oneWay = DialAdvisor.advise(setup(25, 0.7), List.of(), with(with(strips, a), b));
        Advice other = DialAdvisor.advise(setup(25, 0.7), List.of(), with(with(strips, b), a));

        assertThat(other.low()).isCloseTo(oneWay.low(), within(1e-9));
        assertThat(other.likely()).isCloseTo(oneWay.likely(), within(1e-9));
        assertThat(other.high()).isCloseTo(oneWay.high(), within(1e-9));
        // A corrected list is just another list: nothing is remembered of the misreading.
        assertThat(DialAdvisor.advise(setup(25, 0.7), List.of(), with(strips, a)))
                .isEqualTo(DialAdvisor.advise(setup(25, 0.7), List.of(), with(List.copyOf(strips), a)));
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void every_search_stays_on_its_dial_states_honest_numbers_and_ends_within_twelve_strips(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        BalanceSetup setup = setup(random);
        List<Strip> strips = new ArrayList<>();
        Advice advice = DialAdvisor.advise(setup, List.of(), strips);
        while (advice.action() == Action.SEW_STRIP) {
            double dial = advice.dial().orElseThrow();
            double outer = (setup.dial().max() - setup.dial().min()) / 9;
            assertThat(dial)
                    .isBetween(setup.dial().min() + outer - 1e-9, setup.dial().max() - outer + 1e-9);
            assertThat((dial - setup.dial().min()) / setup.dial().step()
                            - Math.rint(
                                    (dial - setup.dial().min()) / setup.dial().step()))
                    .isCloseTo(0, within(1e-6));
            strips.add(strip(random, dial));
            advice = DialAdvisor.advise(setup, List.of(), strips);
            assertThat(advice.confidence()).isBetween(0.0, 1.0);
            assertThat(advice.low()).isLessThanOrEqualTo(advice.likely());
            assertThat(advice.likely()).isLessThanOrEqualTo(advice.high());
            assertThat(advice.why()).matches("[A-Z0-9¼½¾].*[.?]");
        }
        assertThat(strips).hasSizeLessThanOrEqualTo(DialAdvisor.MAX_STRIPS);
        assertThat(advice.action() != Action.KEEP
                        || advice.confidence() >= DialAdvisor.KEEP_CONFIDENCE
                        || advice.why().startsWith("Kept at"))
                .isTrue();
    }

    @Test
    void special_threads_start_lower_and_a_knob_is_counted_in_turns() {
        double metallic = DialAdvisor.advise(
                        new BalanceSetup(
                                Dial.numbered(),
                                BobbinKind.SEALED,
                                0.7,
                                0,
                                new SewingThread(
                                        new Tex(25),
                                        Fibre.METALLIC,
                                        Build.METALLIC,
                                        OptionalDouble.empty(),
                                        Quality.GOOD,
                                        false),
                                Optional.empty()),
                        List.of(),
                        List.of())
                .dial()
                .orElseThrow();
        assertThat(metallic).isEqualTo(2.5);
        assertThat(proposed(setup(50, 0.7), List.of()).orElseThrow()).isLessThan(4);
        assertThat(proposed(setup(25, 4), List.of()).orElseThrow()).isLessThan(4);

        BalanceSetup knob = new BalanceSetup(
                Dial.knob(5), BobbinKind.REMOVABLE, 0.7, 0, SewingThread.spunPolyester(25), Optional.empty());
        assertThat(DialAdvisor.advise(knob, List.of(), List.of()).why()).startsWith("Start at 2½ turns");
    }

    @Test
    void too_much_to_read_is_refused() {
        assertThatThrownBy(() -> advise(Collections.nCopies(41, clean(4)).toArray(Strip[]::new)))
                .isInstanceOf(BadInput.class)
                .hasMessage("Name at most 40 strips.");
        assertThatThrownBy(() -> setup(25, 0)).isInstanceOf(BadInput.class);
        assertThatThrownBy(() -> Strip.of(21, TopFace.CLEAN, Underside.CLEAN)).isInstanceOf(BadInput.class);
    }

    @Test
    void a_machine_that_is_not_there_can_be_balanced_like_any_other() {
        int balanced = 0;
        for (int seed = 0; seed < 60; seed++) {
            SplittableRandom random = new SplittableRandom(seed);
            SimulatedMachine machine = SimulatedMachine.of(setup(25, 0.7), random);
            List<Strip> strips = new ArrayList<>();
            Advice advice = advise();
            while ((advice.action() == Action.SEW_STRIP || advice.action() == Action.RETHREAD) && strips.size() < 12) {
                strips.add(machine.sewAndRead(advice.dial().orElse(4), random));
                advice = advise(strips.toArray(Strip[]::new));
            }
            balanced += advice.action() == Action.KEEP
                            && machine.isBalanced(advice.dial().orElseThrow())
                    ? 1
                    : 0;
        }
        assertThat(balanced).isGreaterThan(50);
    }

    static IntStream seeds() {
        return IntStream.range(0, CASES);
    }

    private static OptionalDouble proposed(BalanceSetup setup, List<Strip> strips) {
        return DialAdvisor.advise(setup, List.of(), strips).dial();
    }

    private static Advice advise(Strip... strips) {
        return DialAdvisor.advise(setup(25, 0.7), List.of(), List.of(strips));
    }

    private static Advice sealed(Strip... strips) {
        return DialAdvisor.advise(
                new BalanceSetup(
                        Dial.numbered(), BobbinKind.SEALED, 0.7, 0, SewingThread.spunPolyester(25), Optional.empty()),
                List.of(),
                List.of(strips));
    }

    private static BalanceSetup setup(double tex, double stackMm) {
        return new BalanceSetup(
                Dial.numbered(), BobbinKind.REMOVABLE, stackMm, 0, SewingThread.spunPolyester(tex), Optional.empty());
    }

    private static BalanceSetup setup(SplittableRandom random) {
        Dial[] dials = {
            Dial.numbered(),
            Dial.knob(5),
            new Dial(DialKind.AUTO, 0, 9, 0.5, 3, 5),
            new Dial(DialKind.NUMBERED, 1, 5, 0.25, 2, 3.5),
            new Dial(DialKind.NUMBERED, 0, 20, 0.1, 8, 12)
        };
        return new BalanceSetup(
                dials[random.nextInt(dials.length)],
                BobbinKind.REMOVABLE,
                0.2 + 3 * random.nextDouble(),
                4 * random.nextDouble(),
                SewingThread.spunPolyester(15 + 40 * random.nextDouble()),
                Optional.empty());
    }

    private static List<Strip> strips(SplittableRandom random, int count) {
        List<Strip> strips = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            strips.add(strip(random, 1 + random.nextInt(15) * 0.5));
        }
        return strips;
    }

    private static Strip strip(SplittableRandom random, double dial) {
        return switch (random.nextInt(5)) {
            case 0 -> Strip.of(dial, TopFace.DOTS, Underside.CLEAN);
            case 1 -> Strip.of(dial, TopFace.LINE, Underside.CLEAN);
            case 2 -> Strip.of(dial, TopFace.CLEAN, Underside.DOTS);
            case 3 -> Strip.of(dial, TopFace.CLEAN, Underside.LOOPS);
            default -> clean(dial);
        };
    }

    private static Strip clean(double dial) {
        return Strip.of(dial, TopFace.CLEAN, Underside.CLEAN);
    }

    private static List<Strip> with(List<Strip> strips, Strip more) {
        List<Strip> all = new ArrayList<>(strips);
        all.add(more);
        return all;
    }
}
