package belonax.room.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.balance.TopFace;
import belonax.balance.Touched;
import belonax.balance.Underside;
import belonax.match.MatchRequest.Proven;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleType;
import belonax.room.ChangedMeanwhile;
import belonax.room.InTheDemoRoom;
import belonax.room.balance.BalanceBook.Reading;
import belonax.room.card.DrawerStore;
import belonax.room.event.SetupKept;
import belonax.room.event.SetupKept.ThreadKept;
import belonax.room.event.Undo;
import belonax.room.needle.SewingRoom;
import belonax.thread.SewingThread;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Strips are sewn and read, a balance is kept, and what was balanced once is proven for the very set-up. */
@InTheDemoRoom
class SamplerTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);
    private static final SetupKept GAUZE = setup("double-gauze", 2, 25);

    @Autowired
    private BalanceBook balances;

    @Autowired
    private Sampler sampler;

    @Autowired
    private SewingRoom room;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private Undo undo;

    private static SetupKept setup(String cloth, int layers, double tex) {
        return new SetupKept(
                cloth,
                layers + " layers of " + cloth,
                layers,
                0.3 * layers,
                0,
                ThreadKept.of(SewingThread.spunPolyester(tex)),
                null);
    }

    private static BalanceRun run(SetupKept setup) {
        return BalanceRun.begun("badger", "Badger", setup, NeedleType.UNIVERSAL, 80, Touched.NOTHING, null, TODAY);
    }

    /** Begins, reads one clean strip and keeps the dial. */
    private UUID balanced(SetupKept setup, double dial) {
        UUID id = balances.begin(run(setup), Optional.empty());
        balances.read(id, 0, new Reading(Optional.empty(), dial, TopFace.CLEAN, Underside.CLEAN, List.of()));
        return balances.keep(id, 1, dial).orElseThrow();
    }

    @Test
    void a_kept_balance_is_proven_for_the_very_set_up_and_for_no_other() {
        balanced(GAUZE, 4.25);

        assertThat(sampler.proven(run(GAUZE)))
                .hasValueSatisfying(balanceRun -> assertThat(balanceRun.dial()).isEqualTo(4.25));
        assertThat(sampler.proven(run(setup("double-gauze", 3, 25)))).isEmpty();
        assertThat(sampler.proven(run(setup("double-gauze", 2, 40)))).isEmpty();
        assertThat(sampler.proven(run(setup("flannel", 2, 25)))).isEmpty();
        assertThat(sampler.proven(BalanceRun.begun(
                        "badger", "Badger", GAUZE, NeedleType.SHARP, 80, Touched.NOTHING, null, TODAY)))
                .as("another needle sewed nothing yet")
                .isEmpty();
    }

    @Test
    void the_needle_that_sewed_it_is_proven_for_a_seam_of_that_cloth() {
        balanced(GAUZE, 4.25);

        assertThat(sampler.provenNeedles("badger", "double-gauze"))
                .singleElement()
                .satisfies(proven -> {
                    assertThat(proven).extracting(Proven::type).isEqualTo(NeedleType.UNIVERSAL);
                    assertThat(proven.size()).isEqualTo(NeedleSize.NM_80);
                });
        assertThat(sampler.provenNeedles("heron", "double-gauze")).isEmpty();
    }

    @Test
    void the_newest_balance_comes_first_and_undo_takes_it_out_of_the_past() {
        int before = sampler.past("badger").size();
        UUID action = balanced(GAUZE, 4.25);
        assertThat(sampler.past("badger")).hasSize(before + 1);
        assertThat(sampler.past("badger").get(0).dial()).isEqualTo(4.25);
        assertThat(room.find("badger").orElseThrow().dial()).hasValue(4.25);

        undo.undo(action);

        assertThat(room.find("badger").orElseThrow().dial()).isNotEqualTo(java.util.OptionalDouble.of(4.25));
    }

    @Test
    void beginning_puts_the_open_one_aside() {
        UUID first = balances.begin(run(GAUZE), Optional.empty());
        UUID second = balances.begin(run(setup("flannel", 2, 25)), Optional.empty());

        assertThat(sampler.open("badger"))
                .hasValueSatisfying(kept -> assertThat(kept.id()).isEqualTo(second));
        assertThat(drawer.get(BalanceRun.class, first).card().isOpen()).isFalse();
    }

    @Test
    void a_strip_is_read_again_dropped_and_nothing_is_read_by_who_saw_an_older_run() {
        UUID id = balances.begin(run(GAUZE), Optional.empty());
        balances.read(id, 0, new Reading(Optional.empty(), 4, TopFace.DOTS, Underside.CLEAN, List.of()));
        UUID strip = drawer.get(BalanceRun.class, id).card().strips().get(0).id();

        balances.read(id, 1, new Reading(Optional.of(strip), 4, TopFace.CLEAN, Underside.DOTS, List.of()));
        assertThat(drawer.get(BalanceRun.class, id).card().strips())
                .singleElement()
                .satisfies(stripKept -> {
                    assertThat(stripKept.id()).isEqualTo(strip);
                    assertThat(stripKept.underside()).isEqualTo(Underside.DOTS);
                });
        assertThatThrownBy(() -> balances.drop(id, 1, strip)).isInstanceOf(ChangedMeanwhile.class);

        balances.drop(id, 2, strip);
        assertThat(drawer.get(BalanceRun.class, id).card().strips()).isEmpty();
    }

    @Test
    void the_book_is_searched_by_cloth_and_machine_the_newest_first() {
        balanced(GAUZE, 4.25);
        balanced(GAUZE, 4.5);

        assertThat(sampler.search("badger gauze"))
                .extracting(kept -> kept.card().dial())
                .containsExactly(4.5, 4.25);
        assertThat(sampler.search("badger thimble")).isEmpty();
    }
}
