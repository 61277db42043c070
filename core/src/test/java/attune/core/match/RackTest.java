package attune.core.match;

import static attune.core.survey.Condition.Level.MODERATE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.Rack.Reading;
import attune.core.match.Rack.Scale;
import attune.core.match.Rack.State;
import attune.core.match.Treatment.ApplyTo;
import attune.core.match.Treatment.Warmth;
import attune.core.measure.Celsius;
import attune.core.measure.PhNature;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Tool;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The rack shows each needle against what the soil needs and the finish stands. */
class RackTest {
  private static final Product CLEANER =
      AProduct.cleaner("cleaner", 5).ph(8.0, PhNature.BUFFERED).build();
  private static final Place PLACE =
      Given.place(ASurface.of("leather/coated").soiled(MODERATE).build());

  private static Treatment at(Tool tool, double laid, int dwell) {
    return new Treatment(
        Optional.of(CLEANER), Ratio.READY, tool, ApplyTo.TOOL, laid, Warmth.NONE, dwell);
  }

  private static Reading read(Treatment treatment, Scale scale) {
    return read(PLACE, treatment, scale);
  }

  private static Treatment of(Product cleaner, int dwell) {
    return new Treatment(
        Optional.of(cleaner), Ratio.READY, ATool.SOFT_BRUSH, ApplyTo.TOOL, 20, Warmth.NONE, dwell);
  }

  private static Reading read(Place place, Treatment treatment, Scale scale) {
    Matcher matcher = new Matcher(Given.BOOK);
    Rack rack = matcher.rack(place, matcher.judge(place, treatment));
    return rack.readings().stream().filter(r -> r.scale() == scale).findFirst().orElseThrow();
  }

  @Test
  void theNeedleStandsWhereTheTreatmentIs() {
    Treatment treatment = at(ATool.SOFT_BRUSH, 20, 60);
    assertThat(read(treatment, Scale.WETNESS).valueLow()).contains(20.0);
    assertThat(read(treatment, Scale.AGITATION).valueLow()).contains(2.0);
    assertThat(read(treatment, Scale.CONTACT).valueLow()).contains(60.0);
  }

  @Test
  void thePhNeedleIsAsWideAsItsDoubt() {
    Reading ph = read(at(ATool.SOFT_BRUSH, 20, 60), Scale.PH);
    assertThat(ph.valueHigh().orElseThrow()).isGreaterThan(ph.valueLow().orElseThrow());
    assertThat(ph.routineLow()).isEqualTo(5.0);
    assertThat(ph.routineHigh()).isEqualTo(8.5);
    assertThat(ph.limitLow()).isEqualTo(4.0);
    assertThat(ph.limitHigh()).isEqualTo(10.0);
  }

  @Test
  void tooWetAndTooStiffStandOver() {
    assertThat(read(at(ATool.SOFT_BRUSH, 90, 60), Scale.WETNESS).state()).isEqualTo(State.OVER);
    assertThat(read(at(ATool.STIFF_BRUSH, 20, 60), Scale.AGITATION).state()).isEqualTo(State.OVER);
    assertThat(read(at(ATool.SOFT_BRUSH, 20, 60), Scale.AGITATION).state())
        .isNotEqualTo(State.OVER);
  }

  @Test
  void actionStandsUnderWhenItWouldNeverGetThere() {
    Reading weak = read(at(ATool.SPONGE, 15, 31), Scale.ACTION);
    Reading strong = read(at(ATool.LEATHER_BRUSH, 15, 120), Scale.ACTION);
    assertThat(strong.valueLow().orElseThrow()).isGreaterThan(weak.valueLow().orElseThrow());
    assertThat(strong.state()).isEqualTo(State.IN_TUNE);
    assertThat(strong.need().orElseThrow()).isCloseTo(PLACE.demand().needed(), within(1e-9));
  }

  @Test
  void atTheNeedOfAScaleAloneItIsJustStrongEnough() {
    Reading contact = read(at(ATool.LEATHER_BRUSH, 15, 60), Scale.CONTACT);
    int need = (int) Math.ceil(contact.need().orElseThrow());
    Verdict just = Given.JUDGE.judge(PLACE, at(ATool.LEATHER_BRUSH, 15, need));
    Verdict before = Given.JUDGE.judge(PLACE, at(ATool.LEATHER_BRUSH, 15, need - 2));
    assertThat(just.action()).isGreaterThanOrEqualTo(just.needed() - 1e-6);
    assertThat(before.action()).isLessThan(before.needed());
  }

  @Test
  void everyAxisHoldsItsNeedleAndItsLimits() {
    Matcher matcher = new Matcher(Given.BOOK);
    Rack rack = matcher.rack(PLACE, matcher.judge(PLACE, at(ATool.SOFT_BRUSH, 30, 90)));
    assertThat(rack.readings()).hasSize(Scale.values().length);
    assertThat(rack.readings())
        .allSatisfy(
            r -> {
              assertThat(r.axisLow()).isLessThan(r.axisHigh());
              assertThat(r.valueLow().orElseThrow()).isBetween(r.axisLow(), r.axisHigh());
              assertThat(r.limitLow()).isLessThanOrEqualTo(r.routineLow());
            });
  }

  private static final CleaningAction ACTION = new CleaningAction(Given.FIGURES);

  @Test
  void everyNeedMakesUpForJustWhatIsMissing() {
    Treatment weak = at(ATool.SPONGE, 15, 40);
    Verdict verdict = Given.JUDGE.judge(PLACE, weak);
    double missing = verdict.needed() / verdict.action();
    assertThat(missing).isGreaterThan(1);

    double stiffness = read(weak, Scale.AGITATION).need().orElseThrow();
    assertThat(ACTION.mech(stiffness) / ACTION.mech(1.0)).isCloseTo(missing, within(1e-9));

    Reading warmth = read(weak, Scale.WARMTH);
    double now = warmth.valueLow().orElseThrow();
    assertThat(
            ACTION.heat(new Celsius(warmth.need().orElseThrow())) / ACTION.heat(new Celsius(now)))
        .isCloseTo(missing, within(1e-9));

    Treatment brief = at(ATool.LEATHER_BRUSH, 15, 10);
    Verdict short10 = Given.JUDGE.judge(PLACE, brief);
    double dwell = read(brief, Scale.CONTACT).need().orElseThrow();
    assertThat(ACTION.time(dwell) / ACTION.time(10))
        .isCloseTo(short10.needed() / short10.action(), within(1e-9));
  }

  @Test
  void whereNoDwellIsLongEnoughNoneIsShown() {
    Product weak = AProduct.cleaner("weak", 1).ph(7, PhNature.BUFFERED).build();
    assertThat(read(of(weak, 60), Scale.CONTACT).need()).isEmpty();
    assertThat(read(at(ATool.LEATHER_BRUSH, 15, 60), Scale.CONTACT).need()).isPresent();
  }

  @Test
  void foamMayBeLaidHeavierThanLiquid() {
    Place holes = Given.place(ASurface.of("leather/coated").perforated().soiled(MODERATE).build());
    Product foam = AProduct.cleaner("foam", 5).ph(8.0, PhNature.BUFFERED).foam().build();
    double most = holes.limits().wetMax().value();
    assertThat(read(holes, of(CLEANER, 60), Scale.WETNESS).limitHigh()).isEqualTo(most);
    assertThat(read(holes, of(foam, 60), Scale.WETNESS).limitHigh())
        .isCloseTo(most / Given.FIGURES.get("laid.foam-wets"), within(1e-9));
  }

  @Test
  void theStricterOfLabelAndFinishIsNamed() {
    AProduct cleaner = AProduct.cleaner("timed", 5).ph(8.0, PhNature.BUFFERED);
    Reading quick = read(of(cleaner.dwell(10, 45).build(), 40), Scale.CONTACT);
    assertThat(quick.limitHigh()).isEqualTo(45);
    assertThat(quick.limitSetBy()).isEqualTo(Reason.SetBy.LABEL);
    Reading slow = read(of(cleaner.dwell(10, 5000).build(), 40), Scale.CONTACT);
    assertThat(slow.limitHigh()).isEqualTo(PLACE.limits().contactMaxS().value());
    assertThat(slow.limitSetBy()).isEqualTo(Reason.SetBy.FINISH);
  }

  @Test
  void shortOfTheNeedIsCareWhileMorePassesMakeUpForIt() {
    Treatment some = at(ATool.SPONGE, 15, 40);
    Verdict verdict = Given.JUDGE.judge(PLACE, some);
    assertThat(verdict.action()).isLessThan(verdict.needed());
    assertThat(verdict.passes()).isLessThanOrEqualTo(Given.FIGURES.whole("cleaning.passes-most"));
    assertThat(read(some, Scale.AGITATION).state()).isEqualTo(State.CARE);
    Treatment hopeless = at(ATool.SPONGE, 15, 1);
    assertThat(Given.JUDGE.judge(PLACE, hopeless).passes())
        .isGreaterThan(Given.FIGURES.whole("cleaning.passes-most"));
    assertThat(read(hopeless, Scale.AGITATION).state()).isEqualTo(State.UNDER);
  }

  @Test
  void theAxisLeavesRoomBehindTheLimit() {
    Reading wetness = read(at(ATool.SOFT_BRUSH, 20, 60), Scale.WETNESS);
    assertThat(wetness.axisHigh()).isEqualTo(100);
    Reading contact = read(at(ATool.SOFT_BRUSH, 20, 60), Scale.CONTACT);
    assertThat(contact.axisHigh())
        .isEqualTo(Math.max(120, Math.ceil(contact.limitHigh() * 1.25 / 10) * 10));
  }
}
