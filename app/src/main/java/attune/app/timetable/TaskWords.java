package attune.app.timetable;

import attune.core.plan.PartOnOrder;
import attune.core.plan.Round;
import attune.core.plan.Step;
import attune.core.plan.Stretch;
import attune.core.plan.Task;
import attune.core.plan.Timetable;
import attune.core.plan.Timetable.Conflict;
import attune.core.schedule.Skill;
import attune.core.words.Lists;
import attune.core.words.Moments;
import attune.core.words.Phrases;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Tasks and clashes in the shop's words. */
final class TaskWords {
  private static final Phrases PHRASES = Phrases.of(TaskWords.class);

  private final Map<String, String> labels;
  private final Map<String, String> zones;
  private final Map<String, Task> tasks = new HashMap<>();
  private final Map<String, Stretch> stretches = new HashMap<>();
  private final List<PartOnOrder> parts;

  TaskWords(
      Map<String, String> labels,
      Map<String, String> zones,
      Timetable timetable,
      List<PartOnOrder> parts) {
    this.labels = labels;
    this.zones = zones;
    timetable.tasks().forEach(task -> tasks.put(task.id(), task));
    for (Stretch stretch : timetable.stretches()) {
      stretch.rounds().forEach(round -> stretches.put(round.id(), stretch));
    }
    this.parts = parts;
  }

  /** Where it is done: a panel, a zone; empty for the whole cabin. */
  Optional<String> where(Task task) {
    if (task.surfaceIds().size() != 1) {
      return zone(task).map(TaskWords::words);
    }
    String id = task.surfaceIds().get(0);
    String label = labels.getOrDefault(id, id);
    return Optional.of(task.section() > 0 ? PHRASES.say("section", label, task.section()) : label);
  }

  /** The zone all of its panels lie in. */
  Optional<String> zone(Task task) {
    List<String> all = task.surfaceIds().stream().map(zones::get).distinct().toList();
    return all.size() == 1 ? Optional.of(all.get(0)) : Optional.empty();
  }

  /** What is waited for or fitted, where the task is about a part on order or hot trim. */
  Optional<String> part(Task task) {
    return task.about()
        .map(
            about ->
                switch (about.kind()) {
                  case COOLING -> PHRASES.say("into-the-shade-cool-down");
                  case PART_COMING -> PHRASES.say("on-order", parts.get(about.part()).name());
                  case PART_FITTED -> PHRASES.say("fit-named", parts.get(about.part()).name());
                });
  }

  /** A work not everybody is left alone with, after "may". */
  static String words(Skill skill) {
    return switch (skill) {
      case COATING -> PHRASES.say("coat");
      case RIM -> PHRASES.say("work-a-steering-wheels-rim");
      case ANILINE -> PHRASES.say("work-hide-without-a-full");
    };
  }

  static String left(String name) {
    return PHRASES.say("is-not-one-of-the", name);
  }

  static String notNeeded(String name) {
    return PHRASES.say("has-nothing-to-do-here", name);
  }

  static String nobodyMay(Skill skill) {
    return PHRASES.say("nobody-who-does-this-job", words(skill));
  }

  /** A code as a label. */
  static String words(String code) {
    String spaced = code.replace('-', ' ');
    return Character.toUpperCase(spaced.charAt(0)) + spaced.substring(1);
  }

  String label(Task task) {
    String step = part(task).orElseGet(() -> step(task));
    return where(task).map(place -> Lists.headed(step, place)).orElse(step);
  }

  String label(Stretch stretch) {
    String what = what(stretch.steps());
    return where(stretch.zones()).map(place -> Lists.headed(what, place)).orElse(what);
  }

  private String label(String id) {
    if (stretches.containsKey(id)) {
      return label(stretches.get(id));
    }
    return tasks.containsKey(id) ? label(tasks.get(id)) : PHRASES.say("what-comes-before-it");
  }

  private static String step(Task task) {
    return words(task.step());
  }

  /** What is done, as the trade says it; levelling goes without saying. */
  String what(List<Step> steps) {
    List<Step> said = steps.stream().filter(s -> s != Step.LEVEL || steps.size() == 1).toList();
    String joined =
        said.stream()
            .map(TaskWords::words)
            .map(word -> word.substring(0, 1).toLowerCase(Locale.ROOT) + word.substring(1))
            .collect(Lists.joining());
    return words(joined);
  }

  /** Zones in words; empty for the whole cabin, or a rest. */
  Optional<String> where(List<String> zones) {
    List<String> places =
        zones.stream().filter(z -> !z.equals(Round.CABIN) && !z.equals(Round.REST)).toList();
    if (places.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(places.stream().map(TaskWords::words).collect(Lists.joining()));
  }

  private static String words(Step step) {
    return switch (step) {
      case RECEIVE -> PHRASES.say("take-the-car-in");
      case DRY_SOIL -> PHRASES.say("vacuum-and-blow");
      case TEST_SPOT -> PHRASES.say("test-spots");
      case TEXTILE -> PHRASES.say("clean-fabric");
      case RESIDUE -> PHRASES.say("residue-pass");
      case PROTECT -> PHRASES.say("protect");
      case BARRIER -> PHRASES.say("dye-barrier");
      case LEVEL -> PHRASES.say("level-off");
      case WAIT -> PHRASES.say("cure");
      case REFINISH -> PHRASES.say("fit");
      case HANDOVER -> PHRASES.say("hand-over");
      case INSPECT, PRECAUTIONS, SHAVE, CLEAN, CHECK, DRY, METER, CONDITION, COAT, DRESS, BREAK ->
          Phrases.marked(words(step.code()));
    };
  }

  String why(Conflict c, LocalDateTime day) {
    String task = label(c.taskId());
    String other = c.other().map(this::label).orElse(PHRASES.say("what-comes-before-it"));
    String from = c.from().map(at -> time(at, day)).orElse("");
    return switch (c.clash()) {
      case COMES_AFTER -> PHRASES.say("comes-after-from", task, other, from);
      case TOO_LATE_AFTER -> PHRASES.say("would-be-too-late-after", task, other);
      case BEFORE_THE_JOB -> PHRASES.say("would-start-before-the-job", task, from);
      case OUTSIDE_HOURS -> PHRASES.say("would-not-end-in-the", task, from);
      case TAKEN -> PHRASES.say("who-does-it-is-busy", other, from);
    };
  }

  private static String time(LocalDateTime at, LocalDateTime day) {
    return Moments.beside(day.toLocalDate(), at);
  }
}
