package attune.app.timetable;

import attune.core.plan.PartOnOrder;
import attune.core.plan.Step;
import attune.core.plan.Task;
import attune.core.plan.Timetable.Conflict;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Tasks and clashes in the shop's words. */
final class TaskWords {
  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM HH:mm");

  private final Map<String, String> labels;
  private final Map<String, String> zones;
  private final Map<String, Task> tasks;
  private final List<PartOnOrder> parts;

  TaskWords(
      Map<String, String> labels,
      Map<String, String> zones,
      Map<String, Task> tasks,
      List<PartOnOrder> parts) {
    this.labels = labels;
    this.zones = zones;
    this.tasks = tasks;
    this.parts = parts;
  }

  /** Where it is done: a panel, a zone; empty for the whole cabin. */
  Optional<String> where(Task task) {
    if (task.surfaceIds().size() != 1) {
      return zone(task).map(TaskWords::words);
    }
    String id = task.surfaceIds().get(0);
    String label = labels.getOrDefault(id, id);
    return Optional.of(task.section() > 0 ? label + ", section " + task.section() : label);
  }

  /** The zone all of its panels lie in. */
  Optional<String> zone(Task task) {
    List<String> all = task.surfaceIds().stream().map(zones::get).distinct().toList();
    return all.size() == 1 ? Optional.of(all.get(0)) : Optional.empty();
  }

  /** What is waited for or fitted, where the task is about a part on order. */
  Optional<String> part(Task task) {
    for (int i = 0; i < parts.size(); i++) {
      if (task.id().equals("part-" + (i + 1))) {
        return Optional.of(parts.get(i).name() + " on order");
      }
      if (task.id().equals("fit-" + (i + 1))) {
        return Optional.of("Fit " + parts.get(i).name());
      }
    }
    return Optional.empty();
  }

  /** A code as a label. */
  static String words(String code) {
    String spaced = code.replace('-', ' ');
    return Character.toUpperCase(spaced.charAt(0)) + spaced.substring(1);
  }

  String label(Task task) {
    String step = part(task).orElseGet(() -> step(task));
    return where(task).map(place -> step + ": " + place).orElse(step);
  }

  private String label(String id) {
    return tasks.containsKey(id) ? label(tasks.get(id)) : "what comes before it";
  }

  private static String step(Task task) {
    return words(task.step() == Step.WAIT ? "cure" : task.step().code());
  }

  String why(Conflict c, LocalDateTime day) {
    String task = label(c.taskId());
    String other = c.other().map(this::label).orElse("what comes before it");
    String from = c.from().map(at -> time(at, day)).orElse("");
    return switch (c.clash()) {
      case COMES_AFTER -> task + " comes after " + other + ": from " + from + ".";
      case TOO_LATE_AFTER ->
          task + " would be too late after " + other + ": it would have dried or cured by then.";
      case BEFORE_THE_JOB -> task + " would start before the job does, " + from + ".";
      case OUTSIDE_HOURS -> task + " would not end in the hours of who does it: from " + from + ".";
      case TAKEN -> "Who does it is busy then with " + other + ", until " + from + ".";
    };
  }

  private static String time(LocalDateTime at, LocalDateTime day) {
    return at.toLocalDate().equals(day.toLocalDate()) ? CLOCK.format(at) : DAY.format(at);
  }
}
