package attune.app.quote;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface QuoteRepository extends JpaRepository<QuoteEntity, UUID> {
  List<QuoteEntity> findByJobIdOrderByNumberDesc(UUID jobId);
}
