package belonax.room.settings;

import java.util.Optional;
import org.springframework.data.repository.Repository;

interface SettingsRepository extends Repository<SettingsEntity, Integer> {
    SettingsEntity save(SettingsEntity settings);

    Optional<SettingsEntity> findById(int id);
}
