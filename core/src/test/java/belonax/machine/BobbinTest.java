package belonax.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import belonax.plan.BobbinRoom;
import belonax.thread.SewingThread;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Which bobbin fits which machine, and how much it holds. */
class BobbinTest {
    private static final Machine HERON = Machine.ordinary("Heron", MachineKind.COMPUTER_CONTROLLED);

    @ParameterizedTest
    @EnumSource(BobbinClass.class)
    void a_class_is_known_again_by_its_own_words(BobbinClass bobbinClass) {
        assertThat(BobbinClass.in(bobbinClass.words())).contains(bobbinClass);
    }

    @ParameterizedTest
    @CsvSource({
        "'clear plastic drop-in, 11.5 mm high', CLASS_15",
        "class 15 J, CLASS_15_J",
        "15J, CLASS_15_J",
        "Class 66, CLASS_66",
        "L style, L",
        "slim, SLIM",
        "long shuttle bobbin,",
        "'steel, for the case that comes out',"
    })
    void older_words_are_recognised_or_left_alone(String words, BobbinClass expected) {
        assertThat(BobbinClass.in(words)).isEqualTo(Optional.ofNullable(expected));
    }

    @Test
    void a_near_fit_and_another_material_are_told() {
        assertThat(fit(BobbinClass.CLASS_15, BobbinMaterial.PLASTIC).words())
                .isEqualTo("It is the class that Heron's manual names.");
        assertThat(fit(BobbinClass.L, BobbinMaterial.PLASTIC).words())
                .startsWith("Not for Heron: it takes class 15, 20.3 × 11.7 mm, and this one is L, 20.5 × 8.9 mm.");
        assertThat(fit(BobbinClass.CLASS_15, BobbinMaterial.METAL).words())
                .startsWith("Heron's manual names plastic bobbins, and this one is metal");
    }

    private static BobbinFit fit(BobbinClass bobbin, BobbinMaterial material) {
        return BobbinFit.of(
                        HERON,
                        Optional.of(BobbinClass.CLASS_15),
                        Optional.of(BobbinMaterial.PLASTIC),
                        Optional.of(bobbin),
                        Optional.of(material))
                .orElseThrow();
    }

    @Test
    void thread_fills_seven_tenths_of_the_room() {
        SewingThread ordinary = SewingThread.spunPolyester(25);
        double section = Math.PI / 4 * ordinary.diameterMm() * ordinary.diameterMm();
        double room = Math.PI / 4 * (20.3 * 20.3 - 36) * (11.7 - 1.6);

        assertThat(BobbinRoom.of(BobbinClass.CLASS_15).metres(ordinary))
                .isCloseTo(0.7 * room / section / 1000, within(1e-9))
                .isBetween(50.0, 90.0);
    }
}
