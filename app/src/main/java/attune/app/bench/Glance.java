package attune.app.bench;

import attune.app.bench.BenchViews.DoneReady;
import attune.app.bench.BenchViews.PaceView;
import attune.core.bench.FrozenTask;
import attune.core.bench.RunSoFar;
import attune.core.bench.StepSoFar;
import attune.core.run.TaskState.Phase;
import attune.core.words.Lists;
import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;

/**
 * What the day shows of a run: kept for a minute, for everybody looks at it all the time.
 *
 * @param readyAt when the car can be driven and sat in, as it goes
 * @param ready the same apart, and when all is cured
 * @param who told something, by name
 * @param inHand what runs, the latest begun first, else what comes next; null when all is done
 * @param clocks what lies somewhere and has to be wiped
 */
public record Glance(
    LocalDateTime readyAt,
    DoneReady ready,
    List<String> who,
    @Nullable String inHand,
    List<Laid> clocks) {
  private static final Set<Phase> OPEN = Set.of(Phase.WAITING, Phase.RUNNING);

  /** Something laid, and the time to wipe it by. */
  public record Laid(String what, LocalDateTime wipeBy) {}

  /** What it follows from, in a minute. */
  record Key(LeftBehind.Key run, LocalDateTime minute) {}

  static Glance of(WholeRun whole, PaceView pace, Places places) {
    RunSoFar run = whole.soFar();
    return new Glance(
        pace.readyAt(),
        new DoneReady(pace.driveAt(), pace.sitAt(), pace.curedAt()),
        run.steps().stream()
            .map(step -> step.state().by())
            .filter(by -> !by.isBlank())
            .distinct()
            .toList(),
        run.inHand().map(step -> said(step, places)).orElse(null),
        run.steps().stream()
            .filter(step -> OPEN.contains(step.state().phase()))
            .flatMap(
                step ->
                    whole.clock(step.run()).wipeBy().stream()
                        .map(wipeBy -> new Laid(said(step, places), wipeBy)))
            .toList());
  }

  private static String said(StepSoFar step, Places places) {
    FrozenTask task = step.run().planned();
    String where = places.where(task);
    return where.isBlank() ? StepWords.title(task) : Lists.facts(StepWords.title(task), where);
  }
}
