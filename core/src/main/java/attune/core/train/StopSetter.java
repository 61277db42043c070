package attune.core.train;

import attune.core.match.Decisions;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.SurfaceMatch;
import attune.core.survey.Condition;
import attune.core.survey.Setting.FaultSeen;
import attune.core.train.Exercise.Fact;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Go on, or leave it to somebody else. */
final class StopSetter implements Setter {
  private final Classroom.Tables tables;

  StopSetter(Classroom.Tables tables) {
    this.tables = tables;
  }

  /** What may be done. */
  private enum Way {
    GO_ON("Go on as planned"),
    REPAIRER("Leave the fault alone: a repairer sees it"),
    WORKSHOP("Nothing wet: a licensed workshop sees it first"),
    FIRMER("Work it more firmly until it is gone");

    private final String text;

    Way(String text) {
      this.text = text;
    }
  }

  @Override
  public Optional<Exercise> set(Scene scene) {
    SurfaceMatch match = tables.planner().match(scene.job(), Decisions.NONE).surfaces().get(0);
    Optional<Reason> refer = match.refer();
    if (refer.isEmpty() && match.ladder().isEmpty()) {
      return Optional.empty();
    }
    Way right =
        refer
            .map(r -> r.code() == ReasonCode.REFER_LICENSED ? Way.WORKSHOP : Way.REPAIRER)
            .orElse(Way.GO_ON);
    String why = refer.map(Reason::text).orElse("Nothing speaks against it: clean it as planned.");
    List<Choice> choices = new ArrayList<>();
    List<String> signs = signs(scene);
    for (Way way : Way.values()) {
      choices.add(
          new Choice(
              way.text,
              mark(way, right),
              List.of(why),
              signs.stream().map(sign -> way + " " + sign).toList()));
    }
    List<Fact> facts = new ArrayList<>(scene.facts());
    scene.surface().condition().damage().stream()
        .sorted()
        .forEach(d -> facts.add(new Fact("Damage", Words.capital(Words.of(d.code())))));
    scene.job().setting().reception().faults().stream()
        .sorted()
        .forEach(f -> facts.add(new Fact("At reception", lamp(f))));
    return Optional.of(
        new Exercise(
            scene.lesson().id(),
            Kind.STOP,
            scene.seed(),
            facts,
            List.of(),
            "What do you do?",
            Dealt.shuffled(choices, scene.random(23))));
  }

  private static Mark mark(Way way, Way right) {
    if (way == right) {
      return Mark.RIGHT;
    }
    boolean careful = way == Way.REPAIRER || way == Way.WORKSHOP;
    if (right == Way.GO_ON) {
      return careful ? Mark.WEAK : Mark.HARSH;
    }
    return careful && right != Way.WORKSHOP ? Mark.WEAK : Mark.DANGEROUS;
  }

  private static String lamp(FaultSeen fault) {
    return switch (fault) {
      case AIRBAG_LAMP -> "The airbag lamp is on";
      case BELT_LAMP -> "The belt lamp is on";
      case SEAT_HEATER -> "A seat heater is faulty";
      case OCCUPANCY_MAT -> "The occupancy mat is faulty";
      case CRACKED_SCREEN -> "A screen is cracked";
    };
  }

  /** What speaks for one way or another, each by itself. */
  private static List<String> signs(Scene scene) {
    List<String> signs = new ArrayList<>();
    signs.add("");
    Condition condition = scene.surface().condition();
    boolean belt = scene.place().finish().code().equals("textile/webbing");
    condition.damage().forEach(d -> signs.add(d.name()));
    signs.add(condition.wear() + (belt ? " belt" : ""));
    if (condition.hasMould()) {
      signs.add("mould");
    }
    scene.job().setting().reception().faults().stream()
        .map(fault -> fault + " " + scene.surface().role() + scene.surface().features() + belt)
        .forEach(signs::add);
    return signs;
  }
}
