package attune.core.train;

import attune.core.match.Decisions;
import attune.core.match.Rung;
import attune.core.match.SurfaceMatch;
import attune.core.measure.Sections;
import attune.core.train.Exercise.Fact;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How much of a panel at once in this air, or not now. */
final class PaceSetter implements Setter {
  private static final Phrases PHRASES = Phrases.of(PaceSetter.class);

  private static final String NOT_NOW = PHRASES.say("not-now-shade-it-and");
  private static final int FINER = 3;
  private static final double WARM = 28;

  private final Classroom.Tables tables;

  PaceSetter(Classroom.Tables tables) {
    this.tables = tables;
  }

  @Override
  public Optional<Exercise> set(Scene scene) {
    SurfaceMatch match = tables.planner().match(scene.job(), Decisions.NONE).surfaces().get(0);
    if (match.ladder().isEmpty() || match.ladder().get(0).treatment().isDry()) {
      return Optional.empty();
    }
    Rung rung = match.ladder().get(0);
    Sections now =
        tables.planner().matcher().judge(match.place().asFound(), rung.treatment()).sections();
    boolean tooHot =
        match.place().found().value() > tables.book().figures().get("window.surface-max");
    boolean waits = tooHot || !now.fits();
    if (waits && !tooHot && scene.place().found().value() < WARM) {
      return Optional.empty(); // a film too thin for any air teaches nothing about the air
    }
    List<Fact> facts = new ArrayList<>(scene.facts());
    facts.add(scene.air());
    facts.add(new Fact(PHRASES.say("with"), ChooseSetter.text(rung.treatment())));
    return Optional.of(
        new Exercise(
            scene.lesson().id(),
            Kind.PACE,
            scene.seed(),
            facts,
            List.of(),
            PHRASES.say("how-much-do-you-lay"),
            Dealt.shuffled(choices(scene, now, waits), scene.random(17))));
  }

  private static List<Choice> choices(Scene scene, Sections now, boolean waits) {
    int right = now.count();
    String window = PHRASES.say("the-film-can-be-worked", Minutes.of(now.windowS()));
    double area = scene.surface().area().value();
    String air = String.valueOf(bucket(now.windowS()));
    String hot = " at " + Math.round(scene.place().found().value());
    List<Choice> choices = new ArrayList<>();
    choices.add(
        new Choice(
            NOT_NOW,
            waits ? Mark.RIGHT : Mark.WEAK,
            List.of(window),
            List.of("not now " + air, "not now" + hot, "not now " + air + hot)));
    choices.add(piece(right, waits ? Mark.DANGEROUS : Mark.RIGHT, window, area, air, hot));
    if (right > 1) {
      choices.add(
          piece(
              1,
              waits ? Mark.DANGEROUS : Mark.HARSH,
              PHRASES.say("it-dries-before-it-is", window),
              area,
              air,
              hot));
    } else {
      choices.add(
          piece(
              2,
              waits ? Mark.DANGEROUS : Mark.WEAK,
              PHRASES.say("one-lay-is-wiped-in", window),
              area,
              air,
              hot));
    }
    choices.add(
        piece(
            right * FINER + 1,
            waits ? Mark.DANGEROUS : Mark.WEAK,
            PHRASES.say("smaller-than-it-need-be", window),
            area,
            air,
            hot));
    return choices;
  }

  private static long bucket(double value) {
    return Math.round(Math.log(Math.max(1, value)) * 3);
  }

  private static Choice piece(
      int count, Mark mark, String why, double area, String air, String hot) {
    String text =
        count == 1 ? PHRASES.say("the-whole-panel-in-one") : PHRASES.say("in-sections", count);
    return new Choice(
        text,
        mark,
        List.of(why),
        List.of(
            Math.round(Math.log(area / count) * 4) + " m² in " + air,
            "laid" + hot,
            Math.round(Math.log(area / count) * 3) + " " + air + hot));
  }
}
