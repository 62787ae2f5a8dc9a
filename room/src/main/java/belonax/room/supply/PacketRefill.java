package belonax.room.supply;

import belonax.room.card.DrawerStore;
import belonax.room.drawer.Packet;
import belonax.room.event.Consequence;
import belonax.room.event.Event;
import belonax.room.event.StoredEvent;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Puts a needle back into its packet when the fitting that took it out is taken back, whatever was recorded of it since. */
@Component
class PacketRefill implements Consequence {
    private final DrawerStore drawer;

    PacketRefill(DrawerStore drawer) {
        this.drawer = drawer;
    }

    @Override
    public void takenBack(List<StoredEvent> taken) {
        taken.stream()
                .flatMap(stored -> stored.as(Event.NeedleIn.class).stream())
                .flatMap(needleIn -> Optional.ofNullable(needleIn.packet()).stream())
                .filter(id -> drawer.hold(Packet.class, id).isPresent())
                .forEach(id -> drawer.change(Packet.class, id, packet -> packet.withCount(packet.count() + 1)));
    }
}
