package belonax.room.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import belonax.cloth.ClothCatalogue;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.ChangedMeanwhile;
import belonax.room.InTheDemoRoom;
import belonax.room.drawer.Packet;
import belonax.room.drawer.Swatch;
import java.util.List;
import java.util.SplittableRandom;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** The drawer on the real schema. */
@InTheDemoRoom
class DrawerStoreTest {
    @Autowired
    private DrawerStore drawer;

    @Test
    void a_card_is_kept_found_by_its_words_changed_and_taken_out() {
        DrawerStore.Done added = drawer.add(packet(5));
        drawer.add(Swatch.of(ClothCatalogue.standard().get("swim-knit"), "ochre acrobat"));

        assertThat(drawer.search(Packet.class, "wing 120")).singleElement().satisfies(kept -> {
            assertThat(kept.id()).isEqualTo(added.card());
            assertThat(kept.card()).isEqualTo(packet(5));
        });
        assertThat(drawer.search(Swatch.class, "  KNIT ochre ")).hasSize(1);
        assertThat(drawer.search(Swatch.class, "knit ochre navy")).isEmpty();

        drawer.change(added.card(), 0, packet(4));
        assertThat(drawer.find(Packet.class, added.card()))
                .hasValueSatisfying(kept -> assertThat(kept.card().count()).isEqualTo(4));
        drawer.remove(added.card(), 1);
        assertThat(drawer.find(Packet.class, added.card())).isEmpty();
        assertThat(drawer.find(Swatch.class, added.card())).isEmpty();
    }

    @Test
    void an_edit_of_what_somebody_else_changed_is_refused() {
        UUID card = drawer.add(packet(5)).card();
        drawer.change(card, 0, packet(4));

        assertThatThrownBy(() -> drawer.change(card, 0, packet(3)))
                .isInstanceOf(ChangedMeanwhile.class)
                .hasMessageContaining("another window");
        assertThat(drawer.find(Packet.class, card).orElseThrow().card().count()).isEqualTo(4);
    }

    @Test
    void a_change_under_a_later_one_cannot_be_taken_back_by_itself() {
        UUID card = drawer.add(packet(5)).card();
        UUID first = drawer.change(card, 0, packet(4)).change();
        drawer.change(card, 1, packet(3));

        assertThat(drawer.canUndo(first)).isFalse();
        assertThatThrownBy(() -> drawer.undo(first)).isInstanceOf(ChangedMeanwhile.class);
        assertThatThrownBy(() -> drawer.undo(new UUID(1, 1))).isInstanceOf(BadInput.class);
    }

    @Test
    void undo_brings_back_the_very_state_whatever_was_done() {
        for (long seed = 0; seed < 30; seed++) {
            SplittableRandom random = new SplittableRandom(seed);
            for (int i = 0; i < 4; i++) {
                drawer.add(packet(i));
            }
            List<Kept<Packet>> before = drawer.all(Packet.class);

            Kept<Packet> otherKept = before.get(random.nextInt(before.size()));
            UUID change = switch (random.nextInt(3)) {
                case 0 -> drawer.add(packet(9)).change();
                case 1 ->
                    drawer.change(otherKept.id(), otherKept.revision(), packet(random.nextInt(400)))
                            .change();
                default -> drawer.remove(otherKept.id(), otherKept.revision()).change();
            };
            drawer.undo(change);
            drawer.undo(change);

            assertThat(drawer.all(Packet.class).stream().map(kept -> kept.id() + " " + kept.card()))
                    .as("seed " + seed)
                    .containsExactlyElementsOf(before.stream()
                            .map(kept -> kept.id() + " " + kept.card())
                            .toList());
        }
    }

    private static Packet packet(int count) {
        return Packet.of(Needle.of(NeedleSystem.H_130_705, NeedleType.WING, NeedleSize.NM_120), count, false, "");
    }
}
