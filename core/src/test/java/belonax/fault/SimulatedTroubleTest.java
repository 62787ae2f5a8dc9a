package belonax.fault;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.fault.Glance.Look;
import belonax.fault.SimulatedTrouble.World;
import belonax.machine.BobbinKind;
import java.util.Arrays;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A trouble that somebody made up: what it shows comes of its causes, and ends with them. */
class SimulatedTroubleTest {
    private static final FaultTable TABLE = FaultTable.standard();

    private static SimulatedTrouble trouble(long seed) {
        return new World(TABLE, 0.5, 0.25, new SplittableRandom(seed)).trouble(new SplittableRandom(seed));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void every_trouble_shows_something_and_is_over_when_every_check_was_made(long seed) {
        SimulatedTrouble trouble = trouble(seed);
        SplittableRandom random = new SplittableRandom(seed);
        assertThat(trouble.symptoms()).isNotEmpty();
        assertThat(trouble.left()).isBetween(1, 3);

        int cured = 0;
        for (CheckId check : CheckId.values()) {
            cured += trouble.findsAndCures(check, 1, random) ? 1 : 0;
        }

        assertThat(cured).isBetween(1, 3);
        assertThat(trouble.left()).isZero();
        assertThat(trouble.symptoms()).isEmpty();
    }

    @Test
    void the_same_seed_draws_the_same_trouble() {
        assertThat(trouble(11).symptoms()).isEqualTo(trouble(11).symptoms());
    }

    @Test
    void a_check_that_finds_nothing_cures_nothing() {
        SimulatedTrouble trouble = trouble(3);
        int before = trouble.left();

        boolean any = Arrays.stream(CheckId.values())
                .anyMatch(check -> trouble.findsAndCures(check, 0, new SplittableRandom(1)));

        assertThat(any).isFalse();
        assertThat(trouble.left()).isEqualTo(before);
    }

    @Test
    void a_glance_that_sees_nothing_tells_wrong_now_and_then_all_the_same() {
        SimulatedTrouble trouble = trouble(5);
        SplittableRandom random = new SplittableRandom(9);
        int wrong = 0;
        for (int i = 0; i < 500; i++) {
            wrong += (int) trouble.glance(0, random).values().stream()
                    .filter(Look.WRONG::equals)
                    .count();
        }

        assertThat(wrong).as("one in fifty of two thousand looks").isBetween(20, 65);
    }

    @Test
    void an_overlocker_has_no_bobbin_to_look_at() {
        assertThat(Glance.on(BobbinKind.NONE)).hasSize(3).doesNotContain(Glance.BOBBIN);
        assertThat(Glance.on(BobbinKind.SEALED)).containsExactly(Glance.values());
        assertThat(Glance.values())
                .allSatisfy(glance -> assertThat(glance.words(Look.WRONG)).isNotEqualTo(glance.words(Look.RIGHT)));
    }
}
