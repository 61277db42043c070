package attune.core.train;

import attune.core.match.Place;
import attune.core.survey.Job;
import attune.core.survey.Surface;
import attune.core.train.Exercise.Fact;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import attune.core.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/**
 * A random case of a lesson.
 *
 * @param seed of the exercise
 * @param draw which try at a case it is; another is drawn where the first gives nothing to ask
 * @param job one panel or several
 * @param place of the first panel
 */
public record Scene(long seed, long draw, Lesson lesson, Job job, Place place) {
  private static final Phrases PHRASES = Phrases.of(Scene.class);

  /** Chance of its own for one purpose. */
  SplittableRandom random(int purpose) {
    return new SplittableRandom(seed ^ draw ^ ((long) purpose << 32));
  }

  Surface surface() {
    return job.surfaces().get(0);
  }

  /** What anybody would see of the first panel and its room. */
  List<Fact> facts() {
    Surface s = surface();
    List<Fact> facts = new ArrayList<>();
    facts.add(new Fact(PHRASES.say("panel"), s.part()));
    facts.add(
        new Fact(
            PHRASES.say("finish"),
            s.perforated()
                ? PHRASES.say("perforated", place.finish().name())
                : place.finish().name()));
    facts.add(new Fact(PHRASES.say("soil"), soil(s)));
    facts.add(
        new Fact(
            PHRASES.say("state"),
            Lists.facts(
                Words.of(s.condition().wear().code()),
                PHRASES.say("year-old", Math.max(1, s.ageMonths() / 12)))));
    facts.add(new Fact(PHRASES.say("standard"), Words.of(s.wishes().standard().code())));
    return facts;
  }

  /** Air and sun of the room. */
  Fact air() {
    return new Fact(
        PHRASES.say("air"),
        PHRASES.say(
            "c-humid-surface-c",
            Phrases.number("%.0f", place.air().temperature().value()),
            Phrases.number("%.0f", place.air().relativeHumidity() * 100),
            Phrases.number("%.0f", place.found().value())));
  }

  private static String soil(Surface s) {
    String level = Words.of(s.condition().soil().code());
    String families =
        s.condition().soils().stream()
            .map(f -> Words.of(f.code()))
            .sorted()
            .collect(Lists.joining());
    return families.isEmpty() ? level : Lists.headed(level, families);
  }
}
