package attune.app.bench;

import attune.app.format.JobFile;
import attune.core.bench.FrozenRound;
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

  static List<Skill> of(FrozenRound round, JobFile job) {
    if (NeededSkills.isLeftToAnyone(round.step())) {
      return List.of();
    }
    EnumSet<Skill> needed = EnumSet.noneOf(Skill.class);
    if (round.step() == Step.COAT) {
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
