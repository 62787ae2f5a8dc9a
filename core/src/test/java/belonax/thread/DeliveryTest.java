package belonax.thread;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.thread.Delivery.Way;
import belonax.thread.Delivery.Winding;
import java.util.OptionalDouble;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** How a spool wants to come off, by its winding and its thread. */
class DeliveryTest {
    @ParameterizedTest(name = "{0} {1} {2}: {3}")
    @CsvSource({
        "CROSS, POLYESTER, SPUN,         OVER_THE_END",
        "STACK, POLYESTER, SPUN,         FROM_THE_SIDE",
        "CONE,  POLYESTER, SPUN,         STRAIGHT_UP",
        "CROSS, RAYON,     FILAMENT,     OVER_THE_END",
        "CROSS, METALLIC,  METALLIC,     FROM_THE_SIDE",
        "CROSS, NYLON,     MONOFILAMENT, FROM_THE_SIDE",
        "CONE,  METALLIC,  METALLIC,     STRAIGHT_UP"
    })
    void it_comes_off_the_way_it_was_wound_but_what_must_not_twist(Winding winding, Fibre fibre, Build build, Way way) {
        assertThat(Delivery.of(winding, thread(fibre, build)).way()).isEqualTo(way);
    }

    @ParameterizedTest(name = "{0} {1}: net {2}")
    @CsvSource({
        "POLYESTER, SPUN,         false",
        "COTTON,    SPUN,         false",
        "POLYESTER, CORESPUN,     false",
        "POLYESTER, FILAMENT,     true",
        "RAYON,     SPUN,         true",
        "SILK,      SPUN,         true",
        "NYLON,     MONOFILAMENT, true"
    })
    void what_slips_is_given_a_net(Fibre fibre, Build build, boolean net) {
        boolean told = Delivery.of(Winding.CROSS, thread(fibre, build)).advice().stream()
                .anyMatch(text -> text.startsWith("Give it a net"));

        assertThat(told).isEqualTo(net);
    }

    @ParameterizedTest
    @EnumSource(Winding.class)
    void the_way_stands_first_in_whole_sentences(Winding winding) {
        assertThat(Delivery.of(winding, SewingThread.spunPolyester(25)).advice())
                .hasSize(1)
                .allMatch(text -> text.endsWith("."));
        assertThat(winding.words()).isNotBlank();
    }

    @ParameterizedTest
    @CsvSource({"CROSS, MONOFILAMENT", "STACK, MONOFILAMENT", "CROSS, METALLIC"})
    void what_must_not_twist_is_told_one_way_only(Winding winding, Build build) {
        Fibre fibre = build == Build.METALLIC ? Fibre.METALLIC : Fibre.NYLON;

        assertThat(Delivery.of(winding, thread(fibre, build)).advice())
                .noneMatch(text -> text.contains("over its end"))
                .first()
                .asString()
                .contains("comes off its side");
    }

    private static SewingThread thread(Fibre fibre, Build build) {
        return new SewingThread(new Tex(25), fibre, build, OptionalDouble.empty(), Quality.GOOD, false);
    }
}
