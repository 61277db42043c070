package attune.app.bench;

import attune.app.bench.RunSteps.Step;
import attune.app.format.PlanFile.FinishStepFile;
import attune.app.format.PlanFile.PlannedSurfaceFile;
import attune.app.format.SurfaceFile;
import attune.core.check.Coded;
import attune.core.material.Role;
import attune.core.run.Pace;
import attune.core.run.TaskState.Phase;
import attune.core.run.WaitClock;
import attune.core.survey.Surface;
import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * When a car may be driven and sat in and is cured, as its run goes: the last hands are off, what
 * is held or sat on is dry, and what was laid has had its time since it was levelled.
 */
record Readiness(LocalDateTime driveAt, LocalDateTime sitAt, LocalDateTime curedAt) {
  private static final Set<Phase> NOT_LAID = Set.of(Phase.SKIPPED, Phase.REFERRED, Phase.REPLACED);

  /** A moment something on a panel is over. */
  private record Moment(String panel, LocalDateTime at) {}

  static Readiness of(WholeRun whole, Pace pace, LocalDateTime handsOff, WaitClock waits) {
    return of(whole, pace, handsOff, waits, NOT_LAID);
  }

  /** By what was done alone: what is still open was not laid and does not dry. */
  static Readiness ofDone(WholeRun whole, Pace pace, LocalDateTime handsOff, WaitClock waits) {
    Set<Phase> out = EnumSet.copyOf(NOT_LAID);
    out.add(Phase.WAITING);
    out.add(Phase.HELD);
    return of(whole, pace, handsOff, waits, out);
  }

  private static Readiness of(
      WholeRun whole, Pace pace, LocalDateTime handsOff, WaitClock waits, Set<Phase> leftOut) {
    Map<String, SurfaceFile> surveyed =
        whole.document().surfaces().stream()
            .collect(Collectors.toMap(SurfaceFile::id, Function.identity()));
    Predicate<String> driven =
        panel -> is(surveyed.get(panel), (role, zone) -> Surface.isDriven(role, zone));
    Predicate<String> sat = panel -> is(surveyed.get(panel), (role, zone) -> role == Role.SEAT);
    List<Moment> usable = new ArrayList<>();
    List<Moment> cured = new ArrayList<>();
    for (Step step : whole.steps()) {
      LocalDateTime end = pace.ends().get(step.task().id());
      if (end == null || leftOut.contains(whole.run().state(step.task().id()).phase())) {
        continue;
      }
      for (String panel : step.task().surfaceIds()) {
        if (step.file().step().equals("dry")) {
          usable.add(new Moment(panel, end));
        }
        laid(whole, step, panel)
            .ifPresent(
                product -> {
                  LocalDateTime settled = levelled(whole, pace, step).orElse(end);
                  usable.add(new Moment(panel, waits.endOf(settled, product.sitAfterS())));
                  cured.add(new Moment(panel, waits.endOf(settled, product.cureS())));
                });
      }
    }
    cured.addAll(usable);
    return new Readiness(
        latest(handsOff, usable, driven),
        latest(handsOff, usable, sat),
        latest(handsOff, cured, panel -> true));
  }

  private interface OfPanel {
    boolean test(Role role, String zone);
  }

  private static boolean is(@Nullable SurfaceFile panel, OfPanel what) {
    return panel != null
        && Coded.find(Role.class, panel.role())
            .filter(role -> what.test(role, String.valueOf(panel.zone())))
            .isPresent();
  }

  private static Optional<FinishStepFile> laid(WholeRun whole, Step step, String panel) {
    return RunSteps.LAYS.contains(step.file().step())
        ? whole.plan().surfaces().stream()
            .filter(s -> s.surfaceId().equals(panel))
            .map(PlannedSurfaceFile::laid)
            .flatMap(List::stream)
            .filter(f -> f.step().equals(step.file().step()))
            .findFirst()
        : Optional.empty();
  }

  private static Optional<LocalDateTime> levelled(WholeRun whole, Pace pace, Step laid) {
    return whole.steps().stream()
        .filter(step -> step.file().step().equals("level"))
        .filter(step -> step.file().after().contains(laid.task().id()))
        .flatMap(step -> Optional.ofNullable(pace.ends().get(step.task().id())).stream())
        .findFirst();
  }

  private static LocalDateTime latest(
      LocalDateTime from, List<Moment> moments, Predicate<String> counts) {
    return moments.stream()
        .filter(moment -> counts.test(moment.panel()))
        .map(Moment::at)
        .reduce(from, (a, b) -> a.isAfter(b) ? a : b);
  }
}
