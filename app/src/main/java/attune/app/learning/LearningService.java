package attune.app.learning;

import attune.app.bench.BenchService;
import attune.app.bench.BenchViews.TaskState;
import attune.app.bench.RunRecord;
import attune.app.bench.RunRecord.StepTime;
import attune.app.learning.LearningController.FactorView;
import attune.app.learning.LearningController.LearningView;
import attune.app.planning.JobPlans;
import attune.app.reference.DataReplaced;
import attune.app.reference.ReferenceData;
import attune.core.material.Finish;
import attune.core.plan.Planner;
import attune.core.plan.Step;
import attune.core.plan.Task;
import attune.core.run.Experience;
import attune.core.run.Experience.Case;
import attune.core.run.Experience.Kind;
import attune.core.survey.Job;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Learns minutes and amounts from runs that were handed over. Turned off, it is shown and changes
 * nothing; turned on, it changes what is expected and never what is allowed.
 */
@Service
@Transactional
public class LearningService {
  private static final Set<String> CLEANS = Set.of("clean", "textile");
  private static final double SECONDS = 60;

  private final LearnedCaseRepository cases;
  private final LearningRepository settings;
  private final BenchService bench;
  private final JobPlans plans;
  private final ReferenceData reference;

  LearningService(
      LearnedCaseRepository cases,
      LearningRepository settings,
      BenchService bench,
      JobPlans plans,
      ReferenceData reference) {
    this.cases = cases;
    this.settings = settings;
    this.bench = bench;
    this.plans = plans;
    this.reference = reference;
  }

  /** Before anything is planned. */
  @EventListener({ApplicationStartedEvent.class, DataReplaced.class})
  void start() {
    apply();
  }

  /** Keeps what a run's panels took; a job counts once. */
  public void note(UUID jobId) {
    if (cases.existsByJobId(jobId)) {
      return;
    }
    RunRecord record = bench.record(jobId);
    Job job = plans.job(jobId);
    Map<String, Double> planned =
        new Planner(reference.rulebook())
                .plan(job, plans.decisions(jobId, job), plans.arrangement(jobId))
                .timetable()
                .tasks()
                .stream()
                .filter(t -> t.step() == Step.CLEAN || t.step() == Step.TEXTILE)
                .collect(
                    Collectors.groupingBy(
                        t -> t.surfaceIds().get(0),
                        Collectors.summingDouble(LearningService::minutes)));
    List<LearnedCaseEntity> fresh = new ArrayList<>();
    Map<String, List<StepTime>> byPanel =
        record.steps().stream()
            .filter(s -> CLEANS.contains(s.step()) && s.surfaceId() != null)
            .collect(Collectors.groupingBy(StepTime::surfaceId));
    byPanel.forEach(
        (panel, steps) -> {
          double plannedMin = planned.getOrDefault(panel, 0.0);
          double minutes =
              steps.stream().mapToDouble(s -> s.minutes() == null ? 0 : s.minutes()).sum();
          StepTime first = steps.get(0);
          boolean whole = steps.stream().allMatch(s -> s.state() == TaskState.DONE);
          boolean worked = Experience.wasWorked(minutes, plannedMin, reference.figures());
          if (whole
              && worked
              && plannedMin > 0
              && first.passesHigh() > 0
              && first.finish() != null) {
            fresh.add(
                new LearnedCaseEntity(
                    jobId,
                    panel,
                    new Case(
                        new Kind(first.finish(), first.soil()),
                        plannedMin,
                        minutes,
                        (first.passesLow() + first.passesHigh()) / 2.0,
                        steps.stream().mapToInt(StepTime::passes).max().orElse(1))));
          }
        });
    cases.saveAllAndFlush(fresh);
    apply();
  }

  private static double minutes(Task task) {
    return Duration.between(task.start(), task.end()).toSeconds() / SECONDS;
  }

  LearningView turn(boolean on) {
    LearningEntity setting =
        settings.findById(LearningEntity.ONLY).orElseGet(() -> new LearningEntity(on));
    setting.count(on);
    settings.saveAndFlush(setting);
    apply();
    return view();
  }

  private void apply() {
    Experience known = isOn() ? experience() : Experience.NONE;
    reference.learn(known);
  }

  private boolean isOn() {
    return settings.findById(LearningEntity.ONLY).map(LearningEntity::counts).orElse(false);
  }

  private Experience experience() {
    return Experience.of(
        cases.findAll().stream().map(LearnedCaseEntity::view).toList(), reference.figures());
  }

  @Transactional(readOnly = true)
  LearningView view() {
    return new LearningView(
        isOn(),
        reference.figures().whole("learning.cases-least"),
        experience().factors().entrySet().stream()
            .map(
                e ->
                    new FactorView(
                        e.getKey().finish(),
                        reference
                            .finishes()
                            .find(e.getKey().finish())
                            .map(Finish::name)
                            .orElse(e.getKey().finish()),
                        e.getKey().soil(),
                        e.getValue().cases(),
                        e.getValue().minutes(),
                        e.getValue().passes(),
                        e.getValue().counts()))
            .sorted(
                Comparator.comparing(FactorView::cases, Comparator.reverseOrder())
                    .thenComparing(FactorView::name)
                    .thenComparing(FactorView::soil))
            .toList());
  }
}
