package attune.app.bench;

import attune.app.bench.BenchViews.PaceView;
import attune.app.format.JobReader;
import attune.app.format.PlanFile;
import attune.app.format.PlanFile.TaskFile;
import attune.app.reference.ReferenceData;
import attune.app.shop.ShopService;
import attune.core.run.Pace;
import attune.core.run.Run;
import java.time.Duration;
import java.time.LocalDateTime;
import org.springframework.stereotype.Component;

/** How a run goes, in the hours of the shop's people. */
@Component
class RunPace {
  private final ShopService shop;
  private final ReferenceData reference;

  RunPace(ShopService shop, ReferenceData reference) {
    this.shop = shop;
    this.reference = reference;
  }

  Pace of(Run run, LocalDateTime now) {
    return Pace.of(run, now, shop.workers(), JobReader.usual(reference.figures()));
  }

  /** The plan's readiness, moved by how far the last hands are from where they were planned. */
  PaceView view(WholeRun whole, LocalDateTime now) {
    Pace pace = of(whole.run(), now);
    PlanFile plan = whole.plan();
    LocalDateTime drive = LocalDateTime.parse(plan.ready().driveAt());
    LocalDateTime sit = LocalDateTime.parse(plan.ready().sitAt());
    LocalDateTime planned = drive.isAfter(sit) ? drive : sit;
    LocalDateTime handsOff =
        plan.timeline().stream()
            .filter(task -> task.person() != null)
            .map(TaskFile::end)
            .map(LocalDateTime::parse)
            .max(LocalDateTime::compareTo)
            .orElse(planned);
    String promised = whole.document().setting().returnBy();
    boolean over = pace.left().isZero();
    LocalDateTime last = over ? whole.lastDone().orElse(pace.handsOffAt()) : pace.handsOffAt();
    return new PaceView(
        last.withSecond(0).withNano(0),
        pace.left().toMinutes(),
        planned.plus(Duration.between(handsOff, last)).withSecond(0).withNano(0),
        planned,
        promised == null ? null : LocalDateTime.parse(promised));
  }
}
