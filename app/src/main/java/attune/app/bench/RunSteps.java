package attune.app.bench;

import attune.app.format.PlanFile;
import attune.app.format.PlanFile.PlannedSurfaceFile;
import attune.app.format.PlanFile.RungFile;
import attune.app.format.PlanFile.TaskFile;
import attune.app.format.SurfaceFile;
import attune.core.check.Coded;
import attune.core.check.Known;
import attune.core.material.Finish;
import attune.core.material.FinishTable;
import attune.core.material.Role;
import attune.core.run.Look;
import attune.core.run.Looked;
import attune.core.run.RunTask;
import jakarta.annotation.Nullable;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The steps of a run, made of its plan: what the timetable has, the rungs above the first held back
 * until a result leads to them, and the meter before anything is laid on.
 */
final class RunSteps {
  static final Set<String> WAITS = Set.of("wait");
  static final Set<String> LAYS =
      Set.of("condition", "protect", "barrier", "coat", "dress", "refinish");
  private static final Set<String> BONDS = Set.of("coat", "barrier");
  private static final Set<String> CLEANS = Set.of("clean", "textile");
  static final String REST = "break";
  private static final String METER = "meter";
  private static final int METER_S = 60;
  private static final int TEST_S = 180;
  private static final int LOOKS = 2;

  /**
   * A step and where its words come from.
   *
   * @param rung that is worked; empty for what is no cleaning
   */
  record Step(RunTask task, TaskFile file, Optional<RungFile> rung) {}

  private final PlanFile plan;
  private final Map<String, SurfaceFile> surveyed;
  private final Map<String, PlannedSurfaceFile> planned;
  private final FinishTable finishes;
  private final List<Step> steps = new ArrayList<>();
  private final Map<String, String> metered = new HashMap<>();

  private RunSteps(PlanFile plan, List<SurfaceFile> surfaces, FinishTable finishes) {
    this.plan = plan;
    this.finishes = finishes;
    this.surveyed =
        surfaces.stream().collect(Collectors.toMap(SurfaceFile::id, Function.identity()));
    this.planned =
        plan.surfaces().stream()
            .collect(Collectors.toMap(PlannedSurfaceFile::surfaceId, Function.identity()));
  }

  static List<Step> of(PlanFile plan, List<SurfaceFile> surfaces, FinishTable finishes) {
    RunSteps made = new RunSteps(plan, surfaces, finishes);
    for (int i = 0; i < plan.timeline().size(); i++) {
      made.add(i);
    }
    return made.steps;
  }

  private void add(int place) {
    TaskFile file = plan.timeline().get(place);
    if (file.step().equals(REST)) {
      return; // nobody ticks a rest
    }
    if (LAYS.contains(file.step())) {
      meter(place);
    }
    if (file.spot() != null) {
      Optional<RungFile> remover = remover(file);
      steps.add(new Step(task(file, remover, RunTask.SPOT), file, remover));
      return;
    }
    Optional<RungFile> rung =
        CLEANS.contains(file.step())
            ? planned(file).flatMap(s -> ladder(s).stream().findFirst())
            : Optional.empty();
    steps.add(new Step(task(file, rung, rung.isPresent() ? 1 : 0), file, rung));
    if (rung.isPresent() && isLastSection(place)) {
      above(file);
    }
  }

  /** What climbs; what meets a stain stands by itself. */
  private static List<RungFile> ladder(PlannedSurfaceFile surface) {
    return surface.ladder().stream().filter(rung -> rung.spot() == null).toList();
  }

  private Optional<RungFile> remover(TaskFile file) {
    return planned(file).stream()
        .flatMap(s -> s.ladder().stream())
        .filter(rung -> Objects.equals(file.spot(), rung.spot()))
        .filter(rung -> Objects.equals(rung.cleanerId(), file.productId()))
        .findFirst();
  }

  private boolean isLastSection(int place) {
    TaskFile file = plan.timeline().get(place);
    return plan.timeline().stream().skip(place + 1L).noneMatch(later -> isCleaning(later, file));
  }

  private static boolean isCleaning(TaskFile task, TaskFile of) {
    return CLEANS.contains(task.step())
        && task.spot() == null
        && task.surfaceIds().equals(of.surfaceIds());
  }

  private Optional<PlannedSurfaceFile> planned(TaskFile file) {
    return file.surfaceIds().size() == 1
        ? Optional.ofNullable(planned.get(file.surfaceIds().get(0)))
        : Optional.empty();
  }

  private Optional<Finish> finish(String surfaceId) {
    return Optional.ofNullable(surveyed.get(surfaceId))
        .map(SurfaceFile::finish)
        .flatMap(finishes::find);
  }

  /** The rungs above the first, each with its own test spot. */
  private void above(TaskFile last) {
    String panel = last.surfaceIds().get(0);
    List<RungFile> ladder = ladder(Known.of(planned, panel));
    int ofFirst =
        plan.timeline().stream().filter(t -> isCleaning(t, last)).mapToInt(RunSteps::seconds).sum();
    int passes = Math.max(1, ladder.get(0).passes().high());
    for (int i = 1; i < ladder.size(); i++) {
      RungFile rung = ladder.get(i);
      String suffix = panel + "~" + (i + 1);
      TaskFile test = synthetic(last, "test-" + suffix, "test-spot", rung, TEST_S, false);
      steps.add(new Step(task(test, Optional.of(rung), i + 1), test, Optional.of(rung)));
      int length = Math.max(METER_S, ofFirst * Math.max(1, rung.passes().high()) / passes);
      TaskFile clean = synthetic(last, "clean-" + suffix, last.step(), rung, length, true);
      steps.add(new Step(task(clean, Optional.of(rung), i + 1), clean, Optional.of(rung)));
    }
  }

  private static TaskFile synthetic(
      TaskFile like, String id, String step, RungFile rung, int seconds, boolean timed) {
    LocalDateTime from = LocalDateTime.parse(like.end());
    boolean wet = timed && rung.cleanerId() != null;
    return new TaskFile(
        id,
        step,
        like.surfaceIds(),
        rung.cleanerId(),
        rung.toolId(),
        like.person(),
        null,
        from.toString(),
        from.plusSeconds(seconds).toString(),
        null,
        like.roundId(),
        wet ? from.plusSeconds(rung.dwellS().min()).toString() : null,
        wet
            ? from.plusSeconds(Math.max(rung.dwellS().min(), rung.sections().workedS())).toString()
            : null,
        List.of(like.id()),
        null);
  }

  /** Every panel that is through with its cleaning and gets something laid on, in one go. */
  private void meter(int place) {
    TaskFile first = plan.timeline().get(place);
    if (metered.keySet().containsAll(first.surfaceIds())) {
      return;
    }
    Set<String> checked =
        plan.timeline().stream()
            .limit(place)
            .filter(t -> t.step().equals("check"))
            .flatMap(t -> t.surfaceIds().stream())
            .collect(Collectors.toCollection(HashSet::new));
    List<String> panels =
        plan.surfaces().stream()
            .filter(s -> s.dry() != null && !s.laid().isEmpty())
            .map(PlannedSurfaceFile::surfaceId)
            .filter(id -> checked.contains(id) && !metered.containsKey(id))
            .toList();
    if (panels.isEmpty()) {
      return;
    }
    String id = metered.isEmpty() ? METER : METER + "-" + (Set.copyOf(metered.values()).size() + 1);
    panels.forEach(panel -> metered.put(panel, id));
    LocalDateTime at = LocalDateTime.parse(first.start());
    TaskFile file =
        new TaskFile(
            id,
            METER,
            panels,
            null,
            null,
            first.person(),
            null,
            at.toString(),
            at.plusSeconds(METER_S).toString(),
            null,
            first.roundId(),
            null,
            null,
            panels.stream().map(panel -> "dry-" + panel).toList(),
            null);
    steps.add(new Step(task(file, Optional.empty(), 0), file, Optional.empty()));
  }

  private RunTask task(TaskFile file, Optional<RungFile> rung, int number) {
    return new RunTask(
        file.id(),
        file.surfaceIds(),
        file.step().equals("test-spot") && number == 0 ? covered(file) : file.surfaceIds(),
        file.person() != null,
        Optional.ofNullable(file.person()),
        seconds(file),
        after(file),
        gap(file),
        number,
        looked(file, rung));
  }

  /** The wait a product asks for after the one before it on its panel. */
  private int gap(TaskFile file) {
    if (file.step().equals("residue")) {
      return planned(file).map(RunSteps::beforeBonding).orElse(0);
    }
    if (!LAYS.contains(file.step())) {
      return 0;
    }
    return planned(file).stream()
        .flatMap(s -> s.laid().stream())
        .filter(f -> f.step().equals(file.step()))
        .mapToInt(PlanFile.FinishStepFile::waitS)
        .findFirst()
        .orElse(0);
  }

  /** What is wiped off before a coat waits as the coat would for what was laid before it. */
  private static int beforeBonding(PlannedSurfaceFile surface) {
    return surface.laid().stream()
        .skip(1)
        .filter(f -> BONDS.contains(f.step()))
        .mapToInt(PlanFile.FinishStepFile::waitS)
        .findFirst()
        .orElse(0);
  }

  /** Drying counts once the look at it is over: until then it may be worked again, or firmer. */
  private List<String> after(TaskFile file) {
    return switch (file.step()) {
      case "handover" -> everything(file);
      case "dry" -> checks(file);
      default -> file.after();
    };
  }

  private List<String> checks(TaskFile dry) {
    List<String> checks =
        plan.timeline().stream()
            .filter(t -> t.step().equals("check") && t.surfaceIds().equals(dry.surfaceIds()))
            .map(TaskFile::id)
            .toList();
    return checks.isEmpty() ? dry.after() : checks;
  }

  /** The last look comes after all that needs hands, and when what is held is dry. */
  private List<String> everything(TaskFile last) {
    return plan.timeline().stream()
        .filter(t -> !t.id().equals(last.id()))
        .filter(t -> t.person() != null || t.step().equals("dry") && isHeld(t))
        .map(TaskFile::id)
        .toList();
  }

  private boolean isHeld(TaskFile file) {
    return file.surfaceIds().stream()
        .map(surveyed::get)
        .filter(Objects::nonNull)
        .flatMap(s -> Coded.find(Role.class, s.role()).stream())
        .anyMatch(Role::isControlled);
  }

  /** A test spot of the plan speaks for every panel of its finish that gets its product. */
  private List<String> covered(TaskFile spot) {
    Optional<String> finish = finish(spot.surfaceIds().get(0)).map(Finish::code);
    return plan.surfaces().stream()
        .filter(s -> laysFirst(s, spot.productId()))
        .map(PlannedSurfaceFile::surfaceId)
        .filter(id -> finish(id).map(Finish::code).equals(finish))
        .toList();
  }

  /** Its first rung's bottle, or one that meets a stain of it. */
  private static boolean laysFirst(PlannedSurfaceFile s, @Nullable String productId) {
    return Stream.concat(
            ladder(s).stream().limit(1), s.ladder().stream().filter(r -> r.spot() != null))
        .anyMatch(rung -> Objects.equals(rung.cleanerId(), productId));
  }

  private Optional<Looked> looked(TaskFile file, Optional<RungFile> rung) {
    String panel = file.surfaceIds().isEmpty() ? "" : file.surfaceIds().get(0);
    boolean hide = finish(panel).filter(Finish::isHide).isPresent();
    return switch (file.step()) {
      case "test-spot" -> Optional.of(new Looked(Look.TEST_SPOT, 1, hide));
      case "clean", "textile" ->
          rung.filter(r -> r.cleanerId() != null)
              .map(
                  r ->
                      new Looked(
                          finish(panel).filter(Finish::hasNap).isPresent() ? Look.FOAM : Look.CLOTH,
                          Math.max(1, r.passes().high()),
                          hide));
      case "check" -> Optional.of(new Looked(Look.SEAMS, LOOKS, hide));
      case METER -> Optional.of(new Looked(Look.METER, 1, hide));
      case "level" -> Optional.of(new Looked(Look.LAMP, LOOKS, hide));
      default -> Optional.empty();
    };
  }

  static int seconds(TaskFile file) {
    return (int)
        Duration.between(LocalDateTime.parse(file.start()), LocalDateTime.parse(file.end()))
            .toSeconds();
  }
}
