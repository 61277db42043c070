package attune.app.bench;

import attune.app.format.JobFile;
import attune.app.format.PlanFile.RoundFile;
import attune.core.check.Coded;
import attune.core.material.FinishTable;
import attune.core.material.Role;
import attune.core.plan.NeededSkills;
import attune.core.plan.Step;
import attune.core.schedule.Skill;
import java.util.EnumSet;
import java.util.List;

/** What somebody has to be let to do, to be left alone with a round of a run. */
final class RoundSkills {
  private RoundSkills() {}

  static List<Skill> of(RoundFile round, JobFile job) {
    Step step = Coded.parse(Step.class, round.step());
    if (NeededSkills.isLeftToAnyone(step)) {
      return List.of();
    }
    EnumSet<Skill> needed = EnumSet.noneOf(Skill.class);
    if (step == Step.COAT) {
      needed.add(Skill.COATING);
    }
    job.surfaces().stream()
        .filter(s -> round.surfaceIds().contains(s.id()))
        .map(
            s ->
                NeededSkills.onPanel(
                    s.finish() == null ? FinishTable.UNKNOWN : s.finish(),
                    Coded.parse(Role.class, s.role()),
                    s.part()))
        .forEach(needed::addAll);
    return List.copyOf(needed);
  }
}
