package attune.app.mix;

import attune.core.check.Known;
import com.lowagie.text.pdf.PdfContentByte;
import java.awt.Color;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The GHS pictograms on paper: black on white in a red diamond, drawn on a square of 64. Lines are
 * written as in SVG (M L H V C Q Z, absolute), O is a circle by its middle and radius, and a stroke
 * parts what is filled by itself.
 */
final class Pictograms {
  private static final float SIDE = 64;
  private static final Color RED = new Color(0xc8, 0x10, 0x2e);
  private static final Pattern COMMAND = Pattern.compile("([MLHVCQZO])([^MLHVCQZO]*)");
  private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?");
  private static final String FRAME = "M32 3L61 32L32 61L3 32Z";
  private static final Map<String, String> ART =
      Map.of(
          "flame",
          "M32 46C24 46 21 41 22 36C23 31 28 29 27 21C33 24 34 28 33 32C36 31 36 28 36 26C41 30 44"
              + " 35 42 40C41 44 37 46 32 46Z",
          "flame-over-circle",
          "O32 39 8O32 39 5|M32 31C27 31 25 28 26 25C27 22 30 21 29 16C33 18 34 21 33 23C35 22 35 21"
              + " 35 20C38 22 39 26 38 28C37 30 35 31 32 31Z",
          "gas-bottle",
          "M18 36L38 24Q43 22 45 26Q47 30 43 33L23 44Q19 46 17 42Q15 38 18 36Z|M15 38L12 40L15 45L18"
              + " 43Z",
          "corrosion",
          "M17 20L29 24L28 27L16 23Z|M35 24L47 20L48 23L36 27Z|M19 28H21V32H19ZM22 29H24V34H22ZM40"
              + " 28H42V33H40ZM43 29H45V35H43Z|M15 39H27V42H15Z|M34 40C38 36 43 38 48 37V44H34Z",
          "skull",
          "M32 17C39 17 43 21 43 27C43 31 40 33 38 34V38H26V34C24 33 21 31 21 27C21 21 25 17 32"
              + " 17ZO28 27 3O36 27 3|M18 40L46 47L45 50L17 43Z|M46 40L18 47L19 50L47 43Z",
          "exclamation",
          "M28 16H36L34.5 37H29.5Z|O32 44 3.6",
          "health",
          "O32 19 5|M21 46C20 35 23 27 28 26H36C41 27 44 35 43 46H38L36 38L33 42L34 46H30L31 42L28"
              + " 38L26 46ZM32 28L33.4 31.6L37.2 30.2L35.2 33.6L38.6 35.6L34.6 36.2L34.8 40L32"
              + " 37.4L29.2 40L29.4 36.2L25.4 35.6L28.8 33.6L26.8 30.2L30.6 31.6Z",
          "environment",
          "M14 45H50V46.6H14Z|M22 45L24 32L19 26L20.4 24.8L25 29V20L27 20L28 27L32 23L33 24.4L28.4"
              + " 30L30 45Z|M32 42Q38 35 44 39L48 36V43L44 41Q38 46 32 42Z");

  private final PdfContentByte on;
  private final float left;
  private final float top;
  private final float scale;

  private Pictograms(PdfContentByte on, float x, float y, float side) {
    this.on = on;
    this.left = x;
    this.top = y + side;
    this.scale = side / SIDE;
  }

  static boolean has(String code) {
    return ART.containsKey(code);
  }

  /**
   * Draws one.
   *
   * @param x and {@code y}, its lower left corner, points
   */
  static void draw(PdfContentByte on, String code, float x, float y, float side) {
    Pictograms sign = new Pictograms(on, x, y, side);
    on.saveState();
    on.setColorFill(Color.WHITE);
    on.setColorStroke(RED);
    on.setLineWidth(4 * sign.scale);
    sign.path(FRAME);
    on.fillStroke();
    on.setColorFill(Color.BLACK);
    for (String part : Known.of(ART, code).split("\\|")) {
      sign.path(part);
      on.eoFill();
    }
    on.restoreState();
  }

  private void path(String art) {
    float atX = 0;
    float atY = 0;
    Matcher command = COMMAND.matcher(art);
    while (command.find()) {
      List<Float> n = numbers(command.group(2));
      for (int i = 0; i == 0 || i < n.size(); i += taken(command.group(1))) {
        switch (command.group(1)) {
          case "M" -> on.moveTo(x(n.get(i)), y(n.get(i + 1)));
          case "L" -> on.lineTo(x(n.get(i)), y(n.get(i + 1)));
          case "H" -> on.lineTo(x(n.get(i)), y(atY));
          case "V" -> on.lineTo(x(atX), y(n.get(i)));
          case "C" ->
              on.curveTo(
                  x(n.get(i)),
                  y(n.get(i + 1)),
                  x(n.get(i + 2)),
                  y(n.get(i + 3)),
                  x(n.get(i + 4)),
                  y(n.get(i + 5)));
          case "Q" ->
              on.curveTo(
                  x(atX + 2 * (n.get(i) - atX) / 3),
                  y(atY + 2 * (n.get(i + 1) - atY) / 3),
                  x(n.get(i + 2) + 2 * (n.get(i) - n.get(i + 2)) / 3),
                  y(n.get(i + 3) + 2 * (n.get(i + 1) - n.get(i + 3)) / 3),
                  x(n.get(i + 2)),
                  y(n.get(i + 3)));
          case "O" -> on.circle(x(n.get(i)), y(n.get(i + 1)), n.get(i + 2) * scale);
          default -> on.closePath();
        }
        int last = i + taken(command.group(1)) - 1;
        switch (command.group(1)) {
          case "H" -> atX = n.get(last);
          case "V" -> atY = n.get(last);
          case "M", "L", "C", "Q" -> {
            atX = n.get(last - 1);
            atY = n.get(last);
          }
          default -> {
            // stays where it was
          }
        }
      }
    }
  }

  private static int taken(String command) {
    return switch (command) {
      case "M", "L" -> 2;
      case "C" -> 6;
      case "Q" -> 4;
      case "O" -> 3;
      default -> 1;
    };
  }

  private static List<Float> numbers(String text) {
    List<Float> numbers = new ArrayList<>();
    Matcher number = NUMBER.matcher(text);
    while (number.find()) {
      numbers.add(Float.valueOf(number.group()));
    }
    return numbers;
  }

  private float x(float of) {
    return left + of * scale;
  }

  /** Paper counts from below. */
  private float y(float of) {
    return top - of * scale;
  }
}
