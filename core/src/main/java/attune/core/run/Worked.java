package attune.core.run;

import attune.core.run.Entry.Kind;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How long steps took. A step has the time since its person's step before, or since its own clock
 * was started where somebody was elsewhere before; pauses are taken out. What would be longer than
 * {@link #MOST} was not work, and is left out.
 */
public final class Worked {
  /** Longer than this between two ticks somebody was elsewhere; shop estimate. */
  public static final Duration MOST = Duration.ofHours(2);

  private Worked() {}

  /**
   * Time by step.
   *
   * @param begun when the run was started
   */
  public static Map<String, Duration> of(List<Entry> entries, LocalDateTime begun) {
    List<Entry> inOrder = entries.stream().sorted(Comparator.comparing(Entry::at)).toList();
    List<LocalDateTime[]> pauses = pauses(inOrder);
    Map<String, LocalDateTime> lastOf = new HashMap<>();
    Map<String, LocalDateTime> started = new HashMap<>();
    Map<String, Duration> worked = new LinkedHashMap<>();
    for (Entry entry : inOrder) {
      if (entry.kind() == Kind.STARTED) {
        started.putIfAbsent(entry.taskId(), entry.at());
      }
      if (entry.kind() != Kind.DONE && entry.kind() != Kind.SEEN) {
        continue;
      }
      LocalDateTime from = lastOf.getOrDefault(entry.by(), begun);
      LocalDateTime own = started.remove(entry.taskId());
      boolean elsewhere = own != null && Duration.between(from, own).compareTo(MOST) > 0;
      from = elsewhere ? own : from;
      Duration took = Duration.between(from, entry.at()).minus(paused(pauses, from, entry.at()));
      if (took.compareTo(MOST) <= 0) {
        worked.merge(entry.taskId(), took, Duration::plus);
      }
      lastOf.put(entry.by(), entry.at());
    }
    return worked;
  }

  private static List<LocalDateTime[]> pauses(List<Entry> entries) {
    List<LocalDateTime[]> pauses = new ArrayList<>();
    LocalDateTime from = null;
    for (Entry entry : entries) {
      if (entry.kind() == Kind.PAUSED && from == null) {
        from = entry.at();
      } else if (entry.kind() == Kind.RESUMED && from != null) {
        pauses.add(new LocalDateTime[] {from, entry.at()});
        from = null;
      }
    }
    return pauses;
  }

  private static Duration paused(
      List<LocalDateTime[]> pauses, LocalDateTime from, LocalDateTime until) {
    Duration sum = Duration.ZERO;
    for (LocalDateTime[] pause : pauses) {
      LocalDateTime begins = pause[0].isAfter(from) ? pause[0] : from;
      LocalDateTime ends = pause[1].isBefore(until) ? pause[1] : until;
      sum = ends.isAfter(begins) ? sum.plus(Duration.between(begins, ends)) : sum;
    }
    return sum;
  }
}
