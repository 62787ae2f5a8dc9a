package belonax.web.shared.drawer;

/** The kinds of things in the drawer. */
public enum CardKind {
    SWATCH(Swatch.class),
    SPOOL(Spool.class),
    BOBBIN(WoundBobbin.class),
    PACKET(Packet.class),
    BALANCE(BalanceRun.class),
    CASE(MendCase.class);

    private final Class<? extends Card> type;

    CardKind(Class<? extends Card> type) {
        this.type = type;
    }

    Class<? extends Card> type() {
        return type;
    }

    static CardKind of(Class<? extends Card> type) {
        for (CardKind it : values()) {
            if (it.type == type) {
                return it;
            }
        }
        throw new IllegalArgumentException(type + " is no card");
    }
}
