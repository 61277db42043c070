package attune.app.planning;

import attune.app.format.JobFile;
import attune.app.jobs.JobService;
import attune.app.jobs.JobViews.JobChange;
import attune.app.jobs.JobViews.JobDetail;
import attune.app.reference.ReferenceData;
import attune.core.check.InvalidInputException;
import attune.core.check.Known;
import attune.core.plan.RuleEffect;
import attune.core.survey.HouseRules;
import attune.core.survey.HouseRules.HouseRule;
import attune.core.survey.Job;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A job's house rules, and what each school does to this job. */
@RestController
@RequestMapping("/api/v1/jobs/{id}/house-rules")
class RuleController {
  private static final Phrases PHRASES = Phrases.of(RuleController.class);

  /**
   * A rule as it holds in a job.
   *
   * @param ofShop the shop's school
   * @param ofJob the job's own, where it has one
   */
  record JobRule(String key, String ofShop, @Nullable String ofJob) {}

  /** The job's own schools; what is left out follows the shop. */
  record JobSchools(@NotNull(message = "{schools-by-rule}") Map<String, String> schools) {}

  /** A panel worked otherwise. */
  record ChangedPanel(String surfaceId, String label, String before, String after) {}

  /** What a school does to this job, beside the one in force. */
  record EffectView(
      String key,
      String from,
      String to,
      List<ChangedPanel> panels,
      long sitLaterMin,
      int clothsThrown) {}

  private final JobService jobs;
  private final JobPlans plans;
  private final ReferenceData reference;

  RuleController(JobService jobs, JobPlans plans, ReferenceData reference) {
    this.jobs = jobs;
    this.plans = plans;
    this.reference = reference;
  }

  @GetMapping
  List<JobRule> rules(@PathVariable UUID id) {
    JobFile document = jobs.document(id);
    Map<String, String> own = document.houseRules() == null ? Map.of() : document.houseRules();
    HouseRules shop = reference.houseRules();
    return shop.all().stream()
        .map(rule -> new JobRule(rule.key(), shop.school(rule.key()), own.get(rule.key())))
        .toList();
  }

  @PutMapping
  JobDetail hold(@PathVariable UUID id, @Valid @RequestBody JobSchools request) {
    return jobs.change(id, new JobChange(null, null, null, new LinkedHashMap<>(request.schools())));
  }

  @GetMapping("/{key}/{school}")
  EffectView effect(@PathVariable UUID id, @PathVariable String key, @PathVariable String school) {
    HouseRule rule =
        reference
            .houseRules()
            .find(key)
            .orElseThrow(
                () ->
                    new InvalidInputException(
                        "/key", "\"" + key + "\"", PHRASES.say("a-house-rule")));
    if (!rule.schools().contains(school)) {
      throw new InvalidInputException(
          "/school", "\"" + school + "\"", PHRASES.say("one-of", Lists.facts(rule.schools())));
    }
    Job job = plans.job(id);
    RuleEffect effect =
        RuleEffect.of(
            reference.planner(),
            job,
            plans.decisions(id, job),
            key,
            job.houseRules().school(key),
            school);
    Map<String, String> labels = jobs.labels(jobs.document(id));
    return new EffectView(
        key,
        effect.from(),
        effect.to(),
        effect.surfaces().stream()
            .map(
                c ->
                    new ChangedPanel(
                        c.surfaceId(), Known.of(labels, c.surfaceId()), c.before(), c.after()))
            .toList(),
        effect.sitLater().toMinutes(),
        effect.clothsThrown());
  }
}
