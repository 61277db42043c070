package attune.core.plan;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.RandomPanels;
import attune.core.material.Role;
import attune.core.material.Texture;
import attune.core.measure.PhNature;
import attune.core.schedule.Skill;
import attune.core.schedule.Worker;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Film;
import attune.core.shelf.Product.Trait;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Slip;
import attune.core.shelf.Soil;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Feel;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Wear;
import attune.core.survey.HouseRules;
import attune.core.survey.HouseRules.HouseRule;
import attune.core.survey.Job;
import attune.core.survey.Setting;
import attune.core.survey.Stain;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Feature;
import attune.core.survey.Wishes;
import attune.core.survey.Wishes.Protection;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Cabins whose plans are kept: of every finish in every state, then with what is told of few, then
 * ordinary ones whose panels can share bottles and tools. The same ones each time.
 */
final class KeptCabins {
  private static final List<String> ORDINARY =
      List.of("leather/coated", "vinyl/coated-textile", "plastic/textured", "textile/flat");
  private static final int CABINS = 30;

  /** Cabins with what is told of few: stains one by one, allergies, faults, starts somebody set. */
  private static final int TOLD_MORE = 14;

  /** Cabins of few finishes in few zones, whose panels can share their bottles and tools. */
  private static final int ALIKE = 12;

  /** How many there are. */
  static final int ALL = CABINS + TOLD_MORE + ALIKE;

  private static final Shelf SHOP =
      Given.shelf(
          AProduct.cleaner("mild", 4).onHand(300).build(),
          RandomPanels.CONCENTRATE,
          RandomPanels.NAP_FOAM,
          AProduct.of("screen", ProductRole.SCREEN_CLEANER)
              .strength(5)
              .goodAt(Soil.SKIN_OIL, Soil.DUST)
              .build(),
          RandomPanels.SPOT_REMOVER,
          AProduct.of("residue", ProductRole.RESIDUE_REMOVER)
              .strength(3)
              .goodAt(Soil.SILICONE_FILM, Soil.POLISH)
              .ph(7, PhNature.NEUTRAL_SURFACTANT)
              .build(),
          AProduct.of("balm", ProductRole.CONDITIONER)
              .dose(12)
              .absorbs(1200, 3600)
              .slip(Slip.SLIGHT)
              .onHand(40)
              .build(),
          AProduct.of("oil", ProductRole.RESTORING_OIL).dose(20).absorbs(7200, 86_400).build(),
          AProduct.of("barrier", ProductRole.DYE_BARRIER)
              .dose(8)
              .absorbs(600, 600)
              .coats(2)
              .leaves(Film.PROTECTANT)
              .build(),
          AProduct.of("coat", ProductRole.COATING)
              .dose(5)
              .flashes(180, 300)
              .cures(43_200, 604_800)
              .onHand(50)
              .build(),
          AProduct.of("matt", ProductRole.PROTECTANT).dose(8).sheen(0).absorbs(60, 60).build(),
          AProduct.of("satin", ProductRole.PROTECTANT)
              .dose(7)
              .sheen(4)
              .absorbs(60, 60)
              .traits(Trait.UV)
              .opened(LocalDate.of(2026, 3, 1), 365)
              .onHand(20)
              .build(),
          AProduct.of("gloss", ProductRole.PROTECTANT)
              .dose(9)
              .sheen(12)
              .slip(Slip.SLIPPERY)
              .build(),
          AProduct.of("wipe-down", ProductRole.ALL_IN_ONE)
              .strength(4)
              .goodAt(Soil.DUST, Soil.SKIN_OIL)
              .leaves(Film.PROTECTANT)
              .build(),
          AProduct.of("restorer", ProductRole.PLASTIC_RESTORER).dose(6).cures(7200, 86_400).build(),
          AProduct.of("milk", ProductRole.CONDITIONER)
              .dose(9)
              .absorbs(300, 3600)
              .traits(Trait.FLAMMABLE)
              .solvent(15)
              .build(),
          AProduct.of("nap-guard", ProductRole.NAP_PROTECTOR).dose(30).absorbs(3600, 60).build(),
          ATool.SOFT_BRUSH,
          ATool.SPONGE,
          ATool.PAD,
          ATool.LEATHER_BRUSH,
          ATool.STIFF_BRUSH,
          ATool.WHITE_BLOCK,
          ATool.BARRIER_PAD,
          ATool.FOAM_PAD,
          ATool.covering(ATool.applicator("finger-pad", 0.2, true), 8),
          ATool.covering(ATool.brush("detail-brush", 1, Texture.FINE, Tool.Kind.BRUSH), 6),
          ATool.DYED_CLOTH,
          ATool.washed(ATool.applicator("old-pad", 0.3, false), 1),
          ATool.of(Tool.Kind.HAND),
          ATool.of(Tool.Kind.MISTER),
          ATool.of(Tool.Kind.STEAMER));

  private final RandomPanels random = new RandomPanels(20261129);

  static boolean isToldMore(int number) {
    return number >= CABINS && number < CABINS + TOLD_MORE;
  }

  private Surface[] panels(int number) {
    if (number >= CABINS + TOLD_MORE) {
      return IntStream.range(0, 6 + random.upTo(8)).mapToObj(this::alike).toArray(Surface[]::new);
    }
    return IntStream.range(0, 2 + random.upTo(5))
        .mapToObj(i -> isToldMore(number) ? toldMore(i) : panel(i).build())
        .toArray(Surface[]::new);
  }

  /** Three to a zone, of what most cabins are of, no worse than moderately soiled. */
  private Surface alike(int i) {
    return ASurface.of(random.one(ORDINARY))
        .id("panel-" + i)
        .at("zone-" + i / 3, "part")
        .role(random.upTo(2) == 0 ? Role.SEAT : Role.TRIM)
        .area(0.05 + random.upTo(40) / 50.0)
        .soiled(
            random.upTo(3) == 0 ? Level.MODERATE : Level.LIGHT,
            random.upTo(2) == 0 ? Soil.SKIN_OIL : Soil.DUST)
        .wear(random.upTo(4) == 0 ? Wear.WORN : Wear.INTACT)
        .build();
  }

  Job job(int number) {
    Surface[] panels = panels(number);
    Map<String, String> schools = new HashMap<>();
    for (int i = 0; i < number % 4; i++) {
      HouseRule rule = random.one(Given.RULES.all());
      schools.put(rule.key(), random.one(rule.schools()));
    }
    HouseRules rules = Given.RULES.with(schools);
    Shelf shelf = isToldMore(number) ? wider() : number % 2 == 0 ? SHOP : some(3 + random.upTo(5));
    Job made = Given.job(random.day(), rules, shelf, panels);
    Wishes wishes =
        new Wishes(
            random.one(Wishes.Sheen.values()), Wishes.Standard.THOROUGH, Protection.DRESSING);
    return new Job(
        "Cabin " + number,
        setting(number, made.setting()),
        wishes,
        rules,
        shelf,
        made.craft(),
        number % 2 == 0,
        List.of(panels));
  }

  /** Begun at any hour of a week, for somebody who wants it back, in a climate. */
  private Setting setting(int number, Setting day) {
    LocalDateTime start = Given.MONDAY_NINE.plusHours(random.upTo(9)).plusDays(number % 7);
    return new Setting(
        day.place(),
        day.air(),
        day.sun(),
        day.surfaceTemp(),
        number % 3 == 2 ? 2 : 1,
        start,
        number % 2 == 0 ? Optional.empty() : Optional.of(start.plusHours(1 + random.upTo(8))),
        random.one(Setting.Climate.values()),
        !isToldMore(number)
            ? Optional.empty()
            : Optional.of(new Setting.Breaks(30 + random.upTo(120), 5 + random.upTo(20))),
        isToldMore(number) ? reception() : Setting.Reception.NOTHING);
  }

  private Setting.Reception reception() {
    return new Setting.Reception(
        random.upTo(2) == 0 ? Set.of() : Set.of(random.one(Setting.FaultSeen.values())),
        random.one(Setting.ChildSeat.values()),
        Set.of());
  }

  /** The same, with what somebody may not bear, or that does not say. */
  private Shelf wider() {
    List<Product> more = new ArrayList<>(SHOP.products());
    more.add(
        AProduct.of("perfumed", ProductRole.CLEANER)
            .strength(5)
            .goodAt(Soil.SKIN_OIL, Soil.FOOD_DRINK)
            .traits(Trait.SCENTED)
            .build());
    more.add(
        AProduct.of("unsaid", ProductRole.CLEANER)
            .strength(4)
            .goodAt(Soil.SKIN_OIL)
            .traits(Trait.SCENT_UNSAID, Trait.FILM_UNSAID)
            .build());
    more.add(
        AProduct.of("enzyme", ProductRole.CLEANER)
            .strength(6)
            .goodAt(Soil.FOOD_DRINK, Soil.ODOUR)
            .dwell(300, 900)
            .build());
    more.add(
        AProduct.of("mist", ProductRole.ALL_IN_ONE)
            .strength(3)
            .goodAt(Soil.DUST)
            .traits(Trait.AEROSOL)
            .build());
    return new Shelf(more, SHOP.tools());
  }

  /** A shelf that lacks one thing in so many. */
  private Shelf some(int oneIn) {
    return new Shelf(
        SHOP.products().stream().filter(product -> random.upTo(oneIn) > 0).toList(),
        SHOP.tools().stream().filter(tool -> random.upTo(oneIn) > 0).toList());
  }

  private ASurface panel(int i) {
    ASurface panel = random.panel(i).protect(random.one(Protection.values()));
    if (random.upTo(5) == 0) {
      panel.with(Feature.HEATED).feel(Feel.STIFF);
    }
    if (random.upTo(4) == 0) {
      panel.history(visit(random.one(List.of("balm", "coat", "barrier")), random.upTo(300)));
    }
    return panel;
  }

  private Surface toldMore(int i) {
    ASurface panel = panel(i);
    if (random.upTo(2) == 0) {
      panel.stained(stain(), stain());
    }
    if (random.upTo(3) == 0) {
      panel.avoids(random.one(Wishes.Avoid.values()));
    }
    return panel.shows(random.upTo(12)).build();
  }

  private Stain stain() {
    return new Stain(
        random.one(Stain.Kind.values()),
        random.one(Stain.Extent.values()),
        Optional.empty(),
        random.upTo(2) == 0 ? Optional.empty() : Optional.of(random.upTo(120)));
  }

  private static Surface.Visit visit(String productId, int daysAgo) {
    return new Surface.Visit(
        LocalDate.of(2026, 5, 31).minusDays(daysAgo),
        Optional.of(productId),
        Optional.of("ready"),
        Optional.of(7.5),
        Optional.of(1.0),
        Optional.of(2),
        Optional.of(2),
        productId.equals("coat"));
  }

  Arrangement arrangement(int number, Job job) {
    Arrangement with = Arrangement.NONE;
    if (number % 3 == 1) {
      with =
          with.by(
              List.of(
                  new Worker("Mira", Set.of(Skill.values()), 8 * 3600, 17 * 3600),
                  new Worker("Tobin", Set.of(), 9 * 3600, 15 * 3600)));
    }
    if (number % 4 == 3) {
      with = with.without(random.one(Omission.values()));
    }
    if (number % 6 == 5) {
      String panel = job.surfaces().get(0).id();
      LocalDateTime arrives = job.setting().start().plusDays(1);
      with =
          new Arrangement(
              with.crew(),
              with.pins(),
              with.leftOut(),
              List.of(new PartOnOrder("A switch", List.of(panel), arrives)));
    }
    return with;
  }

  /** One of some, as chance has it. */
  <T> T one(List<T> of) {
    return random.one(of);
  }

  int upTo(int most) {
    return random.upTo(most);
  }
}
