package attune.app.readings;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ReadingRepository extends JpaRepository<ReadingEntity, UUID> {
  List<ReadingEntity> findByJobIdOrderByAtDesc(UUID job);

  Optional<ReadingEntity> findFirstByJobIdAndSurfaceIdAndInstrumentOrderByAtDesc(
      UUID job, String surface, String instrument);

  long countByJobId(UUID job);
}
