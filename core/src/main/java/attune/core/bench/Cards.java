package attune.core.bench;

import attune.core.plan.Step;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The card each step stands on: its round. What is levelled stands where it was laid, whose clocks
 * it has; the meter is a card of its own, and so is what has no round; the test spots before the
 * work are one, bottle by bottle.
 */
public final class Cards {
  private static final String TEST_SPOTS = "test-spots";

  private Cards() {}

  /** By task id; never empty where there are steps. */
  public static Map<String, String> of(List<RunStep> steps) {
    Map<String, RunStep> byId =
        steps.stream().collect(Collectors.toMap(RunStep::id, Function.identity()));
    Map<String, String> cards = new HashMap<>();
    steps.forEach(step -> cards.put(step.id(), card(step, byId)));
    return cards;
  }

  private static String card(RunStep step, Map<String, RunStep> byId) {
    return step.step() == Step.LEVEL
        ? step.task().after().stream()
            .map(byId::get)
            .filter(before -> before != null && before.step().lays())
            .findFirst()
            .map(Cards::ofRound)
            .orElseGet(() -> ofRound(step))
        : ofRound(step);
  }

  private static String ofRound(RunStep step) {
    if (step.isFirstTest() && step.planned().roundId().isPresent()) {
      return TEST_SPOTS;
    }
    return step.isMetered() ? step.id() : step.planned().roundId().orElse(step.id());
  }
}
