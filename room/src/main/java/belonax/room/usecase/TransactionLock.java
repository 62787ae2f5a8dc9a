package belonax.room.usecase;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** A lock by name, for what is not kept yet or was taken back, so that it has no row of its own to lock. */
@Component
public class TransactionLock {
    private final IdempotencyStore presses;

    TransactionLock(IdempotencyStore presses) {
        this.presses = presses;
    }

    /** Waits until no other transaction holds the name, and holds it until the transaction around it ends. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void hold(String what, String name) {
        UUID key = UUID.nameUUIDFromBytes((what + " " + name).getBytes(StandardCharsets.UTF_8));
        presses.hold(key, what);
    }
}
