package belonax.room.supply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import belonax.plan.ThreadUse;
import belonax.room.InTheDemoRoom;
import belonax.room.TestWork;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.Spool;
import belonax.room.drawer.WoundBobbin;
import belonax.room.event.TableWork;
import belonax.room.event.Undo;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.needle.WorkLog;
import java.util.Objects;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;

/** Thread is taken off spool and bobbin as one sews. */
@InTheDemoRoom
class ThreadStockTest {
    @Autowired
    private ThreadStock stock;

    @Autowired
    private WorkLog work;

    @Autowired
    private SewingRoom room;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private Undo undo;

    private UUID spool(double metres) {
        Spool like = drawer.all(Spool.class).stream()
                .map(Kept::card)
                .filter(spool -> spool.metresLeft() != null)
                .findFirst()
                .orElseThrow();
        return drawer.add(like.withMetresLeft(metres)).card();
    }

    private UUID bobbin(UUID spool, double metres) {
        return drawer.add(new WoundBobbin(spool, "15", "test", metres, null)).card();
    }

    private double onSpool(UUID id) {
        return Objects.requireNonNull(drawer.get(Spool.class, id).card().metresLeft());
    }

    private double onBobbin(UUID id) {
        return Objects.requireNonNull(drawer.get(WoundBobbin.class, id).card().metresLeft());
    }

    private MachineNow heron() {
        return room.find("heron").orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(doubles = {1, 6, 20})
    void minutes_use_what_the_stitch_takes_above_and_below_and_undo_winds_it_back(double minutes) {
        UUID spool = spool(500);
        UUID bobbin = bobbin(spool, 200);
        TableWork sewn = TestWork.off(spool, 25);
        ThreadUse use = Objects.requireNonNull(sewn.use());

        UUID action = work.sewn("heron", minutes, sewn);

        assertThat(onSpool(spool)).isCloseTo(500 - use.topMetres(minutes), within(1e-6));
        assertThat(onBobbin(bobbin)).isCloseTo(200 - use.belowMetres(minutes), within(1e-6));
        undo.undo(action);
        assertThat(onSpool(spool)).isCloseTo(500, within(1e-6));
        assertThat(onBobbin(bobbin)).isCloseTo(200, within(1e-6));
    }

    @Test
    void no_more_is_taken_than_was_on_it_and_no_more_is_wound_back() {
        UUID spool = spool(1.5);

        UUID action = work.sewn("heron", 30, TestWork.off(spool, 25));
        assertThat(onSpool(spool)).isZero();

        undo.undo(action);
        assertThat(onSpool(spool)).isCloseTo(1.5, within(1e-6));
    }

    @Test
    void a_spool_that_nobody_measured_stays_unmeasured() {
        UUID spool = spool(100);
        drawer.change(
                Spool.class,
                spool,
                otherSpool -> new Spool(
                        otherSpool.colour(),
                        otherSpool.label(),
                        otherSpool.tex(),
                        otherSpool.fibre(),
                        otherSpool.build(),
                        null,
                        otherSpool.boughtYear(),
                        otherSpool.quality(),
                        otherSpool.keptInSun(),
                        otherSpool.winding(),
                        otherSpool.noteType(),
                        otherSpool.noteNm(),
                        otherSpool.snap(),
                        otherSpool.snappedOn(),
                        otherSpool.note()));

        work.sewn("heron", 30, TestWork.off(spool, 25));

        assertThat(drawer.get(Spool.class, spool).card().metresLeft()).isNull();
    }

    @Test
    void what_is_left_lasts_as_long_as_the_sooner_of_the_two() {
        UUID spool = spool(500);
        bobbin(spool, 10);
        TableWork sewn = TestWork.off(spool, 25);
        ThreadUse use = Objects.requireNonNull(sewn.use());

        ThreadStock.Left left = stock.left(heron().card(), sewn, 0);
        ThreadStock.Left whileItRuns = stock.left(heron().card(), sewn, 2);

        assertThat(left.spoolMetres()).isEqualTo(500);
        assertThat(left.bobbinMetres()).isEqualTo(10);
        assertThat(left.minutes()).isCloseTo(10 / use.belowMetres(1), within(1e-6));
        assertThat(whileItRuns.bobbinMetres()).isCloseTo(10 - use.belowMetres(2), within(1e-6));
        assertThat(whileItRuns.minutes()).isCloseTo(Objects.requireNonNull(left.minutes()) - 2, within(1e-6));
    }

    @Test
    void with_no_bobbin_wound_of_it_only_the_spool_is_known() {
        UUID spool = spool(500);

        ThreadStock.Left left = stock.left(heron().card(), TestWork.off(spool, 25), 0);

        assertThat(left.bobbinMetres()).isNull();
        assertThat(left.minutes()).isNotNull().isPositive();
    }
}
