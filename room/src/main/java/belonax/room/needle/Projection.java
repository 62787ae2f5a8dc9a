package belonax.room.needle;

import belonax.room.event.Consequence;
import belonax.room.event.EventKind;
import belonax.room.event.EventRepository;
import belonax.room.event.StoredEvent;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Works out what is true of a needle from its own events, leaving out those that were taken back. */
@Component
public class Projection implements Consequence {
    /** Counted up whenever the way changes in which a needle follows from events; rows of another number are worked out anew. */
    static final int NUMBER = 2;

    private static final Set<EventKind> MOVES = Set.of(EventKind.NEEDLE_IN, EventKind.NEEDLE_OUT);

    private final EventRepository events;
    private final NeedleRepository needles;

    public Projection(EventRepository events, NeedleRepository needles) {
        this.events = events;
        this.needles = needles;
    }

    /** Works out anew what was written down by another version. */
    public void refreshOutdated() {
        needles.projectedOtherwise(NUMBER).forEach(this::refresh);
    }

    /** Works a needle out anew and writes it down. */
    public void refresh(UUID needleId) {
        List<StoredEvent> inOrder = events.ofNeedle(needleId);
        NeedleHistory lived = NeedleHistory.through(inOrder);
        if (lived.state == NeedleState.IN_MACHINE && !isWhereItWasPut(inOrder)) {
            lived.state = NeedleState.LOOSE;
        }
        needles.findById(needleId).ifPresent(needleEntity -> needleEntity.put(lived));
    }

    @Override
    public void takenBack(List<StoredEvent> undone) {
        Stream<UUID> moved = undone.stream().flatMap(stored -> stored.needleId().stream());
        Stream<UUID> nowThere =
                undone.stream().flatMap(stored -> newestAtPlaceOf(stored).flatMap(StoredEvent::needleId).stream());
        Stream.concat(moved, nowThere).distinct().forEach(this::refresh);
    }

    /** Returns the newest move at the place of a move. */
    private Optional<StoredEvent> newestAtPlaceOf(StoredEvent move) {
        return MOVES.contains(move.kind())
                        && move.machineId().isPresent()
                        && move.place().isPresent()
                ? events.newestAtPlace(move.machineId().get(), move.place().get(), MOVES)
                : Optional.empty();
    }

    /** After a change in between was taken back a later needle may stand in the place of an earlier one. */
    private boolean isWhereItWasPut(List<StoredEvent> inOrder) {
        StoredEvent in = inOrder.stream()
                .filter(stored -> stored.kind() == EventKind.NEEDLE_IN)
                .reduce((earlier, later) -> later)
                .orElseThrow();
        return events.newestAtPlace(in.machineId().orElse(""), in.place().orElse(0), MOVES)
                .filter(stored -> stored.seq() == in.seq())
                .isPresent();
    }
}
