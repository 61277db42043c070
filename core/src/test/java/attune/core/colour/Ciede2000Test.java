package attune.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The published pairs of Sharma, Wu and Dalal (2005), to four decimals. */
class Ciede2000Test {
  @ParameterizedTest
  @CsvSource({
    "50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425",
    "50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615",
    "50, 2.8361, -74.0200, 50, 0, -82.7485, 3.4412",
    "50, -1.3802, -84.2814, 50, 0, -82.7485, 1.0000",
    "50, -1.1848, -84.8006, 50, 0, -82.7485, 1.0000",
    "50, -0.9009, -85.5211, 50, 0, -82.7485, 1.0000",
    "50, 0, 0, 50, -1, 2, 2.3669",
    "50, -1, 2, 50, 0, 0, 2.3669",
    "50, 2.4900, -0.0010, 50, -2.4900, 0.0009, 7.1792",
    "50, 2.4900, -0.0010, 50, -2.4900, 0.0010, 7.1792",
    "50, 2.4900, -0.0010, 50, -2.4900, 0.0011, 7.2195",
    "50, 2.4900, -0.0010, 50, -2.4900, 0.0012, 7.2195",
    "50, -0.0010, 2.4900, 50, 0.0009, -2.4900, 4.8045",
    "50, -0.0010, 2.4900, 50, 0.0010, -2.4900, 4.8045",
    "50, -0.0010, 2.4900, 50, 0.0011, -2.4900, 4.7461",
    "50, 2.5, 0, 50, 0, -2.5, 4.3065",
    "50, 2.5, 0, 73, 25, -18, 27.1492",
    "50, 2.5, 0, 61, -5, 29, 22.8977",
    "50, 2.5, 0, 56, -27, -3, 31.9030",
    "50, 2.5, 0, 58, 24, 15, 19.4535",
    "50, 2.5, 0, 50, 3.1736, 0.5854, 1.0000",
    "50, 2.5, 0, 50, 3.2972, 0, 1.0000",
    "50, 2.5, 0, 50, 1.8634, 0.5757, 1.0000",
    "50, 2.5, 0, 50, 3.2592, 0.3350, 1.0000",
    "60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644",
    "63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.2630",
    "61.2901, 3.7196, -5.3901, 61.4292, 2.2480, -4.9620, 1.8731",
    "35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645",
    "22.7233, 20.0904, -46.6940, 23.0331, 14.9730, -42.5619, 2.0373",
    "36.4612, 47.8580, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146",
    "90.8027, -2.0831, 1.4410, 91.1528, -1.6435, 0.0447, 1.4441",
    "90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381",
    "6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377",
    "2.0776, 0.0795, -1.1350, 0.9033, -0.0636, -0.5514, 0.9082",
  })
  void publishedPair(
      double l1, double a1, double b1, double l2, double a2, double b2, double difference) {
    Lab one = new Lab(l1, a1, b1);
    Lab two = new Lab(l2, a2, b2);
    assertThat(Ciede2000.between(one, two)).isCloseTo(difference, within(0.00005));
    assertThat(Ciede2000.between(two, one)).isCloseTo(difference, within(0.00005));
  }

  /** Check values of IEC 61966-2-1 with the D65 white. */
  @ParameterizedTest
  @CsvSource({
    "#ffffff, 100, 0, 0",
    "#000000, 0, 0, 0",
    "#808080, 53.585, 0, 0",
    "#ff0000, 53.241, 80.092, 67.203",
    "#00ff00, 87.735, -86.183, 83.179",
    "#0000ff, 32.297, 79.188, -107.860",
  })
  void fromTheScreenToLab(String hex, double l, double a, double b) {
    Lab lab = Lab.of(Srgb.parse(hex));
    assertThat(lab.l()).isCloseTo(l, within(0.01));
    assertThat(lab.a()).isCloseTo(a, within(0.02));
    assertThat(lab.b()).isCloseTo(b, within(0.02));
  }

  @Test
  void aColourIsWrittenAsItIsRead() {
    assertThat(Srgb.parse("#A0b1c2").code()).isEqualTo("#a0b1c2");
  }
}
