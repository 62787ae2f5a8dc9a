package belonax.web.shared.pairing;

import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface DeviceRepository extends Repository<DeviceEntity, UUID> {
    DeviceEntity save(DeviceEntity device);

    List<DeviceEntity> findAllByOrderByPairedAt();

    boolean existsByTokenHash(String tokenHash);

    void deleteById(UUID id);
}
