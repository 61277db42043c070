package attune.core.bench;

import attune.core.check.Known;
import attune.core.material.Finish;
import attune.core.plan.Step;
import attune.core.run.Look;
import attune.core.run.Looked;
import attune.core.run.RunTask;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The steps of a run, made of its plan: what the timetable has, the rungs above the first held back
 * until a result leads to them, and the meter before anything is laid on.
 */
public final class RunSteps {
  private static final String METER = "meter";
  private static final int METER_S = 60;
  private static final int TEST_S = 180;
  private static final int LOOKS = 2;

  private final FrozenPlan plan;
  private final Map<String, SurveyedPanel> surveyed;
  private final Map<String, FrozenPanel> planned;
  private final List<RunStep> steps = new ArrayList<>();
  private final Map<String, String> metered = new HashMap<>();

  private RunSteps(FrozenPlan plan, Collection<SurveyedPanel> surveyed) {
    this.plan = plan;
    this.surveyed =
        surveyed.stream().collect(Collectors.toMap(SurveyedPanel::id, Function.identity()));
    this.planned =
        plan.panels().stream()
            .collect(Collectors.toMap(FrozenPanel::surfaceId, Function.identity()));
  }

  /**
   * @param surveyed what the survey says of its panels; one it does not name is judged as no hide
   */
  public static List<RunStep> of(FrozenPlan plan, Collection<SurveyedPanel> surveyed) {
    RunSteps made = new RunSteps(plan, surveyed);
    for (int i = 0; i < plan.tasks().size(); i++) {
      made.add(i);
    }
    return made.steps;
  }

  private void add(int place) {
    FrozenTask task = plan.tasks().get(place);
    if (task.step() == Step.BREAK) {
      return; // nobody ticks a rest
    }
    if (task.step().lays()) {
      meter(place);
    }
    if (task.spot().isPresent()) {
      step(task, remover(task), RunTask.SPOT);
      return;
    }
    Optional<FrozenRung> rung =
        task.step().cleans()
            ? planned(task).flatMap(panel -> panel.rungs().stream().findFirst())
            : Optional.empty();
    step(task, rung, rung.isPresent() ? 1 : 0);
    if (rung.isPresent() && isLastSection(place)) {
      above(task);
    }
  }

  private void step(FrozenTask task, Optional<FrozenRung> rung, int number) {
    steps.add(new RunStep(task(task, rung, number), task, rung));
  }

  private Optional<FrozenRung> remover(FrozenTask task) {
    return planned(task).stream()
        .flatMap(panel -> panel.ladder().stream())
        .filter(rung -> task.spot().equals(rung.spot()))
        .filter(rung -> rung.cleanerId().equals(task.productId()))
        .findFirst();
  }

  private boolean isLastSection(int place) {
    FrozenTask task = plan.tasks().get(place);
    return plan.tasks().stream().skip(place + 1L).noneMatch(later -> isCleaning(later, task));
  }

  private static boolean isCleaning(FrozenTask task, FrozenTask of) {
    return task.cleansPanel() && task.surfaceIds().equals(of.surfaceIds());
  }

  private Optional<FrozenPanel> planned(FrozenTask task) {
    return task.surfaceIds().size() == 1
        ? Optional.ofNullable(planned.get(task.surfaceIds().get(0)))
        : Optional.empty();
  }

  private Optional<Finish> finish(String surfaceId) {
    return Optional.ofNullable(surveyed.get(surfaceId)).flatMap(SurveyedPanel::finish);
  }

  /** The rungs above the first, each with its own test spot. */
  private void above(FrozenTask last) {
    String panel = last.surfaceIds().get(0);
    List<FrozenRung> ladder = Known.of(planned, panel).rungs();
    int ofFirst =
        plan.tasks().stream().filter(t -> isCleaning(t, last)).mapToInt(FrozenTask::seconds).sum();
    int passes = Math.max(1, ladder.get(0).passesHigh());
    for (int i = 1; i < ladder.size(); i++) {
      FrozenRung rung = ladder.get(i);
      String suffix = panel + "~" + (i + 1);
      step(like(last, "test-" + suffix, Step.TEST_SPOT, rung, TEST_S), Optional.of(rung), i + 1);
      int length = Math.max(METER_S, ofFirst * Math.max(1, rung.passesHigh()) / passes);
      step(like(last, "clean-" + suffix, last.step(), rung, length), Optional.of(rung), i + 1);
    }
  }

  private static FrozenTask like(
      FrozenTask task, String id, Step step, FrozenRung rung, int seconds) {
    return new FrozenTask(
        id,
        step,
        Optional.empty(),
        task.surfaceIds(),
        rung.cleanerId(),
        Optional.of(rung.toolId()),
        task.person(),
        0,
        task.end(),
        task.end().plusSeconds(seconds),
        seconds,
        task.roundId(),
        step.cleans() && rung.cleanerId().isPresent(),
        List.of(task.id()),
        Optional.empty());
  }

  /** Every panel that is through with its cleaning and gets something laid on, in one go. */
  private void meter(int place) {
    FrozenTask first = plan.tasks().get(place);
    if (metered.keySet().containsAll(first.surfaceIds())) {
      return;
    }
    Set<String> checked =
        plan.tasks().stream()
            .limit(place)
            .filter(t -> t.step() == Step.CHECK)
            .flatMap(t -> t.surfaceIds().stream())
            .collect(Collectors.toCollection(HashSet::new));
    List<String> panels =
        plan.panels().stream()
            .filter(panel -> panel.dry().isPresent() && !panel.finish().isEmpty())
            .map(FrozenPanel::surfaceId)
            .filter(id -> checked.contains(id) && !metered.containsKey(id))
            .toList();
    if (panels.isEmpty()) {
      return;
    }
    String id = metered.isEmpty() ? METER : METER + "-" + (Set.copyOf(metered.values()).size() + 1);
    panels.forEach(panel -> metered.put(panel, id));
    LocalDateTime at = first.start();
    FrozenTask task =
        new FrozenTask(
            id,
            Step.METER,
            Optional.empty(),
            panels,
            Optional.empty(),
            Optional.empty(),
            first.person(),
            0,
            at,
            at.plusSeconds(METER_S),
            METER_S,
            first.roundId(),
            false,
            panels.stream().map(panel -> "dry-" + panel).toList(),
            Optional.empty());
    step(task, Optional.empty(), 0);
  }

  private RunTask task(FrozenTask task, Optional<FrozenRung> rung, int number) {
    boolean firstTest = task.step() == Step.TEST_SPOT && number == 0;
    return new RunTask(
        task.id(),
        task.surfaceIds(),
        firstTest ? covered(task) : task.surfaceIds(),
        task.person().isPresent(),
        task.person(),
        task.seconds(),
        after(task),
        gap(task),
        number,
        looked(task, rung));
  }

  /** The wait a product asks for after the one before it on its panel. */
  private int gap(FrozenTask task) {
    if (task.step() == Step.RESIDUE) {
      return planned(task).map(RunSteps::beforeBonding).orElse(0);
    }
    return task.step().lays()
        ? planned(task)
            .flatMap(panel -> panel.laidIn(task.step()))
            .map(FrozenFinish::waitS)
            .orElse(0)
        : 0;
  }

  /** What is wiped off before a coat waits as the coat would for what was laid before it. */
  private static int beforeBonding(FrozenPanel panel) {
    return panel.finish().stream()
        .skip(1)
        .filter(FrozenFinish::bonds)
        .mapToInt(FrozenFinish::waitS)
        .findFirst()
        .orElse(0);
  }

  /** Drying counts once the look at it is over: until then it may be worked again, or firmer. */
  private List<String> after(FrozenTask task) {
    return switch (task.step()) {
      case HANDOVER -> everything(task);
      case DRY -> checks(task);
      default -> task.after();
    };
  }

  private List<String> checks(FrozenTask dry) {
    List<String> checks =
        plan.tasks().stream()
            .filter(t -> t.step() == Step.CHECK && t.surfaceIds().equals(dry.surfaceIds()))
            .map(FrozenTask::id)
            .toList();
    return checks.isEmpty() ? dry.after() : checks;
  }

  /** The last look comes after all that needs hands, and when what is held is dry. */
  private List<String> everything(FrozenTask last) {
    return plan.tasks().stream()
        .filter(t -> !t.id().equals(last.id()))
        .filter(t -> t.person().isPresent() || t.step() == Step.DRY && isHeld(t))
        .map(FrozenTask::id)
        .toList();
  }

  private boolean isHeld(FrozenTask task) {
    return task.surfaceIds().stream()
        .flatMap(id -> Optional.ofNullable(surveyed.get(id)).stream())
        .anyMatch(SurveyedPanel::isHeld);
  }

  /** A test spot of the plan speaks for every panel of its finish that gets its product. */
  private List<String> covered(FrozenTask spot) {
    Optional<String> finish = finish(spot.surfaceIds().get(0)).map(Finish::code);
    return plan.panels().stream()
        .filter(panel -> laysFirst(panel, spot.productId()))
        .map(FrozenPanel::surfaceId)
        .filter(id -> finish(id).map(Finish::code).equals(finish))
        .toList();
  }

  /** Its first rung's bottle, or one that meets a stain of it. */
  private static boolean laysFirst(FrozenPanel panel, Optional<String> productId) {
    return Stream.concat(
            panel.rungs().stream().limit(1),
            panel.ladder().stream().filter(rung -> rung.spot().isPresent()))
        .anyMatch(rung -> rung.cleanerId().equals(productId));
  }

  private Optional<Looked> looked(FrozenTask task, Optional<FrozenRung> rung) {
    String panel = task.surfaceIds().isEmpty() ? "" : task.surfaceIds().get(0);
    boolean hide = finish(panel).filter(Finish::isHide).isPresent();
    return switch (task.step()) {
      case TEST_SPOT -> Optional.of(new Looked(Look.TEST_SPOT, 1, hide));
      case CLEAN, TEXTILE ->
          rung.filter(worked -> worked.cleanerId().isPresent())
              .map(
                  worked ->
                      new Looked(
                          finish(panel).filter(Finish::hasNap).isPresent() ? Look.FOAM : Look.CLOTH,
                          Math.max(1, worked.passesHigh()),
                          hide));
      case CHECK -> Optional.of(new Looked(Look.SEAMS, LOOKS, hide));
      case METER -> Optional.of(new Looked(Look.METER, 1, hide));
      case LEVEL -> Optional.of(new Looked(Look.LAMP, LOOKS, hide));
      default -> Optional.empty();
    };
  }
}
