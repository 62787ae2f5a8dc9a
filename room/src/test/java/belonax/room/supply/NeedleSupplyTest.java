package belonax.room.supply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.ChangedMeanwhile;
import belonax.room.Choice;
import belonax.room.InTheDemoRoom;
import belonax.room.TestWork;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.Packet;
import belonax.room.event.Undo;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleBook;
import belonax.room.needle.NeedleBook.Disposal;
import belonax.room.needle.NeedleRecord;
import belonax.room.needle.SewingRoom;
import belonax.room.supply.NeedleSupply.AtHand;
import belonax.room.supply.NeedleSupply.Change;
import belonax.room.supply.NeedleSupply.Choices;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Where a needle comes from, and where the old one goes. */
@InTheDemoRoom
class NeedleSupplyTest {
    private static final Needle WING_100 = Needle.of(NeedleSystem.H_130_705, NeedleType.WING, NeedleSize.NM_100);

    @Autowired
    private NeedleSupply supply;

    @Autowired
    private SewingRoom room;

    @Autowired
    private NeedleBook book;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private Undo undo;

    private MachineNow heron() {
        return room.find("heron").orElseThrow();
    }

    private UUID inHeron() {
        return heron().fitted().orElseThrow().needleId();
    }

    private UUID packet(Needle needle, int count, boolean rough) {
        Packet packet = Packet.of(needle, count, false, "");
        return drawer.add(new Packet(
                        packet.system(),
                        packet.type(),
                        packet.nm(),
                        packet.spacingMm(),
                        packet.point(),
                        packet.count(),
                        packet.coated(),
                        packet.note(),
                        packet.letters(),
                        rough))
                .card();
    }

    private int left(UUID packet) {
        return drawer.get(Packet.class, packet).card().count();
    }

    private UUID change(NeedleSource from, Disposal goes, String where) {
        return supply.change(
                new Change("heron", 0, Optional.of(inHeron()), from, goes, where, false, Optional.empty()));
    }

    @Test
    void a_new_needle_comes_out_of_its_packet_and_one_undo_puts_all_of_it_back() {
        UUID packet = packet(WING_100, 3, false);
        UUID before = inHeron();

        UUID action = change(new NeedleSource.Opened(packet), Disposal.PARK, "felt card, row 9");

        assertThat(left(packet)).isEqualTo(2);
        assertThat(heron().fitted().orElseThrow().needle().needle()).isEqualTo(WING_100);
        assertThat(book.find(before).orElseThrow().keptAt()).isEqualTo("felt card, row 9");

        undo.undo(action);
        assertThat(left(packet)).isEqualTo(3);
        assertThat(inHeron()).isEqualTo(before);
    }

    @Test
    void the_last_of_a_packet_is_taken_and_then_it_is_told_empty() {
        UUID packet = packet(WING_100, 1, false);
        change(new NeedleSource.Opened(packet), Disposal.JAR, "");

        assertThatThrownBy(() -> change(new NeedleSource.Opened(packet), Disposal.JAR, ""))
                .isInstanceOf(BadInput.class)
                .hasMessage("That packet is empty or gone. Choose another.");
        assertThat(heron().fitted().orElseThrow().needle().needle()).isEqualTo(WING_100);
    }

    @Test
    void a_parked_needle_goes_back_in_with_the_hours_it_had() {
        NeedleRecord parked = book.lyingAbout(10).stream()
                .filter(needleRecord -> needleRecord.needle().type() == NeedleType.STRETCH)
                .findFirst()
                .orElseThrow();

        change(new NeedleSource.Parked(parked.id()), Disposal.BACK, "");

        assertThat(inHeron()).isEqualTo(parked.id());
        assertThat(heron().fitted().orElseThrow().needle().effectiveHours()).isEqualTo(parked.effectiveHours());
        assertThat(book.lyingAbout(50))
                .noneMatch(needleRecord -> needleRecord.id().equals(parked.id()));
    }

    @Test
    void one_that_comes_from_elsewhere_is_new_and_takes_nothing_off_a_packet() {
        UUID packet = packet(WING_100, 3, false);

        change(new NeedleSource.Other(WING_100, true), Disposal.JAR, "");

        assertThat(left(packet)).isEqualTo(3);
        assertThat(heron().fitted().orElseThrow().needle().effectiveHours()).isZero();
    }

    @Test
    void a_needle_that_somebody_changed_meanwhile_is_not_taken_out() {
        UUID seen = inHeron();
        change(new NeedleSource.Other(WING_100, false), Disposal.JAR, "");

        assertThatThrownBy(() -> supply.change(new Change(
                        "heron",
                        0,
                        Optional.of(seen),
                        new NeedleSource.Other(WING_100, false),
                        Disposal.JAR,
                        "",
                        false,
                        Optional.empty())))
                .isInstanceOfAny(BadInput.class, ChangedMeanwhile.class);
    }

    @Test
    void fitting_a_kind_takes_one_out_of_the_drawer_where_one_is_there_and_lays_the_work_on_the_table() {
        UUID packet = packet(WING_100, 2, false);

        UUID action = supply.fit("heron", 0, WING_100, Optional.of(TestWork.of("lawn", 1, 25)), Optional.of(inHeron()));

        assertThat(left(packet)).isEqualTo(1);
        assertThat(heron().table().orElseThrow().words()).contains("lawn");
        undo.undo(action);
        assertThat(left(packet)).isEqualTo(2);
        assertThat(heron().table().map(tableWork -> tableWork.words().contains("lawn")))
                .isNotEqualTo(Optional.of(true));
    }

    @Test
    void only_what_the_machine_lists_can_go_in_and_the_parked_one_is_offered_before_its_packet() {
        Choices heron = supply.choices(heron(), 0);
        Choices sparrow = supply.choices(room.find("sparrow").orElseThrow(), 1);

        assertThat(heron.old()).isNotBlank();
        assertThat(heron.parked()).isNotEmpty();
        assertThat(heron.packets())
                .extracting(Choice::words)
                .allMatch(text -> text.endsWith("left") || text.endsWith("rough eyes"));
        assertThat(sparrow.parked())
                .extracting(Choice::words)
                .noneMatch(heron.parked().stream().map(Choice::words).toList()::contains);
        Needle stretch = Needle.of(NeedleSystem.H_130_705, NeedleType.STRETCH, NeedleSize.NM_75);
        assertThat(heron.sourceOf().get(stretch)).startsWith("parked:");
        assertThat(heron.packetOf().get(stretch)).startsWith("packet:");
        assertThat(heron.lastPlace()).isNotBlank();
    }

    @Test
    void rough_eyes_stand_in_the_list_but_are_offered_for_no_work() {
        packet(WING_100, 3, true);

        assertThat(supply.choices(heron(), 0).packets())
                .extracting(Choice::words)
                .anySatisfy(text -> assertThat(text).contains("wing 100/16").endsWith("3 left, rough eyes"));
        assertThat(supply.atHand()).extracting(AtHand::needle).doesNotContain(WING_100);
    }

    @Test
    void two_packets_of_a_kind_are_counted_together() {
        packet(WING_100, 3, false);
        packet(WING_100, 4, false);

        assertThat(supply.atHand())
                .filteredOn(atHand -> atHand.needle().equals(WING_100))
                .singleElement()
                .returns(7, AtHand::inPackets)
                .returns(Optional.empty(), AtHand::parked);
    }

    @Test
    void a_word_of_a_list_names_a_parked_needle_a_packet_or_nothing() {
        UUID id = new UUID(3, 4);

        assertThat(NeedleSource.ofWord(new NeedleSource.Parked(id).word())).contains(new NeedleSource.Parked(id));
        assertThat(NeedleSource.ofWord(new NeedleSource.Opened(id).word())).contains(new NeedleSource.Opened(id));
        assertThat(NeedleSource.ofWord("packet:nonsense")).isEmpty();
        assertThat(NeedleSource.ofWord("thimble")).isEmpty();
    }
}
