package belonax.room.practice;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.balance.Reading;
import belonax.balance.Slips;
import belonax.balance.TopFace;
import belonax.balance.Touched;
import belonax.balance.Underside;
import belonax.fault.Symptom;
import belonax.practice.Drill;
import belonax.practice.DrillId;
import belonax.practice.DrillKind;
import belonax.practice.Drills;
import belonax.room.HandClock;
import belonax.room.InTheDemoRoom;
import belonax.room.TestTrouble;
import belonax.room.TestWork;
import belonax.room.balance.BalanceBook;
import belonax.room.balance.BalanceRun;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.needle.WorkLog;
import belonax.room.trouble.TroubleBook;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What counts in a sewist's own table: her drills, and her strips at the machine once a balance held. */
@InTheDemoRoom
class HowSewistsReadTest {
    private static final String WREN = "Wren";

    @Autowired
    private HowSewistsRead readers;

    @Autowired
    private PracticeBook practice;

    @Autowired
    private BalanceBook balances;

    @Autowired
    private TroubleBook troubles;

    @Autowired
    private WorkLog work;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private HandClock clock;

    @Test
    void an_answer_counts_for_whoever_gave_it_once_and_not_when_it_is_taken_back() {
        Drill drill = LongStream.range(0, 100)
                .mapToObj(number -> Drills.make(DrillId.of(DrillKind.STRIP, 0, number)))
                .filter(otherDrill -> otherDrill.truly().equals(Optional.of(Reading.DOTS)))
                .findFirst()
                .orElseThrow();
        int others = readers.of("").answers();

        PracticeBook.Given given = practice.answer(WREN, drill.id().toString(), drill.right());
        PracticeBook.Given again = practice.answer(WREN, drill.id().toString(), (drill.right() + 1) % 4);

        assertThat(given.answer().right()).isTrue();
        assertThat(again.answer()).isEqualTo(given.answer());
        assertThat(again.change()).isEmpty();
        assertThat(readers.of(WREN).answers()).isEqualTo(1);
        assertThat(readers.of("").answers()).isEqualTo(others);
        assertThat(practice.readers()).containsExactly(WREN);

        drawer.undo(given.change().orElseThrow());

        assertThat(readers.of(WREN).answers()).isZero();
        assertThat(practice.find(WREN, drill.id().toString())).isEmpty();
    }

    @Test
    void a_strip_at_the_dial_that_held_half_an_hour_was_truly_clean() {
        UUID run = balanced();
        assertThat(readers.atTheMachine(WREN)).isEmpty();
        work.sewn("heron", 20, TestWork.of("poplin", 2, 25));
        assertThat(readers.atTheMachine(WREN)).isEmpty();

        work.sewn("heron", 12, TestWork.of("poplin", 2, 25));

        assertThat(readers.atTheMachine(WREN))
                .containsExactly(
                        new Slips.Read(Reading.CLEAN, Reading.TOP_DOTS), new Slips.Read(Reading.CLEAN, Reading.CLEAN));
        assertThat(readers.atTheMachine("")).isEmpty();
        troubles.begin(TestTrouble.at("heron", Symptom.LOOPS_BELOW), Optional.empty());
        assertThat(readers.atTheMachine(WREN)).as("it did not hold after all").isEmpty();
        assertThat(drawer.get(BalanceRun.class, run).card().readBy()).isEqualTo(WREN);
    }

    @Test
    void a_sitting_is_over_after_five_minutes_and_another_begins_after_a_pause() {
        answer(1);
        clock.forward(Duration.ofMinutes(4));
        answer(2);
        assertThat(practice.sitting(WREN)).isEqualTo(new PracticeBook.Sitting(Duration.ofMinutes(1), 2, 2));
        clock.forward(Duration.ofMinutes(2));
        assertThat(practice.sitting(WREN).isOver()).isTrue();

        clock.forward(Duration.ofMinutes(30));

        assertThat(practice.sitting(WREN)).isEqualTo(new PracticeBook.Sitting(Duration.ofMinutes(5), 0, 0));
    }

    private void answer(long seed) {
        Drill drill = Drills.make(DrillId.of(DrillKind.LABEL, 0, seed));
        practice.answer(WREN, drill.id().toString(), drill.right());
    }

    private UUID balanced() {
        BalanceRun run = BalanceRun.begun(
                        "heron",
                        "Heron",
                        TestWork.of("poplin", 2, 25).setup(),
                        null,
                        null,
                        Touched.NOTHING,
                        null,
                        LocalDate.of(2026, 11, 25))
                .readBy(WREN);
        UUID id = balances.begin(run, Optional.empty());
        read(id, 3, TopFace.CLEAN, Underside.LOOPS);
        read(id, 4, TopFace.DOTS, Underside.CLEAN);
        read(id, 4, TopFace.CLEAN, Underside.CLEAN);
        Kept<BalanceRun> kept = drawer.get(BalanceRun.class, id);
        balances.keep(id, kept.revision(), 4);
        return id;
    }

    private void read(UUID id, double dial, TopFace top, Underside below) {
        int revision = drawer.get(BalanceRun.class, id).revision();
        balances.read(id, revision, new BalanceBook.Reading(Optional.empty(), dial, top, below, List.of()));
    }
}
