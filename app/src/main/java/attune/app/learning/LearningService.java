package attune.app.learning;

import attune.app.bench.BenchService;
import attune.app.bench.RunRecord;
import attune.app.bench.RunRecord.StepTime;
import attune.app.learning.LearningController.FactorView;
import attune.app.learning.LearningController.LearningView;
import attune.app.learning.LearningController.StepFactorView;
import attune.app.planning.JobPlans;
import attune.app.reference.DataReplaced;
import attune.app.reference.ReferenceData;
import attune.core.check.Coded;
import attune.core.material.Finish;
import attune.core.plan.Planner;
import attune.core.plan.Step;
import attune.core.plan.Task;
import attune.core.plan.Totals;
import attune.core.run.Experience;
import attune.core.run.Experience.Case;
import attune.core.run.Experience.Kind;
import attune.core.run.Experience.StepCase;
import attune.core.run.TaskState.Phase;
import attune.core.survey.Job;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
  private static final double SECONDS = 60;

  private final LearnedCaseRepository cases;
  private final LearnedStepRepository visits;
  private final LearningRepository settings;
  private final BenchService bench;
  private final JobPlans plans;
  private final ReferenceData reference;

  LearningService(
      LearnedCaseRepository cases,
      LearnedStepRepository visits,
      LearningRepository settings,
      BenchService bench,
      JobPlans plans,
      ReferenceData reference) {
    this.cases = cases;
    this.visits = visits;
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

  /** Keeps what a run's panels and its other steps took; a job counts once. */
  public void note(UUID jobId) {
    if (cases.existsByJobId(jobId) || visits.existsByJobId(jobId)) {
      return;
    }
    RunRecord record = bench.record(jobId);
    Job job = plans.job(jobId);
    List<Task> planned =
        new Planner(reference.rulebook())
            .plan(job, plans.decisions(jobId, job), plans.arrangement(jobId))
            .timetable()
            .tasks();
    cases.saveAllAndFlush(
        panels(record, planned).stream().map(c -> new LearnedCaseEntity(jobId, c)).toList());
    visits.saveAllAndFlush(
        others(record, planned).stream().map(c -> new LearnedStepEntity(jobId, c)).toList());
    apply();
  }

  private List<LearnedPanel> panels(RunRecord record, List<Task> tasks) {
    Map<String, Double> planned =
        tasks.stream()
            .filter(t -> t.step().cleans())
            .collect(
                Collectors.groupingBy(
                    t -> t.surfaceIds().get(0),
                    Collectors.summingDouble(LearningService::minutes)));
    Map<String, List<StepTime>> byPanel =
        record.steps().stream()
            .filter(s -> s.kind().cleans() && s.surfaceId() != null)
            .collect(Collectors.groupingBy(StepTime::surfaceId));
    List<LearnedPanel> fresh = new ArrayList<>();
    byPanel.forEach(
        (panel, steps) -> {
          double plannedMin = planned.getOrDefault(panel, 0.0);
          StepTime first = steps.get(0);
          String finish = first.finish();
          String soil = first.soil();
          if (first.passesHigh() > 0 && finish != null && soil != null) {
            worked(steps, plannedMin)
                .ifPresent(
                    minutes ->
                        fresh.add(
                            new LearnedPanel(
                                panel,
                                new Case(
                                    new Kind(finish, soil),
                                    plannedMin,
                                    minutes,
                                    (first.passesLow() + first.passesHigh()) / 2.0,
                                    steps.stream().mapToInt(StepTime::passes).max().orElse(1)))));
          }
        });
    return fresh;
  }

  /** Getting ready, looking, and what goes on after cleaning: step by step. */
  private List<StepCase> others(RunRecord record, List<Task> tasks) {
    Map<String, Double> planned =
        tasks.stream()
            .filter(t -> Totals.part(t.step()) != Totals.Part.NOT_COUNTED)
            .filter(t -> !t.step().cleans())
            .collect(
                Collectors.groupingBy(
                    t -> t.step().code(), Collectors.summingDouble(LearningService::minutes)));
    Map<String, List<StepTime>> byStep =
        record.steps().stream().collect(Collectors.groupingBy(StepTime::step));
    List<StepCase> fresh = new ArrayList<>();
    planned.forEach(
        (step, plannedMin) ->
            worked(byStep.getOrDefault(step, List.of()), plannedMin)
                .ifPresent(minutes -> fresh.add(new StepCase(step, plannedMin, minutes))));
    return fresh;
  }

  /** What some steps took; empty where one was left, or ticked without having been worked. */
  private Optional<Double> worked(List<StepTime> steps, double plannedMin) {
    boolean whole = !steps.isEmpty() && steps.stream().allMatch(s -> s.state() == Phase.DONE);
    double minutes = steps.stream().mapToDouble(s -> s.minutes() == null ? 0 : s.minutes()).sum();
    return Optional.of(minutes)
        .filter(m -> whole && Experience.wasWorked(m, plannedMin, reference.figures()));
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
        cases.findAll().stream().map(LearnedCaseEntity::view).toList(),
        visits.findAll().stream().map(LearnedStepEntity::view).toList(),
        reference.figures());
  }

  @Transactional(readOnly = true)
  LearningView view() {
    Experience known = experience();
    return new LearningView(
        isOn(),
        reference.figures().whole("learning.cases-least"),
        known.factors().entrySet().stream()
            .map(e -> factor(e.getKey(), e.getValue()))
            .sorted(
                Comparator.comparing(FactorView::cases, Comparator.reverseOrder())
                    .thenComparing(FactorView::name)
                    .thenComparing(FactorView::soil))
            .toList(),
        known.steps().entrySet().stream()
            .sorted(Comparator.comparing(e -> Coded.parse(Step.class, e.getKey())))
            .map(
                e ->
                    new StepFactorView(
                        e.getKey(),
                        e.getValue().cases(),
                        e.getValue().minutes(),
                        e.getValue().counts()))
            .toList());
  }

  private FactorView factor(Kind kind, Experience.Factor factor) {
    return new FactorView(
        kind.finish(),
        reference.finishes().find(kind.finish()).map(Finish::name).orElse(kind.finish()),
        kind.soil(),
        factor.cases(),
        factor.minutes(),
        factor.passes(),
        factor.counts());
  }

  /** A panel's case, with the panel it is of. */
  record LearnedPanel(String surfaceId, Case took) {}
}
