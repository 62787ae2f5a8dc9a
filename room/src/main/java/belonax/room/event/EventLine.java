package belonax.room.event;

import belonax.BadInput;
import belonax.room.CraftJson;
import com.fasterxml.jackson.databind.JsonNode;
import java.lang.reflect.RecordComponent;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An event as an archive holds it.
 *
 * @param event the event itself, as it is kept under its kind
 */
public record EventLine(UUID action, Instant at, EventKind kind, JsonNode event) {
    /**
     * Returns the event to be kept.
     *
     * @throws belonax.BadInput if a value in it makes no sense
     */
    public StoredEvent stored() {
        Event read = CraftJson.read(event.toString(), kind.type());
        for (RecordComponent part : kind.type().getRecordComponents()) {
            boolean mayLack = part.getAnnotatedType().isAnnotationPresent(Nullable.class);
            BadInput.unless(mayLack || told(part, read), "event", () -> "What happened there is told only in part.");
        }
        return new StoredEvent(action, at, read);
    }

    private static boolean told(RecordComponent part, Event event) {
        try {
            return part.getAccessor().invoke(event) != null;
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
