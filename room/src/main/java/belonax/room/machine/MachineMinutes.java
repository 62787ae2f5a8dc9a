package belonax.room.machine;

import belonax.room.event.Consequence;
import belonax.room.event.Event;
import belonax.room.event.EventKind;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.springframework.stereotype.Component;

/** Takes the minutes of work that was taken back off its machine. */
@Component
class MachineMinutes implements Consequence {
    private final MachineRepository machines;

    MachineMinutes(MachineRepository machines) {
        this.machines = machines;
    }

    /** Machines are held in the order of their names, so that two who take back never wait for each other. */
    @Override
    public void hold(List<Event> events) {
        TreeSet<String> about = new TreeSet<>();
        events.forEach(it -> it.machineId().ifPresent(about::add));
        about.forEach(machines::findAndHold);
    }

    /** All needles of a machine work at once: the minutes of one of them are the machine's. */
    @Override
    public void takenBack(List<Event> events) {
        Map<String, Event> work = new LinkedHashMap<>();
        for (Event it : events) {
            if (it.kind() == EventKind.SEWN) {
                it.machineId().ifPresent(machine -> work.putIfAbsent(machine, it));
            }
        }
        work.forEach((machine, it) ->
                machines.findById(machine).ifPresent(found -> found.sewed(-it.minutes(), -it.lintyMinutes())));
    }
}
