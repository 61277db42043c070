package attune.core.plan;

import attune.core.reference.Figures;
import attune.core.schedule.Pauses;
import attune.core.schedule.Skill;
import attune.core.schedule.Worker;
import attune.core.survey.Job;
import java.time.DayOfWeek;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/** Who works on a visit: hours, what each may do, rests. */
final class VisitCrew {
  private VisitCrew() {}

  /** Those who are told, or as many of the usual hours; by daylight where there is no lamp. */
  static List<Worker> of(Job job, Figures figures, Arrangement arrangement) {
    DayOfWeek first = job.setting().start().getDayOfWeek();
    List<Worker> crew =
        arrangement.crew().isEmpty()
            ? IntStream.rangeClosed(1, job.setting().people())
                .mapToObj(i -> UsualHours.worker(Arrangement.numbered(i), figures))
                .toList()
            : arrangement.crew();
    Set<Skill> anyone = // a plan there is all the same; who may not is told
        arrangement.lacks(EnumSet.allOf(Skill.class), job);
    return Daylight.limit(
        crew.stream()
            .map(worker -> allowed(worker, anyone, job))
            .map(worker -> worker.from(first))
            .toList(),
        job.setting(),
        figures);
  }

  private static Worker allowed(Worker worker, Set<Skill> anyone, Job job) {
    Worker allowed = worker;
    for (Skill skill : Skill.values()) {
      boolean may = anyone.contains(skill) || Arrangement.may(worker, skill, job);
      allowed = may ? allowed.with(skill) : allowed.without(skill);
    }
    return allowed;
  }

  /** How they rest, and how long they walk. */
  static Pauses pauses(Job job, Figures figures) {
    return new Pauses(
        job.setting()
            .breaks()
            .map(b -> b.everyMin() * 60)
            .orElse(60 * figures.whole("break.every")),
        job.setting().breaks().map(b -> b.min() * 60).orElse(60 * figures.whole("break.rest")),
        60 * figures.whole("break.shift"),
        60 * figures.whole("break.meal"),
        figures.whole("way.station"),
        figures.whole("way.across"));
  }
}
