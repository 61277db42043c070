package attune.core.train;

import attune.core.check.Known;
import attune.core.identify.Interview;
import attune.core.identify.QuestionTable;
import attune.core.match.Decisions;
import attune.core.match.Rulebook;
import attune.core.match.SurfaceMatch;
import attune.core.plan.Planner;
import attune.core.plan.TechniqueTable;
import attune.core.shelf.Shelf;
import attune.core.survey.HouseRules;
import attune.core.survey.Job;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * Sets the exercises of the lessons. The same lesson and seed give the same exercise on the same
 * shelf under the same house rules.
 */
public final class Classroom {
  private static final int TRIES = 60;
  private static final long NEXT = 0x9E3779B97F4A7C15L;

  /** What exercises are made from. */
  public record Tables(
      Planner planner,
      Rulebook book,
      HouseRules rules,
      Shelf shelf,
      Interview interview,
      QuestionTable questions,
      TechniqueTable technique,
      List<Model> models,
      List<Lesson> lessons) {
    public Tables {
      models = List.copyOf(models);
      lessons = List.copyOf(lessons);
    }
  }

  private final Tables tables;
  private final Scenes scenes;
  private final Map<Kind, Setter> setters = new EnumMap<>(Kind.class);

  public Classroom(Tables tables) {
    this.tables = tables;
    this.scenes = new Scenes(tables);
    setters.put(Kind.TELL, new TellSetter(tables));
    setters.put(Kind.READ, new ReadSetter(tables));
    setters.put(Kind.CHOOSE, new ChooseSetter(tables));
    setters.put(Kind.MIX, new MixSetter(tables));
    setters.put(Kind.PACE, new PaceSetter(tables));
    setters.put(Kind.TECHNIQUE, new TechniqueSetter(tables));
    setters.put(Kind.STOP, new StopSetter(tables));
    setters.put(Kind.PLAN, new PlanSetter(tables));
    setters.put(Kind.HAND_OVER, new HandOverSetter(tables));
  }

  public List<Lesson> lessons() {
    return tables.lessons();
  }

  public Optional<Lesson> lesson(String id) {
    return tables.lessons().stream().filter(l -> l.id().equals(id)).findFirst();
  }

  /**
   * An exercise of a lesson that is answered by choosing.
   *
   * @throws IllegalArgumentException for a lesson worked by hand
   * @throws IllegalStateException where the shelf gives nothing to ask
   */
  public Exercise exercise(Lesson lesson, long seed) {
    Setter setter = setters.get(lesson.kind());
    if (setter == null) {
      throw new IllegalArgumentException(lesson.id() + " is worked by hand");
    }
    return first(lesson, seed, setter::set);
  }

  /** Of the cases of a lesson and seed the first that gives something to do. */
  private <T> T first(Lesson lesson, long seed, Function<Scene, Optional<T>> set) {
    for (int i = 0; i < TRIES; i++) {
      Scene scene =
          lesson.kind() == Kind.COAT
              ? scenes.coat(lesson, seed, i * NEXT)
              : scenes.of(lesson, seed, i * NEXT);
      Optional<T> found = set.apply(scene);
      if (found.isPresent()) {
        return found.get();
      }
    }
    throw new IllegalStateException("nothing to do for " + lesson.id());
  }

  /**
   * What other schools would do with the case of an exercise, where that is not the same: right is
   * what the house rules say, and good practitioners disagree.
   *
   * @throws IllegalStateException where the shelf gives nothing to do
   */
  public List<OtherSchool> otherSchools(Lesson lesson, long seed) {
    Job job =
        first(
            lesson,
            seed,
            scene -> (isSet(scene) ? Optional.of(scene.job()) : Optional.<Job>empty()));
    return OtherSchool.of(tables.planner(), job);
  }

  private boolean isSet(Scene scene) {
    return switch (scene.lesson().kind()) {
      case WORK -> handWork(scene).isPresent();
      case COAT -> CoatWork.of(scene, tables).isPresent();
      default -> Known.of(setters, scene.lesson().kind()).set(scene).isPresent();
    };
  }

  private Optional<HandWork> handWork(Scene scene) {
    return HandWork.of(
        scene, tables.planner().match(scene.job(), Decisions.NONE).surfaces().get(0), tables);
  }

  /**
   * A panel to be worked by hand.
   *
   * @throws IllegalStateException where the shelf has nothing that cleans it
   */
  public HandWork handWork(Lesson lesson, long seed) {
    return first(lesson, seed, this::handWork);
  }

  /**
   * Areas to be coated by hand.
   *
   * @throws IllegalStateException where the shelf has no coating for them
   */
  public CoatWork coatWork(Lesson lesson, long seed) {
    return first(lesson, seed, scene -> CoatWork.of(scene, tables));
  }

  /**
   * A panel of a real job as a model: that finish, soil, air and bottle. Empty where there is
   * nothing wet to clean it with.
   */
  public Optional<HandWork> model(Job job, SurfaceMatch match, long seed) {
    Job alone = job.of(List.of(match.place().surface()));
    return HandWork.of(new Scene(seed, 0, Lesson.MODEL, alone, match.place()), match, tables);
  }
}
