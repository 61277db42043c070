package attune.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.core.AProduct;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.CabinChoice.Choice;
import attune.core.match.CabinChoice.Group;
import attune.core.match.Mixes.Mixed;
import attune.core.match.Search.Option;
import attune.core.match.Treatment.Warmth;
import attune.core.material.Texture;
import attune.core.measure.Ratio;
import attune.core.shelf.Tool;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Few bottles and tools for a cabin: what is chosen is the cheapest there is, by trying them all.
 */
class CabinChoiceTest {
  private static final double EPSILON = 1e-9;
  private static final List<Mixed> BOTTLES =
      IntStream.range(0, 4).mapToObj(i -> bottle("bottle-" + i, Ratio.READY)).toList();
  private static final List<Tool> TOOLS =
      IntStream.range(0, 3)
          .mapToObj(i -> ATool.brush("tool-" + i, i, Texture.FINE, Tool.Kind.BRUSH))
          .toList();

  private static Mixed bottle(String id, Ratio ratio) {
    return new Mixed(AProduct.cleaner(id, 5).build(), ratio, Optional.empty(), 5);
  }

  private static Option option(int bottle, int tool, double harm) {
    Optional<Mixed> mixed = bottle < 0 ? Optional.empty() : Optional.of(BOTTLES.get(bottle));
    return new Option(mixed, TOOLS.get(tool), Warmth.NONE, 30, 1, harm);
  }

  private static Group group(int panels, Option... allowed) {
    List<Option> all = List.of(allowed);
    return new Group(
        panels, all, all.stream().min(Comparator.comparingDouble(Option::harm)).orElseThrow());
  }

  private static CabinChoice balanced() {
    return new CabinChoice(Given.FIGURES, "balanced");
  }

  @Test
  void oneBottleForBothIsTakenWhereTheLossIsLessThanABottleIsWorth() {
    Group seat = group(1, option(0, 0, 1.0), option(2, 0, 1.05));
    Group side = group(1, option(1, 0, 2.0), option(2, 0, 2.2));
    Choice choice = balanced().choose(List.of(seat, side));
    assertThat(choice.first())
        .extracting(o -> o.mixed().orElseThrow())
        .containsOnly(BOTTLES.get(2));
    assertThat(choice.cost()).isCloseTo(2 + 0.5 + 0.05 + 0.1, within(EPSILON));
    assertThat(choice.lowerBound()).isEqualTo(choice.cost());
  }

  @Test
  void manyPanelsTogetherAreWorthABottleOfTheirOwn() {
    Group seats = group(40, option(0, 0, 1.0), option(2, 0, 1.1));
    Group side = group(1, option(1, 0, 2.0), option(2, 0, 2.2));
    Choice choice = balanced().choose(List.of(seats, side));
    assertThat(choice.first()).containsExactly(option(0, 0, 1.0), option(1, 0, 2.0));
    assertThat(choice.cost()).isCloseTo(2 * 2 + 0.5, within(EPSILON));
  }

  @Test
  void dryWorkNeedsNoBottleAndAsGoodIsTheGentlest() {
    Option first = option(-1, 1, 1.0);
    Choice dry = balanced().choose(List.of(new Group(3, List.of(option(0, 0, 1.0), first), first)));
    assertThat(dry.first()).containsExactly(first);
    assertThat(dry.cost()).isCloseTo(0.5, within(EPSILON));
    Option gentlest = option(1, 0, 1.0);
    Option alike = option(0, 0, 1.0);
    assertThat(balanced().choose(List.of(new Group(1, List.of(alike, gentlest), gentlest))).first())
        .containsExactly(gentlest);
    assertThat(balanced().choose(List.of(new Group(1, List.of(gentlest, alike), alike))).first())
        .containsExactly(alike);
  }

  @Test
  void oneBottleAtTwoRatiosIsTwoBottles() {
    Mixed weak = bottle("one", Ratio.parse("1:20"));
    Mixed firm = bottle("one", Ratio.parse("1:10"));
    Option a = new Option(Optional.of(weak), TOOLS.get(0), Warmth.NONE, 30, 1, 1);
    Option b = new Option(Optional.of(firm), TOOLS.get(0), Warmth.NONE, 30, 1, 1);
    assertThat(balanced().choose(List.of(group(1, a), group(1, b))).cost())
        .isCloseTo(2 * 2 + 0.5, within(EPSILON));
  }

  @Test
  void whatHarmsNothingLosesNothing() {
    Group free = group(5, option(0, 0, 0), option(1, 0, 0.4));
    Group other = group(1, option(1, 0, 1));
    Choice choice = balanced().choose(List.of(free, other));
    assertThat(choice.cost()).isCloseTo(2 + 0.5, within(EPSILON));
  }

  @Test
  void howMuchAPanelGivesUpIsTheSchools() {
    Option gentlest = option(0, 0, 2);
    assertThat(balanced().mostHarm(gentlest)).isCloseTo(2.2, within(EPSILON));
    assertThat(new CabinChoice(Given.FIGURES, "simplest").mostHarm(gentlest))
        .isCloseTo(3, within(EPSILON));
    assertThat(new CabinChoice(Given.FIGURES, "gentlest").mostHarm(gentlest))
        .isCloseTo(2, within(EPSILON));
  }

  @ParameterizedTest
  @ValueSource(strings = {"simplest", "balanced", "gentlest"})
  void overRandomCabinsNothingCheaperExists(String school) {
    Random random = new Random(20260601);
    CabinChoice choice = new CabinChoice(Given.FIGURES, school);
    Price price = Price.of(school);
    for (int cabin = 0; cabin < 150; cabin++) {
      List<Group> groups = randomCabin(random, 2 + random.nextInt(4));
      Choice chosen = choice.choose(groups);
      assertThat(chosen.cost())
          .isCloseTo(price.of(groups, chosen.first()), within(1e-6))
          .isCloseTo(price.cheapest(groups, 0, new ArrayList<>()), within(1e-6));
      assertThat(chosen.lowerBound()).isEqualTo(chosen.cost());
      for (int i = 0; i < groups.size(); i++) {
        assertThat(groups.get(i).allowed()).contains(chosen.first().get(i));
      }
    }
  }

  @Test
  void aCabinTooLargeToProveStandsAboveItsLowerBound() {
    Random random = new Random(7);
    Price price = Price.of("simplest");
    List<Group> groups = new ArrayList<>();
    for (int i = 0; i < 60; i++) {
      groups.addAll(randomCabin(random, 1));
    }
    Choice chosen = new CabinChoice(Given.FIGURES, "simplest").choose(groups);
    assertThat(chosen.cost()).isCloseTo(price.of(groups, chosen.first()), within(1e-6));
    assertThat(chosen.lowerBound()).isPositive().isLessThanOrEqualTo(chosen.cost());
    double own =
        price.of(groups, groups.stream().map(Group::gentlest).toList()); // nothing shared by intent
    assertThat(chosen.cost()).isLessThanOrEqualTo(own);
  }

  private static List<Group> randomCabin(Random random, int groups) {
    List<Group> cabin = new ArrayList<>();
    for (int i = 0; i < groups; i++) {
      Option[] allowed = new Option[1 + random.nextInt(5)];
      for (int j = 0; j < allowed.length; j++) {
        int bottle = random.nextInt(BOTTLES.size() + 1) - 1;
        allowed[j] = option(bottle, random.nextInt(TOOLS.size()), 1 + random.nextDouble());
      }
      cabin.add(group(1 + random.nextInt(12), allowed));
    }
    return cabin;
  }

  /** What a choice costs, worked out from the words alone. */
  private record Price(double bottle, double tool) {
    static Price of(String school) {
      return new Price(
          Given.FIGURES.get("cabin.bottle." + school), Given.FIGURES.get("cabin.tool." + school));
    }

    double of(List<Group> groups, List<Option> first) {
      Set<Mixed> bottles = new HashSet<>();
      Set<Tool> tools = new HashSet<>();
      double loss = 0;
      for (int i = 0; i < groups.size(); i++) {
        Option option = first.get(i);
        option.mixed().ifPresent(bottles::add);
        tools.add(option.tool());
        loss += groups.get(i).panels() * (option.harm() / groups.get(i).gentlest().harm() - 1);
      }
      return loss + bottle * bottles.size() + tool * tools.size();
    }

    double cheapest(List<Group> groups, int depth, List<Option> taken) {
      if (depth == groups.size()) {
        return of(groups, taken);
      }
      double least = Double.MAX_VALUE;
      for (Option option : groups.get(depth).allowed()) {
        taken.add(option);
        least = Math.min(least, cheapest(groups, depth + 1, taken));
        taken.remove(taken.size() - 1);
      }
      return least;
    }
  }
}
