package attune.core.plan;

import attune.core.match.ReasonCode;
import attune.core.match.Rulebook;
import attune.core.match.Rung;
import attune.core.match.Treatment;
import attune.core.measure.Dose;
import attune.core.measure.Mix;
import attune.core.measure.Ratio;
import attune.core.plan.Plan.ClothCount;
import attune.core.plan.Plan.PlannedDose;
import attune.core.plan.Plan.PlannedMix;
import attune.core.reference.Figures;
import attune.core.run.Experience;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.survey.Condition.Level;
import attune.core.survey.Surface.Tone;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Bottles, doses and cloths for a whole job (domain 4, models 1, 5 and 7). */
final class Quantities {
  private static final List<Integer> BOTTLES_ML =
      List.of(100, 250, 500, 750, 1000, 2000, 5000, 10_000, 20_000);

  private final Rulebook book;
  private final Figures figures;
  private final Experience experience;

  Quantities(Rulebook book, Experience experience) {
    this.book = book;
    this.experience = experience;
    this.figures = book.figures();
  }

  /** One bottle for each cleaner and ratio, a little over what the first rungs need. */
  List<PlannedMix> mixes(List<SurfacePlan> plans) {
    Map<String, List<SurfacePlan>> byMix = new LinkedHashMap<>();
    for (SurfacePlan plan : plans) {
      if (plan.isWet()) {
        Treatment t = plan.firstRung().orElseThrow().treatment();
        byMix
            .computeIfAbsent(
                t.cleaner().orElseThrow().id() + " " + t.ratio().code(), k -> new ArrayList<>())
            .add(plan);
      }
    }
    List<PlannedMix> mixes = new ArrayList<>(byMix.values().stream().map(this::mix).toList());
    mixes.addAll(removers(plans));
    return mixes;
  }

  /** So much of a bottle for a stain, or to wipe a panel off. */
  private record Little(Product product, Ratio ratio, double ml, String panel) {}

  private static Stream<Little> littles(SurfacePlan plan) {
    String panel = plan.surface().id();
    return Stream.concat(
        plan.match().spots().stream()
            .flatMap(
                spot ->
                    spot.rung().map(Rung::treatment).stream()
                        .map(
                            t ->
                                new Little(
                                    t.cleaner().orElseThrow(), t.ratio(), spot.ml(), panel))),
        plan.residue().stream()
            .flatMap(
                pass ->
                    pass.product().stream()
                        .map(p -> new Little(p, p.label().standard(), pass.ml(), panel))));
  }

  /** What stains and residue passes take: little, and never a bottle mixed for a whole panel. */
  private List<PlannedMix> removers(List<SurfacePlan> plans) {
    Map<String, List<Little>> byBottle = new LinkedHashMap<>();
    plans.stream()
        .flatMap(Quantities::littles)
        .forEach(
            little ->
                byBottle
                    .computeIfAbsent(
                        little.product().id() + " " + little.ratio().code(), k -> new ArrayList<>())
                    .add(little));
    return byBottle.values().stream().map(this::remover).toList();
  }

  private PlannedMix remover(List<Little> littles) {
    Product product = littles.get(0).product();
    Ratio ratio = littles.get(0).ratio();
    double needed = littles.stream().mapToDouble(Little::ml).sum() * figures.get("mix.spare");
    double bottle = ratio.isReady() ? Math.max(1, Math.ceil(needed)) : bottle(needed);
    return new PlannedMix(
        product.id(),
        Mix.ofBottle(ratio, Math.min(Mix.MOST_ML, bottle)),
        needed,
        book.ph().of(product.ph(), ratio),
        littles.stream().map(Little::panel).distinct().toList());
  }

  private PlannedMix mix(List<SurfacePlan> plans) {
    Treatment t = plans.get(0).firstRung().orElseThrow().treatment();
    Product product = t.cleaner().orElseThrow();
    double needed = plans.stream().mapToDouble(this::laidMl).sum() * figures.get("mix.spare");
    double bottle = t.ratio().isReady() ? Math.max(1, Math.ceil(needed)) : bottle(needed);
    return new PlannedMix(
        product.id(),
        Mix.ofBottle(t.ratio(), Math.min(Mix.MOST_ML, bottle)),
        needed,
        book.ph().of(product.ph(), t.ratio()),
        plans.stream().map(p -> p.surface().id()).toList());
  }

  /** Liquid laid over all passes, ml; a gram of dilute cleaner is taken as a millilitre. */
  private double laidMl(SurfacePlan plan) {
    var rung = plan.firstRung().orElseThrow();
    double more =
        experience
            .of(plan.surface().finish(), plan.surface().condition().soil().code())
            .map(Experience.Factor::passes)
            .orElse(1.0);
    return rung.treatment().laid()
        * plan.surface().area().value()
        * Math.max(1, rung.passesHigh())
        * more;
  }

  static double bottle(double needed) {
    return BOTTLES_ML.stream()
        .filter(ml -> ml >= needed)
        .findFirst()
        .orElse(BOTTLES_ML.get(BOTTLES_ML.size() - 1));
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
    byProduct.forEach((id, steps) -> doses.add(dose(id, steps, surfaces.get(id))));
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
        product.name() + " is short by " + (int) rounded + " ml.");
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
