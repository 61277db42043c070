package attune.app.network;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DeviceRepository extends JpaRepository<DeviceEntity, UUID> {
  Optional<DeviceEntity> findByTokenHash(String tokenHash);

  List<DeviceEntity> findByCutOffAtIsNullOrderByPairedAt();
}
