package attune.core.train;

import attune.core.match.Decisions;
import attune.core.plan.Arrangement;
import attune.core.plan.Plan;
import attune.core.plan.Round;
import attune.core.plan.Step;
import attune.core.train.Exercise.Fact;
import attune.core.words.Phrases;
import attune.core.words.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;

/** Which of some steps of a visit comes first. */
final class PlanSetter implements Setter {
  private static final Phrases PHRASES = Phrases.of(PlanSetter.class);

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
                      ? PHRASES.say("it-comes-before-the-others", reason(round.step()))
                      : PHRASES.say("comes-before-it", title(first), reason(first.step()))),
              List.of(round.step().name())));
    }
    return Optional.of(
        new Exercise(
            scene.lesson().id(),
            Kind.PLAN,
            scene.seed(),
            List.of(
                new Fact(
                    PHRASES.say("panels"),
                    String.join(
                        ", ",
                        scene.job().surfaces().stream().map(s -> s.part()).distinct().toList())),
                new Fact(
                    PHRASES.say("protection"),
                    Words.capital(Words.of(scene.surface().wishes().protection().code())))),
            List.of(),
            PHRASES.say("which-of-these-comes-first"),
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
      case INSPECT -> PHRASES.say("look-at-everything-under-the");
      case PRECAUTIONS -> PHRASES.say("cover-and-shield-what-must");
      case DRY_SOIL -> PHRASES.say("vacuum-and-brush-off-dry");
      case SHAVE -> PHRASES.say("shave-the-pills");
      case TEST_SPOT -> PHRASES.say("test-spot");
      case CLEAN -> PHRASES.say("clean-trim-wet");
      case CHECK -> PHRASES.say("check-under-the-lamp");
      case TEXTILE -> PHRASES.say("clean-textiles");
      case DRY -> PHRASES.say("dry");
      case METER -> PHRASES.say("confirm-it-is-dry");
      case RESIDUE -> PHRASES.say("residue-pass");
      case CONDITION -> PHRASES.say("condition-hide");
      case PROTECT -> PHRASES.say("lay-a-protector");
      case BARRIER -> PHRASES.say("lay-a-barrier");
      case COAT -> PHRASES.say("lay-the-coating");
      case DRESS -> PHRASES.say("dress-plastics");
      case LEVEL -> PHRASES.say("level-what-was-laid");
      case WAIT -> PHRASES.say("wait");
      case REFINISH -> PHRASES.say("restore-the-colour");
      case RECEIVE, HANDOVER, BREAK -> Words.capital(Words.of(round.step().code()));
    };
  }

  private static String reason(Step step) {
    return switch (step) {
      case INSPECT -> PHRASES.say("what-was-there-before-is");
      case PRECAUTIONS -> PHRASES.say("what-must-stay-dry-is");
      case DRY_SOIL, SHAVE -> PHRASES.say("dry-work-before-wet-or");
      case TEST_SPOT -> PHRASES.say("a-hidden-place-is-asked");
      case CLEAN, TEXTILE -> PHRASES.say("nothing-is-laid-over-soil");
      case CHECK -> PHRASES.say("what-was-cleaned-is-looked");
      case DRY, METER -> PHRASES.say("dry-by-the-meter-before");
      case RESIDUE -> PHRASES.say("a-film-left-over-keeps");
      case CONDITION -> PHRASES.say("hide-drinks-before-it-is");
      default -> PHRASES.say("so-the-plan-has-it");
    };
  }
}
