package belonax.room.card;

import belonax.BadInput;
import belonax.room.ChangedMeanwhile;
import belonax.room.CraftJson;
import belonax.room.ReadCache;
import belonax.room.usecase.UseCase;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the cards of the drawer. Every change can be taken back as long as nothing later rests on it. */
@Service
public class DrawerStore {
    private static final Set<CardKind> IN_MANY_PAGES =
            EnumSet.of(CardKind.SWATCH, CardKind.SPOOL, CardKind.PACKET, CardKind.SHOPPING, CardKind.ANSWER);

    private final CardRepository cards;
    private final ReadCache cache;
    private final BadCards bad;
    private final ChangeRepository changes;
    private final CardTypes types;
    private final EntityManager entities;
    private final Clock clock;
    private final Supplier<UUID> ids;

    DrawerStore(
            CardRepository cards,
            ReadCache cache,
            ChangeRepository changes,
            CardTypes types,
            EntityManager entities,
            Clock clock,
            Supplier<UUID> ids,
            BadCards bad) {
        this.bad = bad;
        this.cards = cards;
        this.cache = cache;
        this.changes = changes;
        this.types = types;
        this.entities = entities;
        this.clock = clock;
        this.ids = ids;
    }

    /** What a change did: the card it was about, and the change by which it can be taken back. */
    public record Done(UUID change, UUID card) {}

    /** Returns all cards of a kind, in the order in which they came. */
    public <T extends Card> List<Kept<T>> all(Class<T> type) {
        CardKind kind = CardKind.of(type);
        return IN_MANY_PAGES.contains(kind) ? cache.of("cards " + kind, () -> read(kind, type)) : read(kind, type);
    }

    private <T extends Card> List<Kept<T>> read(CardKind kind, Class<T> type) {
        return cards.ofKind(kind.name()).stream()
                .flatMap(cardEntity -> readable(cardEntity, type).stream())
                .toList();
    }

    /** Returns the cards of a kind that hold all these words; all of them when there are none. */
    public <T extends Card> List<Kept<T>> search(Class<T> type, String words) {
        List<String> wanted = Arrays.stream(
                        words.toLowerCase(Locale.ROOT).strip().split("\\s+"))
                .filter(text -> !text.isEmpty())
                .toList();
        return all(type).stream()
                .filter(kept -> wanted.stream().allMatch(kept.card().wordsToFind()::contains))
                .toList();
    }

    /** Returns the cards of a kind that are about a machine, the newest first. */
    public <T extends Card> List<Kept<T>> ofMachine(Class<T> type, String machineId, int most) {
        String kind = CardKind.of(type).name();
        return cache.of(
                "the last " + most + " " + kind + " of " + machineId,
                () -> cards.ofMachine(kind, machineId, most).stream()
                        .flatMap(cardEntity -> readable(cardEntity, type).stream())
                        .toList());
    }

    /** Returns the card of a kind that goes on at a machine; the newest where there are several. */
    public <T extends Card> Optional<Kept<T>> open(Class<T> type, String machineId) {
        String kind = CardKind.of(type).name();
        return cache.of(
                "open " + kind + " of " + machineId,
                () -> cards.open(kind, machineId).flatMap(cardEntity -> readable(cardEntity, type)));
    }

    /** Returns a card, if it is there and of this kind. */
    public <T extends Card> Optional<Kept<T>> find(Class<T> type, UUID id) {
        if (IN_MANY_PAGES.contains(CardKind.of(type))) {
            return all(type).stream().filter(kept -> kept.id().equals(id)).findFirst();
        }
        return cards.findById(id)
                .filter(cardEntity -> cardEntity.kind() == CardKind.of(type) && !cardEntity.isRemoved())
                .flatMap(cardEntity -> readable(cardEntity, type));
    }

    /**
     * Returns a card that must be there.
     *
     * @throws BadInput if it is not
     */
    public <T extends Card> Kept<T> get(Class<T> type, UUID id) {
        return find(type, id).orElseThrow(DrawerStore::gone);
    }

    /** Returns a card by an id that somebody typed or that stood in an address. */
    public <T extends Card> Optional<Kept<T>> find(Class<T> type, String id) {
        return uuid(id).flatMap(otherId -> find(type, otherId));
    }

    /** Puts a card in. */
    @UseCase
    public Done add(Card card) {
        CardEntity entity = cards.save(new CardEntity(ids.get(), card));
        return done(entity, null, entity.body());
    }

    /** Puts several cards in, all of them or none; returns the change of each. */
    @UseCase
    public List<UUID> addAll(List<? extends Card> all) {
        return addEach(all).stream().map(Done::change).toList();
    }

    /** Puts several cards in, all of them or none; returns what was done with each. */
    @UseCase
    public List<Done> addEach(List<? extends Card> all) {
        return all.stream().map(this::add).toList();
    }

    /**
     * Takes several changes back, all of them or none.
     *
     * @throws ChangedMeanwhile if one of the cards was changed after it
     */
    @UseCase
    public void undoAll(List<UUID> changeIds) {
        changeIds.forEach(this::undo);
    }

    /**
     * Changes a card.
     *
     * @param revision the revision that the sewist saw
     * @throws BadInput if there is no such card
     * @throws ChangedMeanwhile if it was changed since
     */
    @UseCase
    public Done change(UUID id, int revision, Card card) {
        return put(hold(id, revision), card);
    }

    /**
     * Takes a card out.
     *
     * @throws BadInput if there is no such card
     * @throws ChangedMeanwhile if it was changed since
     */
    @UseCase
    public Done remove(UUID id, int revision) {
        CardEntity entity = hold(id, revision);
        entity.remove();
        return done(entity, entity.body(), null);
    }

    /**
     * Takes a change back.
     *
     * @throws BadInput if there is no such change
     * @throws ChangedMeanwhile if the card was changed after it
     */
    @UseCase
    public void undo(UUID changeId) {
        ChangeEntity change = changes.findById(changeId)
                .orElseThrow(() -> new BadInput("change", "There is no such change to take back."));
        CardEntity entity = held(change.cardId()).orElseThrow();
        entities.refresh(change);
        if (change.isUndone()) {
            return; // Pressed twice: it is taken back already.
        }
        if (entity.revision() != change.revision()) {
            throw new ChangedMeanwhile("It was changed after that, so that change cannot be taken back by itself.");
        }
        change.before()
                .ifPresentOrElse(text -> entity.put(CraftJson.read(text, types.of(entity.kind()))), entity::remove);
        change.undone();
    }

    /** Tells whether a change can still be taken back. */
    @Transactional(readOnly = true)
    public boolean canUndo(UUID changeId) {
        return changes.findById(changeId)
                .filter(changeEntity -> !changeEntity.isUndone())
                .flatMap(changeEntity -> cards.findById(changeEntity.cardId())
                        .filter(card -> card.revision() == changeEntity.revision()))
                .isPresent();
    }

    /** Reads an id, if it is one. */
    public static Optional<UUID> uuid(@Nullable String text) {
        try {
            return text == null || text.length() != 36 ? Optional.empty() : Optional.of(UUID.fromString(text));
        } catch (IllegalArgumentException notAnId) {
            return Optional.empty();
        }
    }

    /**
     * Changes a card as it stands when nobody else changes it any more.
     *
     * @throws BadInput if there is no such card
     */
    @Transactional
    public <T extends Card> Done change(Class<T> type, UUID id, UnaryOperator<T> change) {
        CardEntity entity = hold(id);
        return put(entity, change.apply(kept(entity, type).card()));
    }

    /**
     * Changes a card as it stands, if it is still the one that the sewist saw.
     *
     * @throws BadInput if there is no such card
     * @throws ChangedMeanwhile if it was changed since this revision
     */
    @Transactional
    public <T extends Card> Done change(Class<T> type, UUID id, int revision, UnaryOperator<T> change) {
        CardEntity entity = hold(id, revision);
        return put(entity, change.apply(kept(entity, type).card()));
    }

    /** Returns a card as it stands, and keeps every other change to it waiting until this one is done. */
    @Transactional
    public <T extends Card> Optional<Kept<T>> hold(Class<T> type, UUID id) {
        return held(id).filter(cardEntity -> cardEntity.kind() == CardKind.of(type) && !cardEntity.isRemoved())
                .map(cardEntity -> kept(cardEntity, type));
    }

    /** It is read anew once it is held: what this transaction saw of it before may be older. */
    private Optional<CardEntity> held(UUID id) {
        Optional<CardEntity> entity = cards.findAndHold(id);
        entity.ifPresent(entities::refresh);
        return entity;
    }

    private CardEntity hold(UUID id) {
        return held(id).filter(cardEntity -> !cardEntity.isRemoved()).orElseThrow(DrawerStore::gone);
    }

    private static BadInput gone() {
        return new BadInput("card", "It is no longer in the drawer.");
    }

    private CardEntity hold(UUID id, int revision) {
        CardEntity entity = hold(id);
        if (entity.revision() != revision) {
            throw new ChangedMeanwhile(
                    "It was changed in another window. Look at it again and make your change there.");
        }
        return entity;
    }

    private Done put(CardEntity entity, Card card) {
        String before = entity.body();
        entity.put(card);
        return done(entity, before, entity.body());
    }

    private Done done(CardEntity entity, @Nullable String before, @Nullable String after) {
        ChangeEntity change = changes.save(new ChangeEntity(ids.get(), clock.instant(), entity, before, after));
        return new Done(change.id(), entity.id());
    }

    /** One card that cannot be read keeps no page shut: it is left out and told. */
    private <T extends Card> Optional<Kept<T>> readable(CardEntity entity, Class<T> type) {
        try {
            return Optional.of(kept(entity, type));
        } catch (BadInput | IllegalStateException unreadable) {
            bad.met(entity);
            return Optional.empty();
        }
    }

    /** Puts a card aside that cannot be read. It stays in the database, and no page asks for it any more. */
    @UseCase
    public UUID putAside(UUID id) {
        CardEntity entity = hold(id);
        entity.remove();
        bad.gone(id);
        return done(entity, entity.body(), null).change();
    }

    private static <T extends Card> Kept<T> kept(CardEntity entity, Class<T> type) {
        return new Kept<>(entity.id(), entity.revision(), CraftJson.read(entity.body(), type));
    }
}
