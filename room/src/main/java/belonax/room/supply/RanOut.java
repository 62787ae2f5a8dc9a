package belonax.room.supply;

import belonax.room.Words;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.Packet;
import java.util.List;
import org.springframework.stereotype.Component;

/** The needles whose last one was taken: they stand on the shopping list until a packet is bought or the empty one leaves. */
@Component
public class RanOut {
    private final DrawerStore drawer;

    RanOut(DrawerStore drawer) {
        this.drawer = drawer;
    }

    /** An empty packet; its page is where the new count is told. */
    public record Empty(String id, String words, String code) {}

    /** Returns the empty packets of whose needle no other packet holds one. */
    public List<Empty> packets() {
        List<Kept<Packet>> all = drawer.all(Packet.class).stream()
                .filter(kept -> kept.card().isKnown())
                .toList();
        return all.stream()
                .filter(kept -> all.stream()
                                .filter(other ->
                                        other.card().needle().equals(kept.card().needle()))
                                .mapToInt(other ->
                                        other.card().rough() ? 0 : other.card().count())
                                .sum()
                        == 0)
                .map(kept -> new Empty(
                        kept.id().toString(),
                        Words.capital(kept.card().words()),
                        kept.card().needle().code()))
                .toList();
    }
}
