package belonax.room.needle;

import belonax.room.event.Names;
import belonax.room.machine.MachineRepository;
import java.util.UUID;
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
    public String machine(String machineId) {
        return machines.findById(machineId)
                .map(it -> it.card().machine().name())
                .orElse("");
    }

    @Override
    public String needle(UUID needleId) {
        return needles.findById(needleId).map(it -> it.needle().words()).orElse("needle");
    }
}
