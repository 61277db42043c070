package attune.core.match;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What the specialist decided and found, by surface id. */
public record Decisions(Map<String, ByHand> byHand, Map<String, List<Tried>> tried) {
  /** Nothing decided, nothing tried. */
  public static final Decisions NONE = new Decisions(Map.of(), Map.of());

  public Decisions {
    byHand = Map.copyOf(byHand);
    tried = Map.copyOf(tried);
  }

  Optional<ByHand> byHand(String surfaceId) {
    return Optional.ofNullable(byHand.get(surfaceId));
  }

  public List<Tried> tried(String surfaceId) {
    return tried.getOrDefault(surfaceId, List.of());
  }
}
