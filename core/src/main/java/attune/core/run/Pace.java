package attune.core.run;

import attune.core.check.Known;
import attune.core.schedule.Worker;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * How a run goes against its plan: what is left is laid out from now on, in the plan's order, each
 * person's steps one after another, waits kept, in everybody's hours.
 *
 * @param handsOffAt when the last hands are off, as it goes now
 * @param left hands-on time that is left, of everybody
 * @param ends when each step and wait of the run is over, by its id
 */
public record Pace(LocalDateTime handsOffAt, Duration left, Map<String, LocalDateTime> ends) {
  private static final String ANYBODY = "";

  /** Of a step in passes, what the passes still expected take: one at least. */
  private static Duration length(RunTask task, TaskState state) {
    int passes = passes(task);
    int left = Math.max(1, passes - state.passes());
    return Duration.ofSeconds((long) task.seconds() * left / passes);
  }

  /**
   * By how much what is left shrinks if a step's round now ends as planned: a pass of it, or all of
   * a step that has none. Negative where its clock has run longer than that already.
   */
  public static Duration ofRound(RunTask task, TaskState state, LocalDateTime now) {
    if (state.phase().isOver()) {
      return Duration.ZERO;
    }
    Duration round = Duration.ofSeconds((long) task.seconds() / passes(task));
    Duration after = length(task, state).minus(round);
    return rest(task, state, now).minus(after.isNegative() ? Duration.ZERO : after);
  }

  private static int passes(RunTask task) {
    return task.rung() > 0 ? task.looked().map(Looked::passesHigh).orElse(1) : 1;
  }

  private static Duration rest(RunTask task, TaskState state, LocalDateTime now) {
    Duration length = length(task, state);
    return state
        .startedAt()
        .map(began -> length.minus(Duration.between(began, now)))
        .map(left -> left.isNegative() ? Duration.ZERO : left)
        .orElse(length);
  }

  /**
   * Lays out what is left.
   *
   * @param people by name; who is not there works in the hours of {@code usual}
   * @param clock by which waits run
   */
  public static Pace of(
      Run run, LocalDateTime now, Map<String, Worker> people, Worker usual, WaitClock clock) {
    LocalDateTime midnight = now.toLocalDate().atStartOfDay();
    Map<String, LocalDateTime> ends = new HashMap<>();
    Map<String, LocalDateTime> free = new HashMap<>();
    LocalDateTime last = now;
    Duration left = Duration.ZERO;
    for (RunTask task : run.tasks()) {
      TaskState state = run.state(task.id());
      if (state.phase() == TaskState.Phase.HELD) {
        continue;
      }
      if (state.phase().isOver()) {
        ends.put(task.id(), state.doneAt().orElse(now));
        continue;
      }
      Duration length = length(task, state);
      LocalDateTime from =
          task.after().stream()
              .filter(ends::containsKey)
              .map(id -> clock.endOf(Known.of(ends, id), task.gapS()))
              .reduce(now, (a, b) -> a.isAfter(b) ? a : b);
      if (!task.hands()) {
        LocalDateTime began = state.startedAt().orElse(from);
        ends.put(task.id(), clock.endOf(began, length));
        continue;
      }
      Duration rest = rest(task, state, now);
      String who = task.person().orElse(ANYBODY);
      LocalDateTime start = free.getOrDefault(who, now);
      start = from.isAfter(start) ? from : start;
      Worker worker = Optional.ofNullable(people.get(who)).orElse(usual).from(now.getDayOfWeek());
      int since = (int) Duration.between(midnight, start).toSeconds();
      int first = (int) Duration.between(midnight, now).toSeconds();
      start = midnight.plusSeconds(worker.fit(since, (int) rest.toSeconds(), first));
      LocalDateTime end = start.plus(rest);
      ends.put(task.id(), end);
      free.put(who, end);
      left = left.plus(rest);
      last = end.isAfter(last) ? end : last;
    }
    return new Pace(last, left, Map.copyOf(ends));
  }
}
