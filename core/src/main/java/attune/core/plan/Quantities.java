package attune.core.plan;

import attune.core.check.Known;
import attune.core.match.ReasonCode;
import attune.core.match.Rulebook;
import attune.core.match.Rung;
import attune.core.match.Treatment;
import attune.core.measure.Dose;
import attune.core.measure.Mix;
import attune.core.measure.Ratio;
import attune.core.measure.Vessels;
import attune.core.plan.Plan.ClothCount;
import attune.core.plan.Plan.PlannedDose;
import attune.core.plan.Plan.PlannedMix;
import attune.core.reference.Figures;
import attune.core.run.Experience;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.survey.Condition.Level;
import attune.core.survey.Surface.Tone;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Bottles, doses and cloths for a whole job (docs/trade, models 1, 5 and 7). */
final class Quantities {
  private static final Phrases PHRASES = Phrases.of(Quantities.class);

  private final Rulebook book;
  private final Figures figures;
  private final Experience experience;

  Quantities(Rulebook book, Experience experience) {
    this.book = book;
    this.experience = experience;
    this.figures = book.figures();
  }

  /** So much of a bottle for a panel, for its stain, or to wipe it off. */
  private record Draw(Product product, Ratio ratio, double ml, String panel) {
    String bottle() {
      return product.id() + " " + ratio.code();
    }
  }

  /** One bottle for each cleaner and ratio: what is laid, dabbed and wiped from it. */
  List<PlannedMix> mixes(List<SurfacePlan> plans) {
    Map<String, List<Draw>> byBottle = new LinkedHashMap<>();
    plans.stream()
        .flatMap(plan -> Stream.of(cleaning(plan), stains(plan), residue(plan)))
        .flatMap(draws -> draws)
        .forEach(draw -> byBottle.computeIfAbsent(draw.bottle(), k -> new ArrayList<>()).add(draw));
    return byBottle.values().stream().map(this::mix).toList();
  }

  private Stream<Draw> cleaning(SurfacePlan plan) {
    return plan.isWet()
        ? plan.firstRung().map(rung -> draw(rung, laidMl(plan), plan)).stream()
        : Stream.empty();
  }

  private static Stream<Draw> stains(SurfacePlan plan) {
    return plan.match().spots().stream()
        .flatMap(spot -> spot.rung().map(rung -> draw(rung, spot.ml(), plan)).stream());
  }

  private static Stream<Draw> residue(SurfacePlan plan) {
    String panel = plan.surface().id();
    return plan.residue().stream()
        .flatMap(
            pass -> pass.product().stream().map(p -> new Draw(p, pass.ratio(), pass.ml(), panel)));
  }

  private static Draw draw(Rung rung, double ml, SurfacePlan plan) {
    Treatment t = rung.treatment();
    return new Draw(t.cleaner().orElseThrow(), t.ratio(), ml, plan.surface().id());
  }

  private PlannedMix mix(List<Draw> draws) {
    Product product = draws.get(0).product();
    Ratio ratio = draws.get(0).ratio();
    double needed = draws.stream().mapToDouble(Draw::ml).sum();
    double bottle =
        ratio.isReady() ? Math.max(1, Math.ceil(needed)) : Vessels.holding(needed, ratio, figures);
    return new PlannedMix(
        product.id(),
        Mix.ofBottle(ratio, Math.min(Mix.MOST_ML, bottle)),
        needed,
        book.ph().of(product.ph(), ratio),
        draws.stream().map(Draw::panel).distinct().toList());
  }

  /**
   * Liquid laid over all passes, the first in full, ml; a gram of dilute cleaner is taken as a
   * millilitre.
   */
  private double laidMl(SurfacePlan plan) {
    var rung = plan.firstRung().orElseThrow();
    double more =
        experience
            .of(plan.surface().finish(), plan.surface().condition().soil().code())
            .map(Experience.Factor::passes)
            .orElse(1.0);
    return rung.treatment().laid()
        * plan.surface().area().value()
        * (1 + (Math.max(1, rung.passesHigh()) - 1) * figures.get("laid.later"))
        * more;
  }

  /** Finishing products: area by dose by coats, and once what the applicator keeps. */
  List<PlannedDose> doses(List<SurfacePlan> plans) {
    Map<String, List<FinishStep>> byProduct = new LinkedHashMap<>();
    Map<String, List<String>> surfaces = new LinkedHashMap<>();
    for (SurfacePlan plan : plans) {
      for (FinishStep step : plan.finishSteps()) {
        byProduct.computeIfAbsent(step.product().id(), k -> new ArrayList<>()).add(step);
        surfaces
            .computeIfAbsent(step.product().id(), k -> new ArrayList<>())
            .add(plan.surface().id());
      }
    }
    List<PlannedDose> doses = new ArrayList<>();
    byProduct.forEach((id, steps) -> doses.add(dose(id, steps, Known.of(surfaces, id))));
    return doses;
  }

  private PlannedDose dose(String id, List<FinishStep> steps, List<String> surfaceIds) {
    Product product = steps.get(0).product();
    double laid = steps.stream().mapToDouble(FinishStep::doseMl).sum();
    double oneCoat = steps.stream().mapToDouble(step -> step.doseMl() / step.coats()).sum();
    double kept =
        steps.stream()
            .mapToDouble(
                step ->
                    step.applicator().retainsMl().orElse(figures.get("dose.applicator-default")))
            .max()
            .orElse(0);
    Dose dose = new Dose(laid + kept);
    return new PlannedDose(
        id,
        dose.ml(),
        kept,
        dose.counted(figures),
        product.onHandMl().filter(ml -> ml > 0).map(ml -> dose.ml() / ml),
        product.onHandMl().map(ml -> (int) Math.floor(Math.max(0, ml - kept) / oneCoat)),
        surfaceIds);
  }

  List<Purchase> shortages(
      List<PlannedMix> mixes, List<PlannedDose> doses, Map<String, Product> byId) {
    Map<String, Double> needed = new LinkedHashMap<>();
    mixes.forEach(mix -> needed.merge(mix.productId(), mix.mix().productMl(), Double::sum));
    doses.forEach(dose -> needed.merge(dose.productId(), dose.ml(), Double::sum));
    List<Purchase> out = new ArrayList<>();
    needed.forEach(
        (id, ml) -> {
          Product product = byId.getOrDefault(id, Product.WATER);
          product
              .onHandMl()
              .filter(onHand -> onHand < ml)
              .ifPresent(onHand -> out.add(shortage(product, ml - onHand)));
        });
    return out;
  }

  private static Purchase shortage(Product product, double ml) {
    ProductRole role = product.roles().stream().sorted().findFirst().orElseThrow();
    double rounded = Math.ceil(ml);
    return new Purchase(
        role,
        Optional.of(product.id()),
        Optional.of(rounded),
        ReasonCode.STOCK_SHORT,
        PHRASES.say("is-short-by-ml", product.name(), (int) rounded));
  }

  /**
   * @param towelLife school of the house rule on washing or throwing away. Eight faces a cloth, one
   *     wet and one dry a section and pass, more where the soil would load them.
   */
  List<ClothCount> cloths(List<SurfacePlan> plans, String towelLife) {
    int cleaning = 0;
    int filthy = 0;
    int levelling = 0;
    int coating = 0;
    boolean pale = false;
    for (SurfacePlan plan : plans) {
      pale |=
          plan.surface().tone() == Tone.PALE
              && (plan.firstRung().isPresent() || !plan.finishSteps().isEmpty());
      int faces = plan.firstRung().map(rung -> faces(plan)).orElse(0);
      cleaning += faces;
      filthy += plan.surface().condition().soil().compareTo(Level.HEAVY) >= 0 ? faces : 0;
      for (FinishStep step : plan.finishSteps()) {
        int levels =
            1 + (int) Math.ceil(plan.surface().area().value() / figures.get("cloth.face-levels"));
        coating += step.step() == Step.COAT ? levels * step.coats() : 0;
        levelling += step.step() == Step.COAT ? 0 : levels * step.coats();
      }
    }
    List<ClothCount> counts = new ArrayList<>();
    boolean all = towelLife.equals("throw");
    int dirtiest = towelLife.equals("throw-filthiest") ? filthy : 0;
    add(counts, ClothUse.CLEANING, cleaning, pale, all ? cleaning : dirtiest);
    add(counts, ClothUse.LEVELLING, levelling, pale, all ? levelling : 0);
    add(counts, ClothUse.COATING, coating, pale, all ? coating : 0);
    return counts;
  }

  private int faces(SurfacePlan plan) {
    var rung = plan.firstRung().orElseThrow();
    int turns =
        rung.verdict().sections().count()
            * Math.max(1, rung.verdict().passes())
            * figures.whole("cloth.faces-per-section");
    double grams =
        plan.match().place().demand().amount()
            * figures.get("cloth.soil-grams")
            * plan.surface().area().value();
    return Math.max(turns, (int) Math.ceil(grams / figures.get("cloth.grams-per-face")));
  }

  private void add(
      List<ClothCount> counts, ClothUse use, int faces, boolean pale, int thrownFaces) {
    if (faces > 0) {
      counts.add(new ClothCount(use, cloths(faces), pale, cloths(thrownFaces)));
    }
  }

  private int cloths(int faces) {
    return (int) Math.ceil(faces / figures.get("cloth.faces"));
  }
}
