package belonax.room.event;

import belonax.BadInput;
import belonax.room.usecase.UseCase;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes an action back by a counter-event, also when something came after it: what was recorded later stands, and what is true
 * now is worked out from what is left.
 */
@Service
public class Undo {
    private final EventRepository events;
    private final List<Consequence> consequences;
    private final Clock clock;
    private final Supplier<UUID> ids;

    Undo(EventRepository events, List<Consequence> consequences, Clock clock, Supplier<UUID> ids) {
        this.events = events;
        this.consequences = consequences;
        this.clock = clock;
        this.ids = ids;
    }

    /**
     * Takes an action back; once more does nothing.
     *
     * @throws BadInput if there is no such action
     */
    @UseCase
    public void undo(UUID action) {
        List<StoredEvent> toUndo = events.findByActionIdOrderBySeq(action);
        BadInput.unless(!toUndo.isEmpty(), "action", () -> "There is no such change to take back.");
        consequences.forEach(consequence -> consequence.hold(toUndo));
        // What is about no machine, such as an emptied jar, is held by its own events.
        events.hold(action);
        if (events.existsByUndoes(action)) {
            return; // Pressed twice: it is taken back already.
        }
        events.add(ids.get(), clock.instant(), new Event.Undone(action));
        consequences.forEach(consequence -> consequence.takenBack(toUndo));
    }

    /** Tells whether an action can still be taken back. */
    @Transactional(readOnly = true)
    public boolean canUndo(UUID action) {
        return events.existsByActionId(action) && !events.existsByUndoes(action);
    }
}
