package belonax.room.settings;

import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

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
        if (settings == null) {
            settings = repository
                    .findById(SettingsEntity.ONLY)
                    .map(SettingsEntity::settings)
                    .orElse(Settings.STANDARD);
            known.set(settings);
        }
        return settings;
    }

    /** Keeps a choice. */
    @Transactional
    public void keep(Settings settings) {
        SettingsEntity row = repository.findById(SettingsEntity.ONLY).orElseGet(SettingsEntity::new);
        row.put(settings);
        repository.save(row);
        known.set(settings);
    }

    /** Forgets what was read, after the database was filled from elsewhere. */
    public void forget() {
        known.set(null);
    }
}
