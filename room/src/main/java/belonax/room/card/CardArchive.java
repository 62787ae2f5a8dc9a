package belonax.room.card;

import belonax.BadInput;
import belonax.room.CraftJson;
import belonax.room.NothingMissing;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes all cards out and takes them in, each with the change that can still be taken back. */
@Service
public class CardArchive {
    private final CardRepository cards;
    private final ChangeRepository changes;
    private final CardTypes types;
    private final BadCards bad;

    CardArchive(CardRepository cards, ChangeRepository changes, CardTypes types, BadCards bad) {
        this.cards = cards;
        this.changes = changes;
        this.types = types;
        this.bad = bad;
    }

    /** Returns every card, to be carried to another computer. */
    @Transactional(readOnly = true)
    public List<CardLine> content() {
        Map<UUID, ChangeEntity> last = changes.thatCanBeTakenBack().stream()
                .collect(Collectors.toMap(ChangeEntity::cardId, changeEntity -> changeEntity));
        return cards.inOrder().stream()
                .filter(cardEntity -> !cardEntity.isRemoved() || last.containsKey(cardEntity.id()))
                .flatMap(cardEntity -> line(cardEntity, Optional.ofNullable(last.get(cardEntity.id()))).stream())
                .toList();
    }

    /** What cannot be read cannot be carried either; it stays where it lies. */
    private static Optional<CardLine> line(CardEntity cardEntity, Optional<ChangeEntity> last) {
        try {
            return Optional.of(new CardLine(
                    cardEntity.id(),
                    cardEntity.kind(),
                    CraftJson.tree(cardEntity.body()),
                    cardEntity.revision(),
                    cardEntity.isRemoved() ? true : null,
                    last.map(CardArchive::line).orElse(null)));
        } catch (IllegalStateException unreadable) {
            return Optional.empty();
        }
    }

    /**
     * Replaces every card.
     *
     * @throws BadInput if one of them makes no sense
     */
    @Transactional
    public void replace(List<CardLine> content) {
        changes.deleteAll();
        cards.deleteAll();
        bad.allGone();
        for (CardLine cardLine : content) {
            Class<? extends Card> type = types.of(cardLine.kind());
            CardEntity entity = new CardEntity(
                    cardLine.id(),
                    NothingMissing.in(CraftJson.read(cardLine.card().toString(), type)));
            entity.cameIn(cardLine.revision() == null ? 0 : cardLine.revision(), cardLine.isRemoved());
            cards.save(entity);
            if (cardLine.last() != null) {
                changes.save(change(entity, cardLine.last(), type));
            }
        }
    }

    private static LastChange line(ChangeEntity changeEntity) {
        return new LastChange(
                changeEntity.id(),
                changeEntity.at(),
                changeEntity.before().map(CraftJson::tree).orElse(null),
                changeEntity.after().map(CraftJson::tree).orElse(null));
    }

    /** What would be put back is judged like what lies there. */
    private static ChangeEntity change(CardEntity card, LastChange lastChange, Class<? extends Card> type) {
        return new ChangeEntity(
                lastChange.id(),
                lastChange.at(),
                card,
                checked(lastChange.before(), type),
                checked(lastChange.after(), type));
    }

    private static @Nullable String checked(@Nullable JsonNode body, Class<? extends Card> type) {
        return body == null || body.isNull()
                ? null
                : CraftJson.write(NothingMissing.in(CraftJson.read(body.toString(), type)));
    }

    /**
     * A card as an archive holds it.
     *
     * @param revision how often it was changed; null in archives before the fourth version, likewise what follows
     * @param removed whether it was taken out; null where it was not
     * @param last its last change, as long as that can be taken back
     */
    public record CardLine(
            UUID id,
            CardKind kind,
            JsonNode card,
            @Nullable Integer revision,
            @Nullable Boolean removed,
            @Nullable LastChange last) {
        public boolean isRemoved() {
            return Boolean.TRUE.equals(removed);
        }
    }

    /** A change that can be taken back, as an archive holds it. */
    public record LastChange(
            UUID id,
            Instant at,
            @Nullable JsonNode before,
            @Nullable JsonNode after) {}
}
