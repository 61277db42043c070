package attune.core.train;

import attune.core.plan.FinishStep;
import attune.core.plan.Leapfrog;
import attune.core.plan.Plan;
import attune.core.plan.Step;
import attune.core.plan.SurfacePlan;
import attune.core.plan.Task;
import attune.core.shelf.Span;
import attune.core.train.Deed.Act;
import attune.core.train.Exercise.Fact;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A coating laid and levelled area by area against the clock: what sits is levelled inside its
 * flash window, and meanwhile the next is laid.
 *
 * @param areas in the order of the walk
 */
public record CoatWork(Scene scene, List<Fact> facts, List<Area> areas) {
  private static final Phrases PHRASES = Phrases.of(CoatWork.class);

  /** How many areas anyone keeps an eye on at once. */
  private static final int AT_ONCE = 12;

  private static final int SHOWN_MOST = 3;

  /**
   * An area laid in one go.
   *
   * @param applyS seconds it takes to lay
   * @param levelS seconds it takes to level
   * @param fromS seconds after its first stroke from when it may be levelled
   * @param byS seconds after its first stroke by when that has to be done
   */
  public record Area(String name, int applyS, int levelS, int fromS, int byS) {}

  public CoatWork {
    facts = List.copyOf(facts);
    areas = List.copyOf(areas);
  }

  /** Empty where the shelf has no coating for it. */
  static Optional<CoatWork> of(Scene scene, Classroom.Tables tables) {
    Plan plan = tables.planner().plan(scene.job());
    List<Area> areas = new ArrayList<>();
    Optional<FinishStep> coat = Optional.empty();
    for (SurfacePlan panel : plan.surfaces()) {
      Optional<FinishStep> own =
          panel.finishSteps().stream()
              .filter(step -> step.step() == Step.COAT && step.flash().isPresent())
              .findFirst();
      if (own.isEmpty()) {
        return Optional.empty();
      }
      coat = own;
      areas.addAll(areas(panel, own.get(), plan.timetable().tasks()));
    }
    return coat.map(step -> new CoatWork(scene, facts(scene, step), areas));
  }

  private static List<Area> areas(SurfacePlan panel, FinishStep coat, List<Task> tasks) {
    List<Task> laid = of(panel, Step.COAT, tasks);
    List<Task> levelled = of(panel, Step.LEVEL, tasks);
    Span flash = coat.flash().orElseThrow();
    List<Area> areas = new ArrayList<>();
    int count = laid.size() / coat.coats();
    for (int i = 0; i < count; i++) {
      int apply = laid.get(i).handsS();
      int level = levelled.get(i).handsS();
      String part = panel.surface().part();
      String name = count > 1 ? PHRASES.say("of", part, i + 1, count) : part;
      areas.add(
          new Area(
              name,
              apply,
              level,
              Math.max(apply, flash.min()),
              Math.max(flash.max(), apply + level)));
    }
    return areas;
  }

  private static List<Task> of(SurfacePlan panel, Step step, List<Task> tasks) {
    return tasks.stream()
        .filter(t -> t.step() == step && t.surfaceIds().equals(List.of(panel.surface().id())))
        .sorted(Comparator.comparing(Task::start).thenComparing(Task::section))
        .toList();
  }

  /** A beginner is told the window of this room; later it is read from label and surface. */
  private static List<Fact> facts(Scene scene, FinishStep coat) {
    List<Fact> facts = new ArrayList<>();
    facts.add(
        new Fact(
            PHRASES.say("panels"),
            PHRASES.say("two-seats", scene.place().finish().name().toLowerCase())));
    facts.add(new Fact(PHRASES.say("coating"), coat.product().name()));
    coat.product()
        .waits()
        .flash()
        .ifPresent(flash -> facts.add(new Fact(PHRASES.say("label-at-20-c"), window(flash))));
    facts.add(scene.air());
    if (scene.lesson().level() <= SHOWN_MOST) {
      facts.add(new Fact(PHRASES.say("on-this-surface"), window(coat.flash().orElseThrow())));
    }
    return facts;
  }

  private static String window(Span flash) {
    return PHRASES.say("level-after-s-and-before", flash.min(), flash.max());
  }

  /** A master's run: what sits is levelled in its window, the next laid meanwhile. */
  public List<Deed> referenceRun() {
    List<Leapfrog.Turn> turns = new ArrayList<>();
    for (Area area : areas) {
      int sits = area.fromS() - area.applyS();
      turns.add(new Leapfrog.Turn(turns.size(), area.applyS(), sits, area.byS(), area.levelS()));
    }
    record Move(int at, int seconds, Deed deed) {}
    List<Move> moves = new ArrayList<>();
    List<Leapfrog.Taken> taken = Leapfrog.of(turns, AT_ONCE).turns();
    for (int i = 0; i < taken.size(); i++) {
      Area area = areas.get(i);
      moves.add(new Move(taken.get(i).laid(), area.applyS(), Deed.on(Act.APPLY, 0, List.of(i))));
      moves.add(new Move(taken.get(i).begun(), area.levelS(), Deed.on(Act.LEVEL, 0, List.of(i))));
    }
    moves.sort(Comparator.comparingInt(Move::at));
    List<Deed> run = new ArrayList<>();
    int now = 0;
    for (Move move : moves) {
      if (move.at() > now) {
        run.add(Deed.waiting(move.at() - now));
      }
      run.add(move.deed());
      now = move.at() + move.seconds();
    }
    return run;
  }
}
