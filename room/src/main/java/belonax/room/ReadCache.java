package belonax.room;

import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Remembers what every page asks for and what seldom changes, such as the machines, until anything at all was written. A
 * transaction that writes reads for itself: what it sees may be taken back.
 */
@Component
public class ReadCache implements TransactionExecutionListener {
    /** Whoever asks for ever new names fills no memory. */
    private static final int MOST = 400;

    private final TransactionOperations reading;
    private final Map<String, Object> known = new ConcurrentHashMap<>();
    private final AtomicLong written = new AtomicLong();

    /**
     * Makes a memory that knows nothing yet.
     *
     * @param manager asked for late, because it tells this memory of what it has committed
     */
    ReadCache(@Lazy PlatformTransactionManager manager) {
        TransactionTemplate template = new TransactionTemplate(manager);
        template.setReadOnly(true);
        reading = template;
    }

    /**
     * Returns what is remembered under a name, or reads it, in one transaction. What is remembered needs none: whoever asks here
     * opens none of his own.
     */
    @SuppressWarnings("unchecked") // A name stands for one kind of thing.
    public <T> T of(String name, Supplier<T> read) {
        if (TransactionSynchronizationManager.isActualTransactionActive()
                && !TransactionSynchronizationManager.isCurrentTransactionReadOnly()) {
            return read.get();
        }
        Object before = known.get(name);
        if (before != null) {
            return (T) before;
        }
        long then = written.get();
        T now = Objects.requireNonNull(reading.execute(transaction -> read.get()));
        // What was read while somebody wrote may be older than what was written.
        if (written.get() == then) {
            if (known.size() >= MOST) {
                known.clear();
            }
            known.put(name, now);
            if (written.get() != then) {
                known.remove(name);
            }
        }
        return now;
    }

    @Override
    public void afterCommit(TransactionExecution transaction, @Nullable Throwable failure) {
        if (!transaction.isReadOnly()) {
            written.incrementAndGet();
            known.clear();
        }
    }
}
