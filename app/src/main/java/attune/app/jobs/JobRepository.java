package attune.app.jobs;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface JobRepository extends JpaRepository<JobEntity, UUID> {
  List<JobEntity> findAllByOrderByStartAtAscTitleAsc();
}
