package belonax.room.card;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Which record is behind each kind of card. */
@Component
class CardTypes {
    private final Map<CardKind, Class<? extends Card>> byKind = new EnumMap<>(CardKind.class);

    CardTypes(List<CardType> types) {
        types.forEach(cardType -> byKind.put(CardKind.of(cardType.type()), cardType.type()));
    }

    Class<? extends Card> of(CardKind kind) {
        Class<? extends Card> type = byKind.get(kind);
        if (type == null) {
            throw new IllegalStateException("No record is known for cards of kind " + kind);
        }
        return type;
    }
}
