package attune.core.bench;

import attune.core.plan.Plan.CareItem;
import attune.core.plan.Step;
import attune.core.run.TaskState.Phase;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A run as it stands, for the papers, the day and the instruments.
 *
 * @param steps in their order; what the next rung replaced is not among them
 */
public record RunSoFar(FrozenPlan plan, List<StepSoFar> steps) {
  public RunSoFar {
    steps = List.copyOf(steps);
  }

  /** Steps somebody works. */
  public Stream<StepSoFar> hands() {
    return steps.stream().filter(StepSoFar::needsHands);
  }

  /** Steps somebody works on a panel. */
  public Stream<StepSoFar> hands(String surfaceId) {
    return hands().filter(step -> step.isAt(surfaceId));
  }

  /** What runs, the latest begun first, else what comes to hand next; empty when all is done. */
  public Optional<StepSoFar> inHand() {
    return hands()
        .filter(step -> step.is(Phase.RUNNING))
        .max(Comparator.comparing(step -> step.state().startedAt().orElse(LocalDateTime.MIN)))
        .or(() -> hands().filter(step -> step.is(Phase.WAITING)).findFirst());
  }

  /** When the last step was over; empty before any was. */
  public Optional<LocalDateTime> lastDone() {
    return steps.stream()
        .flatMap(step -> step.state().doneAt().stream())
        .max(LocalDateTime::compareTo);
  }

  /** Whether anybody had a hand on the car. */
  public boolean isWorked() {
    return hands().anyMatch(step -> step.state().phase().isOver());
  }

  /** Whether all that needs hands is over, what is held back apart. */
  public boolean isThrough() {
    return hands()
        .filter(step -> !step.is(Phase.HELD))
        .allMatch(step -> step.state().phase().isOver());
  }

  /** Steps all of whose tasks on a panel are done. */
  public Set<Step> done(String surfaceId) {
    Set<Step> open =
        hands(surfaceId)
            .filter(step -> !step.isDone())
            .map(StepSoFar::step)
            .collect(Collectors.toSet());
    return hands(surfaceId)
        .map(StepSoFar::step)
        .filter(step -> !open.contains(step))
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  /** Cleaning of a panel that was worked, stains by themselves among it. */
  public List<StepSoFar> cleaned(String surfaceId) {
    return hands(surfaceId)
        .filter(step -> step.step().cleans() && step.run().rung().isPresent())
        .filter(step -> step.passesMade() > 0)
        .toList();
  }

  /** After-care of what was done: none for a coating that was not laid. */
  public List<CareItem> care() {
    return plan.care().stream()
        .map(care -> care.follows().map(step -> care.of(had(care, step))).orElse(care))
        .filter(care -> !care.surfaceIds().isEmpty())
        .toList();
  }

  private List<String> had(CareItem care, Step step) {
    return care.surfaceIds().stream()
        .filter(
            panel -> steps.stream().anyMatch(s -> s.step() == step && s.isDone() && s.isAt(panel)))
        .toList();
  }
}
