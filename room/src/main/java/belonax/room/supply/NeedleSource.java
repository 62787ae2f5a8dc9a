package belonax.room.supply;

import belonax.needle.Needle;
import belonax.room.card.DrawerStore;
import java.util.Optional;
import java.util.UUID;

/** Where a needle that goes in comes from. */
public sealed interface NeedleSource {
    /** A needle that was parked, or lies about. */
    record Parked(UUID needle) implements NeedleSource {
        /** Returns the word by which a list offers it. */
        public String word() {
            return PARKED + needle;
        }
    }

    /** A new one out of a packet of the drawer, whose count falls. */
    record Opened(UUID packet) implements NeedleSource {
        /** Returns the word by which a list offers it. */
        public String word() {
            return PACKET + packet;
        }
    }

    /** A new one out of no packet of the drawer. */
    record Other(Needle needle, boolean coated) implements NeedleSource {}

    String PARKED = "parked:";
    String PACKET = "packet:";

    /** Returns what a word of a list names; empty when it names nothing that is kept. */
    static Optional<NeedleSource> ofWord(String word) {
        if (word.startsWith(PARKED)) {
            return DrawerStore.uuid(word.substring(PARKED.length())).map(Parked::new);
        }
        return word.startsWith(PACKET)
                ? DrawerStore.uuid(word.substring(PACKET.length())).map(Opened::new)
                : Optional.empty();
    }
}
