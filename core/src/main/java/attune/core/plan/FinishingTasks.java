package attune.core.plan;

import static attune.core.plan.VisitTasks.numbered;
import static attune.core.plan.VisitTasks.roundUp;
import static attune.core.plan.VisitTasks.skilled;

import attune.core.plan.VisitTasks.Note;
import attune.core.reference.Figures;
import attune.core.schedule.Activity;
import attune.core.shelf.Span;
import attune.core.survey.Setting.Place;
import attune.core.survey.Surface;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What goes on after cleaning: the residue pass, then product by product and coat by coat, each
 * laid in areas small enough to be wiped inside its flash window, every wait kept.
 */
final class FinishingTasks {
  private final VisitNetwork visit;
  private final VisitTasks tasks;
  private final Place place;
  private final Figures figures;
  private final WorkTimes times;
  private final Map<String, Integer> finished = new HashMap<>();

  FinishingTasks(
      VisitNetwork visit, VisitTasks tasks, Place place, Figures figures, WorkTimes times) {
    this.visit = visit;
    this.tasks = tasks;
    this.place = place;
    this.figures = figures;
    this.times = times;
  }

  /** The last wipe on a panel. */
  Optional<Integer> finished(SurfacePlan plan) {
    return Optional.ofNullable(finished.get(plan.surface().id()));
  }

  /**
   * Finishes some panels.
   *
   * @param before what has to be done first, beside each panel's own cleaning
   */
  void of(List<SurfacePlan> plans, String suffix, List<Integer> before) {
    Set<Integer> ready = new LinkedHashSet<>(before);
    if (place == Place.STUDIO) {
      plans.stream()
          .filter(VisitNetwork::isTextile)
          .flatMap(p -> visit.cleaned(p).stream())
          .forEach(ready::add);
    }
    List<SurfacePlan> due = plans.stream().filter(p -> !p.finishSteps().isEmpty()).toList();
    List<SurfacePlan> bare = plans.stream().filter(FinishingTasks::needsResiduePass).toList();
    int residue = bare.isEmpty() ? -1 : residue(bare, suffix);
    int clear = due.isEmpty() ? -1 : tasks.milestone("clear" + suffix, ready);
    int stages = due.stream().mapToInt(p -> p.finishSteps().size()).max().orElse(0);
    List<Integer> plastics = new ArrayList<>();
    for (int stage = 0; stage < stages; stage++) {
      for (SurfacePlan plan : due) {
        if (plan.finishSteps().size() > stage) {
          finish(plan, stage, clear, bare.contains(plan) ? residue : -1, plastics);
        }
      }
    }
  }

  /** Where a coating or a barrier follows, and on bright metal, what the cleaner left comes off. */
  private static boolean needsResiduePass(SurfacePlan plan) {
    return plan.finishSteps().stream()
            .anyMatch(s -> s.step() == Step.COAT || s.step() == Step.BARRIER)
        || (plan.isWet() && plan.match().place().finish().code().equals("metal/bright"));
  }

  private int residue(List<SurfacePlan> bare, String suffix) {
    double minutes =
        bare.stream().mapToDouble(p -> p.surface().area().value() / figures.get("rate.wipe")).sum();
    int place = tasks.work(Step.RESIDUE, "residue" + suffix, bare, minutes, tasks.zones(bare));
    then(visit.prepared(), place);
    bare.forEach(p -> visit.ready(p).ifPresent(ready -> then(ready, place)));
    return place;
  }

  private void finish(
      SurfacePlan plan, int stage, int clear, int residue, List<Integer> plasticsDressed) {
    FinishStep step = plan.finishSteps().get(stage);
    Integer earlier = finished.get(plan.surface().id());
    int wait = stage == 0 ? 0 : step.waitS();
    for (int coat = 1; coat <= step.coats(); coat++) {
      Coat laid = coat(plan, step, coat, clear, residue);
      if (earlier != null) {
        tasks.network().after(earlier, laid.first(), wait);
      }
      if (isPlastic(plan) && stage == 0) {
        plasticsDressed.add(laid.last());
      } else if (!isPlastic(plan)) {
        plasticsDressed.forEach(dressed -> then(dressed, laid.first()));
      }
      earlier = laid.wiped();
      wait = step.product().waits().beforeNextS().orElse(figures.whole("coat.between"));
    }
    finished.put(plan.surface().id(), earlier);
    settle(plan.surface(), step, earlier);
  }

  /** A coat: its first and last area laid, and the last one wiped. */
  private record Coat(int first, int last, int wiped) {}

  private Coat coat(SurfacePlan plan, FinishStep step, int number, int clear, int residue) {
    Surface surface = plan.surface();
    int areas = step.flash().map(flash -> areas(surface, flash)).orElse(1);
    int apply = roundUp(times.applyMinutes(surface, 1) * 60 / areas);
    int level = roundUp(times.levelMinutes(surface, 1) * 60 / areas);
    String which = (number > 1 ? number + "-" : "") + surface.id();
    String levels = "level-" + (step.flash().isPresent() ? "" : step.step().code() + "-") + which;
    int first = -1;
    int laid = -1;
    int wiped = -1;
    for (int area = 1; area <= areas; area++) {
      int before = laid;
      int section = areas > 1 ? area : 0;
      laid =
          lay(plan, step, numbered(step.step().code() + "-" + which, area, areas), section, apply);
      begin(plan, laid, clear, residue);
      if (before >= 0) {
        then(before, laid);
      }
      int done = wipe(plan, step, numbered(levels, area, areas), section, level);
      if (step.flash().isPresent()) {
        int least = Math.max(apply, step.flash().get().min());
        tasks
            .network()
            .between(laid, done, least, Math.max(least, step.flash().get().max() - level));
      } else {
        tasks.network().after(laid, done, step.absorbS().orElse(0));
      }
      if (wiped >= 0) {
        then(wiped, done);
      }
      wiped = done;
      first = first < 0 ? laid : first;
    }
    return new Coat(first, laid, wiped);
  }

  private int lay(SurfacePlan plan, FinishStep step, String id, int section, int seconds) {
    return tasks.add(
        skilled(step, Activity.work(id, seconds, tasks.zones(List.of(plan)))),
        new Note(
            step.step(),
            List.of(plan.surface().id()),
            Optional.of(step.product().id()),
            Optional.of(step.applicator().id()),
            section,
            step.flash().map(flash -> VisitTasks.wipe(flash.min(), flash.max()))));
  }

  private int wipe(SurfacePlan plan, FinishStep step, String id, int section, int seconds) {
    return tasks.add(
        skilled(step, Activity.work(id, seconds, tasks.zones(List.of(plan)))),
        new Note(
            Step.LEVEL,
            List.of(plan.surface().id()),
            Optional.empty(),
            Optional.empty(),
            section,
            Optional.empty()));
  }

  private static boolean isPlastic(SurfacePlan plan) {
    return plan.match().place().finish().isPlastic();
  }

  private void begin(SurfacePlan plan, int place, int clear, int residue) {
    then(visit.prepared(), place);
    then(clear, place);
    visit.ready(plan).ifPresent(ready -> then(ready, place));
    if (residue >= 0) {
      then(residue, place);
    }
  }

  /** Areas small enough to be wiped inside the flash window of their first stroke. */
  private int areas(Surface surface, Span flash) {
    double both = 60 * (times.applyMinutes(surface, 1) + times.levelMinutes(surface, 1));
    return (int) Math.max(1, Math.ceil(both / Math.max(30, flash.max() - flash.min())));
  }

  private void settle(Surface surface, FinishStep step, int wiped) {
    String what = step.step().code() + "-" + surface.id();
    if (step.sitAfterS() > 0) {
      int sit = tasks.network().add(Activity.waiting("sit-" + what, step.sitAfterS(), true));
      then(wiped, sit);
    }
    if (step.cureS() > 0) {
      then(wiped, tasks.waiting(Step.WAIT, "cure-" + what, surface.id(), step.cureS(), false));
    }
  }

  private int then(int earlier, int later) {
    return tasks.then(earlier, later);
  }
}
