package attune.app.shelf;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MovementRepository extends JpaRepository<MovementEntity, UUID> {
  boolean existsByJobId(UUID job);
}
