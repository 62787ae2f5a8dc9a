package belonax.room.drawer;

import belonax.needle.Needle;
import belonax.room.card.DrawerStore;
import java.util.Optional;
import java.util.UUID;

/** Where a needle that goes in comes from. */
public sealed interface NeedleSource {
    /** A needle that was parked, or lies about. */
    record Parked(UUID needle) implements NeedleSource {}

    /** A new one out of a packet of the drawer, whose count falls. */
    record Opened(UUID packet) implements NeedleSource {}

    /** A new one out of no packet of the drawer. */
    record Other(Needle needle, boolean coated) implements NeedleSource {}

    /** Returns the word by which a list offers it, such as {@code packet:} with an id. */
    static String word(Kind kind, UUID id) {
        return kind.name().toLowerCase(java.util.Locale.ROOT) + ":" + id;
    }

    /** What a word of a list can name. */
    enum Kind {
        PARKED,
        PACKET
    }

    /** Returns what a word of a list names; empty when it names nothing that is kept. */
    static Optional<NeedleSource> ofWord(String word) {
        int colon = word.indexOf(':');
        Optional<UUID> id = DrawerStore.uuid(word.substring(colon + 1));
        return switch (word.substring(0, Math.max(0, colon))) {
            case "parked" -> id.map(Parked::new);
            case "packet" -> id.map(Opened::new);
            default -> Optional.empty();
        };
    }
}
