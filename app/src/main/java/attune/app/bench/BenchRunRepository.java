package attune.app.bench;

import attune.app.bench.BenchViews.Progress;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface BenchRunRepository extends JpaRepository<BenchRunEntity, UUID> {
  /** How far some jobs' runs are, without reading their plans. */
  @Query(
      "select new attune.app.bench.BenchViews$Progress(r.jobId, r.tasksTotal, r.tasksDone,"
          + " r.cardsTotal, r.cardsDone, r.startedAt) from BenchRunEntity r where r.jobId in :jobs")
  List<Progress> progress(Collection<UUID> jobs);

  /** What tells one state of some jobs' runs from another, without reading their plans. */
  @Query(
      "select new attune.app.bench.LeftBehind$Key(r.jobId, r.version,"
          + " (select count(e) from BenchEntryEntity e where e.jobId = r.jobId),"
          + " (select j.currentRevision from JobEntity j where j.id = r.jobId))"
          + " from BenchRunEntity r where r.jobId in :jobs")
  List<LeftBehind.Key> states(Collection<UUID> jobs);
}
