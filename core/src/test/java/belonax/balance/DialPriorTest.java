package belonax.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import belonax.machine.BobbinKind;
import belonax.machine.Dial;
import belonax.machine.DialGuide;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.Tex;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is believed of the dial before the first strip. */
class DialPriorTest {
    @ParameterizedTest(name = "tex {0}, {1} mm, {2} mm wide")
    @CsvSource({"25, 0.7, 0", "40, 2.4, 0", "12, 0.3, 0", "60, 6, 0", "25, 0.9, 5"})
    void without_a_past_the_guide_is_believed_and_nothing_else(double tex, double stackMm, double widthMm) {
        DialPrior prior = DialPrior.of(setup(SewingThread.spunPolyester(tex), stackMm, widthMm), List.of());

        assertThat(prior.mean())
                .isCloseTo(4 + DialGuide.moved(SewingThread.spunPolyester(tex), stackMm, widthMm), within(1e-9));
        assertThat(prior.spread()).isBetween(1.0, 2.0);
    }

    @Test
    void rayon_monofilament_and_metallic_are_expected_lower_as_match_advises() {
        assertThat(mean(Fibre.RAYON, Build.FILAMENT)).isCloseTo(3.5, within(1e-9));
        assertThat(mean(Fibre.NYLON, Build.MONOFILAMENT)).isCloseTo(3, within(1e-9));
        assertThat(mean(Fibre.METALLIC, Build.METALLIC)).isCloseTo(2.5, within(1e-9));
    }

    @Test
    void a_doubled_thread_counts_as_the_thick_one_that_it_is() {
        BalanceSetup doubled = setup(SewingThread.spunPolyester(25).inStrands(2), 0.7, 0);

        assertThat(DialPrior.of(doubled, List.of()).mean()).isCloseTo(3.3, within(1e-9));
    }

    @Test
    void what_the_machine_did_before_draws_the_guess_and_makes_it_surer_the_oftener_the_more() {
        BalanceSetup setup = setup(SewingThread.spunPolyester(25), 0.7, 0);
        double mean = 4;
        double spread = DialPrior.of(setup, List.of()).spread();
        for (int count : new int[] {1, 3, 9}) {
            DialPrior prior = DialPrior.of(
                    setup, Collections.nCopies(count, new PastBalance(5.5, 0.7, new Tex(25), 0, Build.SPUN)));
            assertThat(prior.mean()).isBetween(mean, 5.5).isNotEqualTo(mean);
            assertThat(prior.spread()).isLessThan(spread);
            mean = prior.mean();
            spread = prior.spread();
        }
        assertThat(mean).isCloseTo(5.5, within(0.1));
    }

    @Test
    void a_balance_of_another_thread_teaches_about_the_machine_what_the_thread_does_not_explain() {
        BalanceSetup setup = setup(SewingThread.spunPolyester(25), 0.7, 0);
        PastBalance asTheGuideHasIt = new PastBalance(3, 0.7, new Tex(25), 0, Build.MONOFILAMENT);
        PastBalance higherThanThat = new PastBalance(4, 0.7, new Tex(25), 0, Build.MONOFILAMENT);

        assertThat(DialPrior.of(setup, List.of(asTheGuideHasIt)).mean()).isCloseTo(4, within(1e-9));
        assertThat(DialPrior.of(setup, List.of(higherThanThat)).mean()).isGreaterThan(4.5);
    }

    @ParameterizedTest(name = "bobbin tex {0}: {1}")
    @CsvSource({"25, 4", "50, 4.3", "12.5, 3.7", "260, 5", "6.25, 3.4"})
    void a_thicker_thread_in_the_bobbin_asks_for_more_above_but_never_for_more_than_a_number(double tex, double mean) {
        BalanceSetup setup = new BalanceSetup(
                Dial.numbered(),
                BobbinKind.REMOVABLE,
                0.7,
                0,
                SewingThread.spunPolyester(25),
                Optional.of(SewingThread.spunPolyester(tex)));

        assertThat(DialPrior.of(setup, List.of()).mean()).isCloseTo(mean, within(1e-9));
    }

    private static double mean(Fibre fibre, Build build) {
        SewingThread thread = new SewingThread(new Tex(25), fibre, build, OptionalDouble.empty(), Quality.GOOD, false);
        return DialPrior.of(setup(thread, 0.7, 0), List.of()).mean();
    }

    private static BalanceSetup setup(SewingThread thread, double stackMm, double widthMm) {
        return new BalanceSetup(Dial.numbered(), BobbinKind.REMOVABLE, stackMm, widthMm, thread, Optional.empty());
    }
}
