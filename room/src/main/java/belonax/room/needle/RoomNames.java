package belonax.room.needle;

import belonax.room.event.Names;
import belonax.room.machine.MachineName;
import belonax.room.machine.MachineRepository;
import java.util.Collection;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Looks up what machines and needles are called. */
@Component
class RoomNames implements Names {
    private final MachineRepository machines;
    private final NeedleRepository needles;

    RoomNames(MachineRepository machines, NeedleRepository needles) {
        this.machines = machines;
        this.needles = needles;
    }

    @Override
    public Map<String, String> machines() {
        return machines.namesOfAll().stream().collect(Collectors.toMap(MachineName::id, MachineName::name));
    }

    @Override
    public Map<UUID, String> needles(Collection<UUID> ids) {
        return needles.findByIdIn(ids).stream()
                .collect(Collectors.toMap(
                        NeedleEntity::id, needleEntity -> needleEntity.needle().words()));
    }
}
