package belonax.room.machine;

import belonax.room.ReadCache;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The machines on the shelf as every page needs them, remembered until something changes. */
@Component
public class MachineCards {
    private final MachineRepository machines;
    private final ReadCache cache;

    MachineCards(MachineRepository machines, ReadCache cache) {
        this.machines = machines;
        this.cache = cache;
    }

    /**
     * A machine on the shelf.
     *
     * @param sewnMinutes all that was counted on it
     * @param lintyMinutes those of them that left lint
     */
    public record Shelved(String id, MachineCard card, double sewnMinutes, double lintyMinutes) {}

    /** Returns all machines, in the owner's order. */
    public List<Shelved> all() {
        return cache.of(
                "machines",
                () -> machines.findAllByRemovedFalseOrderByPosition().stream()
                        .map(machineEntity -> new Shelved(
                                machineEntity.id(),
                                machineEntity.card(),
                                machineEntity.sewnMinutes(),
                                machineEntity.lintyMinutes()))
                        .toList());
    }

    /** Returns a machine by its short name, if it is on the shelf. */
    public Optional<Shelved> find(String id) {
        return all().stream().filter(shelved -> shelved.id().equals(id)).findFirst();
    }
}
