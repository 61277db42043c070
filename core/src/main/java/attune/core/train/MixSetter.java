package attune.core.train;

import attune.core.match.Matcher;
import attune.core.measure.Mix;
import attune.core.measure.PhInterval;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.train.Exercise.Fact;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.SplittableRandom;

/** How much goes into the bottle, and what pH comes out. */
final class MixSetter implements Setter {
  private static final Phrases PHRASES = Phrases.of(MixSetter.class);

  private static final double[] BOTTLES = {250, 500, 750, 1000};
  private static final double SAME = 0.02;
  private static final double PH_STEP = 1;

  private final Classroom.Tables tables;

  MixSetter(Classroom.Tables tables) {
    this.tables = tables;
  }

  @Override
  public Optional<Exercise> set(Scene scene) {
    SplittableRandom random = scene.random(13);
    List<Product> diluted =
        tables.shelf().products().stream()
            .filter(p -> p.roles().stream().anyMatch(ProductRole::cleans))
            .filter(p -> Matcher.ratios(p).stream().anyMatch(r -> !r.isReady()))
            .toList();
    if (diluted.isEmpty()) {
      return Optional.empty();
    }
    Product product = diluted.get(random.nextInt(diluted.size()));
    List<Ratio> ratios = Matcher.ratios(product).stream().filter(r -> !r.isReady()).toList();
    Ratio ratio = ratios.get(random.nextInt(ratios.size()));
    Optional<PhInterval> ph = tables.book().ph().of(product.ph(), ratio);
    boolean asksPh = scene.lesson().level() > 1 && random.nextBoolean() && ph.isPresent();
    return asksPh
        ? ph(scene, product, ratio, ph.get(), random)
        : amount(scene, product, ratio, random);
  }

  private Optional<Exercise> amount(
      Scene scene, Product product, Ratio ratio, SplittableRandom random) {
    double bottle = BOTTLES[random.nextInt(BOTTLES.length)];
    Mix mix = Mix.ofBottle(ratio, bottle);
    double right = mix.productMl();
    String parts = PHRASES.say("parts-fill-the-bottle", Phrases.number("%.0f", ratio.water() + 1));
    List<Choice> choices = new ArrayList<>();
    choices.add(
        choice(
            right,
            Mark.RIGHT,
            PHRASES.say(
                "is-1-part-and-of",
                ratio.code(),
                Phrases.number("%.0f", ratio.water()),
                parts,
                Phrases.number("%.0f", right)),
            PHRASES.say("as-read")));
    add(
        choices,
        right,
        bottle / ratio.water(),
        Mark.WEAK,
        PHRASES.say("one-part-too-few", parts),
        PHRASES.say("one-part-short"));
    add(
        choices,
        right,
        mix.waterMl(),
        Mark.DANGEROUS,
        PHRASES.say("the-ratio-upside-down-nearly"),
        PHRASES.say("upside-down"));
    add(choices, right, right * 2, Mark.HARSH, PHRASES.say("twice-as-strong-as-the"), "double");
    add(choices, right, right / 2, Mark.WEAK, PHRASES.say("half-as-strong-it-will"), "half");
    if (choices.size() < 3) {
      return Optional.empty();
    }
    return Optional.of(
        new Exercise(
            scene.lesson().id(),
            Kind.MIX,
            scene.seed(),
            List.of(
                new Fact(PHRASES.say("bottle"), PHRASES.say("ml", Phrases.number("%.0f", bottle))),
                new Fact(PHRASES.say("product"), product.name()),
                new Fact(PHRASES.say("ratio"), ratio.code())),
            List.of(),
            PHRASES.say("how-much-product-goes-in"),
            Dealt.shuffled(choices, random)));
  }

  private static void add(
      List<Choice> choices, double right, double ml, Mark mark, String why, String cue) {
    boolean told =
        choices.stream().anyMatch(c -> c.text().equals(ml(ml)))
            || Math.abs(ml - right) < right * SAME;
    if (!told) {
      choices.add(choice(ml, mark, why, cue));
    }
  }

  private static Choice choice(double ml, Mark mark, String why, String cue) {
    return new Choice(ml(ml), mark, List.of(why), List.of("amount " + cue));
  }

  private static String ml(double ml) {
    return PHRASES.say("ml", Phrases.number("%.0f", ml));
  }

  private Optional<Exercise> ph(
      Scene scene, Product product, Ratio ratio, PhInterval ph, SplittableRandom random) {
    double neat =
        tables
            .book()
            .ph()
            .of(product.ph(), Ratio.READY)
            .map(PhInterval::middle)
            .orElse(ph.middle());
    if (Math.abs(neat - ph.middle()) < PH_STEP / 2) {
      return Optional.empty();
    }
    double down = Math.signum(ph.middle() - neat);
    List<Choice> choices = new ArrayList<>();
    String why =
        PHRASES.say(
            "ph-neat-with-this-shops",
            Phrases.number("%.1f", neat),
            ratio.code(),
            Phrases.number("%.1f", ph.low()),
            Phrases.number("%.1f", ph.high()));
    choices.add(ofPh(ph.middle(), Mark.RIGHT, why, PHRASES.say("as-computed")));
    choices.add(ofPh(neat, Mark.HARSH, PHRASES.say("that-is-the-bottle-undiluted", why), "neat"));
    choices.add(
        ofPh(
            ph.middle() + down * PH_STEP * 2,
            Mark.WEAK,
            PHRASES.say("milder-than-it-is", why),
            PHRASES.say("too-mild")));
    choices.add(
        ofPh(
            neat - down * PH_STEP,
            Mark.DANGEROUS,
            PHRASES.say("water-makes-nothing-stronger", why),
            "stronger"));
    return Optional.of(
        new Exercise(
            scene.lesson().id(),
            Kind.MIX,
            scene.seed(),
            List.of(
                new Fact(PHRASES.say("product"), product.name()),
                new Fact(PHRASES.say("ratio"), ratio.code()),
                new Fact(PHRASES.say("ph-neat"), String.format(Locale.ROOT, "%.1f", neat))),
            List.of(),
            PHRASES.say("what-ph-is-on-the"),
            Dealt.shuffled(choices, random)));
  }

  private static Choice ofPh(double ph, Mark mark, String why, String cue) {
    return new Choice(
        PHRASES.say("about-ph", Phrases.number("%.1f", ph)),
        mark,
        List.of(why),
        List.of(PHRASES.say("ph", cue)));
  }
}
