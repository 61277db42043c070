package attune.core.colour;

import attune.core.check.Coded;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.reference.Figures;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a white cloth took up, face by face: soil, the trim's own pigment, or what cannot be told
 * apart; and whether more will come (docs/trade, model 8).
 *
 * @param faces in the order they were wiped
 * @param stop true where no further pass may be made
 */
public record ClothReading(
    Taken taken, Progress progress, boolean stop, String text, List<Face> faces) {
  private static final Phrases PHRASES = Phrases.of(ClothReading.class);

  /** What is on the last face. */
  public enum Taken implements Coded {
    NOTHING,
    SOIL,
    PIGMENT,
    CANNOT_TELL
  }

  /** Whether another pass brings more. */
  public enum Progress implements Coded {
    DONE,
    NEARLY,
    GO_ON,
    NO_MORE_COMES
  }

  /**
   * One face against the clean cloth.
   *
   * @param deltaE CIEDE2000 from the clean cloth
   * @param chroma of what came onto it
   * @param hue of what came onto it, degrees
   */
  public record Face(double deltaE, double deltaL, double chroma, double hue) {}

  public ClothReading {
    faces = List.copyOf(faces);
  }

  /**
   * Reads the faces of one surface.
   *
   * @param clean the cloth before work
   * @param wiped at least one face, the latest last
   * @param trim the surface's own colour, or empty where it was not taken
   */
  public static ClothReading of(Lab clean, List<Lab> wiped, Optional<Lab> trim, Figures figures) {
    if (wiped.isEmpty()) {
      throw new InvalidInputException("/faces", Fault.NOTHING, PHRASES.say("at-least-one-face-of"));
    }
    List<Face> faces = new ArrayList<>();
    for (Lab face : wiped) {
      Lab on = face.minus(clean);
      faces.add(new Face(Ciede2000.between(clean, face), on.l(), on.chroma(), on.hue()));
    }
    Reader reader = new Reader(faces, trim, figures);
    Taken taken = reader.taken();
    Progress progress = reader.progress();
    boolean stop = taken == Taken.PIGMENT || (taken == Taken.CANNOT_TELL && reader.coloured());
    return new ClothReading(taken, progress, stop, reader.text(taken, progress), faces);
  }

  private static final class Reader {
    private final List<Face> faces;
    private final Face last;
    private final Optional<Lab> trim;
    private final Figures figures;

    Reader(List<Face> faces, Optional<Lab> trim, Figures figures) {
      this.faces = faces;
      this.last = faces.get(faces.size() - 1);
      this.trim = trim;
      this.figures = figures;
    }

    Taken taken() {
      if (last.deltaE() < figures.get("colour.just-noticeable")) {
        return Taken.NOTHING;
      }
      if (trim.isEmpty()) {
        return looksLikeSoil() ? Taken.SOIL : Taken.CANNOT_TELL;
      }
      Lab own = trim.get();
      if (isGrey(own)) {
        return own.l() >= figures.get("colour.trim-pale") && !coloured() ? Taken.SOIL : greyTrim();
      }
      if (own.l() < figures.get("colour.trim-dark") && isBrown(own.hue())) {
        return Taken.CANNOT_TELL;
      }
      if (!coloured() || apart(last.hue(), own.hue()) > figures.get("colour.pigment-sector")) {
        return Taken.SOIL;
      }
      return inOwnColour(own);
    }

    /** Grey, black or white trim has no hue to know its pigment by. */
    private Taken greyTrim() {
      return coloured() && !isBrown(last.hue()) ? Taken.SOIL : Taken.CANNOT_TELL;
    }

    private Taken inOwnColour(Lab own) {
      if (faces.size() > 1) {
        double before = faces.get(faces.size() - 2).chroma();
        if (last.chroma() > before) {
          return Taken.PIGMENT;
        }
        boolean falling = last.chroma() < before * (1 - figures.get("colour.least-gain"));
        return falling && isBrown(own.hue()) ? Taken.SOIL : Taken.CANNOT_TELL;
      }
      return isBrown(own.hue()) ? Taken.CANNOT_TELL : Taken.PIGMENT;
    }

    boolean coloured() {
      return last.chroma() >= figures.get("colour.pigment-chroma");
    }

    private boolean looksLikeSoil() {
      return !coloured()
          || (isBrown(last.hue()) && last.chroma() <= figures.get("colour.soil-chroma"));
    }

    private boolean isGrey(Lab colour) {
      return colour.chroma() < figures.get("colour.trim-grey");
    }

    private boolean isBrown(double hue) {
      return hue >= figures.get("colour.brown-from") && hue <= figures.get("colour.brown-to");
    }

    private static double apart(double one, double other) {
      double step = Math.abs(one - other) % 360;
      return Math.min(step, 360 - step);
    }

    Progress progress() {
      if (last.deltaE() < figures.get("colour.just-noticeable")) {
        return Progress.DONE;
      }
      if (faces.size() < 2) {
        return Progress.GO_ON;
      }
      double before = faces.get(faces.size() - 2).deltaE();
      if (last.deltaE() > before * (1 - figures.get("colour.least-gain"))) {
        return Progress.NO_MORE_COMES;
      }
      return last.deltaE() < 2 * figures.get("colour.just-noticeable")
          ? Progress.NEARLY
          : Progress.GO_ON;
    }

    String text(Taken taken, Progress progress) {
      return switch (taken) {
        case NOTHING -> PHRASES.say("the-cloth-stays-clean-done");
        case PIGMENT -> PHRASES.say("stop-the-cloth-takes-the");
        case CANNOT_TELL ->
            coloured()
                ? PHRASES.say("stop-until-a-hidden-spot")
                : PHRASES.say("soil-and-this-trims-pigment");
        case SOIL ->
            switch (progress) {
              case NEARLY -> PHRASES.say("soil-and-nearly-done-one");
              case NO_MORE_COMES -> PHRASES.say("soil-but-no-less-than");
              default -> PHRASES.say("soil-go-on");
            };
      };
    }
  }
}
