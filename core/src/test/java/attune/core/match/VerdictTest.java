package attune.core.match;

import static attune.core.match.Treatment.ApplyTo.SURFACE;
import static attune.core.match.Treatment.ApplyTo.TOOL;
import static attune.core.match.VerdictCases.cleaner;
import static attune.core.match.VerdictCases.leather;
import static attune.core.match.VerdictCases.tool;
import static attune.core.match.VerdictCases.with;
import static attune.core.survey.Condition.Level.LIGHT;
import static org.assertj.core.api.Assertions.assertThat;

import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.Reason.SetBy;
import attune.core.match.Treatment.Warmth;
import attune.core.match.Verdict.Outcome;
import attune.core.measure.PhNature;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Film;
import attune.core.shelf.Soil;
import attune.core.survey.HouseRules;
import attune.core.survey.Setting;
import attune.core.survey.Surface.Tone;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every reason that may stand against a treatment, with who set the limit. */
class VerdictTest {
  @ParameterizedTest(name = "{0}: {1}, set by {2}")
  @MethodSource("attune.core.match.VerdictCases#cases")
  void hasItsReason(
      ReasonCode code,
      Outcome outcome,
      SetBy by,
      attune.core.survey.Surface surface,
      Treatment treatment,
      HouseRules rules) {
    Verdict verdict = Given.JUDGE.judge(Given.place(surface, rules), treatment);
    assertThat(verdict.reasons())
        .filteredOn(reason -> reason.code() == code)
        .singleElement()
        .satisfies(
            reason -> {
              assertThat(reason.setBy()).isEqualTo(by);
              assertThat(reason.text()).isNotBlank().endsWith(".");
            });
    assertThat(verdict.outcome()).isEqualTo(outcome);
    assertThat(verdict.isOffered()).isEqualTo(outcome == Outcome.CARE);
  }

  @Test
  void aPlainTreatmentIsInTuneWithNothingAgainstIt() {
    Verdict verdict = Given.JUDGE.judge(Given.place(leather().build()), with(cleaner().build()));
    assertThat(verdict.reasons()).isEmpty();
    assertThat(verdict.outcome()).isEqualTo(Outcome.IN_TUNE);
  }

  @Test
  void aDilutionOutsideTheLabelIsBarredEitherWay() {
    Product concentrate = cleaner().dilutes("1:20", "1:10", "1:5").build();
    for (double water : new double[] {4, 21}) {
      Treatment off =
          new Treatment(
              Optional.of(concentrate),
              new Ratio(water),
              ATool.SOFT_BRUSH,
              TOOL,
              15,
              Warmth.NONE,
              60);
      assertThat(Given.JUDGE.judge(Given.place(leather().build()), off).reasons())
          .filteredOn(r -> r.code() == ReasonCode.LABEL_DILUTION)
          .singleElement()
          .satisfies(r -> assertThat(r.text()).contains("1:5 to 1:20"));
    }
  }

  @Test
  void aFilmIsOnlyAFaultWhereACoatingFollows() {
    Treatment filming = with(cleaner().leaves(Film.PROTECTANT).build());
    var surface = leather().build();
    Place plain = Given.place(surface);
    Place coated = Place.of(surface, Given.studio(), Given.RULES, true, Given.BOOK);
    assertThat(Given.JUDGE.judge(plain, filming).isOffered()).isTrue();
    assertThat(Given.JUDGE.judge(coated, filming).reasons())
        .extracting(Reason::code)
        .containsExactly(ReasonCode.FILM_BLOCKS_COATING);
  }

  @Test
  void nubuckTakesNoBrushStifferThanItsNap() {
    Place nubuck = Given.place(ASurface.of("leather/nubuck").soiled(LIGHT, Soil.DUST).build());
    assertThat(Given.JUDGE.judge(nubuck, tool(ATool.SOFT_BRUSH)).reasons())
        .extracting(Reason::code)
        .contains(ReasonCode.TOO_STIFF);
  }

  @Test
  void aHotPanelIsToldToWaitAndAWindowTooShortIsSaid() {
    Setting sun = Given.setting(32, 0.3, 0.5, Setting.Sun.DIRECT);
    Place black =
        Given.place(
            ASurface.of("vinyl/coated-textile").tone(Tone.DARK).soiled(LIGHT).build(),
            sun,
            Given.RULES);
    Verdict verdict = Given.JUDGE.judge(black, with(cleaner().build()));
    assertThat(black.found().value()).isEqualTo(67);
    assertThat(black.temperature().value()).isEqualTo(32); // as it is worked, in the shade
    assertThat(verdict.reasons())
        .extracting(Reason::code)
        .contains(ReasonCode.SURFACE_TOO_HOT, ReasonCode.WINDOW_TOO_SHORT);
    assertThat(verdict.sections().nowS()).isLessThan(60);
    assertThat(verdict.sections().windowS()).isGreaterThan(verdict.sections().nowS());
  }

  @Test
  void everyMeasuredReasonCarriesBothNumbersAndAUnit() {
    Place place = Given.place(leather().perforated().build());
    Treatment wrong =
        with(
            cleaner().ph(11, PhNature.BUFFERED).build(),
            ATool.STIFF_BRUSH,
            SURFACE,
            90,
            Warmth.NONE,
            600);
    assertThat(Given.JUDGE.judge(place, wrong).reasons())
        .hasSizeGreaterThan(3)
        .filteredOn(reason -> reason.measured().isPresent())
        .hasSizeGreaterThan(2)
        .allSatisfy(
            reason -> {
              assertThat(reason.limit()).isPresent();
              assertThat(reason.unit()).isNotBlank();
              assertThat(reason.measured()).isNotEqualTo(reason.limit());
            });
  }
}
