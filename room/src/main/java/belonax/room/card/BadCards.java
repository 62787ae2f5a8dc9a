package belonax.room.card;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** The cards that were found in the database and could not be read, so that a page opens without them and says which they are. */
@Component
public class BadCards {
    private final Map<UUID, Bad> found = new ConcurrentHashMap<>();

    /** A card that cannot be read. */
    public record Bad(UUID id, CardKind kind) {
        /** Returns what it is in words. */
        public String words() {
            return switch (kind) {
                case SWATCH -> "a cloth";
                case SPOOL -> "a spool";
                case BOBBIN -> "a bobbin";
                case PACKET -> "a packet";
                case BALANCE -> "a balance";
                case CASE -> "a trouble";
                case SHELF -> "a photograph of the shelf";
                case MANUAL -> "a manual";
                case PROJECT -> "a project";
                case SHOPPING -> "a shopping list";
                case ANSWER -> "an answer in practice";
            };
        }
    }

    /** Returns those that were met since the start. */
    public List<Bad> all() {
        return List.copyOf(found.values());
    }

    void met(CardEntity card) {
        found.put(card.id(), new Bad(card.id(), card.kind()));
    }

    void gone(UUID id) {
        found.remove(id);
    }

    void allGone() {
        found.clear();
    }
}
