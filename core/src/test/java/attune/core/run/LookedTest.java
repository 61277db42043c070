package attune.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import attune.core.run.Outcome.Next;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Everything that can be seen leads somewhere, in words, and never to something stronger at once.
 */
class LookedTest {
  @ParameterizedTest
  @EnumSource(Look.class)
  void everythingThatCanBeSeenSaysWhatFollows(Look look) {
    for (Seen seen : look.canBe()) {
      for (int pass = 1; pass <= 4; pass++) {
        Outcome outcome = new Looked(look, 3, true).after(seen, pass, pass % 2 == 0);
        assertThat(outcome.says()).as(look + " " + seen).endsWith(".").hasSizeGreaterThan(10);
      }
    }
  }

  @ParameterizedTest
  @EnumSource(Look.class)
  void theBestAnswerStandsFirstAndEndsTheStep(Look look) {
    Outcome best = new Looked(look, 2, true).after(look.canBe().get(0), 1, true);
    assertThat(best.next()).isEqualTo(Next.DONE);
    assertThat(best.next().ends()).isTrue();
  }

  @ParameterizedTest
  @EnumSource(Look.class)
  void colourStopsWhereverItIsSeenOnWhateverPass(Look look) {
    if (look.canBe().contains(Seen.COLOUR)) {
      for (int pass = 1; pass <= 9; pass++) {
        assertThat(new Looked(look, 2, false).after(Seen.COLOUR, pass, true).next())
            .isEqualTo(Next.REFER);
      }
    }
  }

  @Test
  void soilNeverLeadsARungHigherBeforeThePassesAreMade() {
    for (Look look : new Look[] {Look.CLOTH, Look.FOAM, Look.SEAMS}) {
      Seen soil = look == Look.FOAM ? Seen.BROWN : Seen.SOIL;
      for (int most = 2; most <= 6; most++) {
        for (int pass = 1; pass < most; pass++) {
          assertThat(new Looked(look, most, true).after(soil, pass, true).next())
              .as("%s, pass %d of %d", look, pass, most)
              .isIn(Next.AGAIN, Next.LIGHTER);
        }
        assertThat(new Looked(look, most, true).after(soil, most, false).next())
            .isEqualTo(Next.LEAVE);
      }
    }
  }

  @Test
  void thereIsAtLeastOnePass() {
    assertThatThrownBy(() -> new Looked(Look.CLOTH, 0, true))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("1 or more is allowed");
  }
}
