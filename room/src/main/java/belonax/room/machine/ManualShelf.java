package belonax.room.machine;

import belonax.room.card.CardType;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.usecase.UseCase;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The manuals of the machines, one each. */
@Service
public class ManualShelf {
    private final DrawerStore drawer;
    private final MachineRepository machines;

    ManualShelf(DrawerStore drawer, MachineRepository machines) {
        this.drawer = drawer;
        this.machines = machines;
    }

    /** Manuals are kept as cards, so they go through undo, archive and copies like all of them. */
    @Configuration(proxyBeanMethods = false)
    static class Cards {
        @Bean
        CardType manual() {
            return new CardType(Manual.class);
        }
    }

    /** Returns a machine's manual, if one is kept. */
    @Transactional(readOnly = true)
    public Optional<Manual> of(String machineId) {
        return kept(machineId).map(Kept::card);
    }

    /**
     * Keeps a manual in the place of what was kept before.
     *
     * @return the change, by which it can be taken back
     */
    @UseCase
    public UUID keep(Manual manual) {
        machines.hold(manual.machineId());
        return kept(manual.machineId())
                .map(otherKept -> drawer.change(Manual.class, otherKept.id(), before -> manual)
                        .change())
                .orElseGet(() -> drawer.add(manual).change());
    }

    private Optional<Kept<Manual>> kept(String machineId) {
        return drawer.ofMachine(Manual.class, machineId, 1).stream().findFirst();
    }
}
