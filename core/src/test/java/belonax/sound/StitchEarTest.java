package belonax.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import belonax.Median;
import belonax.sound.SimulatedRoom.Setting;
import belonax.sound.SimulatedRoom.Sewing;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

@Tag("thorough")
class StitchEarTest {
    private static final int MINUTE = 60 * Loudness.PER_SECOND;

    private final List<Knock> knocks = new ArrayList<>();
    private final StitchEar ear = new StitchEar(knocks::add);

    private SimulatedRoom listen(Setting setting, int seed, int steps) {
        SimulatedRoom room = new SimulatedRoom(setting, new SplittableRandom(seed));
        for (int i = 0; i < steps; i++) {
            ear.hear(room.next());
        }
        return room;
    }

    @ParameterizedTest(name = "{0} to {1} stitches a second, {2} dB over the room")
    @CsvSource({
        "3.5,  6, 10, 0.03",
        "  6, 10, 10, 0.03",
        " 10, 17, 10, 0.03",
        "3.5,  6,  5, 0.05",
        "  6, 10,  5, 0.05",
        " 10, 17,  5, 0.05"
    })
    void stitches_and_minutes_of_seams_are_counted(double slowest, double fastest, double overNoise, double within) {
        double made = 0;
        double heard = 0;
        double ran = 0;
        double seconds = 0;
        for (int seed = 0; seed < 4; seed++) {
            StitchEar other = new StitchEar(knock -> {});
            SimulatedRoom room = new SimulatedRoom(
                    Setting.quiet(Sewing.seams(slowest, fastest), overNoise), new SplittableRandom(seed));
            for (int i = 0; i < 2 * MINUTE; i++) {
                other.hear(room.next());
            }
            made += room.stitches();
            ran += room.runningSeconds();
            heard += other.heard().stitches();
            seconds += other.heard().seconds();
        }

        assertThat(heard).isCloseTo(made, within(within * made));
        assertThat(seconds).isCloseTo(ran, within(0.05 * ran));
    }

    @ParameterizedTest(name = "a slider holds {0} stitches a second")
    @CsvSource({"8", "10", "14"})
    void a_fast_motor_that_keeps_time_is_a_machine(double perSecond) {
        Sewing slider = new Sewing(perSecond, perSecond, 0.002, 2, 8, 20, 2, 5);

        SimulatedRoom room = listen(Setting.quiet(slider, 10), 3, 2 * MINUTE);

        assertThat(ear.heard().stitches()).isCloseTo(room.stitches(), within(0.04 * room.stitches()));
    }

    static Stream<Arguments> othersInTheRoom() {
        Setting nobodySews = Setting.quiet(Sewing.NEVER, 15);
        return Stream.of(
                Arguments.of("an empty room", nobodySews),
                Arguments.of("talk", nobodySews.withTalk(1)),
                Arguments.of("a radio", nobodySews.withMusic(1)),
                Arguments.of("talk over a radio", nobodySews.withTalk(0.5).withMusic(0.5)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("othersInTheRoom")
    void what_is_no_machine_makes_no_stitch(String others, Setting setting) {
        listen(setting, 11, 10 * MINUTE);

        assertThat(ear.heard()).isEqualTo(new Heard(false, 0, 0, 0, 0, 0, 0, Alarm.NONE));
    }

    @Test
    void it_tells_two_seconds_later_whether_the_machine_runs_and_how_fast() {
        SimulatedRoom room = listen(Setting.quiet(Sewing.on(9, 20), 10), 5, 15 * Loudness.PER_SECOND);

        assertThat(ear.heard().isRunning()).isTrue();
        assertThat(ear.heard().perSecond()).isCloseTo(9, within(1.0));
        assertThat(ear.heard().certainty()).isEqualTo(Heard.Certainty.CLEAR);

        while (room.seconds() < 25) {
            ear.hear(room.next());
        }
        assertThat(room.rate()).isZero();
        assertThat(ear.heard().isRunning()).isFalse();
        assertThat(ear.heard().perSecond()).isZero();
    }

    @Test
    void the_time_of_the_work_has_its_pauses_in_it_but_not_the_long_ones() {
        Sewing twoSeamsAndTea = new Sewing(8, 8, 0.04, 2, 20, 20, 10, 10);
        listen(Setting.quiet(twoSeamsAndTea, 10), 6, 54 * Loudness.PER_SECOND);
        assertThat(ear.heard().workSeconds()).isCloseTo(50, within(1.5));

        for (int i = 0; i < 3 * MINUTE; i++) {
            ear.hear(new Loudness(0.005, 0.003));
        }
        listen(Setting.quiet(Sewing.on(8, 20), 10), 6, 25 * Loudness.PER_SECOND);
        assertThat(ear.heard().workSeconds()).as("a cup of tea is no work").isCloseTo(70, within(2.0));
    }

    @Test
    void what_was_sewn_last_is_counted_when_it_pauses_and_it_can_listen_on() {
        Sewing twoSeams = new Sewing(8, 8, 0.04, 2, 10, 10, 4, 4);
        SimulatedRoom room = listen(Setting.quiet(twoSeams, 10), 8, 12 * Loudness.PER_SECOND);
        assertThat(ear.heard().stitches()).isLessThan(0.9 * room.stitches());

        ear.pause();

        assertThat(ear.heard().stitches()).isCloseTo(room.stitches(), within(0.04 * room.stitches()));
        while (room.seconds() < 30) {
            ear.hear(room.next());
        }
        ear.pause();
        assertThat(ear.heard().stitches()).isCloseTo(room.stitches(), within(0.04 * room.stitches()));
        assertThat(ear.heard().certainty()).isEqualTo(Heard.Certainty.CLEAR);
    }

    @Test
    void a_count_beside_loud_talk_or_of_slow_stitches_is_called_faint() {
        listen(Setting.quiet(Sewing.seams(8, 11), 14).withTalk(0.7), 2, 2 * MINUTE);
        assertThat(ear.heard().certainty()).isEqualTo(Heard.Certainty.FAINT);

        StitchEar slow = new StitchEar(knock -> {});
        SimulatedRoom room = new SimulatedRoom(Setting.quiet(Sewing.on(2.2, 60), 15), new SplittableRandom(3));
        for (int i = 0; i < MINUTE; i++) {
            slow.hear(room.next());
        }
        assertThat(slow.heard().certainty()).isEqualTo(Heard.Certainty.FAINT);
    }

    @Test
    void talk_beside_the_machine_is_not_sewn() {
        SimulatedRoom room = listen(Setting.quiet(Sewing.seams(6, 10), 10).withTalk(0.1), 2, 3 * MINUTE);

        assertThat(ear.heard().stitches()).isCloseTo(room.stitches(), within(0.1 * room.stitches()));
    }

    @Test
    void the_same_knock_is_measured_at_any_speed() {
        listen(Setting.quiet(Sewing.seams(5, 6), 10), 1, MINUTE);
        double slow = Median.of(knocks.stream().map(Knock::decibels).toList());
        knocks.clear();
        StitchEar other = new StitchEar(knocks::add);
        SimulatedRoom fast = new SimulatedRoom(Setting.quiet(Sewing.seams(11, 13), 10), new SplittableRandom(1));
        for (int i = 0; i < MINUTE; i++) {
            other.hear(fast.next());
        }

        assertThat(Median.of(knocks.stream().map(Knock::decibels).toList())).isCloseTo(slow, within(1.0));
    }

    @Test
    void metal_is_told_within_a_few_stitches_and_only_once_looked_at() {
        Setting striking = Setting.quiet(Sewing.seams(6, 10), 10).striking(300);
        SimulatedRoom room = new SimulatedRoom(striking, new SplittableRandom(4));
        while (ear.heard().alarm() == Alarm.NONE && room.stitches() < 600) {
            ear.hear(room.next());
        }

        assertThat(ear.heard().alarm()).isEqualTo(Alarm.METAL);
        assertThat(ear.heard().alarm().words())
                .isEqualTo("A sound as of metal. Stop, power off, look at needle, plate and bobbin case.");
        assertThat(room.stitches()).isBetween(300.0, 310.0);

        ear.lookedAt();
        assertThat(ear.heard().alarm()).isEqualTo(Alarm.NONE);
    }

    @Test
    void a_stitch_that_sounds_other_from_one_moment_to_the_next_is_told() {
        Recent power = new Recent(8192);
        StitchShape shape = new StitchShape(power);
        for (int i = 0; i < 8000; i++) {
            // A stitch of 25 steps: two bumps, and from the two hundredth on a long rattle.
            int at = i % 25;
            power.add(i < 5000 ? at == 2 ? 1 : at == 11 ? 0.5 : 0.01 : at > 6 && at < 19 ? 1 : 0.01);
        }
        for (int from = 0; from < 5000; from += 200) {
            shape.hear(from, 25);
            assertThat(shape.hasChanged()).isFalse();
        }
        for (int from = 5000; from < 5600; from += 200) {
            shape.hear(from, 25);
        }

        assertThat(shape.hasChanged()).isTrue();
    }
}
