package belonax.room.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import belonax.BadInput;
import belonax.life.CareKind;
import belonax.life.CarePlan;
import belonax.room.HandClock;
import belonax.room.InTheDemoRoom;
import belonax.room.TestWork;
import belonax.room.event.Undo;
import belonax.room.needle.SewingRoom;
import belonax.room.needle.WorkLog;
import java.time.Duration;
import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;

/** What is due on a machine follows from what was sewn and done on it. */
@InTheDemoRoom
class CareLogTest {
    @Autowired
    private CareLog care;

    @Autowired
    private WorkLog work;

    @Autowired
    private SewingRoom room;

    @Autowired
    private Undo undo;

    @Autowired
    private HandClock clock;

    private CarePlan badger() {
        return care.plan("badger");
    }

    @Test
    void hours_count_from_the_last_cleaning_and_lint_is_counted_by_itself() {
        care.done("badger", CareKind.CLEAN);
        assertThat(badger().hoursSinceCleaning()).isZero();

        work.sewn("badger", 90, TestWork.of("poplin", 2, 25));
        work.sewn("badger", 30, TestWork.of("sweatshirt-knit", 2, 25));

        assertThat(badger().hoursSinceCleaning()).isCloseTo(2, within(1e-9));
        assertThat(badger().lintyHours()).isCloseTo(0.5, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(CareKind.class)
    void what_was_done_is_taken_back_and_the_hours_stand_as_before(CareKind kind) {
        work.sewn("badger", 60, TestWork.of("poplin", 2, 25));
        CarePlan before = badger();

        UUID action = care.done("badger", kind);
        assertThat(badger()).isNotEqualTo(before);

        undo.undo(action);
        assertThat(badger()).isEqualTo(before);
    }

    @Test
    void what_was_done_earlier_leaves_what_was_sewn_since_to_count() {
        clock.forward(Duration.ofDays(10));
        work.sewn("badger", 45, TestWork.of("poplin", 2, 25));

        care.doneOn("badger", CareKind.CLEAN, LocalDate.of(2026, 12, 1));

        assertThat(badger().hoursSinceCleaning()).isCloseTo(0.75, within(1e-9));
    }

    @Test
    void a_day_to_come_or_one_before_a_later_one_is_refused() {
        care.done("badger", CareKind.OIL);

        assertThatThrownBy(() -> care.doneOn("badger", CareKind.OIL, LocalDate.of(2027, 1, 1)))
                .isInstanceOf(BadInput.class)
                .hasMessage("That day is still to come. Type the day it was done.");
        assertThatThrownBy(() -> care.doneOn("badger", CareKind.OIL, LocalDate.of(2026, 11, 1)))
                .isInstanceOf(BadInput.class)
                .hasMessage("A later one is known: 2026-11-25. Only the last one counts.");
    }

    @Test
    void running_in_cleans_and_oils_only_where_the_owner_may() {
        work.sewn("badger", 60, TestWork.of("poplin", 2, 25));
        work.sewn("heron", 60, TestWork.of("poplin", 2, 25));

        care.runIn("badger");
        care.runIn("heron");

        assertThat(badger().hoursSinceOil()).isZero();
        assertThat(care.plan("heron").hoursSinceCleaning()).isZero();
        assertThat(room.find("heron").orElseThrow().work().oiled()).isEmpty();
    }

    @Test
    void what_is_put_off_is_not_mentioned_until_its_days_are_over() {
        care.snooze("badger", "CLEAN", 3);
        assertThat(care.snoozed("badger")).containsExactly("CLEAN");
        assertThat(care.snoozed("heron")).isEmpty();

        clock.forward(Duration.ofDays(4));

        assertThat(care.snoozed("badger")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 61, -3})
    void it_is_put_off_by_a_day_to_two_months(int days) {
        assertThatThrownBy(() -> care.snooze("badger", "CLEAN", days))
                .isInstanceOf(BadInput.class)
                .hasMessage("Put it off by 1 to 60 days.");
    }
}
