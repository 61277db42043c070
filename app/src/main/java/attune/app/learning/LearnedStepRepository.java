package attune.app.learning;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LearnedStepRepository extends JpaRepository<LearnedStepEntity, UUID> {
  boolean existsByJobId(UUID jobId);
}
