package attune.core.survey;

import attune.core.check.Coded;
import attune.core.measure.SquareMetres;
import attune.core.shelf.Soil;
import attune.core.words.Phrases;
import java.util.Optional;

/**
 * A stain on a panel: it meets its own remover, and only there; the panel around it gets the
 * general cleaner.
 *
 * @param cm2 how large; empty for what its extent usually is
 * @param ageDays how long it has sat; empty for not known
 */
public record Stain(Kind kind, Extent extent, Optional<Double> cm2, Optional<Integer> ageDays) {

  /** What it is of. */
  public enum Kind implements Coded {
    DUST(Soil.DUST, Phrases.of(Stain.class).say("dust")),
    SKIN_OIL(Soil.SKIN_OIL, Phrases.of(Stain.class).say("grease")),
    MAKE_UP(Soil.MAKE_UP, Phrases.of(Stain.class).say("make-up")),
    FOOD_DRINK(Soil.FOOD_DRINK, Phrases.of(Stain.class).say("food-or-drink")),
    DENIM_DYE(Soil.DENIM_DYE, Phrases.of(Stain.class).say("denim-dye")),
    INK(Soil.INK, Phrases.of(Stain.class).say("ink")),
    SHOE_SCUFF(Soil.SHOE_SCUFF, Phrases.of(Stain.class).say("shoe-marks")),
    SILICONE_FILM(Soil.SILICONE_FILM, Phrases.of(Stain.class).say("silicone-film")),
    POLISH(Soil.POLISH, Phrases.of(Stain.class).say("nail-polish")),
    ADHESIVE(Soil.ADHESIVE, Phrases.of(Stain.class).say("adhesive")),
    MOULD(Soil.MOULD, Phrases.of(Stain.class).say("mould")),
    WHITE_BLOOM(Soil.WHITE_BLOOM, Phrases.of(Stain.class).say("white-bloom")),
    ODOUR(Soil.ODOUR, Phrases.of(Stain.class).say("smell")),
    BLOOD(Soil.FOOD_DRINK, Phrases.of(Stain.class).say("blood")),
    GLUE(Soil.ADHESIVE, Phrases.of(Stain.class).say("glue"));

    private final Soil soil;

    private final String words;

    Kind(Soil soil, String words) {
      this.soil = soil;
      this.words = words;
    }

    /** As a sentence says it. */
    public String words() {
      return words;
    }

    /** The family of soil whose remover it takes. */
    public Soil soil() {
      return soil;
    }

    static Kind of(Soil soil) {
      return Coded.parse(Kind.class, soil.code());
    }
  }

  /** How far it goes. */
  public enum Extent implements Coded {
    SPOT,
    STREAK,
    PANEL
  }

  private static final double SPOT_CM2 = 25;
  private static final double STREAK_CM2 = 100;
  private static final double CM2_A_M2 = 10_000;

  /** A soil that is a spot where nobody said how far it goes. */
  static Stain spot(Soil soil, Optional<Integer> ageDays) {
    return new Stain(Kind.of(soil), Extent.SPOT, Optional.empty(), ageDays);
  }

  /** What is worked: no less than a fingertip behind a cloth covers, never more than the panel. */
  public SquareMetres area(SquareMetres panel) {
    double usual =
        switch (extent) {
          case SPOT -> SPOT_CM2 / CM2_A_M2;
          case STREAK -> STREAK_CM2 / CM2_A_M2;
          case PANEL -> panel.value();
        };
    double size = Math.max(SquareMetres.MIN, cm2.map(told -> told / CM2_A_M2).orElse(usual));
    return new SquareMetres(Math.min(panel.value(), size));
  }
}
