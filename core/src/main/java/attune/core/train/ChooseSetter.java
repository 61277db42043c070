package attune.core.train;

import attune.core.check.Known;
import attune.core.match.Decisions;
import attune.core.match.Matcher;
import attune.core.match.Place;
import attune.core.match.Reason;
import attune.core.match.Rung;
import attune.core.match.SurfaceMatch;
import attune.core.match.Treatment;
import attune.core.match.Verdict;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Tool;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import attune.core.words.Words;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;

/** Which of some bottles and tools: the matcher's own answer against what it would not do. */
final class ChooseSetter implements Setter {
  private static final Phrases PHRASES = Phrases.of(ChooseSetter.class);

  private static final int SAMPLES = 40;
  private static final int EACH = 2;
  private static final int MOST = 5;
  private static final double SMALL_LOSS = 0.1;
  private static final int LEAST_DWELL_S = 30;

  private final Classroom.Tables tables;

  ChooseSetter(Classroom.Tables tables) {
    this.tables = tables;
  }

  /** A treatment and what the matcher says of it. */
  record Judged(Verdict verdict, Mark mark) {
    Treatment treatment() {
      return verdict.treatment();
    }
  }

  @Override
  public Optional<Exercise> set(Scene scene) {
    SurfaceMatch match = tables.planner().match(scene.job(), Decisions.NONE).surfaces().get(0);
    List<Judged> dealt = deal(match, scene.random(7), tables);
    if (dealt.size() < 3) {
      return Optional.empty();
    }
    return Optional.of(
        new Exercise(
            scene.lesson().id(),
            Kind.CHOOSE,
            scene.seed(),
            scene.facts(),
            List.of(),
            PHRASES.say("what-do-you-clean-it"),
            dealt.stream().map(j -> choice(scene, j)).toList()));
  }

  /** The reference and others, shuffled; nothing where there is nothing to clean it with. */
  static List<Judged> deal(SurfaceMatch match, SplittableRandom random, Classroom.Tables tables) {
    if (match.ladder().isEmpty() || match.ladder().get(0).treatment().isDry()) {
      return List.of();
    }
    Rung first = match.ladder().get(0);
    Map<Mark, List<Judged>> byMark = new EnumMap<>(Mark.class);
    for (Mark mark : Mark.values()) {
      byMark.put(mark, new ArrayList<>());
    }
    Known.of(byMark, Mark.RIGHT).add(new Judged(first.verdict(), Mark.RIGHT));
    Place place = match.place();
    for (int i = 0; i < SAMPLES; i++) {
      Treatment other = other(first.treatment(), tables, random);
      Verdict verdict = tables.planner().matcher().judge(place, other);
      Mark mark = mark(verdict, first.verdict());
      List<Judged> same = Known.of(byMark, mark);
      boolean told =
          byMark.values().stream()
              .flatMap(List::stream)
              .anyMatch(j -> text(j.treatment()).equals(text(other)));
      if (!told && same.size() < EACH) {
        same.add(new Judged(verdict, mark));
      }
    }
    List<Judged> all = new ArrayList<>();
    for (int round = 0; round < EACH; round++) {
      for (List<Judged> same : byMark.values()) {
        if (same.size() > round && all.size() < MOST) {
          all.add(same.get(round));
        }
      }
    }
    return Dealt.shuffled(all, random);
  }

  private static Treatment other(
      Treatment first, Classroom.Tables tables, SplittableRandom random) {
    List<Product> cleaners =
        tables.shelf().products().stream()
            .filter(p -> p.roles().stream().anyMatch(ProductRole::cleans))
            .toList();
    List<Tool> tools =
        tables.shelf().tools().stream()
            .filter(
                t ->
                    t.kind() == Tool.Kind.BRUSH
                        || t.kind() == Tool.Kind.CLOTH
                        || t.kind() == first.tool().kind())
            .toList();
    Product cleaner =
        random.nextInt(4) == 0
            ? first.cleaner().orElseThrow()
            : cleaners.get(random.nextInt(cleaners.size()));
    List<Ratio> ratios = Matcher.ratios(cleaner);
    Ratio ratio =
        random.nextBoolean()
            ? cleaner.label().standard()
            : ratios.get(random.nextInt(ratios.size()));
    Tool tool = random.nextInt(3) == 0 ? first.tool() : tools.get(random.nextInt(tools.size()));
    int dwell =
        cleaner
            .dwell()
            .map(d -> (int) Math.ceil(d.min()))
            .orElse(Math.max(LEAST_DWELL_S, first.dwellS()));
    return new Treatment(
        Optional.of(cleaner),
        ratio,
        tool,
        random.nextInt(4) == 0 ? Treatment.ApplyTo.SURFACE : first.applyTo(),
        first.laid(),
        Treatment.Warmth.NONE,
        dwell);
  }

  /** Right is what is in tune within a small loss of the best. */
  private static Mark mark(Verdict verdict, Verdict first) {
    return switch (verdict.outcome()) {
      case OVER, BARRED -> Mark.DANGEROUS;
      case UNKNOWN -> Mark.HARSH;
      case UNDER -> Mark.WEAK;
      case CARE, IN_TUNE ->
          verdict.harm() <= first.harm() * (1 + SMALL_LOSS)
                  && verdict.passes() <= first.passes() + 1
              ? Mark.RIGHT
              : Mark.HARSH;
    };
  }

  private static Choice choice(Scene scene, Judged judged) {
    Treatment t = judged.treatment();
    return new Choice(text(t), judged.mark(), why(judged), cues(scene, judged.verdict()));
  }

  static String text(Treatment t) {
    String bottle =
        t.cleaner()
            .map(c -> c.name() + (t.ratio().isReady() ? "" : " " + t.ratio().code()))
            .orElse(PHRASES.say("nothing"));
    return PHRASES.say("on-the", bottle, t.tool().name(), Words.of(t.applyTo().code()));
  }

  static List<String> why(Judged judged) {
    Verdict v = judged.verdict();
    List<String> against =
        v.reasons().stream()
            .filter(Reason::rulesOut)
            .map(Reason::text)
            .distinct()
            .limit(3)
            .toList();
    if (!against.isEmpty()) {
      return against;
    }
    String does =
        PHRASES.say(
            "stiffness-passes-to-the-standard",
            Lists.facts(
                v.ph()
                    .map(p -> PHRASES.say("ph", Phrases.number("%.1f", p.middle())))
                    .orElse(PHRASES.say("ph-unknown")),
                v.treatment().dwellS() > 0 ? PHRASES.say("sits-s", v.treatment().dwellS()) : ""),
            v.treatment().tool().stiffness(),
            v.passes());
    return judged.mark() == Mark.RIGHT
        ? List.of(does)
        : List.of(does, PHRASES.say("it-would-do-and-asks"));
  }

  private static List<String> cues(Scene scene, Verdict v) {
    Treatment t = v.treatment();
    String finish =
        scene.place().finish().code()
            + (scene.surface().condition().wear() == attune.core.survey.Condition.Wear.INTACT
                ? ""
                : " worn");
    String cleaner = t.cleaner().map(Product::id).orElse("dry");
    String soils =
        scene.surface().condition().soils().stream()
            .map(Enum::name)
            .sorted()
            .findFirst()
            .orElse("");
    boolean holes = scene.surface().perforated() || !scene.surface().features().isEmpty();
    return List.of(
        finish + " stiffness " + t.tool().stiffness(),
        finish + " with " + t.tool().id(),
        finish + " " + cleaner + " " + t.ratio().code(),
        finish + " on " + t.applyTo() + holes,
        finish + " pH " + v.ph().map(p -> Math.round(p.high())).orElse(-1L),
        soils + " " + cleaner + " " + scene.surface().condition().soil(),
        cleaner,
        cleaner + " " + scene.surface().role());
  }
}
