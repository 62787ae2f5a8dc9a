package belonax.room;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Writes a file beside the database as a part of the transaction that names it: when that is taken back, the file is as it
 * was before. It is there before the commit, so nothing that was confirmed is without its file.
 */
public final class OrAsBefore {
    private OrAsBefore() {}

    /** Writes a file over an older one of its name. */
    public static void write(Path file, byte[] bytes) {
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.registerSynchronization(back(file, older(file)));
        }
        AtomicFile.write(file, bytes);
    }

    private static TransactionSynchronization back(Path file, Optional<byte[]> older) {
        return new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                if (status == STATUS_ROLLED_BACK) {
                    older.ifPresentOrElse(values -> AtomicFile.write(file, values), () -> remove(file));
                }
            }
        };
    }

    private static Optional<byte[]> older(Path file) {
        try {
            return Files.exists(file) ? Optional.of(Files.readAllBytes(file)) : Optional.empty();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void remove(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
