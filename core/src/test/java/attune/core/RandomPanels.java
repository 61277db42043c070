package attune.core;

import attune.core.material.Finish;
import attune.core.material.Role;
import attune.core.material.Texture;
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
