package attune.app.shelf;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MovementRepository extends JpaRepository<MovementEntity, UUID> {
  boolean existsByJobIdAndWhy(UUID job, String why);

  List<MovementEntity> findByJobIdAndWhy(UUID job, String why);
}
