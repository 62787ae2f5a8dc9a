package belonax.room.supply;

import belonax.room.card.DrawerStore;
import belonax.room.drawer.Packet;
import belonax.room.event.Consequence;
import belonax.room.event.Event;
import belonax.room.event.EventRepository;
import belonax.room.event.StoredEvent;
import java.util.List;
import java.util.Optional;
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
    public void takenBack(List<StoredEvent> taken) {
        taken.stream()
                .flatMap(it -> it.as(Event.NeedleIn.class).stream())
                .filter(it -> events.ofNeedle(it.needle()).isEmpty())
                .flatMap(it -> Optional.ofNullable(it.packet()).stream())
                .filter(it -> drawer.hold(Packet.class, it).isPresent())
                .forEach(it -> drawer.change(Packet.class, it, packet -> packet.withCount(packet.count() + 1)));
    }
}
