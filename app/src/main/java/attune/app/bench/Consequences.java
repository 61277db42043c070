package attune.app.bench;

import attune.app.bench.BenchViews.EntryRequest;
import attune.app.bench.BenchViews.PaceView;
import attune.app.bench.BenchViews.Remark;
import attune.app.shelf.ProductName;
import attune.core.run.Entry.Kind;
import attune.core.run.Outcome.Next;
import attune.core.run.TaskState.Phase;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.words.Lists;
import attune.core.words.Moments;
import attune.core.words.Phrases;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is said after something was told: what follows, and what it changes in what is left. */
final class Consequences {
  private static final Phrases PHRASES = Phrases.of(Consequences.class);

  private static final int WORTH_SAYING_MIN = 2;

  private Consequences() {}

  /**
   * What is left, laid out anew.
   *
   * @param more hands-on time than planned until now
   */
  record Replanned(Duration more, PaceView before, PaceView after) {}

  static List<Remark> of(WholeRun after, List<EntryRequest> requests, Replanned plan) {
    List<Remark> remarks = new ArrayList<>();
    for (EntryRequest request : requests) {
      after.told().stream()
          .filter(told -> told.entry().id().equals(request.id().toString()))
          .findFirst()
          .flatMap(told -> Optional.ofNullable(told.detail().says()))
          .or(() -> after.run().remark(request.id().toString()))
          .or(() -> skipped(request))
          .map(
              says ->
                  requests.size() == 1
                      ? Lists.sentences(says, consequence(after, request, plan))
                      : says)
          .ifPresent(says -> remarks.add(new Remark(request.id(), says)));
    }
    return remarks;
  }

  /** What a result changes in what is left: the bottle that is next, and the time. */
  private static String consequence(WholeRun after, EntryRequest request, Replanned plan) {
    String next =
        after.steps().stream()
            .filter(step -> step.task().id().equals(request.taskId()))
            .filter(step -> after.run().state(step.task().id()).says().isPresent())
            .filter(
                step -> after.run().state(step.task().id()).says().get().next() == Next.NEXT_RUNG)
            .flatMap(step -> step.task().covers().stream())
            .findFirst()
            .flatMap(panel -> opened(after, panel))
            .orElse("");
    long minutes = Math.round(plan.more().toSeconds() / 60.0);
    if (Math.abs(minutes) < WORTH_SAYING_MIN) {
      return next;
    }
    String left =
        minutes > 0 ? PHRASES.say("min-more", minutes) : PHRASES.say("min-less", -minutes);
    return Lists.sentences(next, left, ready(plan.before(), plan.after()));
  }

  private static String ready(PaceView before, PaceView after) {
    long moved = Duration.between(before.readyAt(), after.readyAt()).toMinutes();
    if (Math.abs(moved) < WORTH_SAYING_MIN) {
      return PHRASES.say("ready-as-before");
    }
    boolean breaks =
        after.promised() != null
            && after.readyAt().isAfter(after.promised())
            && !before.readyAt().isAfter(after.promised());
    String now = Moments.beside(before.readyAt().toLocalDate(), after.readyAt());
    String then = Moments.beside(after.readyAt().toLocalDate(), before.readyAt());
    return breaks
        ? PHRASES.say("later-than-promised", now, then)
        : PHRASES.say("ready-instead-of", now, then);
  }

  private static Optional<String> skipped(EntryRequest request) {
    return Kind.SKIPPED.code().equals(request.kind())
        ? Optional.of(PHRASES.say("skipped-it-is-told-at"))
        : Optional.empty();
  }

  private static Optional<String> opened(WholeRun whole, String panel) {
    Shelf used = whole.shelf();
    return whole.steps().stream()
        .filter(step -> step.task().rung() > 1 && step.task().surfaceIds().contains(panel))
        .filter(step -> whole.run().state(step.task().id()).phase() == Phase.WAITING)
        .flatMap(step -> step.rung().stream())
        .filter(rung -> rung.cleanerId().isPresent())
        .findFirst()
        .map(
            rung ->
                PHRASES.say(
                    "it-takes-and-the",
                    ProductName.mixed(
                        ProductName.of(used, rung.cleanerId().orElseThrow()), rung.ratio().code()),
                    used.findTool(rung.toolId()).map(Tool::name).orElse(rung.toolId())));
  }
}
