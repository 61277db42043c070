package attune.core.train;

import attune.core.match.Decisions;
import attune.core.plan.Arrangement;
import attune.core.plan.Plan;
import attune.core.plan.Round;
import attune.core.plan.Step;
import attune.core.plan.SurfacePlan;
import attune.core.plan.TechniqueTable.About;
import attune.core.plan.TechniqueTable.Line;
import attune.core.train.Exercise.Fact;
import attune.core.words.Phrases;
import attune.core.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;

/** What the hands do on this panel, against what they do elsewhere. */
final class TechniqueSetter implements Setter {
  private static final Phrases PHRASES = Phrases.of(TechniqueSetter.class);

  private static final int OTHERS = 3;

  private final Classroom.Tables tables;

  TechniqueSetter(Classroom.Tables tables) {
    this.tables = tables;
  }

  @Override
  public Optional<Exercise> set(Scene scene) {
    Plan plan = tables.planner().plan(scene.job(), Decisions.NONE, Arrangement.NONE);
    SplittableRandom random = scene.random(19);
    List<Round> rounds =
        plan.timetable().worked().stream()
            .filter(r -> r.step() == Step.CLEAN || r.step() == Step.TEXTILE || r.step().lays())
            .toList();
    if (rounds.isEmpty()) {
      return Optional.empty();
    }
    Round round = rounds.get(random.nextInt(rounds.size()));
    List<SurfacePlan> plans =
        plan.surfaces().stream()
            .filter(s -> round.surfaceIds().contains(s.surface().id()))
            .toList();
    List<Line> lines = tables.technique().of(round, plans);
    List<Line> hands = lines.stream().filter(l -> l.about() != About.LOOK).toList();
    if (hands.isEmpty()) {
      return Optional.empty();
    }
    Line asked = hands.get(random.nextInt(hands.size()));
    List<String> others = others(asked, lines, random);
    if (others.size() < 2) {
      return Optional.empty();
    }
    String kind = Words.of(round.step().code()) + " " + scene.place().finish().code();
    List<Choice> choices = new ArrayList<>();
    choices.add(
        new Choice(
            asked.text(),
            Mark.RIGHT,
            List.of(PHRASES.say("so-it-is-done-here", scene.lesson().rule())),
            cues(kind, scene, asked.text())));
    others.forEach(
        text ->
            choices.add(
                new Choice(
                    text,
                    Mark.HARSH,
                    List.of(PHRASES.say("that-is-for-another-kind", asked.text())),
                    cues(kind, scene, text))));
    List<Fact> facts = new ArrayList<>(scene.facts());
    facts.add(new Fact(PHRASES.say("step"), Words.capital(Words.of(round.step().code()))));
    plans.stream()
        .flatMap(p -> p.firstRung().stream())
        .findFirst()
        .filter(r -> !round.step().lays())
        .ifPresent(r -> facts.add(new Fact(PHRASES.say("with"), ChooseSetter.text(r.treatment()))));
    return Optional.of(
        new Exercise(
            scene.lesson().id(),
            Kind.TECHNIQUE,
            scene.seed(),
            facts,
            List.of(),
            ask(asked.about()),
            Dealt.shuffled(choices, random)));
  }

  private static List<String> cues(String kind, Scene scene, String text) {
    return List.of(
        kind + scene.surface().perforated() + scene.surface().condition().wear() + " " + text,
        kind + " " + scene.surface().part() + " " + text,
        kind + " " + text);
  }

  /** Lines about the same matter of other kinds of work. */
  private List<String> others(Line asked, List<Line> lines, SplittableRandom random) {
    List<String> own = lines.stream().map(Line::text).toList();
    List<String> others =
        tables.technique().kinds().stream()
            .flatMap(kind -> tables.technique().of(kind).stream())
            .filter(line -> line.about() == asked.about())
            .map(Line::text)
            .filter(text -> !own.contains(text))
            .distinct()
            .toList();
    return Dealt.shuffled(others, random).stream().limit(OTHERS).toList();
  }

  private static String ask(About about) {
    return switch (about) {
      case SHIELD -> PHRASES.say("what-do-you-protect-first");
      case WHERE -> PHRASES.say("where-does-it-go-on");
      case LOAD -> PHRASES.say("how-is-the-tool-loaded");
      case MOTION -> PHRASES.say("how-does-the-hand-move");
      case PATTERN -> PHRASES.say("in-what-order-do-you");
      case WIPE -> PHRASES.say("how-is-it-taken-off");
      case LOOK -> PHRASES.say("what-do-you-look-for");
    };
  }
}
