package attune.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.core.Given;
import attune.core.survey.Condition.Level;
import attune.core.survey.Wishes.Standard;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Soil pass by pass, and how hard a pass must act (docs/trade, model 2). */
class NeedsTest {
  private final Needs needs = new Needs(Given.FIGURES);
  private static final double HARDEST = 8;

  /** By hand: a pass takes 1 - e^(-3.6 a) of what is there, but never more than 1.5 √a layers. */
  @ParameterizedTest
  @CsvSource({
    "1.0, 1.00, 1, 0.02732", // a full pass on a light film: e^-3.6 of it
    "1.0, 0.25, 1, 0.40657",
    "1.0, 0.25, 2, 0.16530",
    "4.0, 1.00, 1, 2.50000", // as thick a layer as a pass carries off
    "4.0, 1.00, 3, 0.02732",
    "6.0, 0.25, 2, 4.50000",
    "2.2, 1.00, 0, 2.20000"
  })
  void whatIsLeftAfterSoManyPasses(double soil, double action, int passes, double left) {
    assertThat(needs.leftAfter(soil, action, passes)).isCloseTo(left, within(1e-5));
  }

  @ParameterizedTest
  @CsvSource({
    "1.0, 0.05, 1.00, 1",
    "1.0, 0.02, 1.00, 2",
    "4.0, 0.05, 1.00, 3",
    "0.1, 0.10, 0.01, 0",
    "0.0, 0.05, 0.00, 0",
    "1.0, 0.05, 0.00, 99",
    "1.0, 0.05, 0.0001, 99"
  })
  void passesToAStandard(double soil, double enough, double action, int passes) {
    assertThat(needs.passes(soil, enough, action)).isEqualTo(passes);
  }

  @Test
  void theLeastActionGetsThereAndAnythingLessDoesNot() {
    for (Level level : List.of(Level.LIGHT, Level.MODERATE, Level.HEAVY, Level.CAKED)) {
      for (Standard standard : Standard.values()) {
        double soil = needs.amount(level);
        double enough = needs.acceptable(standard);
        for (int passes = 1; passes <= needs.most(); passes++) {
          double least = needs.leastAction(soil, enough, passes);
          if (least >= HARDEST) {
            continue; // no action carries off so much in so few passes
          }
          assertThat(needs.passes(soil, enough, least)).isLessThanOrEqualTo(passes);
          assertThat(needs.passes(soil, enough, least * 0.999)).isGreaterThan(passes);
        }
        assertThat(needs.leastOffered(level, standard))
            .isEqualTo(needs.leastAction(soil, enough, 8));
      }
    }
  }

  @Test
  void moreSoilOrAHigherStandardIsNeverMetMilder() {
    for (Standard standard : Standard.values()) {
      double before = 0;
      for (Level level : List.of(Level.LIGHT, Level.MODERATE, Level.HEAVY, Level.CAKED)) {
        for (boolean gently : new boolean[] {false, true}) {
          List<Double> upTo = needs.neededUpTo(level, standard, gently);
          assertThat(upTo).isSorted().doesNotHaveDuplicates();
        }
        double needed = last(needs.neededUpTo(level, standard, false));
        assertThat(needed).isGreaterThanOrEqualTo(before);
        before = needed;
      }
    }
    for (Level level : List.of(Level.LIGHT, Level.MODERATE, Level.HEAVY, Level.CAKED)) {
      assertThat(last(needs.neededUpTo(level, Standard.EXACTING, false)))
          .isGreaterThanOrEqualTo(last(needs.neededUpTo(level, Standard.THOROUGH, false)));
      assertThat(needs.neededUpTo(level, Standard.EXACTING, false))
          .containsAll(needs.neededUpTo(level, Standard.TIDY, false));
    }
  }

  @Test
  void patienceAsksForLessOfEachPass() {
    // light and thorough: one pass as usual, two softly, four patiently
    assertThat(needs.neededUpTo(Level.LIGHT, Standard.THOROUGH, false))
        .last()
        .isEqualTo(needs.leastAction(1, 0.05, 1));
    assertThat(needs.neededUpTo(Level.LIGHT, Standard.THOROUGH, true))
        .last()
        .isEqualTo(needs.leastAction(1, 0.05, 2));
    assertThat(needs.softly(Level.LIGHT, Standard.THOROUGH))
        .isEqualTo(needs.leastAction(1, 0.05, 2));
    assertThat(needs.patiently(Level.LIGHT, Standard.TIDY))
        .isEqualTo(needs.leastAction(1, 0.10, 4));
    // exacting is given a pass more, and is never met milder than what asks for less was met softly
    assertThat(needs.patiently(Level.LIGHT, Standard.EXACTING))
        .isEqualTo(needs.softly(Level.LIGHT, Standard.THOROUGH));
    assertThat(needs.softly(Level.NONE, Standard.THOROUGH)).isZero();
    assertThat(needs.amount(Level.NONE)).isZero();
  }

  @Test
  void whereNoStandardIsReachedPassesEndWhenTheirDifferenceIsNotSeen() {
    double hopeless = 0.018; // takes off a sixteenth a pass: 59 % would be left after eight
    assertThat(needs.reachesAny(1, hopeless)).isFalse();
    assertThat(needs.worthMaking(1, hopeless)).isEqualTo(2);
    double some = 0.04; // takes off 13, 12, 10, 9 hundredths
    assertThat(needs.reachesAny(1, some)).isFalse();
    assertThat(needs.worthMaking(1, some)).isEqualTo(3);
    assertThat(needs.worthMaking(100, 1)).isEqualTo(2);
    // caked on: a twelfth of it a pass, but the last passes would take half of what is left
    assertThat(needs.worthMaking(14, 0.64)).isEqualTo(2);
    assertThat(needs.worthMaking(6, 0.2304)).isEqualTo(needs.most());
    // tidy within reach: whoever asked for more gets all that makes sense
    double tidy = needs.leastOffered(Level.HEAVY, Standard.TIDY);
    assertThat(needs.reachesAny(4, tidy)).isTrue();
    assertThat(needs.reachesAny(4, tidy * 0.99)).isFalse();
  }

  private static double last(List<Double> all) {
    return all.get(all.size() - 1);
  }
}
