package attune.core.match;

import attune.core.check.Coded;
import java.util.Optional;

/**
 * One reason in a verdict: what was measured against which limit, who set it, and a sentence a
 * technician understands.
 *
 * @param measured the treatment's value in {@code unit}, where there is one
 * @param limit the limit in {@code unit}, where there is one
 */
public record Reason(
    ReasonCode code,
    Effect effect,
    SetBy setBy,
    String text,
    Optional<Double> measured,
    Optional<Double> limit,
    String unit) {

  /** A sentence begins with a capital, also where a tool's name begins it. */
  public Reason {
    text =
        text.isEmpty() || text.startsWith("pH")
            ? text
            : Character.toUpperCase(text.charAt(0)) + text.substring(1);
  }

  /** What a reason does to a verdict, from best to worst. */
  public enum Effect implements Coded {
    NOTE,
    CAUTION,
    UNDER,
    UNKNOWN,
    OVER,
    BARRED;

    /** True when a treatment with this reason is not offered. */
    public boolean rulesOut() {
      return compareTo(UNDER) >= 0;
    }
  }

  /** Who set the limit. */
  public enum SetBy implements Coded {
    FINISH,
    MODIFIER,
    LABEL,
    HOUSE_RULE,
    SAFETY,
    SOIL,
    SHELF
  }

  /** A reason without numbers. */
  public static Reason of(ReasonCode code, Effect effect, SetBy setBy, String text) {
    return new Reason(code, effect, setBy, text, Optional.empty(), Optional.empty(), "");
  }

  /** A reason with what was measured and what is allowed. */
  public static Reason measured(
      ReasonCode code,
      Effect effect,
      SetBy setBy,
      double measured,
      double limit,
      String unit,
      String text) {
    return new Reason(code, effect, setBy, text, Optional.of(measured), Optional.of(limit), unit);
  }

  public boolean rulesOut() {
    return effect.rulesOut();
  }
}
