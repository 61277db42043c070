package attune.core.shelf;

import attune.core.check.Coded;
import attune.core.material.Texture;
import attune.core.words.Phrases;
import java.util.Optional;
import java.util.Set;

/**
 * A tool, cloth or applicator.
 *
 * @param stiffness 0 microfibre or fingertips to 9 metal bristle
 * @param reach the deepest grain it gets into
 * @param retainsMl product it keeps per use, ml
 * @param timesWashed empty when not counted
 * @param suits where it may be used; none for not said
 * @param contactCm2 how much of it lies on at once
 */
public record Tool(
    String id,
    String name,
    Kind kind,
    int stiffness,
    Texture reach,
    Droplets throwsDroplets,
    boolean abrasive,
    boolean dyed,
    Optional<Integer> timesWashed,
    Optional<Double> retainsMl,
    boolean barrierBacked,
    Optional<Integer> count,
    Set<Suits> suits,
    Optional<Double> contactCm2) {
  private static final Phrases PHRASES = Phrases.of(Tool.class);

  /** Of no said place, and of no said size. */
  public Tool(
      String id,
      String name,
      Kind kind,
      int stiffness,
      Texture reach,
      Droplets throwsDroplets,
      boolean abrasive,
      boolean dyed,
      Optional<Integer> timesWashed,
      Optional<Double> retainsMl,
      boolean barrierBacked,
      Optional<Integer> count) {
    this(
        id,
        name,
        kind,
        stiffness,
        reach,
        throwsDroplets,
        abrasive,
        dyed,
        timesWashed,
        retainsMl,
        barrierBacked,
        count,
        Set.of(),
        Optional.empty());
  }

  public Tool {
    suits = Set.copyOf(suits);
  }

  /** Where in a car it may be used; what was on the floor never touches a seat. */
  public enum Suits implements Coded {
    SEATS,
    HARD_TRIM,
    CONTROLS,
    NAP,
    FLOOR,
    BELTS,
    OUTSIDE
  }

  /** What sort of thing it is. */
  public enum Kind implements Coded {
    CLOTH,
    WAFFLE_CLOTH,
    SPONGE,
    BRUSH,
    PAD,
    BLOCK,
    APPLICATOR,
    STEAMER,
    VACUUM,
    BLOWER,
    EXTRACTOR,
    SHAVER,
    RAZOR,
    MISTER,
    LAMP,
    HAND;

    /** True for what cleaner is worked with. */
    public boolean scrubs() {
      return switch (this) {
        case CLOTH, SPONGE, BRUSH, PAD, BLOCK, HAND -> true;
        default -> false;
      };
    }
  }

  /** How much dirty cleaner it flicks about. */
  public enum Droplets implements Coded {
    NONE,
    SOME,
    MUCH
  }

  /** Plain hand: always there. */
  public static final Tool HAND =
      new Tool(
          "hand",
          PHRASES.say("bare-gloved-hand"),
          Kind.HAND,
          0,
          Texture.MEDIUM,
          Droplets.NONE,
          false,
          false,
          Optional.empty(),
          Optional.empty(),
          false,
          Optional.empty());

  /** Plain undyed cloth: always there. */
  public static final Tool CLOTH =
      new Tool(
          "cloth",
          PHRASES.say("undyed-microfibre-cloth"),
          Kind.CLOTH,
          0,
          Texture.FINE,
          Droplets.NONE,
          false,
          false,
          Optional.empty(),
          Optional.empty(),
          false,
          Optional.empty());

  /** Undyed, or washed often enough that no dye is left to bleed. */
  public boolean isColourfast(int washesEnough) {
    return !dyed || timesWashed.orElse(0) >= washesEnough;
  }
}
