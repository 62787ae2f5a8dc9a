package belonax.room.balance;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.balance.Advice;
import belonax.balance.BobbinPull.Pull;
import belonax.balance.PullMeasured;
import belonax.balance.PullRhythm;
import belonax.balance.Strip;
import belonax.balance.TopFace;
import belonax.balance.Touched;
import belonax.balance.Underside;
import belonax.room.HandClock;
import belonax.room.InTheDemoRoom;
import belonax.room.balance.BalanceBook.Reading;
import belonax.room.balance.BalanceOpinion.Opinion;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.event.SetupKept;
import belonax.room.event.SetupKept.ThreadKept;
import belonax.room.event.Undo;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.thread.SewingThread;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What is thought of a run of strips, on a real machine and on a simulated one; and what the bobbin's tests say to it. */
@InTheDemoRoom
class BalanceOpinionTest {
    private static final SewingThread POLYESTER_25 = SewingThread.spunPolyester(25);

    @Autowired
    private BalanceOpinion opinions;

    @Autowired
    private BalanceBook balances;

    @Autowired
    private PullLog pulls;

    @Autowired
    private SewingRoom room;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private Undo undo;

    @Autowired
    private HandClock clock;

    private static BalanceRun run(@Nullable Double foundDial) {
        return BalanceRun.begun(
                "heron",
                "Heron",
                new SetupKept("voile", "2 layers of voile", 2, 0.4, 0, ThreadKept.of(POLYESTER_25), null),
                null,
                null,
                Touched.NOTHING,
                foundDial,
                LocalDate.of(2026, 11, 25));
    }

    private MachineNow heron() {
        return room.find("heron").orElseThrow();
    }

    private Kept<BalanceRun> kept(UUID id) {
        return drawer.get(BalanceRun.class, id);
    }

    private Opinion opinion(UUID id) {
        return opinions.of(kept(id).card(), heron().machine());
    }

    private void read(UUID id, double dial, TopFace top, Underside underside) {
        balances.read(id, kept(id).revision(), new Reading(Optional.empty(), dial, top, underside, List.of()));
    }

    @Test
    void before_the_first_strip_it_names_a_dial_in_the_usual_band() {
        UUID id = balances.begin(run(null), Optional.empty());

        Opinion first = opinion(id);

        assertThat(first.advice().action()).isNotEqualTo(Advice.Action.KEEP);
        assertThat(first.sewAt()).isBetween(2.0, 6.0);
        assertThat(first.foundDial()).isEmpty();
        assertThat(first.truth()).isEmpty();
        assertThat(first.simulated()).isEmpty();
    }

    @Test
    void dots_above_send_the_dial_down_and_loops_below_send_it_up() {
        UUID down = balances.begin(run(null), Optional.empty());
        read(down, 4, TopFace.DOTS, Underside.CLEAN);
        assertThat(opinion(down).sewAt()).isLessThan(4);

        UUID up = balances.begin(run(null), Optional.empty());
        read(up, 4, TopFace.CLEAN, Underside.LOOPS);
        assertThat(opinion(up).sewAt()).isGreaterThan(4);
    }

    @Test
    void after_a_nest_the_same_strip_is_sewn_once_more() {
        UUID id = balances.begin(run(null), Optional.empty());
        read(id, 3.5, TopFace.CLEAN, Underside.NEST);

        assertThat(opinion(id).sewAt()).isEqualTo(3.5);
    }

    @Test
    void a_dial_that_was_found_far_out_is_told() {
        UUID id = balances.begin(run(9.0), Optional.empty());

        assertThat(opinion(id).foundDial())
                .hasValueSatisfying(text -> assertThat(text).endsWith("."));
    }

    @Test
    void a_simulated_machine_shows_the_same_strip_however_often_it_is_looked_at_and_the_truth_once_it_is_over() {
        UUID id = balances.beginSimulated(run(null), Optional.empty());
        Strip shown = opinion(id).simulated().orElseThrow();
        assertThat(opinion(id).simulated()).contains(shown);
        assertThat(opinion(id).truth()).isEmpty();

        for (int i = 0; i < 10 && opinion(id).advice().action() != Advice.Action.KEEP; i++) {
            Strip next = opinion(id).simulated().orElseThrow();
            read(id, next.dial(), next.top(), next.underside());
        }
        balances.end(id, kept(id).revision());

        assertThat(opinion(id).truth()).hasValueSatisfying(truth -> {
            assertThat(truth.from()).isLessThanOrEqualTo(truth.to());
            assertThat(truth.sure()).isBetween(1, 12);
            assertThat(truth.shown()).hasSameSizeAs(kept(id).card().strips());
        });
    }

    @Test
    void a_pull_that_was_tested_today_is_asked_for_again_at_another_thread_or_another_day_as_was_chosen() {
        UUID action = pulls.tested(
                "heron", "", new PullMeasured(Pull.RIGHT, 1.0, null, null, 0), POLYESTER_25, PullRhythm.EVERY_SITTING);
        assertThat(pulls.of("heron").get(0).found().bobbinCase()).isEqualTo("its own case");
        assertThat(pulls.asks(heron(), POLYESTER_25)).isEmpty();
        assertThat(pulls.asks(heron(), SewingThread.spunPolyester(60)))
                .hasValueSatisfying(text -> assertThat(text).startsWith("Another thread is on the bobbin now"));

        clock.forward(Duration.ofDays(1));
        assertThat(pulls.asks(heron(), POLYESTER_25)).contains("A new sitting: test the bobbin's pull, as you chose.");

        undo.undo(action);
        assertThat(pulls.of("heron"))
                .noneMatch(tested -> tested.found().bobbinCase().equals("its own case")
                        && tested.on().equals(LocalDate.of(2026, 11, 25)));
    }
}
