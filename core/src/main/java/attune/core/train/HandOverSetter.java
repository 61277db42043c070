package attune.core.train;

import attune.core.match.Decisions;
import attune.core.plan.Arrangement;
import attune.core.plan.Plan;
import attune.core.plan.SurfacePlan;
import attune.core.plan.Timetable;
import attune.core.train.Exercise.Fact;
import attune.core.words.Lists;
import attune.core.words.Moments;
import attune.core.words.Phrases;
import attune.core.words.Words;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;

/** What hour to promise, and for what. */
final class HandOverSetter implements Setter {
  private static final Phrases PHRASES = Phrases.of(HandOverSetter.class);

  private static final Duration APART = Duration.ofMinutes(20);

  private final Classroom.Tables tables;

  HandOverSetter(Classroom.Tables tables) {
    this.tables = tables;
  }

  /** An hour one might promise. */
  private record Hour(LocalDateTime at, String what) {}

  @Override
  public Optional<Exercise> set(Scene scene) {
    Plan plan = tables.planner().plan(scene.job(), Decisions.NONE, Arrangement.NONE);
    Timetable t = plan.timetable();
    SplittableRandom random = scene.random(31);
    boolean cure = t.curedAt().isAfter(t.readyAt().plus(APART)) && random.nextBoolean();
    List<Hour> hours = new ArrayList<>();
    add(hours, new Hour(t.handsOffAt(), PHRASES.say("the-hands-are-off")));
    add(hours, new Hour(t.readyAt(), PHRASES.say("it-may-be-sat-in")));
    add(hours, new Hour(t.curedAt(), PHRASES.say("everything-is-cured")));
    add(hours, new Hour(t.curedAt().plusDays(cure ? 7 : 1), PHRASES.say("long-after")));
    LocalDateTime right = cure ? t.curedAt() : t.readyAt();
    List<Choice> choices = new ArrayList<>();
    for (Hour hour : hours) {
      choices.add(choice(hour, right, cure, laid(plan)));
    }
    if (choices.size() < 2 || choices.stream().noneMatch(c -> c.mark() == Mark.RIGHT)) {
      return Optional.empty();
    }
    List<Fact> facts = new ArrayList<>(scene.facts());
    facts.add(scene.air());
    facts.add(new Fact(PHRASES.say("hands-off"), Moments.wholeDayAndClock(t.handsOffAt())));
    plan.surfaces().stream()
        .map(SurfacePlan::finishSteps)
        .flatMap(List::stream)
        .forEach(
            s ->
                facts.add(
                    new Fact(
                        PHRASES.say("laid-on"),
                        Lists.noted(s.product().name(), Words.of(s.step().code())))));
    return Optional.of(
        new Exercise(
            scene.lesson().id(),
            Kind.HAND_OVER,
            scene.seed(),
            facts,
            List.of(),
            cure ? PHRASES.say("from-when-may-it-get") : PHRASES.say("from-when-do-you-promise"),
            Dealt.shuffled(choices, random)));
  }

  private static String laid(Plan plan) {
    return plan.surfaces().stream()
        .map(
            s ->
                s.surface().role()
                    + " "
                    + s.finishSteps().stream().map(f -> f.product().id()).toList()
                    + s.match().place().finish().code())
        .toList()
        .toString();
  }

  private static void add(List<Hour> hours, Hour hour) {
    if (hours.stream()
        .noneMatch(h -> Duration.between(h.at(), hour.at()).abs().compareTo(APART) < 0)) {
      hours.add(hour);
    }
  }

  private static Choice choice(Hour hour, LocalDateTime right, boolean cure, String laid) {
    Duration off = Duration.between(right, hour.at());
    Mark mark =
        off.abs().compareTo(APART) < 0 ? Mark.RIGHT : off.isNegative() ? Mark.DANGEROUS : Mark.WEAK;
    String why =
        mark == Mark.DANGEROUS
            ? PHRASES.say("too-early-then-only-it", hour.what(), Moments.wholeDayAndClock(right))
            : mark == Mark.WEAK
                ? PHRASES.say("later-than-it-need-be", Moments.wholeDayAndClock(right))
                : PHRASES.say("then", hour.what());
    return new Choice(
        Moments.wholeDayAndClock(hour.at()),
        mark,
        List.of(why),
        List.of(cure + " " + hour.what() + " " + laid));
  }
}
