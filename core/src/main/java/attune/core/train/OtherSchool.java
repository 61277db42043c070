package attune.core.train;

import attune.core.check.Known;
import attune.core.match.Decisions;
import attune.core.plan.Planner;
import attune.core.plan.RuleEffect;
import attune.core.survey.HouseRules.HouseRule;
import attune.core.survey.Job;
import java.util.ArrayList;
import java.util.List;

/**
 * What a school other than the house's would do with a case.
 *
 * @param effect on its panels
 * @param says what that school holds
 */
public record OtherSchool(RuleEffect effect, String question, String says) {
  /** Every school that would do it otherwise, in the order of the rules. */
  static List<OtherSchool> of(Planner planner, Job job) {
    List<OtherSchool> schools = new ArrayList<>();
    for (HouseRule rule : job.houseRules().all()) {
      String ours = job.houseRules().school(rule.key());
      for (String other : rule.fixed() ? List.<String>of() : rule.schools()) {
        if (!other.equals(ours)) {
          RuleEffect effect = RuleEffect.of(planner, job, Decisions.NONE, rule.key(), ours, other);
          if (!effect.surfaces().isEmpty()) {
            schools.add(new OtherSchool(effect, rule.question(), Known.of(rule.says(), other)));
          }
        }
      }
    }
    return schools;
  }
}
