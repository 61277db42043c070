package attune.app.bench;

import attune.app.bench.BenchViews.Progress;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface BenchRunRepository extends JpaRepository<BenchRunEntity, UUID> {
  /** How far every run is, without reading its plan. */
  @Query(
      "select new attune.app.bench.BenchViews$Progress(r.jobId, r.tasksTotal, r.tasksDone,"
          + " r.cardsTotal, r.cardsDone, r.startedAt) from BenchRunEntity r")
  List<Progress> progress();
}
