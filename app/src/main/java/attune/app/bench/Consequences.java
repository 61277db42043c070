package attune.app.bench;

import attune.app.bench.BenchViews.EntryRequest;
import attune.app.bench.BenchViews.Remark;
import attune.core.run.Outcome.Next;
import attune.core.run.TaskState.Phase;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is said after something was told: what follows, and what it changes in what is left. */
final class Consequences {
  private Consequences() {}

  /**
   * @param more hands-on time than planned until now
   */
  static List<Remark> of(WholeRun after, List<EntryRequest> requests, Duration more) {
    List<Remark> remarks = new ArrayList<>();
    for (EntryRequest request : requests) {
      after.told().stream()
          .filter(told -> told.entry().id().equals(request.id().toString()))
          .findFirst()
          .flatMap(told -> Optional.ofNullable(told.detail().says()))
          .or(() -> after.run().remark(request.id().toString()))
          .map(says -> requests.size() == 1 ? says + consequence(after, request, more) : says)
          .ifPresent(says -> remarks.add(new Remark(request.id(), says)));
    }
    return remarks;
  }

  /** What a result changes in what is left: the bottle that is next, and the time. */
  private static String consequence(WholeRun after, EntryRequest request, Duration more) {
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
    long minutes = Math.round(more.toSeconds() / 60.0);
    if (Math.abs(minutes) < 2) {
      return next;
    }
    return next
        + " "
        + Math.abs(minutes)
        + (minutes > 0 ? " min more" : " min less")
        + " is left to do.";
  }

  private static Optional<String> opened(WholeRun whole, String panel) {
    Shelf used = whole.shelf();
    return whole.steps().stream()
        .filter(step -> step.task().rung() > 1 && step.task().surfaceIds().contains(panel))
        .filter(step -> whole.run().state(step.task().id()).phase() == Phase.WAITING)
        .flatMap(step -> step.rung().stream())
        .filter(rung -> rung.cleanerId() != null)
        .findFirst()
        .map(
            rung ->
                " It takes "
                    + used.findProduct(rung.cleanerId()).map(Product::name).orElse(rung.cleanerId())
                    + (rung.ratio().equals("ready") ? "" : " " + rung.ratio())
                    + " and the "
                    + used.findTool(rung.toolId()).map(Tool::name).orElse(rung.toolId())
                    + ".");
  }
}
