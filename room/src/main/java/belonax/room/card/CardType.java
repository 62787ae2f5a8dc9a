package belonax.room.card;

/** A record that is kept as a card; the package that has one tells of it by a bean. */
public record CardType(Class<? extends Card> type) {}
