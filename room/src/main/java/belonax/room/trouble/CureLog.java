package belonax.room.trouble;

import belonax.fault.CheckId;
import belonax.machine.Dial;
import belonax.room.event.Event;
import belonax.room.event.EventRepository;
import belonax.room.machine.MachineRepository;
import java.time.Clock;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Records what was found and put right on a machine, as parts of one action. */
@Service
public class CureLog {
    private final MachineRepository machines;
    private final EventRepository events;
    private final Clock clock;

    CureLog(MachineRepository machines, EventRepository events, Clock clock) {
        this.machines = machines;
        this.events = events;
        this.clock = clock;
    }

    /** Records that a check found something and that it was put right. */
    @Transactional
    public void cured(UUID action, String machineId, CheckId check) {
        machines.hold(machineId);
        events.add(action, clock.instant(), new Event.Cured(machineId, check));
    }

    /**
     * Records that the top dial was set back.
     *
     * @throws belonax.BadInput if this machine's dial does not go there
     */
    @Transactional
    public void dialSet(UUID action, String machineId, double dial) {
        Dial its = machines.hold(machineId).card().machine().dial();
        its.check(dial);
        events.add(action, clock.instant(), new Event.DialSet(machineId, dial));
    }
}
