package attune.core.match;

import attune.core.check.Coded;
import java.util.List;

/** Something left out, with every reason that ruled it out; at least one. */
public record RuledOut(String itemId, Kind kind, List<Reason> reasons) {
  /** What sort of thing was left out. */
  public enum Kind implements Coded {
    PRODUCT,
    TOOL,
    METHOD
  }

  public RuledOut {
    reasons = List.copyOf(reasons);
  }
}
