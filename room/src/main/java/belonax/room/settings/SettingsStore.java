package belonax.room.settings;

import belonax.room.press.UseCase;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Keeps the settings. Every page asks for them, so they are read once and remembered. */
@Service
public class SettingsStore {
    private final SettingsRepository repository;
    private final AtomicReference<@Nullable Settings> known = new AtomicReference<>();

    SettingsStore(SettingsRepository repository) {
        this.repository = repository;
    }

    /** Returns what holds now. */
    @Transactional(readOnly = true)
    public Settings now() {
        Settings settings = known.get();
        if (settings == null || !TransactionSynchronizationManager.isCurrentTransactionReadOnly()) {
            settings = repository
                    .findById(SettingsEntity.ONLY)
                    .map(SettingsEntity::settings)
                    .orElse(Settings.STANDARD);
        }
        // What a transaction that writes has seen is not remembered: it may be taken back.
        if (TransactionSynchronizationManager.isCurrentTransactionReadOnly()) {
            known.set(settings);
        }
        return settings;
    }

    /** Keeps a choice. */
    @UseCase
    public void keep(Settings settings) {
        SettingsEntity row = repository.findById(SettingsEntity.ONLY).orElseGet(SettingsEntity::new);
        row.put(settings);
        repository.save(row);
        // Only what was committed is remembered; until then every page reads what stands in the database.
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                known.set(settings);
            }
        });
    }

    /** Forgets what was read, after the database was filled from elsewhere. */
    public void forget() {
        known.set(null);
    }
}
