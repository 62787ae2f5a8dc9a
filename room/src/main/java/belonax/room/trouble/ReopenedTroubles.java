package belonax.room.trouble;

import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.event.Consequence;
import belonax.room.event.Event;
import belonax.room.event.StoredEvent;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** A cure that is taken back in the log opens its trouble again, without that answer. */
@Component
class ReopenedTroubles implements Consequence {
    private final CaseBook cases;
    private final DrawerStore drawer;

    ReopenedTroubles(CaseBook cases, DrawerStore drawer) {
        this.cases = cases;
        this.drawer = drawer;
    }

    @Override
    public void takenBack(List<StoredEvent> taken) {
        for (StoredEvent stored : taken) {
            stored.as(Event.Cured.class)
                    .map(Event.Cured::machine)
                    .ifPresent(machine -> reopen(machine, stored.actionId()));
        }
    }

    /** Where another trouble is open meanwhile, this one waits aside. */
    private void reopen(String machineId, UUID action) {
        for (Kept<MendCase> kept : cases.of(machineId)) {
            if (kept.card().hasStepOf(action)) {
                boolean another = cases.open(machineId)
                        .filter(open -> !open.id().equals(kept.id()))
                        .isPresent();
                drawer.change(MendCase.class, kept.id(), trouble -> {
                    MendCase without = trouble.withoutStepOf(action);
                    return another ? without.aside() : without;
                });
            }
        }
    }
}
