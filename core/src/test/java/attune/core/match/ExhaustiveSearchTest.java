package attune.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.CabinChoice.Choice;
import attune.core.match.CabinChoice.Group;
import attune.core.match.Mixes.Mixed;
import attune.core.match.Search.Option;
import attune.core.match.Treatment.Warmth;
import attune.core.material.Finish;
import attune.core.material.Role;
import attune.core.material.Texture;
import attune.core.measure.PhNature;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Soil;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Tone;
import attune.core.survey.Wishes.Standard;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The quick search against one that tries everything and takes nothing for granted. */
class ExhaustiveSearchTest {
  private static final Product MILD = AProduct.cleaner("mild", 4).dwell(30, 44).build();
  private static final Product CONCENTRATE =
      AProduct.of("concentrate", ProductRole.CLEANER)
          .strength(6)
          .goodAt(Soil.SKIN_OIL, Soil.FOOD_DRINK, Soil.DUST)
          .dilutes("1:20", "1:10", "1:4")
          .ph(11, PhNature.WEAK_ALKALI)
          .dwell(20, 33)
          .build();
  private static final Product SPOT =
      AProduct.of("spot", ProductRole.SPOT_REMOVER, ProductRole.CLEANER)
          .strength(9)
          .goodAt(Soil.INK, Soil.DENIM_DYE)
          .solvent(8)
          .dwell(10, 18)
          .build();
  private static final Shelf SHOP =
      Given.shelf(
          MILD,
          CONCENTRATE,
          SPOT,
          ATool.SPONGE,
          ATool.PAD,
          ATool.SOFT_BRUSH,
          ATool.LEATHER_BRUSH,
          ATool.STIFF_BRUSH,
          ATool.WHITE_BLOCK,
          ATool.of(Tool.Kind.MISTER),
          ATool.of(Tool.Kind.STEAMER));

  static List<Surface> panels() {
    Random random = new Random(4711);
    List<Finish> finishes = Given.FINISHES.all();
    return IntStream.range(0, Integer.getInteger("attune.panels", 60))
        .mapToObj(
            i -> {
              Finish finish = finishes.get(i % finishes.size());
              Role role = finish.foundAs().stream().sorted().findFirst().orElseThrow();
              return ASurface.of(finish.code())
                  .role(role)
                  .tone(Tone.values()[random.nextInt(3)])
                  .grain(Texture.values()[random.nextInt(4)])
                  .wear(random.nextInt(4) == 0 ? Wear.WORN : Wear.INTACT)
                  .ageYears(random.nextInt(20))
                  .standard(Standard.values()[random.nextInt(3)])
                  .soiled(
                      Level.values()[1 + random.nextInt(4)],
                      List.of(Soil.SKIN_OIL, Soil.DENIM_DYE, Soil.DUST).get(random.nextInt(3)))
                  .build();
            })
        .toList();
  }

  @ParameterizedTest
  @MethodSource("panels")
  void findsTheSameOptimumAsTryingEverySecondOfEveryCombination(Surface surface) {
    Place place = Given.place(surface);
    List<Verdict> all = everything(place).stream().filter(Verdict::isOffered).toList();
    List<Verdict> led =
        all.stream()
            .filter(v -> v.treatment().warmth() != Warmth.STEAM || !place.steamsLate())
            .toList();
    List<Verdict> offered = led.isEmpty() ? all : led;
    Optional<Rung> first = Given.match(surface, SHOP).ladder().stream().findFirst();

    if (offered.isEmpty()) {
      assertThat(first.map(rung -> rung.verdict().action())).isEqualTo(bestAllowed(place));
    } else {
      double needed = reachable(place, offered);
      Verdict best =
          softly(place, offered)
              .or(
                  () ->
                      offered.stream()
                          .filter(v -> v.action() >= needed)
                          .min(Comparator.comparingDouble(Verdict::harm)))
              .orElseThrow();
      assertThat(first.get().verdict().harm()).isCloseTo(best.harm(), within(1e-12));
    }
  }

  /** Too soiled for the standard is still worth cleaning, as well as may be. */
  private static Optional<Double> bestAllowed(Place place) {
    return everything(place.letting(Place.Leniency.LEAVES_SOME)).stream()
        .filter(Verdict::isAllowed)
        .map(Verdict::action)
        .filter(action -> action > 0)
        .max(Double::compare);
  }

  /** By cloth, hand or sponge inside the routine window, where those come before any bristle. */
  private static Optional<Verdict> softly(Place place, List<Verdict> offered) {
    return Stream.of(place.demand().softly(), place.demand().patiently())
        .flatMap(
            needed ->
                offered.stream()
                    .filter(v -> place.isSoftFirst() && Harm.isSoft(v.treatment().tool()))
                    .filter(v -> v.ph().filter(place.limits()::isBeyondRoutine).isEmpty())
                    .filter(v -> v.action() >= needed)
                    .min(Comparator.comparingDouble(Verdict::harm))
                    .stream())
        .findFirst();
  }

  private static double reachable(Place place, List<Verdict> offered) {
    double most = offered.stream().mapToDouble(Verdict::action).max().orElseThrow();
    List<Double> levels = place.demand().neededUpTo();
    for (int i = levels.size() - 1; i >= 0; i--) {
      if (levels.get(i) <= most) {
        return levels.get(i);
      }
    }
    return most;
  }

  private static List<Verdict> everything(Place place) {
    List<Verdict> all = new ArrayList<>();
    Ways ways = new Ways(place, Given.JUDGE.action(), Given.FIGURES);
    for (Tool tool : SHOP.tools()) {
      if (!tool.kind().scrubs()) {
        continue;
      }
      if (tool.kind() != Tool.Kind.HAND) {
        all.add(
            Given.JUDGE.judge(
                place,
                new Treatment(
                    Optional.empty(),
                    Ratio.READY,
                    tool,
                    Treatment.ApplyTo.CLOTH,
                    0,
                    Warmth.NONE,
                    0)));
      }
      for (Product product : Mixes.of(SHOP, Given.BOOK, Given.JUDGE.action()).cleaners()) {
        for (Ratio ratio : Mixes.worthMixing(product)) {
          Mixed mixed = new Mixed(product, ratio, Optional.empty(), 0);
          for (Warmth warmth : ways.warmths(SHOP)) {
            for (int s = product.dwell().get().min(); s <= product.dwell().get().max(); s++) {
              all.add(Given.JUDGE.judge(place, ways.treatment(mixed, tool, warmth, s)));
            }
          }
        }
      }
    }
    return all;
  }

  private static Option option(int bottle, int tool, double harm) {
    Product product = AProduct.cleaner("bottle-" + bottle, 5).build();
    return new Option(
        Optional.of(new Mixed(product, Ratio.READY, Optional.empty(), 5)),
        ATool.brush("tool-" + tool, 2, Texture.FINE, Tool.Kind.BRUSH),
        Warmth.NONE,
        30,
        1,
        harm);
  }

  @Test
  void theCabinIsChosenAsCheaplyAsTryingEveryChoice() {
    Random random = new Random(99);
    CabinChoice choice = new CabinChoice(Given.FIGURES, "simplest");
    for (int cabin = 0; cabin < Integer.getInteger("attune.panels", 200); cabin++) {
      List<Group> groups = new ArrayList<>();
      for (int g = 0; g < 5; g++) {
        List<Option> allowed = new ArrayList<>();
        for (int o = 0; o < 4; o++) {
          allowed.add(option(random.nextInt(5), random.nextInt(4), 1 + random.nextInt(50) / 100.0));
        }
        Option gentlest =
            allowed.stream().min(Comparator.comparingDouble(Option::harm)).orElseThrow();
        groups.add(new Group(1 + random.nextInt(6), allowed, gentlest));
      }
      Choice chosen = choice.choose(groups);
      assertThat(chosen.cost()).isCloseTo(cheapest(groups, 0, new ArrayList<>()), within(1e-9));
      assertThat(chosen.lowerBound()).isCloseTo(chosen.cost(), within(1e-9));
      assertThat(cost(groups, chosen.first())).isCloseTo(chosen.cost(), within(1e-9));
    }
  }

  private static double cheapest(List<Group> groups, int at, List<Option> taken) {
    if (at == groups.size()) {
      return cost(groups, taken);
    }
    double least = Double.POSITIVE_INFINITY;
    for (Option option : groups.get(at).allowed()) {
      taken.add(option);
      least = Math.min(least, cheapest(groups, at + 1, taken));
      taken.remove(taken.size() - 1);
    }
    return least;
  }

  private static double cost(List<Group> groups, List<Option> taken) {
    Set<String> bottles = new HashSet<>();
    Set<String> tools = new HashSet<>();
    double loss = 0;
    for (int i = 0; i < taken.size(); i++) {
      bottles.add(taken.get(i).mixed().orElseThrow().product().id());
      tools.add(taken.get(i).tool().id());
      double gentlest = groups.get(i).gentlest().harm();
      loss += groups.get(i).panels() * (taken.get(i).harm() / gentlest - 1);
    }
    return loss
        + bottles.size() * Given.FIGURES.get("cabin.bottle.simplest")
        + tools.size() * Given.FIGURES.get("cabin.tool.simplest");
  }
}
