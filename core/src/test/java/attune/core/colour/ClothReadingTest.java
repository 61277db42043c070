package attune.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import attune.core.Given;
import attune.core.check.InvalidInputException;
import attune.core.colour.ClothReading.Progress;
import attune.core.colour.ClothReading.Taken;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What white cloths looked like after a wipe, and what a practitioner says of them. */
class ClothReadingTest {
  private static final String WHITE = "#f2f2ef";

  private static Lab lab(String hex) {
    return Lab.of(Srgb.parse(hex));
  }

  private static ClothReading read(String trim, String... faces) {
    return ClothReading.of(
        lab(WHITE),
        Arrays.stream(faces).map(ClothReadingTest::lab).toList(),
        Optional.ofNullable(trim).map(ClothReadingTest::lab),
        Given.FIGURES);
  }

  @ParameterizedTest(name = "{0} trim, cloth {1} then {2}: {3}, stop {4}")
  @CsvSource({
    "#8b2020, #cfc9c0, #d8d4cc, SOIL, false", // red hide, grey-brown cloth
    "#8b2020, #d8a0a0, #cc8080, PIGMENT, true", // red on the cloth, and more of it
    "#1f3a6e, #b8c4da, #9fb2d6, PIGMENT, true", // blue hide gives blue
    "#1f3a6e, #cdbfa8, #d8cfbf, SOIL, false", // blue hide, brown soil
    "#e8e2d5, #a09a90, #b8b3aa, SOIL, false", // pale hide, dark soil
    "#1a1a1a, #8a8a88, #989896, CANNOT_TELL, false", // black on black
    "#3a2a1c, #b89c7c, #c2aa8e, CANNOT_TELL, true", // dark brown on dark brown
    "#b07a4a, #d8c0a0, #c8a478, PIGMENT, true", // tan, and rising
    "#b07a4a, #c8a478, #d8c6ae, SOIL, false", // tan, and falling
    "#8b2020, #f2f2ef, #f2f1ee, NOTHING, false",
  })
  void tellsSoilFromPigment(String trim, String first, String second, Taken taken, boolean stop) {
    ClothReading reading = read(trim, first, second);
    assertThat(reading.taken()).isEqualTo(taken);
    assertThat(reading.stop()).isEqualTo(stop);
    assertThat(reading.text()).isNotBlank();
  }

  @Test
  void aFirstFaceInTheTrimsColourStopsAtOnceUnlessSoilHasThatColourToo() {
    assertThat(read("#8b2020", "#d8a0a0").taken()).isEqualTo(Taken.PIGMENT);
    assertThat(read("#b07a4a", "#d8b890").taken()).isEqualTo(Taken.CANNOT_TELL);
  }

  @Test
  void withoutTheTrimsColourOnlyPlainSoilIsCalledSoil() {
    assertThat(read(null, "#b0aca4").taken()).isEqualTo(Taken.SOIL);
    assertThat(read(null, "#d8a0a0").taken()).isEqualTo(Taken.CANNOT_TELL);
  }

  @Test
  void fallingFacesAreNearlyDoneAndLevelOnesBringNoMore() {
    assertThat(read("#8b2020", "#b0aca4").progress()).isEqualTo(Progress.GO_ON);
    assertThat(read("#8b2020", "#b0aca4", "#d0cdc6").progress()).isEqualTo(Progress.GO_ON);
    assertThat(read("#8b2020", "#d0cdc6", "#e4e3df").progress()).isEqualTo(Progress.NEARLY);
    assertThat(read("#8b2020", "#d0cdc6", "#d1cec7").progress()).isEqualTo(Progress.NO_MORE_COMES);
    assertThat(read("#8b2020", "#d0cdc6", "#f1f1ee").progress()).isEqualTo(Progress.DONE);
  }

  @Test
  void theNumbersStandBesideTheAnswer() {
    ClothReading reading = read("#8b2020", "#b0aca4");
    assertThat(reading.faces()).hasSize(1);
    assertThat(reading.faces().get(0).deltaL()).isLessThan(-20);
    assertThat(reading.faces().get(0).deltaE()).isGreaterThan(10);
  }

  @Test
  void noFaceIsRefused() {
    assertThatThrownBy(
            () -> ClothReading.of(lab(WHITE), List.of(), Optional.empty(), Given.FIGURES))
        .isInstanceOf(InvalidInputException.class)
        .hasMessageContaining("at least one face");
    assertThatThrownBy(() -> Srgb.parse("red")).hasMessageContaining("#a08060");
    assertThatThrownBy(() -> new Srgb(0, 256, 0)).hasMessageContaining("0 to 255");
  }

  /** A patch of a photo: one colour with noise, and some of it glare. */
  private static int[] patch(int grey, double glareShare, double shine) {
    Random random = new Random(5);
    int[] pixels = new int[400];
    for (int i = 0; i < pixels.length; i++) {
      int v = grey + random.nextInt(5) - 2 + (i % 20 == 0 ? (int) shine : 0);
      pixels[i] = i < pixels.length * glareShare ? 0xffffff : v << 16 | v << 8 | v;
    }
    return pixels;
  }

  @Test
  void glareIsLeftOutOfAPatch() {
    Patch clear = Patch.of(patch(120, 0, 0));
    Patch glaring = Patch.of(patch(120, 0.3, 0));
    assertThat(glaring.glare()).isCloseTo(0.3, within(0.001));
    assertThat(glaring.colour().l()).isCloseTo(clear.colour().l(), within(0.8));
    assertThatThrownBy(() -> Patch.of(patch(120, 0.6, 0))).hasMessageContaining("60 % glare");
    assertThatThrownBy(() -> Patch.of(new int[3])).hasMessageContaining("at least 16");
  }

  @Test
  void theCleanedHalfIsLighterAndMoreMatt() {
    HalfAndHalf half =
        HalfAndHalf.of(Patch.of(patch(150, 0, 0)), Patch.of(patch(120, 0, 90)), Given.FIGURES);
    assertThat(half.deltaL()).isGreaterThan(8);
    assertThat(half.sheenRatio()).isLessThan(0.9);
    assertThat(half.seen()).isTrue();
    assertThat(half.text()).contains("lighter").contains("more matt");
    HalfAndHalf same =
        HalfAndHalf.of(Patch.of(patch(120, 0, 0)), Patch.of(patch(120, 0, 0)), Given.FIGURES);
    assertThat(same.seen()).isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    "leather/coated, 4, IN_RANGE",
    "leather/coated, 9, SHINES",
    "plastic/gloss, 60, DULL",
    "textile/pile, 3, SAYS_NOTHING"
  })
  void sheenAgainstTheCleanRange(String finish, double gu, SheenReading.Verdict verdict) {
    SheenReading reading = SheenReading.of(gu, Given.FINISHES.get(finish));
    assertThat(reading.verdict()).isEqualTo(verdict);
    assertThat(reading.text()).isNotBlank();
  }
}
