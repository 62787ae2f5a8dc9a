package belonax.room.settings;

import belonax.room.ReadCache;
import belonax.room.usecase.UseCase;
import org.springframework.stereotype.Service;

/** Keeps the settings. Every page asks for them, so they are remembered. */
@Service
public class SettingsStore {
    private final SettingsRepository repository;
    private final ReadCache cache;

    SettingsStore(SettingsRepository repository, ReadCache cache) {
        this.repository = repository;
        this.cache = cache;
    }

    /** Returns what holds now. */
    public Settings now() {
        return cache.of(
                "settings",
                () -> repository
                        .findById(SettingsEntity.ONLY)
                        .map(SettingsEntity::settings)
                        .orElse(Settings.STANDARD));
    }

    /** Keeps a choice. */
    @UseCase
    public void keep(Settings settings) {
        SettingsEntity row = repository.findById(SettingsEntity.ONLY).orElseGet(SettingsEntity::new);
        row.put(settings);
        repository.save(row);
    }
}
