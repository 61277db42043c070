package attune.app.jobs;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RevisionRepository extends JpaRepository<RevisionEntity, UUID> {
  Optional<RevisionEntity> findByJobIdAndNumber(UUID jobId, int number);

  /** What some jobs stand at. */
  @Query(
      "select r from RevisionEntity r join JobEntity j on j.id = r.jobId"
          + " and j.currentRevision = r.number where j.id in :jobs")
  List<RevisionEntity> current(Collection<UUID> jobs);

  /** The newest change made on top of a revision: what redo goes to. */
  Optional<RevisionEntity> findFirstByJobIdAndParentOrderByNumberDesc(UUID jobId, int parent);

  @Query("select coalesce(max(r.number), 0) from RevisionEntity r where r.jobId = ?1")
  int lastNumber(UUID jobId);
}
