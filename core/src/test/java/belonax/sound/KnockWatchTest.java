package belonax.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import belonax.BadInput;
import belonax.sound.SimulatedRoom.Setting;
import belonax.sound.SimulatedRoom.Sewing;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("thorough")
class KnockWatchTest {
    private static final Knock FRESH = new Knock(-5, 8);

    private static void hear(KnockWatch watch, double decibels, double perSecond, int times) {
        for (int i = 0; i < times; i++) {
            watch.hear(new Knock(decibels, perSecond));
        }
    }

    /** Nine of ten, over made-up seams: told within 200 stitches, and not before. */
    @Test
    void a_knock_that_grows_by_six_decibels_is_told_within_two_hundred_stitches() {
        int told = 0;
        for (int seed = 0; seed < 10; seed++) {
            Setting seams = Setting.quiet(Sewing.seams(6, 9), 10);
            KnockWatch watch = KnockWatch.against(fresh(seams, seed));
            StitchEar ear = new StitchEar(watch::hear);
            SimulatedRoom room = new SimulatedRoom(seams.knocking(3, 6, 300), new SplittableRandom(seed));
            while (!watch.hasGrown() && room.stitches() < 500) {
                ear.hear(room.next());
            }
            told += watch.hasGrown() && room.stitches() > 300 ? 1 : 0;
        }

        assertThat(told).isGreaterThanOrEqualTo(9);
        assertThat(KnockWatch.WORDS).isEqualTo("More knock than with the fresh needle: listen yourself.");
    }

    /** The study has a hundred hours of it. */
    @Test
    void ten_minutes_with_a_needle_that_stays_as_it_is_say_nothing() {
        Setting beside = Setting.quiet(Sewing.seams(4, 13), 10).withTalk(0.3).withMusic(0.1);
        KnockWatch watch = KnockWatch.against(fresh(beside, 1));
        StitchEar ear = new StitchEar(watch::hear);
        SimulatedRoom room = new SimulatedRoom(beside, new SplittableRandom(1));
        boolean said = false;
        while (room.seconds() < 600) {
            ear.hear(room.next());
            said |= watch.hasGrown();
        }

        assertThat(said).isFalse();
        assertThat(watch.isSure()).as("it could have").isTrue();
        assertThat(ear.heard().alarm()).isEqualTo(Alarm.NONE);
    }

    private static Knock fresh(Setting seams, int seed) {
        KnockWatch watch = KnockWatch.ofFreshNeedle();
        StitchEar ear = new StitchEar(watch::hear);
        SimulatedRoom room = new SimulatedRoom(seams, new SplittableRandom(1000 + seed));
        while (watch.fresh().isEmpty()) {
            ear.hear(room.next());
        }
        return watch.fresh().get();
    }

    @Test
    void a_fresh_needle_is_learnt_from_its_first_two_hundred_stitches() {
        KnockWatch watch = KnockWatch.ofFreshNeedle();
        hear(watch, -4, 8, 24);
        assertThat(watch.fresh()).isEmpty();

        hear(watch, -6, 8, 1);

        assertThat(watch.fresh()).hasValue(new Knock(-4, 8));
        hear(watch, 1, 8, 10);
        assertThat(watch.hasGrown()).isTrue();
    }

    @Test
    void a_little_more_a_moment_of_it_or_another_speed_says_nothing() {
        KnockWatch little = KnockWatch.against(FRESH);
        hear(little, -2.5, 8, 50);
        assertThat(little.hasGrown()).isFalse();

        KnockWatch moment = KnockWatch.against(FRESH);
        hear(moment, 5, 8, 9);
        assertThat(moment.hasGrown()).isFalse();

        KnockWatch faster = KnockWatch.against(FRESH);
        hear(faster, 5, 16.5, 50);
        assertThat(faster.hasGrown()).isFalse();
    }

    @Test
    void what_has_grown_is_taken_back_when_it_is_gone() {
        KnockWatch watch = KnockWatch.against(FRESH);
        hear(watch, 0, 8, 10);
        assertThat(watch.hasGrown()).isTrue();

        hear(watch, -3, 8, 10);
        assertThat(watch.hasGrown()).as("between the two bounds it stays").isTrue();

        hear(watch, -5, 8, 10);
        assertThat(watch.hasGrown()).isFalse();
    }

    @Test
    void without_a_fresh_needle_nothing_is_said() {
        KnockWatch watch = KnockWatch.blind();
        hear(watch, 20, 8, 100);

        assertThat(watch.hasGrown()).isFalse();
        assertThat(watch.fresh()).isEmpty();
    }

    @Test
    void only_what_a_machine_may_sound_like_is_a_knock() {
        assertThatThrownBy(() -> new Knock(70, 8)).isInstanceOf(BadInput.class).hasMessageContaining("-30 to 60 dB");
        assertThatThrownBy(() -> new Knock(0, 0.1))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("1 to 20 stitches");
        assertThat(new Knock(0, 8).perSecond()).isCloseTo(8, within(0.0));
    }
}
