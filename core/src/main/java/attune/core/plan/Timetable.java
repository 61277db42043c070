package attune.core.plan;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Tasks in order of their start.
 *
 * @param driveAt when the vehicle can be driven
 * @param sitAt when every seat can be sat in
 * @param curedAt when everything is fully cured
 * @param conflicts what a start somebody said breaks
 */
public record Timetable(
    List<Task> tasks,
    LocalDateTime driveAt,
    LocalDateTime sitAt,
    LocalDateTime curedAt,
    List<Conflict> conflicts) {
  private static final Duration BETWEEN_VISITS = Duration.ofHours(5);

  /** Why a start that somebody said cannot be. */
  public enum Clash {
    COMES_AFTER,
    TOO_LATE_AFTER,
    BEFORE_THE_JOB,
    OUTSIDE_HOURS,
    TAKEN
  }

  /**
   * One of them.
   *
   * @param other the task it clashes with, where there is one
   * @param from the earliest it could start, as far as the other goes
   */
  public record Conflict(
      String taskId, Clash clash, Optional<String> other, Optional<LocalDateTime> from) {}

  /** A stretch of work somebody has to be there for. */
  public record Visit(LocalDateTime from, LocalDateTime until) {}

  public Timetable {
    tasks = List.copyOf(tasks);
    conflicts = List.copyOf(conflicts);
  }

  /** When it can be driven and sat in. */
  public LocalDateTime readyAt() {
    return driveAt.isAfter(sitAt) ? driveAt : sitAt;
  }

  /** When the last hands are off. */
  public LocalDateTime handsOffAt() {
    return tasks.stream()
        .filter(task -> task.person().isPresent())
        .map(Task::end)
        .max(LocalDateTime::compareTo)
        .orElse(driveAt);
  }

  /** Hands-on time of everybody. */
  public Duration work() {
    return tasks.stream()
        .filter(task -> task.person().isPresent())
        .map(task -> Duration.between(task.start(), task.end()))
        .reduce(Duration.ZERO, Duration::plus);
  }

  /** Work with no long wait in it, one after another: several where oil or a cure takes days. */
  public List<Visit> visits() {
    List<Visit> visits = new ArrayList<>();
    for (Task task : tasks) {
      if (task.person().isEmpty()) {
        continue;
      }
      int last = visits.size() - 1;
      boolean apart =
          last < 0
              || Duration.between(visits.get(last).until(), task.start()).compareTo(BETWEEN_VISITS)
                  > 0;
      if (apart) {
        visits.add(new Visit(task.start(), task.end()));
      } else if (task.end().isAfter(visits.get(last).until())) {
        visits.set(last, new Visit(visits.get(last).from(), task.end()));
      }
    }
    return visits;
  }
}
