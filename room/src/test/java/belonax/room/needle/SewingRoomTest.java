package belonax.room.needle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.ChangedMeanwhile;
import belonax.room.InTheDemoRoom;
import belonax.room.event.Undo;
import belonax.thread.SewingThread;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** The sewing room on the real schema. */
@InTheDemoRoom
class SewingRoomTest {
    private static final Instant NOW = Instant.parse("2026-11-25T09:30:00Z");
    private static final Needle STRETCH_75 = Needle.of(NeedleSystem.H_130_705, NeedleType.STRETCH, NeedleSize.NM_75);
    private static final Optional<SewingThread> TEX_25 = Optional.of(SewingThread.spunPolyester(25));

    @Autowired
    private SewingRoom room;

    @Autowired
    private Undo undo;

    @Test
    void the_demo_has_four_machines_and_an_overlocker_with_two_needles() {
        assertThat(room.machines())
                .extracting(machineNow -> machineNow.machine().name())
                .containsExactly("Heron", "Badger", "Old Tin", "Sparrow");
        assertThat(machine("sparrow").places())
                .hasSize(2)
                .allMatch(place -> place.fitted().isPresent());
        assertThat(machine("heron").fitted().orElseThrow().needle().effectiveHours())
                .isEqualTo(2.6);
    }

    @Test
    void fitting_records_who_went_out_and_who_came_in_and_undo_restores_the_very_state() {
        MachineNow before = machine("heron");

        UUID action = room.fit("heron", 0, STRETCH_75, Optional.of(SewingThread.spunPolyester(18)), needleIn(before));

        MachineNow after = machine("heron");
        assertThat(after.fitted().orElseThrow().needle().needle()).isEqualTo(STRETCH_75);
        assertThat(after.fitted().orElseThrow().needle().effectiveHours()).isZero();
        assertThat(after.fitted().orElseThrow().since()).isEqualTo(NOW);
        assertThat(after.thread().orElseThrow().tex().value()).isEqualTo(18);
        undo.undo(action);
        assertThat(machine("heron")).isEqualTo(before);
        assertThat(undo.canUndo(action)).isFalse();
    }

    @Test
    void pressing_undo_twice_changes_nothing_more() {
        MachineNow before = machine("heron");
        UUID action = room.fit("heron", 0, STRETCH_75, TEX_25, needleIn(before));

        undo.undo(action);
        undo.undo(action);

        assertThat(machine("heron")).isEqualTo(before);
    }

    @Test
    void two_windows_that_change_the_same_needle_end_in_one_truth_and_a_sentence() {
        Optional<UUID> seenByBoth = needleIn(machine("heron"));
        room.fit("heron", 0, STRETCH_75, TEX_25, seenByBoth);

        assertThatThrownBy(() -> room.fit("heron", 0, STRETCH_75, TEX_25, seenByBoth))
                .isInstanceOf(ChangedMeanwhile.class)
                .hasMessageContaining("changed in another window");
        assertThat(machine("heron").fitted().orElseThrow().needle().needle()).isEqualTo(STRETCH_75);
    }

    @Test
    void an_earlier_change_can_be_taken_back_under_a_later_one_which_stands() {
        MachineNow before = machine("heron");
        UUID first = room.fit("heron", 0, STRETCH_75, TEX_25, needleIn(before));
        UUID second = room.fit("heron", 0, STRETCH_75, TEX_25, needleIn(machine("heron")));
        MachineNow later = machine("heron");

        undo.undo(first);

        assertThat(machine("heron").fitted()).isEqualTo(later.fitted());
        undo.undo(second);
        assertThat(machine("heron")).isEqualTo(before);
    }

    @Test
    void a_needle_of_a_system_that_the_machine_does_not_list_is_refused() {
        Optional<UUID> left = machine("sparrow").places().get(0).fitted().map(MachineNow.Fitted::needleId);

        assertThatThrownBy(() -> room.fit("sparrow", 0, STRETCH_75, TEX_25, left))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("Sparrow does not list 130/705 H");
    }

    @Test
    void the_two_needles_of_an_overlocker_are_changed_one_by_one() {
        Needle new75 = Needle.of(NeedleSystem.HAX1SP, NeedleType.STRETCH, NeedleSize.NM_75);
        Optional<UUID> right = machine("sparrow").places().get(1).fitted().map(MachineNow.Fitted::needleId);

        room.fit("sparrow", 1, new75, Optional.empty(), right);

        assertThat(machine("sparrow")
                        .places()
                        .get(0)
                        .fitted()
                        .orElseThrow()
                        .needle()
                        .needle()
                        .size())
                .isEqualTo(NeedleSize.NM_90);
        assertThat(machine("sparrow")
                        .places()
                        .get(1)
                        .fitted()
                        .orElseThrow()
                        .needle()
                        .needle())
                .isEqualTo(new75);
    }

    private MachineNow machine(String id) {
        return room.find(id).orElseThrow();
    }

    private static Optional<UUID> needleIn(MachineNow machine) {
        return machine.fitted().map(MachineNow.Fitted::needleId);
    }
}
