package belonax.room.usecase;

import belonax.room.ChangedMeanwhile;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantReadWriteLock;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Lets many hands do their own things at once, and one alone what concerns the whole room: taking an archive in, going back to a
 * copy, emptying. The others wait, and are told when it takes too long.
 */
@Component
public class RoomLock {
    private static final int SECONDS = 20;
    private static final String BUSY =
            "The whole room is being changed just now, so nothing was done. Press again in a moment.";

    private final ReentrantReadWriteLock gate = new ReentrantReadWriteLock(true);

    /** Carries out what concerns the whole room, while nobody else does anything. */
    public <T> T alone(Supplier<T> what) {
        enter(gate.writeLock());
        try {
            return what.get();
        } finally {
            gate.writeLock().unlock();
        }
    }

    void enter() {
        enter(gate.readLock());
    }

    void leave() {
        gate.readLock().unlock();
    }

    private static void enter(Lock lock) {
        try {
            if (!lock.tryLock(SECONDS, TimeUnit.SECONDS)) {
                throw new ChangedMeanwhile(BUSY);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new ChangedMeanwhile(BUSY);
        }
    }
}
