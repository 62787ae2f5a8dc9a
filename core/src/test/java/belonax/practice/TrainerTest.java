package belonax.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class TrainerTest {
    private static final long TODAY = 20_000;
    private static final Topic DOTS = new Topic(DrillKind.STRIP, StripLook.DOTS.name());

    private final SplittableRandom random = new SplittableRandom(7);

    @Test
    void what_was_missed_comes_back_once_three_others_were_asked() {
        List<Answered> past = new ArrayList<>(List.of(answer(DOTS, false, TODAY)));
        for (int i = 0; i < 3; i++) {
            Topic next = next(past);
            assertThat(next).isNotEqualTo(DOTS);
            past.add(answer(next, true, TODAY));
        }

        assertThat(next(past)).isEqualTo(DOTS);
    }

    @Test
    void what_is_due_comes_before_what_is_not() {
        List<Answered> past = new ArrayList<>();
        for (StripLook stripLook : StripLook.values()) {
            Topic topic = new Topic(DrillKind.STRIP, stripLook.name());
            past.add(answer(topic, true, stripLook == StripLook.DOTS ? TODAY - 3 : TODAY));
        }

        assertThat(next(past)).isEqualTo(DOTS);
        assertThat(Trainer.of(past).due(DOTS)).hasValue(TODAY - 2);
    }

    @Test
    void it_becomes_harder_with_two_right_in_a_row_and_easy_again_with_a_miss() {
        List<Answered> past = new ArrayList<>();
        assertThat(Trainer.of(past).level(DOTS)).isZero();
        for (int i = 0; i < 4; i++) {
            past.add(answer(DOTS, true, TODAY - 10 + i));
        }
        assertThat(Trainer.of(past).level(DOTS)).isEqualTo(DrillId.HARDEST);
        past.add(answer(DOTS, false, TODAY));
        assertThat(Trainer.of(past).level(DOTS)).isZero();
    }

    @Test
    void it_says_what_became_surer_than_last_week_and_nothing_of_a_few_answers() {
        List<Answered> past = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            past.add(answer(DOTS, i == 0, TODAY - 8));
        }
        past.add(answer(DOTS, true, TODAY));
        assertThat(Trainer.of(past).sinceLastWeek(TODAY)).isEmpty();
        for (int i = 0; i < 3; i++) {
            past.add(answer(DOTS, true, TODAY));
        }

        assertThat(Trainer.of(past).sinceLastWeek(TODAY)).singleElement().satisfies(change -> {
            assertThat(change.isSurer()).isTrue();
            assertThat(change.before()).isEqualTo(0.25);
            assertThat(change.now()).isEqualTo(1);
        });
    }

    private Topic next(List<Answered> past) {
        return Trainer.of(past)
                .next(Optional.of(DrillKind.STRIP), TODAY, random)
                .topic();
    }

    private static Answered answer(Topic topic, boolean right, long day) {
        return new Answered(topic, right, right ? 4 : 1, day);
    }
}
