package belonax.room.card;

import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Tells which ids the cards still name, so that files which nothing names can go. */
@Component
public class CardNames {
    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    private final CardRepository cards;
    private final ChangeRepository changes;

    CardNames(CardRepository cards, ChangeRepository changes) {
        this.cards = cards;
        this.changes = changes;
    }

    /**
     * Returns the ids of all cards and of all that stands in them, also of what taking a change back would bring again. They
     * are looked for in the text, so that a card that cannot be read names what is its own too.
     */
    @Transactional(readOnly = true)
    public Set<UUID> all() {
        Map<UUID, ChangeEntity> last = changes.thatCanBeTakenBack().stream()
                .collect(Collectors.toMap(ChangeEntity::cardId, Function.identity()));
        Set<UUID> named = new HashSet<>();
        for (CardEntity cardEntity : cards.inOrder()) {
            if (!cardEntity.isRemoved() || last.containsKey(cardEntity.id())) {
                named.add(cardEntity.id());
                addFrom(cardEntity.body(), named);
            }
        }
        last.values().forEach(changeEntity -> changeEntity.before().ifPresent(body -> addFrom(body, named)));
        return named;
    }

    private static void addFrom(String body, Set<UUID> named) {
        ID.matcher(body).results().map(MatchResult::group).map(UUID::fromString).forEach(named::add);
    }
}
