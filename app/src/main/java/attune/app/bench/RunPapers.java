package attune.app.bench;

import attune.app.format.PlanReader;
import attune.app.format.ShelfReader;
import attune.core.bench.FrozenPlan;
import attune.core.shelf.Shelf;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The plan and shelf a run was begun with, read once: they stay what they were. */
@Component
class RunPapers {
  /** Some megabytes each; more than the cars a shop has under its hands or lately had. */
  private static final int MOST_KEPT = 48;

  private record Papers(FrozenPlan plan, Optional<Shelf> shelf) {}

  private final PlanReader plans;
  private final ShelfReader shelves;

  /** By the texts themselves: a whole shop brought in may have other papers for the same job. */
  private final Cache<Texts, Papers> recent = Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

  private record Texts(String plan, Optional<String> shelf) {}

  RunPapers(PlanReader plans, ShelfReader shelves) {
    this.plans = plans;
    this.shelves = shelves;
  }

  FrozenPlan plan(BenchRunEntity run) {
    return papers(run).plan();
  }

  /** Empty for a run from before its shelf was kept. */
  Optional<Shelf> shelf(BenchRunEntity run) {
    return papers(run).shelf();
  }

  private Papers papers(BenchRunEntity run) {
    return recent.get(
        new Texts(run.plan(), run.shelf()),
        texts -> new Papers(plans.read(texts.plan()), texts.shelf().map(shelves::read)));
  }
}
