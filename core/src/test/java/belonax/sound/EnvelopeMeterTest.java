package belonax.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import belonax.BadInput;
import belonax.Median;
import belonax.sound.SimulatedRoom.Setting;
import belonax.sound.SimulatedRoom.Sewing;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class EnvelopeMeterTest {
    private final List<Loudness> steps = new ArrayList<>();

    private void hearTone(int sampleRate, double hertz, double seconds) {
        EnvelopeMeter meter = new EnvelopeMeter(sampleRate, steps::add);
        for (int i = 0; i < sampleRate * seconds; i++) {
            meter.hear(0.5 * Math.sin(2 * Math.PI * hertz * i / sampleRate));
        }
    }

    @ParameterizedTest(name = "{0} samples a second")
    @ValueSource(ints = {16_000, 22_050, 44_100, 48_000, 96_000})
    void a_second_has_two_hundred_steps_at_any_rate(int sampleRate) {
        hearTone(sampleRate, 1000, 3);

        assertThat(steps).hasSize(600);
    }

    /** A second-order Butterworth filter takes 3 dB at its corner and 12 dB an octave beyond it. */
    @ParameterizedTest(name = "{0} Hz")
    @CsvSource({"1000, 1.00, 0.24", " 100, 0.24, 0.00", "2000, 0.99, 0.70", "4000, 0.91, 0.89", "   0, 0.00, 0.00"})
    void the_bands_are_heard_as_they_should(double hertz, double loud, double bright) {
        hearTone(48_000, hertz, 1);

        double whole = 0.5 / Math.sqrt(2);
        assertThat(middle(true) / whole).isCloseTo(loud, within(0.02));
        assertThat(middle(false) / whole).isCloseTo(bright, within(0.02));
    }

    private double middle(boolean loud) {
        return Median.of(steps.stream()
                .map(loudness -> loud ? loudness.loud() : loudness.bright())
                .toList());
    }

    @Test
    void a_recording_of_a_machine_is_counted_like_its_envelope() {
        SimulatedRoom room = new SimulatedRoom(Setting.quiet(Sewing.seams(6, 9), 10), new SplittableRandom(3));
        SimulatedMicrophone microphone = new SimulatedMicrophone(room, 16_000, new SplittableRandom(4));
        StitchEar ear = new StitchEar(knock -> {});
        EnvelopeMeter meter = new EnvelopeMeter(16_000, ear::hear);

        microphone.record(90 * Loudness.PER_SECOND, meter::hear);

        assertThat(ear.heard().stitches()).isCloseTo(room.stitches(), within(0.03 * room.stitches()));
    }

    @Test
    void too_few_samples_cannot_tell_what_is_bright() {
        assertThatThrownBy(() -> new EnvelopeMeter(8000, steps::add))
                .isInstanceOf(BadInput.class)
                .hasMessage("That recording has 8000 samples a second. Record with 16 000 to 192 000.");
    }
}
