package attune.core.plan;

import java.time.LocalDateTime;
import java.util.List;

/**
 * Tasks in order of their start.
 *
 * @param driveAt when the vehicle can be driven
 * @param sitAt when every seat can be sat in
 * @param curedAt when everything is fully cured
 */
public record Timetable(
    List<Task> tasks, LocalDateTime driveAt, LocalDateTime sitAt, LocalDateTime curedAt) {
  public Timetable {
    tasks = List.copyOf(tasks);
  }
}
