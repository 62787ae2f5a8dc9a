package belonax.room.trouble;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import belonax.fault.CheckId;
import belonax.fault.Glance;
import belonax.fault.Glance.Look;
import belonax.fault.Symptom;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.ChangedMeanwhile;
import belonax.room.InTheDemoRoom;
import belonax.room.TestTrouble;
import belonax.room.TestWork;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.Spool;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleBook;
import belonax.room.needle.NeedleState;
import belonax.room.needle.SewingRoom;
import belonax.room.needle.WorkLog;
import belonax.room.supply.NeedleSource;
import belonax.room.trouble.MendCase.Result;
import belonax.room.trouble.MendCase.State;
import belonax.room.trouble.TroubleBook.Answer;
import belonax.thread.SnapResult;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A trouble from its first symptom to its cure, with everything that an answer writes down and takes back. */
@InTheDemoRoom
class TroubleBookTest {
    private static final Needle SHARP_80 = Needle.of(NeedleSystem.H_130_705, NeedleType.SHARP, NeedleSize.NM_80);

    @Autowired
    private TroubleBook troubles;

    @Autowired
    private CaseBook cases;

    @Autowired
    private SewingRoom room;

    @Autowired
    private NeedleBook book;

    @Autowired
    private WorkLog work;

    @Autowired
    private DrawerStore drawer;

    private UUID begun() {
        return troubles.begin(TestTrouble.at("badger", Symptom.SKIPPED_STITCHES), Optional.empty());
    }

    private MendCase trouble(UUID id) {
        return drawer.get(MendCase.class, id).card();
    }

    private MachineNow badger() {
        return room.find("badger").orElseThrow();
    }

    private static Answer answer(CheckId check, Result result, @Nullable Double dial) {
        return new Answer(check, result, dial, Optional.empty(), Optional.empty(), Optional.empty());
    }

    @Test
    void beginning_pauses_the_clock_lays_the_work_and_puts_an_open_trouble_aside() {
        UUID first = begun();
        work.startTimer("badger", Optional.empty());

        UUID second =
                troubles.begin(TestTrouble.at("badger", Symptom.PUCKER), Optional.of(TestWork.of("voile", 2, 25)));

        assertThat(trouble(first).state()).isEqualTo(State.ASIDE);
        assertThat(cases.open("badger"))
                .hasValueSatisfying(kept -> assertThat(kept.id()).isEqualTo(second));
        assertThat(work.running("badger")).isEmpty();
        assertThat(badger().table().orElseThrow().words()).contains("voile");
    }

    @Test
    void a_trouble_that_was_put_aside_goes_on_and_the_open_one_is_put_aside_for_it() {
        UUID first = begun();
        UUID second = begun();

        troubles.resume(first, 1);

        assertThat(trouble(first).state()).isEqualTo(State.OPEN);
        assertThat(trouble(second).state()).isEqualTo(State.ASIDE);
        troubles.putAside(first, 2);
        assertThat(cases.open("badger")).isEmpty();
    }

    @Test
    void what_was_seen_as_it_was_found_is_kept_and_a_dial_that_cannot_be_is_refused() {
        UUID id = begun();

        assertThatThrownBy(() -> troubles.glanced(id, 0, Map.of(), 30.0)).isInstanceOf(BadInput.class);
        troubles.glanced(id, 0, Map.of(Glance.SPOOL, Look.WRONG), 4.5);

        assertThat(trouble(id).glance()).containsEntry(Glance.SPOOL, Look.WRONG);
        assertThat(trouble(id).foundDial()).isEqualTo(4.5);
    }

    @Test
    void a_tour_that_found_nothing_is_written_down_as_one() {
        UUID id = begun();

        troubles.foundNothing(id, 0, List.of(CheckId.LAST_GUIDE, CheckId.CLAMP));

        assertThat(trouble(id).checks(Result.NOT_IT)).containsExactly(CheckId.LAST_GUIDE, CheckId.CLAMP);
        assertThat(trouble(id).minutes()).isPositive();
        assertThat(trouble(id).state()).isEqualTo(State.OPEN);
    }

    @Test
    void a_new_needle_that_cures_goes_into_the_strip_the_failed_one_into_the_jar_and_all_of_it_is_taken_back() {
        UUID id = begun();
        Optional<UUID> old = badger().fitted().map(MachineNow.Fitted::needleId);

        troubles.answer(
                id,
                0,
                new Answer(
                        CheckId.NEEDLE_REPLACE,
                        Result.CURED,
                        null,
                        old,
                        Optional.of(new NeedleSource.Other(SHARP_80, false)),
                        Optional.empty()));

        assertThat(trouble(id).state()).isEqualTo(State.CURED);
        assertThat(badger().fitted().orElseThrow().needle().needle()).isEqualTo(SHARP_80);
        assertThat(book.find(old.orElseThrow()).orElseThrow().state()).isEqualTo(NeedleState.JARRED);
        assertThat(cases.cures("badger")).containsKey(CheckId.NEEDLE_REPLACE);

        troubles.takeBack(id, 1);

        assertThat(trouble(id).state()).isEqualTo(State.OPEN);
        assertThat(trouble(id).steps()).isEmpty();
        assertThat(badger().fitted().map(MachineNow.Fitted::needleId)).isEqualTo(old);
    }

    @Test
    void a_needle_that_somebody_changed_meanwhile_is_not_put_into_the_jar() {
        UUID id = begun();
        Answer seenAnother = new Answer(
                CheckId.NEEDLE_REPLACE,
                Result.CURED,
                null,
                Optional.of(new UUID(7, 7)),
                Optional.of(new NeedleSource.Other(SHARP_80, false)),
                Optional.empty());

        assertThatThrownBy(() -> troubles.answer(id, 0, seenAnother)).isInstanceOf(ChangedMeanwhile.class);
        assertThat(trouble(id).steps()).isEmpty();
    }

    @Test
    void a_dial_that_was_set_stands_in_the_strip_and_has_to_be_told() {
        UUID id = begun();

        assertThatThrownBy(() -> troubles.answer(id, 0, answer(CheckId.TOP_DIAL, Result.STILL, null)))
                .isInstanceOf(BadInput.class)
                .hasMessage("Read the dial off the machine.");
        troubles.answer(id, 0, answer(CheckId.TOP_DIAL, Result.STILL, 3.5));

        assertThat(badger().dial()).isEqualTo(OptionalDouble.of(3.5));
        assertThat(trouble(id).state()).as("it still does it").isEqualTo(State.OPEN);
    }

    @Test
    void a_bad_spool_is_offered_no_more_until_the_answer_is_taken_back() {
        UUID id = begun();
        Kept<Spool> spool = drawer.all(Spool.class).stream()
                .filter(kept -> kept.card().isSound())
                .findFirst()
                .orElseThrow();

        troubles.answer(
                id,
                0,
                new Answer(
                        CheckId.THREAD_QUALITY,
                        Result.CURED,
                        null,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(spool.id())));
        assertThat(drawer.get(Spool.class, spool.id()).card().snap()).isEqualTo(SnapResult.PARTS_AT_ONCE);

        troubles.takeBack(id, 1);
        assertThat(drawer.get(Spool.class, spool.id()).card()).isEqualTo(spool.card());
    }

    @Test
    void what_could_not_be_done_takes_no_time_and_changes_nothing() {
        UUID id = begun();
        MachineNow before = badger();

        troubles.answer(id, 0, answer(CheckId.NEEDLE_REPLACE, Result.CANNOT, null));

        assertThat(trouble(id).minutes()).isZero();
        assertThat(badger()).isEqualTo(before);
        assertThat(cases.of("badger")).isNotEmpty();
    }

    @Test
    void who_saw_an_older_trouble_answers_nothing() {
        UUID id = begun();
        troubles.answer(id, 0, answer(CheckId.CLAMP, Result.NOT_IT, null));

        assertThatThrownBy(() -> troubles.answer(id, 0, answer(CheckId.LAST_GUIDE, Result.NOT_IT, null)))
                .isInstanceOf(ChangedMeanwhile.class);
        assertThat(trouble(id).steps()).hasSize(1);
    }
}
