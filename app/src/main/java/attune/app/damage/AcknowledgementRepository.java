package attune.app.damage;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AcknowledgementRepository extends JpaRepository<AcknowledgementEntity, UUID> {
  Optional<AcknowledgementEntity> findFirstByJobIdOrderByAtDesc(UUID job);

  List<AcknowledgementEntity> findByJobIdIn(Collection<UUID> jobs);
}
