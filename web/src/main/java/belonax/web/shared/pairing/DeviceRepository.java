package belonax.web.shared.pairing;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface DeviceRepository extends Repository<DeviceEntity, UUID> {
    DeviceEntity save(DeviceEntity device);

    List<DeviceEntity> findAllByOrderByPairedAt();

    Optional<DeviceEntity> findByTokenHash(String tokenHash);

    Optional<DeviceEntity> findById(UUID id);

    void deleteById(UUID id);
}
