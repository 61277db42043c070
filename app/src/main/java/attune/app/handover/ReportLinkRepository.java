package attune.app.handover;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ReportLinkRepository extends JpaRepository<ReportLinkEntity, UUID> {
  Optional<ReportLinkEntity> findByTokenHash(String hash);

  List<ReportLinkEntity> findByJobIdOrderByCreatedAtDesc(UUID jobId);
}
