package attune.core.match;

import attune.core.check.Coded;
import attune.core.measure.PhInterval;
import attune.core.measure.Sections;
import java.util.List;
import java.util.Optional;

/**
 * What is to be said of a treatment on a surface. The outcome is derived from the reasons and
 * cannot contradict them.
 *
 * @param ph effective pH on the surface; empty when unknown or dry
 * @param action of one pass on the slowest soil
 * @param needed action of one pass the soil asks for
 * @param passes to the standard; {@link Demand#NEVER} when it is not reached
 * @param harm on one pass, 0 upwards: what the ladder is ordered by
 */
public record Verdict(
    Treatment treatment,
    List<Reason> reasons,
    Optional<PhInterval> ph,
    double action,
    double needed,
    int passes,
    double harm,
    Sections sections) {

  /** From best to worst. */
  public enum Outcome implements Coded {
    IN_TUNE,
    CARE,
    UNDER,
    UNKNOWN,
    OVER,
    BARRED
  }

  public Verdict {
    reasons = List.copyOf(reasons);
  }

  /** The worst effect among the reasons. */
  public Outcome outcome() {
    return reasons.stream()
        .map(Reason::effect)
        .max(Enum::compareTo)
        .map(Verdict::outcome)
        .orElse(Outcome.IN_TUNE);
  }

  private static Outcome outcome(Reason.Effect effect) {
    return switch (effect) {
      case NOTE -> Outcome.IN_TUNE;
      case CAUTION -> Outcome.CARE;
      case UNDER -> Outcome.UNDER;
      case UNKNOWN -> Outcome.UNKNOWN;
      case OVER -> Outcome.OVER;
      case BARRED -> Outcome.BARRED;
    };
  }

  /** True when nothing forbids it, however weak it is. */
  public boolean isAllowed() {
    return outcome().compareTo(Outcome.UNDER) <= 0;
  }

  /** True when it is allowed and strong enough. */
  public boolean isOffered() {
    return outcome().compareTo(Outcome.UNDER) < 0;
  }

  /** How many reasons stand against it. */
  public long against() {
    return reasons.stream().filter(Reason::rulesOut).count();
  }
}
