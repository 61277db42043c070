package attune.app.bench;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BenchEventRepository extends JpaRepository<BenchEventEntity, UUID> {
  List<BenchEventEntity> findByJobIdOrderByAt(UUID jobId);
}
