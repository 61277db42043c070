package attune.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.material.Role;
import attune.core.material.Texture;
import attune.core.measure.PhNature;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Film;
import attune.core.shelf.Product.Trait;
import attune.core.shelf.Tool;
import attune.core.shelf.Tool.Droplets;
import attune.core.shelf.Tool.Suits;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Setting;
import attune.core.survey.Setting.ChildSeat;
import attune.core.survey.Setting.FaultSeen;
import attune.core.survey.Setting.Reception;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Feature;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Tools have their places, faults keep theirs dry (docs/trade, C7 and C26). */
class KeptForPlacesTest {
  private static Tool keptFor(Suits... suits) {
    return new Tool(
        "kept",
        "kept brush",
        Tool.Kind.BRUSH,
        2,
        Texture.FINE,
        Droplets.NONE,
        false,
        false,
        Optional.empty(),
        Optional.empty(),
        false,
        Optional.empty(),
        Set.of(suits),
        Optional.empty());
  }

  @ParameterizedTest(name = "{1} of {0}: {2}")
  @CsvSource({
    "leather/coated, SEAT, SEATS",
    "leather/coated, GRIP, CONTROLS",
    "leather/coated, TRIM, SEATS HARD_TRIM",
    "microsuede/synthetic, SEAT, NAP",
    "microsuede/synthetic, GRIP, NAP",
    "plastic/textured, TRIM, HARD_TRIM",
    "plastic/printed-controls, CONTROL, CONTROLS",
    "screen/coated, SCREEN, CONTROLS",
    "textile/webbing, TRIM, BELTS",
    "textile/pile, FLOOR, FLOOR",
    "textile/headliner, OVERHEAD, SEATS",
    "rubber/seal-or-mat, PEDAL, FLOOR",
    "plastic/exterior-trim, TRIM, OUTSIDE",
    "paint/jamb, TRIM, OUTSIDE",
  })
  void aToolGoesWhereItIsKeptForAndNowhereElse(String finish, Role role, String suits) {
    Place place = Given.place(ASurface.of(finish).role(role).soiled(Level.LIGHT).build());
    for (Suits each : Suits.values()) {
      assertThat(ToolRules.suits(place, keptFor(each)))
          .as("%s on %s", each, finish)
          .isEqualTo(List.of(suits.split(" ")).contains(each.name()));
    }
    assertThat(ToolRules.suits(place, keptFor())).as("not said").isTrue();
  }

  @Test
  void whatIsKeptElsewhereIsLeftOutWithItsReason() {
    Surface seat = ASurface.of("leather/coated").soiled(Level.MODERATE).build();
    List<Reason> reasons =
        ToolRules.of(Given.place(seat), keptFor(Suits.FLOOR, Suits.BELTS), true, Given.FIGURES);
    assertThat(reasons)
        .filteredOn(reason -> reason.code() == ReasonCode.BARRED_HERE)
        .singleElement()
        .satisfies(
            reason -> {
              assertThat(reason.rulesOut()).isTrue();
              assertThat(reason.text()).contains("floor, belts");
            });
  }

  @ParameterizedTest(name = "{0} {1} {2}: by hand {3}")
  @CsvSource({
    "leather/coated, SEAT, INTACT, false",
    "leather/coated, SEAT, WORN, false",
    "leather/coated, SEAT, CRACKED, true",
    "leather/coated, GRIP, INTACT, false",
    "leather/coated, GRIP, WORN, true",
    "microsuede/synthetic, SEAT, INTACT, true",
    "plastic/textured, TRIM, INTACT, false",
  })
  void aGlovedHandIsForWhatAClothWouldBeTooMuchFor(
      String finish, Role role, Wear wear, boolean hand) {
    Place place =
        Given.place(ASurface.of(finish).role(role).wear(wear).soiled(Level.LIGHT).build());
    assertThat(
            ToolRules.of(place, Tool.HAND, true, Given.FIGURES).stream().anyMatch(Reason::rulesOut))
        .isEqualTo(!hand);
    assertThat(ToolRules.of(place, ATool.SPONGE, true, Given.FIGURES))
        .noneMatch(reason -> reason.code() == ReasonCode.BARRED_HERE);
  }

  private static Place seen(Surface surface, ChildSeat childSeat, FaultSeen... faults) {
    Setting setting = Given.studio(new Reception(Set.of(faults), childSeat, Set.of()));
    return Given.place(surface, setting, Given.RULES);
  }

  private static final Surface SEAT =
      ASurface.of("leather/coated").at("rear-bench", "cushion").soiled(Level.HEAVY).build();
  private static final Surface DASH =
      ASurface.of("plastic/textured").role(Role.TRIM).soiled(Level.LIGHT).build();
  private static final Surface SCREEN =
      ASurface.of("screen/coated").role(Role.SCREEN).soiled(Level.LIGHT).build();
  private static final Surface BELT =
      ASurface.of("textile/webbing").role(Role.TRIM).soiled(Level.LIGHT).build();

  @ParameterizedTest
  @EnumSource(FaultSeen.class)
  void aFaultKeepsWhatItReachesDryAndNothingElse(FaultSeen fault) {
    boolean seats = fault != FaultSeen.CRACKED_SCREEN;
    assertThat(Faults.noWetWork(seen(SEAT, ChildSeat.NONE, fault)).isPresent()).isEqualTo(seats);
    assertThat(Faults.noWetWork(seen(SCREEN, ChildSeat.NONE, fault)).isPresent()).isEqualTo(!seats);
    assertThat(Faults.noWetWork(seen(BELT, ChildSeat.NONE, fault)).isPresent())
        .isEqualTo(fault == FaultSeen.BELT_LAMP);
    assertThat(Faults.noWetWork(seen(DASH, ChildSeat.NONE, fault))).isEmpty();
  }

  @Test
  void aBeltTakesAMildSoapAndNothingElse() {
    AProduct mild = AProduct.cleaner("mild", 5).ph(7.4, PhNature.NEUTRAL_SURFACTANT);
    assertThat(Given.match(BELT, Given.shelf(mild.build(), ATool.SPONGE)).ladder()).isNotEmpty();
    AProduct named =
        AProduct.cleaner("named", 5)
            .ph(7.9, PhNature.NEUTRAL_SURFACTANT)
            .leaves(Film.SILICONE)
            .traits(Trait.FILM_UNSAID)
            .allows("textile/webbing");
    assertThat(Given.match(BELT, Given.shelf(named.build(), ATool.SPONGE)).ladder())
        .as("its label names belts")
        .isNotEmpty();
    List<Product> others =
        List.of(
            AProduct.cleaner("alkaline", 5).ph(9.9, PhNature.WEAK_ALKALI).build(),
            AProduct.cleaner("thinned", 5)
                .dilutes("1:40", "1:20", "1:10")
                .ph(9.0, PhNature.BUFFERED)
                .build(),
            AProduct.cleaner("sour", 5).ph(6.2, PhNature.WEAK_ACID).build(),
            AProduct.cleaner("unsaid", 5).phUnknown().build(),
            AProduct.cleaner("waxy", 5)
                .ph(7, PhNature.NEUTRAL_SURFACTANT)
                .leaves(Film.SILICONE)
                .build());
    for (Product other : others) {
      SurfaceMatch match = Given.match(BELT, Given.shelf(other, ATool.SPONGE));
      assertThat(match.ladder()).as(other.id()).isEmpty();
      assertThat(match.ruledOut())
          .filteredOn(out -> out.itemId().equals(other.id()))
          .flatExtracting(RuledOut::reasons)
          .as(other.id())
          .anyMatch(reason -> reason.text().startsWith("A belt takes a mild soap"));
    }
  }

  @Test
  void anAirbagLampReachesEveryCoverOfOne() {
    Surface cover = ASurface.of("plastic/textured").role(Role.TRIM).with(Feature.AIRBAG).build();
    assertThat(Faults.noWetWork(seen(cover, ChildSeat.NONE, FaultSeen.AIRBAG_LAMP)))
        .map(Reason::code)
        .contains(ReasonCode.REFER_LICENSED);
    assertThat(Faults.noWetWork(seen(cover, ChildSeat.NONE, FaultSeen.SEAT_HEATER))).isEmpty();
  }

  @ParameterizedTest(name = "a child seat that is {0}: {1}")
  @CsvSource({"NONE, ''", "IN, work round it", "OUT, takes the child seat out"})
  void aChildSeatIsSaidWhereOneMayStand(ChildSeat childSeat, String said) {
    Place place = seen(SEAT, childSeat);
    List<Reason> cautions = Cautions.of(place, List.of(), List.of(), false, Given.FIGURES);
    assertThat(cautions.stream().filter(c -> c.code() == ReasonCode.CHILD_SEAT).map(Reason::text))
        .hasSize(said.isEmpty() ? 0 : 1)
        .allMatch(text -> text.contains(said));
  }
}
