package belonax.room.archive;

import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.event.EventLine;
import belonax.room.machine.MachineCard;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Everything that a sewing room holds of machines, needles and events, to be carried to another computer. */
public record RoomContent(List<MachineLine> machines, List<NeedleLine> needles, List<EventLine> events) {
    public RoomContent {
        machines = List.copyOf(machines);
        needles = List.copyOf(needles);
        events = List.copyOf(events);
    }

    /**
     * A machine, also one that was taken off the shelf: events may name it.
     *
     * @param sewnMinutes only in archives of the first version; since then they follow from the events
     * @param lintyMinutes likewise
     */
    public record MachineLine(
            String id,
            int position,
            boolean removed,
            @Nullable Double sewnMinutes,
            @Nullable Double lintyMinutes,
            MachineCard card) {}

    /** A needle. */
    public record NeedleLine(
            UUID id,
            NeedleSystem system,
            NeedleType type,
            int nm,
            @Nullable Double spacingMm,
            @Nullable NeedleType point,
            boolean coated) {}
}
