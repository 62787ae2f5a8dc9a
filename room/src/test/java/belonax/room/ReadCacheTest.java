package belonax.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.argThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoMoreInteractions;

import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.SimpleTransactionStatus;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** What every page asks for is read once, until anything at all was written. */
class ReadCacheTest {
    private final PlatformTransactionManager transactions = mock(PlatformTransactionManager.class);
    private final ReadCache cache = new ReadCache(transactions);
    private final AtomicInteger reads = new AtomicInteger();

    private int read() {
        return cache.of("needles", reads::incrementAndGet);
    }

    private void written() {
        cache.afterCommit(new SimpleTransactionStatus(true), null);
    }

    @AfterEach
    void endTheTransaction() {
        TransactionSynchronizationManager.setActualTransactionActive(false);
        TransactionSynchronizationManager.setCurrentTransactionReadOnly(false);
    }

    @Test
    void it_is_read_once_and_again_after_a_write() {
        assertThat(read()).isEqualTo(1);
        assertThat(read()).isEqualTo(1);

        written();

        assertThat(read()).isEqualTo(2);
    }

    @Test
    void only_what_is_not_known_is_read_in_a_transaction_and_that_one_only_reads() {
        read();
        read();
        read();

        verify(transactions, times(1)).getTransaction(argThat(TransactionDefinition::isReadOnly));
        verify(transactions, times(1)).commit(any());
        verifyNoMoreInteractions(transactions);
    }

    @Test
    void who_writes_reads_for_himself_and_who_only_looks_does_not() {
        read();
        TransactionSynchronizationManager.setActualTransactionActive(true);
        assertThat(read()).isEqualTo(2);
        assertThat(read()).isEqualTo(3);

        TransactionSynchronizationManager.setCurrentTransactionReadOnly(true);
        assertThat(read()).as("what was remembered before").isEqualTo(1);
    }

    @Test
    void what_was_read_while_somebody_wrote_is_not_kept() {
        int old = cache.of("needles", () -> {
            written();
            return -1;
        });

        assertThat(old).isEqualTo(-1);
        assertThat(read()).isEqualTo(1);
    }

    @Test
    void ever_new_names_fill_no_memory_and_forget_nothing_wrongly() {
        read();
        for (int i = 0; i < 2_000; i++) {
            int number = i;
            assertThat(cache.of("cloth " + i, () -> number)).isEqualTo(i);
        }

        assertThat(read()).as("made room for others").isEqualTo(2);
    }
}
