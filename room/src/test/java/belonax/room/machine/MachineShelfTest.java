package belonax.room.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import belonax.machine.Machine;
import belonax.machine.MachineKind;
import belonax.machine.Past;
import belonax.room.ChangedMeanwhile;
import belonax.room.InTheDemoRoom;
import belonax.room.machine.MachineShelf.Done;
import belonax.room.needle.SewingRoom;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Machines come on the shelf, are changed and taken off, and each of it is taken back. */
@InTheDemoRoom
class MachineShelfTest {
    @Autowired
    private MachineShelf shelf;

    @Autowired
    private SewingRoom room;

    private static MachineCard card(String name, String standsAt) {
        return MachineCard.of(Machine.ordinary(name, MachineKind.MECHANICAL), standsAt);
    }

    private List<String> names() {
        return room.names().stream().map(MachineName::name).toList();
    }

    private String standsAt(String machineId) {
        return room.find(machineId).orElseThrow().standsAt();
    }

    @Test
    void a_new_machine_stands_last_under_a_short_name_made_of_its_own_and_undo_takes_it_off() {
        Done done = shelf.add(card("Grey Wagtail", "hall"));

        assertThat(done.machineId()).isEqualTo("grey-wagtail");
        assertThat(names()).last().isEqualTo("Grey Wagtail");
        assertThat(shelf.knows(done.change())).isTrue();

        shelf.undo(done.change());
        assertThat(names()).doesNotContain("Grey Wagtail");
        assertThat(shelf.canUndo(done.change())).isFalse();
    }

    @Test
    void two_of_one_name_get_short_names_of_their_own() {
        Done one = shelf.add(card("Wren", "hall"));
        Done other = shelf.add(card("Wren", "attic"), Past.SECOND_HAND);

        assertThat(one.machineId()).isNotEqualTo(other.machineId());
        assertThat(standsAt(one.machineId())).isEqualTo("hall");
        assertThat(standsAt(other.machineId())).isEqualTo("attic");
    }

    @Test
    void a_change_is_seen_at_once_and_taken_back_whole() {
        Done added = shelf.add(card("Wren", "hall"));
        Done moved = shelf.change(added.machineId(), 1, card("Wren", "attic"));
        assertThat(standsAt(added.machineId())).isEqualTo("attic");

        shelf.undo(moved.change());
        shelf.undo(moved.change());

        assertThat(standsAt(added.machineId())).isEqualTo("hall");
    }

    @Test
    void who_saw_an_older_machine_changes_nothing() {
        String id = shelf.add(card("Wren", "hall")).machineId();
        shelf.change(id, 1, card("Wren", "attic"));

        assertThatThrownBy(() -> shelf.change(id, 1, card("Wren", "cellar"))).isInstanceOf(ChangedMeanwhile.class);
        assertThatThrownBy(() -> shelf.remove(id, 1)).isInstanceOf(ChangedMeanwhile.class);
        assertThat(standsAt(id)).isEqualTo("attic");
    }

    @Test
    void a_change_under_a_later_one_stays() {
        String id = shelf.add(card("Wren", "hall")).machineId();
        UUID first = shelf.change(id, 1, card("Wren", "attic")).change();
        UUID second = shelf.change(id, 2, card("Wren", "cellar")).change();

        assertThat(shelf.canUndo(first)).isFalse();
        assertThatThrownBy(() -> shelf.undoAll(List.of(first))).isInstanceOf(ChangedMeanwhile.class);
        assertThat(shelf.canUndo(second)).isTrue();
        assertThat(standsAt(id)).isEqualTo("cellar");
    }

    @Test
    void a_machine_that_was_taken_off_is_found_no_more_until_it_is_taken_back() {
        String id = shelf.add(card("Wren", "hall")).machineId();

        UUID removed = shelf.remove(id, 1).change();
        assertThat(room.find(id)).isEmpty();
        assertThatThrownBy(() -> shelf.change(id, 2, card("Wren", "attic"))).isInstanceOf(BadInput.class);

        shelf.undo(removed);
        assertThat(standsAt(id)).isEqualTo("hall");
    }

    @Test
    void a_change_that_never_was_is_told() {
        assertThat(shelf.knows(new UUID(1, 1))).isFalse();
        assertThatThrownBy(() -> shelf.undo(new UUID(1, 1)))
                .isInstanceOf(BadInput.class)
                .hasMessage("There is no such change to take back.");
    }
}
