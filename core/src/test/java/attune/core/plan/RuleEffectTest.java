package attune.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.Decisions;
import attune.core.material.Role;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Level;
import attune.core.survey.Job;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Tone;
import attune.core.survey.Wishes.Protection;
import attune.core.survey.Wishes.Standard;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Each house rule changes the jobs it is about, and says what. */
class RuleEffectTest {
  private static final Shelf SHOP =
      Given.shelf(
          AProduct.cleaner("cleaner", 5).build(),
          AProduct.of("balm", ProductRole.CONDITIONER)
              .dose(10)
              .absorbs(1200, 3600)
              .cures(3600, 7200)
              .build(),
          AProduct.of("barrier", ProductRole.DYE_BARRIER)
              .dose(8)
              .absorbs(600, 600)
              .cures(600, 7200)
              .build(),
          AProduct.of("guard", ProductRole.PROTECTANT)
              .dose(8)
              .absorbs(60, 0)
              .cures(600, 7200)
              .build(),
          ATool.SOFT_BRUSH,
          ATool.LEATHER_BRUSH,
          ATool.STIFF_BRUSH,
          ATool.WHITE_BLOCK,
          ATool.BARRIER_PAD,
          ATool.of(Tool.Kind.STEAMER));
  private static final Surface HIDE =
      ASurface.of("leather/coated")
          .tone(Tone.PALE)
          .ageYears(5)
          .soiled(Level.HEAVY)
          .protect(Protection.BARRIER)
          .build();
  private static final Surface VINYL =
      ASurface.of("vinyl/coated-textile")
          .id("vinyl")
          .at("rear-bench", "cushion")
          .ageYears(5)
          .soiled(Level.LIGHT)
          .protect(Protection.DRESSING)
          .build();
  private static final Surface RIM =
      ASurface.of("leather/coated")
          .id("rim")
          .role(Role.GRIP)
          .soiled(Level.LIGHT)
          .protect(Protection.DRESSING)
          .build();
  private static final Surface CLOTH =
      ASurface.of("textile/flat").id("cloth").standard(Standard.TIDY).soiled(Level.LIGHT).build();
  private static final Job JOB =
      Given.job(Given.studio(), Given.RULES, SHOP, HIDE, VINYL, RIM, CLOTH);

  private static RuleEffect effect(String key, String school) {
    return RuleEffect.of(Given.PLANNER, JOB, Decisions.NONE, key, Given.RULES.school(key), school);
  }

  @ParameterizedTest(name = "{0} {1} changes {2}")
  @CsvSource({
    "condition-coated, protect-only, panel",
    "vinyl-as-leather, same, vinyl",
    "wheel-conditioning, no-slip-only, rim",
    "steam, first, cloth",
    "rinse, rinse, panel",
    "apply-to, tool, panel",
    "dwell, at-once, panel",
    "barrier-gap, same-day, panel",
  })
  void saysWhichPanelItChanges(String key, String school, String panel) {
    RuleEffect effect = effect(key, school);
    assertThat(effect.changesNothing()).isFalse();
    assertThat(effect.surfaces())
        .filteredOn(c -> c.surfaceId().equals(panel))
        .singleElement()
        .satisfies(c -> assertThat(c.before()).isNotEqualTo(c.after()));
  }

  @Test
  void aShorterGapBringsTheCarBackEarlier() {
    assertThat(effect("barrier-gap", "same-day").sitLater()).isLessThan(Duration.ZERO);
  }

  @Test
  void throwingTowelsAwayIsCounted() {
    assertThat(effect("towel-life", "throw").clothsThrown()).isPositive();
    assertThat(effect("towel-life", "wash").clothsThrown()).isNegative();
  }

  @Test
  void panelByPanelTakesLongerThanAllThen() {
    assertThat(effect("order-of-protection", "panel").sitLater()).isNotEqualTo(Duration.ZERO);
  }

  @Test
  void aRuleThatIsNotAboutThisJobChangesNothing() {
    assertThat(effect("microsuede-agitation", "hands").changesNothing()).isTrue();
    assertThat(effect("oil-under-film", "allow-on-light-finish").changesNothing()).isTrue();
  }
}
