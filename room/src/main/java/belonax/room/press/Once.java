package belonax.room.press;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Lets one hand after another decide on something that is not kept yet, so that there is no row to hold. */
@Component
public class Once {
    private final PressBook presses;

    Once(PressBook presses) {
        this.presses = presses;
    }

    /** Waits until nobody else decides on this; they wait from now on until the transaction around it is over. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void hold(String what, String name) {
        UUID key = UUID.nameUUIDFromBytes((what + " " + name).getBytes(StandardCharsets.UTF_8));
        presses.begin(key, what);
    }
}
