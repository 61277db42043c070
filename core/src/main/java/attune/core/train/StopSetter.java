package attune.core.train;

import attune.core.match.Decisions;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.SurfaceMatch;
import attune.core.survey.Condition;
import attune.core.survey.Setting.FaultSeen;
import attune.core.train.Exercise.Fact;
import attune.core.words.Phrases;
import attune.core.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Go on, or leave it to somebody else. */
final class StopSetter implements Setter {
  private static final Phrases PHRASES = Phrases.of(StopSetter.class);

  private final Classroom.Tables tables;

  StopSetter(Classroom.Tables tables) {
    this.tables = tables;
  }

  /** What may be done. */
  private enum Way {
    GO_ON(Phrases.of(StopSetter.class).say("go-on-as-planned")),
    REPAIRER(Phrases.of(StopSetter.class).say("leave-the-fault-alone-a")),
    WORKSHOP(Phrases.of(StopSetter.class).say("nothing-wet-a-licensed-workshop")),
    FIRMER(Phrases.of(StopSetter.class).say("work-it-more-firmly-until"));

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
    String why = refer.map(Reason::text).orElse(PHRASES.say("nothing-speaks-against-it-clean"));
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
        .forEach(
            d -> facts.add(new Fact(PHRASES.say("damage"), Words.capital(Words.of(d.code())))));
    scene.job().setting().reception().faults().stream()
        .sorted()
        .forEach(f -> facts.add(new Fact(PHRASES.say("at-reception"), lamp(f))));
    return Optional.of(
        new Exercise(
            scene.lesson().id(),
            Kind.STOP,
            scene.seed(),
            facts,
            List.of(),
            PHRASES.say("what-do-you-do"),
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
      case AIRBAG_LAMP -> PHRASES.say("the-airbag-lamp-is-on");
      case BELT_LAMP -> PHRASES.say("the-belt-lamp-is-on");
      case SEAT_HEATER -> PHRASES.say("a-seat-heater-is-faulty");
      case OCCUPANCY_MAT -> PHRASES.say("the-occupancy-mat-is-faulty");
      case CRACKED_SCREEN -> PHRASES.say("a-screen-is-cracked");
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
