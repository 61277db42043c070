package attune.core.plan;

import attune.core.schedule.Skill;
import attune.core.schedule.Worker;
import attune.core.survey.Job;
import java.time.LocalDateTime;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Who does the job, which tasks have a start somebody said, what is left out of the visit, and what
 * it waits for.
 *
 * @param crew one to four people; empty for as many as the setting says, in the shop's hours
 * @param pins start by task id, for tasks this plan still has
 * @param parts on order, each before the panels it is fitted to
 */
public record Arrangement(
    List<Worker> crew,
    Map<String, LocalDateTime> pins,
    Set<Omission> leftOut,
    List<PartOnOrder> parts) {
  public static final Arrangement NONE = new Arrangement(List.of(), Map.of(), Set.of(), List.of());

  public Arrangement {
    crew = List.copyOf(crew);
    pins = Map.copyOf(pins);
    leftOut = Set.copyOf(leftOut);
    parts = List.copyOf(parts);
  }

  private static final int MOST_PEOPLE = 4;

  /** What somebody nobody named is called in a plan, from 1. */
  public static String numbered(int person) {
    return "person-" + person;
  }

  /** Whether a plan has somebody nobody named by that. */
  public static boolean isNumbered(String person) {
    return IntStream.rangeClosed(1, MOST_PEOPLE).anyMatch(i -> numbered(i).equals(person));
  }

  /**
   * What nobody of those who do it may do; people nobody named may do everything.
   *
   * @param needed by the plan
   */
  public Set<Skill> lacks(Set<Skill> needed, Job job) {
    return needed.stream()
        .filter(skill -> !crew.isEmpty() && crew.stream().noneMatch(w -> may(w, skill, job)))
        .collect(Collectors.toCollection(() -> EnumSet.noneOf(Skill.class)));
  }

  /** Where the job says who may coat, nobody else does. */
  static boolean may(Worker worker, Skill skill, Job job) {
    Set<String> coaters = job.setting().reception().coaters();
    boolean named = skill != Skill.COATING || coaters.isEmpty() || coaters.contains(worker.id());
    return named && worker.skills().contains(skill);
  }

  /** The same by these people, in the visit's own order. */
  public Arrangement by(List<Worker> people) {
    return new Arrangement(people, Map.of(), leftOut, parts);
  }

  /** The same with something left out, in the visit's own order. */
  public Arrangement without(Omission omission) {
    EnumSet<Omission> more = EnumSet.of(omission);
    more.addAll(leftOut);
    return new Arrangement(crew, Map.of(), more, parts);
  }

  /** The same with a task where somebody said. */
  public Arrangement pinned(String taskId, LocalDateTime at) {
    Map<String, LocalDateTime> more = new HashMap<>(pins);
    more.put(taskId, at);
    return new Arrangement(crew, more, leftOut, parts);
  }
}
