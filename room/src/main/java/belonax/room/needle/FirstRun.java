package belonax.room.needle;

import belonax.machine.Past;
import belonax.needle.Needle;
import belonax.room.machine.MachineCard;
import belonax.room.machine.MachineShelf;
import belonax.room.usecase.UseCase;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** The first minute in an empty room. */
@Service
public class FirstRun {
    private final MachineShelf shelf;
    private final SewingRoom room;

    FirstRun(MachineShelf shelf, SewingRoom room) {
        this.shelf = shelf;
        this.room = room;
    }

    /**
     * Puts the first machine on the shelf with the needle that is in it.
     *
     * @return the machine's short name
     * @throws belonax.BadInput if something about them will not do; nothing is kept then
     */
    @UseCase
    public String begin(MachineCard machine, Past past, Optional<Needle> needle) {
        String id = shelf.add(machine, past).machineId();
        needle.ifPresent(otherNeedle -> room.fit(id, 0, otherNeedle, Optional.empty(), Optional.empty()));
        return id;
    }
}
