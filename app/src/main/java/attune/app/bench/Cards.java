package attune.app.bench;

import attune.app.bench.RunSteps.Step;
import attune.core.run.Look;
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
final class Cards {
  private static final String TEST_SPOTS = "test-spots";

  private Cards() {}

  /** By task id; never empty where there are steps. */
  static Map<String, String> of(List<Step> steps) {
    Map<String, Step> byId =
        steps.stream().collect(Collectors.toMap(step -> step.task().id(), Function.identity()));
    Map<String, String> cards = new HashMap<>();
    steps.forEach(step -> cards.put(step.task().id(), card(step, byId)));
    return cards;
  }

  private static String card(Step step, Map<String, Step> byId) {
    if (step.file().step().equals("level")) {
      return step.task().after().stream()
          .map(byId::get)
          .filter(before -> before != null && RunSteps.LAYS.contains(before.file().step()))
          .findFirst()
          .map(Cards::ofRound)
          .orElseGet(() -> ofRound(step));
    }
    return ofRound(step);
  }

  private static String ofRound(Step step) {
    String round = step.file().roundId();
    boolean metered =
        step.task().looked().filter(looked -> looked.look() == Look.METER).isPresent();
    if (metered || round == null) {
      return step.task().id();
    }
    boolean tested = step.file().step().equals("test-spot") && step.task().rung() == 0;
    return tested ? TEST_SPOTS : round;
  }
}
