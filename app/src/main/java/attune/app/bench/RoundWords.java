package attune.app.bench;

import attune.app.bench.BenchViews.BenchRound;
import attune.app.bench.BenchViews.TechniqueView;
import attune.app.format.JobFile;
import attune.app.format.WireCodes;
import attune.app.shelf.ProductName;
import attune.core.bench.FrozenPlan;
import attune.core.bench.FrozenRound;
import attune.core.bench.FrozenTask;
import attune.core.plan.Round;
import attune.core.plan.Step;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Words a round for the bench: what, where, and what is fetched for it.
 *
 * @param shelf the run was begun with
 */
record RoundWords(JobFile job, FrozenPlan plan, Shelf shelf, Places places) {
  private static final Phrases PHRASES = Phrases.of(RoundWords.class);

  BenchRound round(FrozenRound round) {
    String means =
        Stream.of(
                bottle(round).map(id -> ProductName.of(shelf, id)),
                round.productId().flatMap(id -> round.ratio()).map(StepWords::mixed),
                round.toolId().map(id -> shelf.findTool(id).map(Tool::name).orElse(id)))
            .flatMap(Optional::stream)
            .collect(Lists.joining());
    return new BenchRound(
        round.id(),
        round.zone(),
        round.step().code(),
        title(round),
        round.zone().equals(Round.CABIN)
            ? places.in(round.surfaceIds())
            : Places.words(round.zone()),
        means,
        round.surfaceIds(),
        round.technique().stream()
            .map(line -> new TechniqueView(WireCodes.of(line.about()), line.text()))
            .toList(),
        (int) Math.max(1, Math.round(round.handsMin())),
        RoundSkills.of(round, job));
  }

  /** Pure water where a residue is wiped off without a bottle. */
  private static Optional<String> bottle(FrozenRound round) {
    return round
        .productId()
        .or(() -> Optional.of(Product.WATER.id()).filter(w -> round.step() == Step.RESIDUE));
  }

  /** That of its tasks; of several stains none by name. */
  private String title(FrozenRound round) {
    List<FrozenTask> tasks =
        plan.tasks().stream()
            .filter(task -> task.roundId().filter(round.id()::equals).isPresent())
            .toList();
    List<String> stains =
        tasks.stream()
            .filter(task -> task.spot().isPresent())
            .map(StepWords::title)
            .distinct()
            .toList();
    return switch (stains.size()) {
      case 0 ->
          StepWords.title(
              round.step(), tasks.stream().flatMap(t -> t.about().stream()).findFirst());
      case 1 -> stains.get(0);
      default -> PHRASES.say("lift-the-stains");
    };
  }
}
