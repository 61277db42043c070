package attune.core.bench;

import attune.core.bench.FrozenPanel.Caution;
import attune.core.match.ReasonCode;
import attune.core.plan.CautionSteps;
import attune.core.plan.Step;
import attune.core.shelf.Shelf;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The cautions of a step, and which of them want a tick before it starts (docs/trade). */
public final class StepCautions {
  private static final Phrases PHRASES = Phrases.of(StepCautions.class);

  /** Whether a caution wants a tick: at this step, once on the visit, or if one likes. */
  public enum Tick {
    NONE,
    STEP,
    VISIT,
    MAY
  }

  /**
   * A caution of a step.
   *
   * @param where panels it is about; empty where it is about all of the step's
   */
  public record StepCaution(ReasonCode code, String text, List<String> where, Tick tick) {}

  /** Ticked once on a visit, and again when work goes on after a stop. */
  private static final Set<ReasonCode> VISIT =
      EnumSet.of(ReasonCode.IGNITION_OFF, ReasonCode.VENTILATE);

  /** Ticked at every step that has it. */
  private static final Set<ReasonCode> STEP =
      EnumSet.of(ReasonCode.GRIP_CHECK, ReasonCode.SURFACE_TOO_HOT, ReasonCode.BELT_CHECK);

  private final Map<String, FrozenPanel> panels = new LinkedHashMap<>();
  private final Shelf shelf;

  /**
   * @param panels of the plan, in its order
   * @param shelf the run was begun with
   */
  public StepCautions(Collection<FrozenPanel> panels, Shelf shelf) {
    panels.forEach(panel -> this.panels.put(panel.surfaceId(), panel));
    this.shelf = shelf;
  }

  /** Each caution of the step's panels in its own words, with the panels it is about. */
  public List<StepCaution> of(RunStep step) {
    record Words(ReasonCode code, String text) {}
    List<String> ids = panels(step);
    Map<Words, List<String>> found = new LinkedHashMap<>();
    for (String id : ids) {
      Optional.ofNullable(panels.get(id)).stream()
          .flatMap(panel -> panel.cautions().stream())
          .filter(caution -> isToldAt(step, caution))
          .forEach(
              caution ->
                  found
                      .computeIfAbsent(
                          new Words(caution.code(), caution.text()), c -> new ArrayList<>())
                      .add(id));
    }
    List<StepCaution> cautions = new ArrayList<>(consent(step));
    found.forEach(
        (said, where) ->
            cautions.add(
                new StepCaution(
                    said.code(),
                    said.text(),
                    where.size() == ids.size() ? List.of() : where,
                    tick(said.code()))));
    return cautions;
  }

  /** The customer is asked once, before anything is tried on the car. */
  private static List<StepCaution> consent(RunStep step) {
    return switch (step.step()) {
      case RECEIVE -> consent(PHRASES.say("the-customer-agrees-to-hidden-test-spots"), Tick.MAY);
      case TEST_SPOT -> consent(PHRASES.say("the-customer-agrees-to-test-spots"), Tick.VISIT);
      default -> List.of();
    };
  }

  private static List<StepCaution> consent(String text, Tick tick) {
    return List.of(new StepCaution(ReasonCode.TEST_SPOT_CONSENT, text, List.of(), tick));
  }

  private static Tick tick(ReasonCode code) {
    return VISIT.contains(code) ? Tick.VISIT : STEP.contains(code) ? Tick.STEP : Tick.NONE;
  }

  private boolean isToldAt(RunStep step, Caution caution) {
    return CautionSteps.of(caution.code()).contains(step.step())
        && isOfRound(step, caution)
        && isAbout(step, caution);
  }

  /** What is said of a remover stands where that meets its stain; the plan knows the rounds. */
  private static boolean isOfRound(RunStep step, Caution caution) {
    Optional<String> round = step.planned().roundId();
    return round.isEmpty()
        || caution.roundIds().isEmpty()
        || caution.roundIds().get().contains(round.get());
  }

  /** A coating's fumes are no matter while its panel is cleaned with something that has none. */
  private boolean isAbout(RunStep step, Caution caution) {
    return caution.code() != ReasonCode.VENTILATE
        || step.rung().isEmpty()
        || step.rung().get().cleanerId().flatMap(shelf::findProduct).stream()
            .anyMatch(product -> product.solventPercent() > 0);
  }

  /** With the customer there it is about the whole car. */
  private List<String> panels(RunStep step) {
    return step.step() == Step.RECEIVE || step.step() == Step.HANDOVER
        ? List.copyOf(panels.keySet())
        : step.task().surfaceIds();
  }
}
