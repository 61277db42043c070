package attune.core.bench;

import attune.core.bench.StepCautions.StepCaution;
import attune.core.match.ReasonCode;
import attune.core.run.Entry;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;

/** Which cautions were ticked, at which step and on this visit. */
public final class Ticks {
  private final Set<ReasonCode> visit = EnumSet.noneOf(ReasonCode.class);
  private final Map<String, Set<ReasonCode>> ofStep = new HashMap<>();

  /** Takes an entry in the order they were told, with what was ticked with it. */
  public void told(Entry entry, Collection<ReasonCode> ticked) {
    if (entry.kind() == Entry.Kind.RESUMED) {
      visit.removeIf(code -> code != ReasonCode.TEST_SPOT_CONSENT); // agreed to is agreed to
    }
    visit.addAll(ticked);
    ofStep.computeIfAbsent(entry.taskId(), id -> EnumSet.noneOf(ReasonCode.class)).addAll(ticked);
  }

  /** Whether a step's caution is ticked already: here, or on this visit. */
  public boolean has(RunStep step, StepCaution caution) {
    return switch (caution.tick()) {
      case NONE -> false;
      case STEP, MAY -> ofStep.getOrDefault(step.id(), Set.of()).contains(caution.code());
      case VISIT -> visit.contains(caution.code());
    };
  }
}
