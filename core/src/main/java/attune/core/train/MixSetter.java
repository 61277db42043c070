package attune.core.train;

import attune.core.match.Matcher;
import attune.core.measure.Mix;
import attune.core.measure.PhInterval;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.train.Exercise.Fact;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.SplittableRandom;

/** How much goes into the bottle, and what pH comes out. */
final class MixSetter implements Setter {
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
    String parts = String.format(Locale.ROOT, "%.0f parts fill the bottle", ratio.water() + 1);
    List<Choice> choices = new ArrayList<>();
    choices.add(
        choice(
            right,
            Mark.RIGHT,
            String.format(
                Locale.ROOT,
                "%s is 1 part and %.0f of water: %s, %.0f ml each.",
                ratio.code(),
                ratio.water(),
                parts,
                right),
            "as read"));
    add(
        choices,
        right,
        bottle / ratio.water(),
        Mark.WEAK,
        "One part too few: " + parts + ".",
        "one part short");
    add(
        choices,
        right,
        mix.waterMl(),
        Mark.DANGEROUS,
        "The ratio upside down: nearly undiluted on the trim.",
        "upside down");
    add(choices, right, right * 2, Mark.HARSH, "Twice as strong as the label's mix.", "double");
    add(choices, right, right / 2, Mark.WEAK, "Half as strong: it will not do it.", "half");
    if (choices.size() < 3) {
      return Optional.empty();
    }
    return Optional.of(
        new Exercise(
            scene.lesson().id(),
            Kind.MIX,
            scene.seed(),
            List.of(
                new Fact("Bottle", String.format(Locale.ROOT, "%.0f ml", bottle)),
                new Fact("Product", product.name()),
                new Fact("Ratio", ratio.code())),
            List.of(),
            "How much product goes in?",
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
    return String.format(Locale.ROOT, "%.0f ml", ml);
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
        String.format(
            Locale.ROOT,
            "pH %.1f neat, %s with this shop's water: %.1f to %.1f.",
            neat,
            ratio.code(),
            ph.low(),
            ph.high());
    choices.add(ofPh(ph.middle(), Mark.RIGHT, why, "as computed"));
    choices.add(ofPh(neat, Mark.HARSH, "That is the bottle undiluted. " + why, "neat"));
    choices.add(
        ofPh(ph.middle() + down * PH_STEP * 2, Mark.WEAK, "Milder than it is. " + why, "too mild"));
    choices.add(
        ofPh(
            neat - down * PH_STEP,
            Mark.DANGEROUS,
            "Water makes nothing stronger. " + why,
            "stronger"));
    return Optional.of(
        new Exercise(
            scene.lesson().id(),
            Kind.MIX,
            scene.seed(),
            List.of(
                new Fact("Product", product.name()),
                new Fact("Ratio", ratio.code()),
                new Fact("pH neat", String.format(Locale.ROOT, "%.1f", neat))),
            List.of(),
            "What pH is on the trim?",
            Dealt.shuffled(choices, random)));
  }

  private static Choice ofPh(double ph, Mark mark, String why, String cue) {
    return new Choice(
        String.format(Locale.ROOT, "about pH %.1f", ph), mark, List.of(why), List.of("pH " + cue));
  }
}
