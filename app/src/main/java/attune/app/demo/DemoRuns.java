package attune.app.demo;

import attune.app.bench.BenchService;
import attune.app.bench.BenchViews.BenchTask;
import attune.app.bench.BenchViews.EntryRequest;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Works demo jobs at the bench as somebody would have: step by step, some slower than planned. */
@Component
@ConditionalOnProperty("attune.demo")
class DemoRuns {
  private static final String WHO = "Mira Holt";

  /** Shares of the planned time, one step after another. */
  private static final double[] PACES = {1.1, 1.3, 1.0, 1.2, 1.4, 0.9};

  private final BenchService bench;

  DemoRuns(BenchService bench) {
    this.bench = bench;
  }

  /**
   * Works the first steps of a job.
   *
   * @param until when the last of them was done
   */
  void work(UUID jobId, int steps, LocalDateTime until) {
    List<BenchTask> tasks =
        bench.start(jobId, until).tasks().stream()
            .filter(task -> task.needsHands() && task.rung() < 2)
            .limit(steps)
            .toList();
    long total = 0;
    for (int i = 0; i < tasks.size(); i++) {
      total += seconds(tasks.get(i), i);
    }
    LocalDateTime at = until.minusSeconds(total);
    bench.start(jobId, at);
    List<EntryRequest> entries = new ArrayList<>();
    for (int i = 0; i < tasks.size(); i++) {
      BenchTask task = tasks.get(i);
      int passes = task.look() == null ? 1 : Math.max(1, task.passesLow());
      for (int pass = 1; pass <= passes; pass++) {
        at = at.plusSeconds(seconds(task, i) / passes);
        entries.add(entry(task, at, pass == passes));
      }
    }
    bench.tell(jobId, entries, null);
  }

  private static long seconds(BenchTask task, int i) {
    return Math.round(task.plannedS() * PACES[i % PACES.length]);
  }

  private static EntryRequest entry(BenchTask task, LocalDateTime at, boolean last) {
    String seen = task.look() == null ? null : task.answers().get(last ? 0 : 1).seen();
    return new EntryRequest(
        UUID.randomUUID(),
        task.id(),
        task.look() == null ? "done" : "seen",
        at,
        WHO,
        seen,
        null,
        null);
  }
}
