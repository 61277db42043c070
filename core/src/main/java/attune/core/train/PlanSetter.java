package attune.core.train;

import attune.core.match.Decisions;
import attune.core.plan.Arrangement;
import attune.core.plan.Plan;
import attune.core.plan.Round;
import attune.core.plan.Step;
import attune.core.train.Exercise.Fact;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;

/** Which of some steps of a visit comes first. */
final class PlanSetter implements Setter {
  private static final int ASKED = 4;

  private final Classroom.Tables tables;

  PlanSetter(Classroom.Tables tables) {
    this.tables = tables;
  }

  @Override
  public Optional<Exercise> set(Scene scene) {
    Plan plan = tables.planner().plan(scene.job(), Decisions.NONE, Arrangement.NONE);
    SplittableRandom random = scene.random(29);
    Map<Step, Round> firsts = new EnumMap<>(Step.class);
    plan.timetable()
        .worked()
        .forEach(round -> firsts.merge(round.step(), round, PlanSetter::earlier));
    if (firsts.size() < 3) {
      return Optional.empty();
    }
    List<Round> asked =
        Dealt.shuffled(List.copyOf(firsts.values()), random).stream().limit(ASKED).toList();
    Round first = asked.stream().min(order()).orElseThrow();
    List<Choice> choices = new ArrayList<>();
    for (Round round : asked) {
      boolean right = round == first;
      choices.add(
          new Choice(
              title(round),
              right ? Mark.RIGHT : round.step().lays() ? Mark.HARSH : Mark.WEAK,
              List.of(
                  right
                      ? "It comes before the others: " + reason(round.step())
                      : title(first) + " comes before it: " + reason(first.step())),
              List.of(round.step().name())));
    }
    return Optional.of(
        new Exercise(
            scene.lesson().id(),
            Kind.PLAN,
            scene.seed(),
            List.of(
                new Fact(
                    "Panels",
                    String.join(
                        ", ",
                        scene.job().surfaces().stream().map(s -> s.part()).distinct().toList())),
                new Fact(
                    "Protection",
                    Words.capital(Words.of(scene.surface().wishes().protection().code())))),
            List.of(),
            "Which of these comes first?",
            choices));
  }

  private static Comparator<Round> order() {
    return Comparator.comparing(Round::start).thenComparing(Round::step);
  }

  private static Round earlier(Round a, Round b) {
    return order().compare(a, b) <= 0 ? a : b;
  }

  private static String title(Round round) {
    return switch (round.step()) {
      case INSPECT -> "Look at everything under the lamp";
      case PRECAUTIONS -> "Cover and shield what must stay dry";
      case DRY_SOIL -> "Vacuum and brush off dry soil";
      case SHAVE -> "Shave the pills";
      case TEST_SPOT -> "Test spot";
      case CLEAN -> "Clean trim wet";
      case CHECK -> "Check under the lamp";
      case TEXTILE -> "Clean textiles";
      case DRY -> "Dry";
      case METER -> "Confirm it is dry";
      case RESIDUE -> "Residue pass";
      case CONDITION -> "Condition hide";
      case PROTECT -> "Lay a protector";
      case BARRIER -> "Lay a barrier";
      case COAT -> "Lay the coating";
      case DRESS -> "Dress plastics";
      case LEVEL -> "Level what was laid";
      case WAIT -> "Wait";
      case REFINISH -> "Restore the colour";
      case RECEIVE, HANDOVER, BREAK -> Words.capital(Words.of(round.step().code()));
    };
  }

  private static String reason(Step step) {
    return switch (step) {
      case INSPECT -> "what was there before is told before anything is touched.";
      case PRECAUTIONS -> "what must stay dry is shielded before a bottle is opened.";
      case DRY_SOIL, SHAVE -> "dry work before wet, or dust turns to mud.";
      case TEST_SPOT -> "a hidden place is asked before the panel is.";
      case CLEAN, TEXTILE -> "nothing is laid over soil.";
      case CHECK -> "what was cleaned is looked at within the quarter of an hour.";
      case DRY, METER -> "dry by the meter before anything goes on.";
      case RESIDUE -> "a film left over keeps the next product from bonding.";
      case CONDITION -> "hide drinks before it is closed.";
      default -> "so the plan has it.";
    };
  }
}
