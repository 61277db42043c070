package attune.app.learning;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LearnedCaseRepository extends JpaRepository<LearnedCaseEntity, UUID> {
  boolean existsByJobId(UUID jobId);
}
