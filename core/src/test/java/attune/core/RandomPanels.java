package attune.core;

import attune.core.material.Finish;
import attune.core.material.Role;
import attune.core.material.Texture;
import attune.core.measure.PhNature;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Soil;
import attune.core.survey.Condition.Damage;
import attune.core.survey.Condition.Feel;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Setting;
import attune.core.survey.Surface.Feature;
import attune.core.survey.Surface.Near;
import attune.core.survey.Surface.Tone;
import attune.core.survey.Wishes.Standard;
import java.util.List;
import java.util.Random;

/** Panels of every finish in every state, the same ones each time. */
public final class RandomPanels {
  /** Bottles any shop has. */
  public static final Product NAP_FOAM =
      AProduct.of("nap-foam", ProductRole.CLEANER)
          .foam()
          .strength(4.5)
          .goodAt(Soil.SKIN_OIL, Soil.DUST, Soil.MAKE_UP)
          .ph(7.2, PhNature.NEUTRAL_SURFACTANT)
          .allows("microsuede/*", "textile/*")
          .dwell(420, 600)
          .build();

  public static final Product SPOT_REMOVER =
      AProduct.of("spot", ProductRole.SPOT_REMOVER)
          .strength(9)
          .goodAt(Soil.INK, Soil.DENIM_DYE)
          .solvent(8)
          .dwell(10, 18)
          .build();

  public static final Product CONCENTRATE =
      AProduct.of("concentrate", ProductRole.CLEANER)
          .strength(6)
          .goodAt(Soil.SKIN_OIL, Soil.FOOD_DRINK, Soil.DUST)
          .dilutes("1:20", "1:10", "1:4")
          .ph(11, PhNature.WEAK_ALKALI)
          .dwell(20, 90)
          .build();

  private final Random random;

  public RandomPanels(long seed) {
    this.random = new Random(seed);
  }

  public int upTo(int most) {
    return random.nextInt(most);
  }

  public <T> T one(T[] of) {
    return of[random.nextInt(of.length)];
  }

  public <T> T one(List<T> of) {
    return of.get(random.nextInt(of.size()));
  }

  /** A day between cold and hot, dry and damp, still and draughty. */
  public Setting day() {
    return Given.setting(
        10 + random.nextInt(28),
        0.3 + random.nextInt(5) / 10.0,
        random.nextInt(4) / 10.0,
        one(Setting.Sun.values()));
  }

  /** Two to a zone; one in twenty of a finish nobody knows. */
  public ASurface panel(int number) {
    Finish finish = one(Given.FINISHES.all());
    List<Role> roles = finish.foundAs().stream().sorted().toList();
    ASurface panel =
        ASurface.of(random.nextInt(20) == 0 ? "unknown" : finish.code())
            .id("panel-" + number)
            .at("zone-" + number / 2, "part")
            .role(one(roles))
            .tone(one(Tone.values()))
            .grain(one(Texture.values()))
            .area(0.03 + random.nextInt(60) / 50.0)
            .ageYears(random.nextInt(20))
            .standard(one(Standard.values()))
            .soiled(one(Level.values()), one(Soil.values()))
            .satDays(random.nextInt(90))
            .feel(one(Feel.values()));
    if (random.nextInt(4) == 0) {
      panel.wear(one(Wear.values()));
    }
    if (random.nextInt(5) == 0) {
      panel.damaged(one(Damage.values()));
    }
    if (random.nextInt(4) == 0) {
      panel.with(one(Feature.values()));
    }
    if (random.nextInt(4) == 0) {
      panel.beside(one(Near.values()));
    }
    if (finish.hasNap()) {
      panel.nap(one(Nap.values()));
    }
    if (finish.isHide() && random.nextInt(3) == 0) {
      panel.perforated();
    }
    return panel;
  }
}
