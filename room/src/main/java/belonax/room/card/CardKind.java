package belonax.room.card;

/** The kinds of things that are kept as cards. Their names are stored. */
public enum CardKind {
    SWATCH,
    SPOOL,
    BOBBIN,
    PACKET,
    BALANCE,
    CASE,
    SHELF,
    MANUAL,
    PROJECT,
    SHOPPING,
    ANSWER;

    static CardKind of(Class<? extends Card> type) {
        IsCard says = type.getAnnotation(IsCard.class);
        if (says == null) {
            throw new IllegalArgumentException(type + " does not say what kind of card it is");
        }
        return says.value();
    }
}
