package attune.app.bench;

import attune.app.bench.BenchViews.DoneReady;
import attune.app.bench.BenchViews.PaceView;
import attune.app.format.JobReader;
import attune.app.reference.ReferenceData;
import attune.app.shop.ShopService;
import attune.core.bench.FrozenPlan.Ready;
import attune.core.bench.Readiness;
import attune.core.bench.SurveyedPanel;
import attune.core.run.Pace;
import attune.core.run.Run;
import attune.core.run.WaitClock;
import attune.core.schedule.Worker;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** How a run goes, in the hours of the shop's people. */
@Component
class RunPace {
  private final ShopService shop;
  private final ReferenceData reference;
  private final Clock clock;

  RunPace(ShopService shop, ReferenceData reference, Clock clock) {
    this.shop = shop;
    this.reference = reference;
    this.clock = clock;
  }

  LocalDateTime now() {
    return LocalDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
  }

  /** How waits run at the shop. */
  WaitClock waits() {
    return new WaitClock(clock.getZone());
  }

  Pace of(Run run, LocalDateTime now) {
    Map<String, Worker> people = new HashMap<>(shop.workers());
    shop.namesNow().forEach((before, name) -> people.put(before, people.get(name)));
    return Pace.of(run, now, people, JobReader.usual(reference.figures()), waits());
  }

  /** How it goes, against plan and promise. */
  PaceView view(WholeRun whole, LocalDateTime now) {
    Pace pace = of(whole.run(), now);
    String promised = whole.document().setting().returnBy();
    boolean over = pace.left().isZero();
    LocalDateTime last = over ? whole.lastDone().orElse(pace.handsOffAt()) : pace.handsOffAt();
    Ready ready = readiness(whole, pace).of(whole.run(), last);
    return new PaceView(
        minute(last),
        pace.left().toMinutes(),
        minute(ready.usableAt()),
        whole.plan().ready().usableAt(),
        promised == null ? null : LocalDateTime.parse(promised),
        minute(ready.driveAt()),
        minute(ready.sitAt()),
        minute(ready.curedAt()));
  }

  /** What was left open counts for nothing: the car goes as it is. */
  DoneReady ofDone(WholeRun whole, LocalDateTime now) {
    Ready ready =
        readiness(whole, of(whole.run(), now)).ofDone(whole.run(), whole.lastDone().orElse(now));
    return new DoneReady(minute(ready.driveAt()), minute(ready.sitAt()), minute(ready.curedAt()));
  }

  private Readiness readiness(WholeRun whole, Pace pace) {
    Map<String, SurveyedPanel> panels =
        whole.panels().stream().collect(Collectors.toMap(SurveyedPanel::id, Function.identity()));
    return new Readiness(whole.plan(), whole.steps(), panels, pace, waits());
  }

  /** The minute by which it is over. */
  private static LocalDateTime minute(LocalDateTime at) {
    LocalDateTime whole = at.truncatedTo(ChronoUnit.MINUTES);
    return whole.equals(at) ? whole : whole.plusMinutes(1);
  }
}
