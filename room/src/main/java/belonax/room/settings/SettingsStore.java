package belonax.room.settings;

import belonax.room.Remembered;
import belonax.room.press.UseCase;
import org.springframework.stereotype.Service;

/** Keeps the settings. Every page asks for them, so they are remembered. */
@Service
public class SettingsStore {
    private final SettingsRepository repository;
    private final Remembered remembered;

    SettingsStore(SettingsRepository repository, Remembered remembered) {
        this.repository = repository;
        this.remembered = remembered;
    }

    /** Returns what holds now. */
    public Settings now() {
        return remembered.of(
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
