package attune.app.bench;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BenchEntryRepository extends JpaRepository<BenchEntryEntity, UUID> {
  List<BenchEntryEntity> findByJobIdOrderByAtAscPositionAsc(UUID jobId);
}
