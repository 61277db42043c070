package attune.core.run;

import attune.core.check.Coded;

/**
 * What follows from something seen.
 *
 * @param says to whoever saw it, in one or two short sentences
 */
public record Outcome(Next next, String says) {
  /** What is done next, from going on to stopping. */
  public enum Next implements Coded {
    DONE,
    LEAVE,
    STAYS,
    AGAIN,
    LIGHTER,
    HIDDEN_SPOT,
    WAIT,
    NEXT_RUNG,
    REFER;

    /** True where the step itself is over. */
    public boolean ends() {
      return this == DONE || this == LEAVE || this == STAYS || this == NEXT_RUNG || this == REFER;
    }
  }
}
