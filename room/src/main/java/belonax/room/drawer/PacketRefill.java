package belonax.room.drawer;

import belonax.room.card.DrawerStore;
import belonax.room.event.Consequence;
import belonax.room.event.Event;
import belonax.room.event.EventKind;
import belonax.room.event.EventRepository;
import java.util.List;
import org.springframework.stereotype.Component;

/** Puts a needle back into its packet when taking back its fitting leaves it with no life at all. */
@Component
class PacketRefill implements Consequence {
    private final EventRepository events;
    private final DrawerStore drawer;

    PacketRefill(EventRepository events, DrawerStore drawer) {
        this.events = events;
        this.drawer = drawer;
    }

    @Override
    public void takenBack(List<Event> taken) {
        taken.stream()
                .filter(it -> it.kind() == EventKind.NEEDLE_IN && !it.note().isEmpty())
                .filter(this::isUnlived)
                .flatMap(it -> DrawerStore.uuid(it.note()).stream())
                .filter(it -> drawer.hold(Packet.class, it).isPresent())
                .forEach(it -> drawer.change(Packet.class, it, packet -> packet.withCount(packet.count() + 1)));
    }

    private boolean isUnlived(Event in) {
        return in.needleId().map(it -> events.ofNeedle(it).isEmpty()).orElse(true);
    }
}
