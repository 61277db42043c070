package attune.core.shelf;

import attune.core.check.Coded;
import attune.core.material.Finish;
import attune.core.measure.DilutedPh;
import attune.core.measure.PhNature;
import attune.core.measure.Ratio;
import attune.core.words.Phrases;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A product as its label and safety sheet describe it. What is not known is empty, never guessed.
 *
 * @param label ratios the label allows; ready to use has only {@link Ratio#READY}
 * @param strength as a cleaner at the label's default ratio, 0 to 10
 * @param solventPercent 0 to 100
 * @param doseMlPerM2 for finishing products
 * @param onHandMl empty when not counted
 */
public record Product(
    String id,
    String name,
    String maker,
    Set<ProductRole> roles,
    Form form,
    LabelRatios label,
    DilutedPh.Known ph,
    Optional<Double> strength,
    Set<Soil> goodAt,
    double solventPercent,
    Set<Trait> traits,
    List<String> labelAllows,
    List<String> labelExcludes,
    Optional<Span> dwell,
    Film leavesFilm,
    Slip slip,
    Optional<Double> sheenChangeGu,
    Optional<Double> doseMlPerM2,
    Waits waits,
    int coatsMax,
    Optional<Integer> lifeDays,
    Optional<Pack> pack,
    Optional<Double> onHandMl,
    Optional<LocalDate> openedOn,
    Optional<Integer> shelfLifeOpenDays,
    List<String> hazards) {
  private static final Phrases PHRASES = Phrases.of(Product.class);

  /** The state it comes in. */
  public enum Form implements Coded {
    LIQUID,
    FOAM,
    GEL,
    CREAM,
    OIL,
    WIPE,
    SPRAY
  }

  /** Yes-or-no facts of the label. */
  public enum Trait implements Coded {
    ABRASIVE,
    BLEACH,
    AMMONIA,
    ACID,
    PEROXIDE,
    NEEDS_RINSE,
    COATING_SAFE,
    UV,
    DYE_BARRIER,
    HOUSEHOLD,
    QUATS,
    ANIONIC,
    FLAMMABLE,
    SLIP_UNSAID,
    FILM_UNSAID,
    SOLVENT_UNSAID,
    SCENTED,
    SCENT_UNSAID,
    AEROSOL
  }

  /** What stays behind after a cleaner is wiped off. */
  public enum Film implements Coded {
    NONE,
    PROTECTANT,
    SILICONE,
    WAX
  }

  /** Mildest, default and strongest dilution on the label. */
  public record LabelRatios(Ratio mildest, Ratio standard, Ratio strongest) {
    public static final LabelRatios READY = new LabelRatios(Ratio.READY, Ratio.READY, Ratio.READY);

    public boolean allows(Ratio ratio) {
      return !ratio.thinnerThan(mildest) && !strongest.thinnerThan(ratio);
    }

    public boolean isReady() {
      return mildest.isReady();
    }
  }

  /** Times a product asks for, all in seconds; empty when the label says nothing. */
  public record Waits(
      Optional<Span> flash,
      Optional<Integer> absorbS,
      Optional<Integer> beforeNextS,
      Optional<Integer> sitAfterS,
      Optional<Integer> fullCureS) {
    public static final Waits NONE =
        new Waits(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());
  }

  /** A pack and its price in minor units of the currency. */
  public record Pack(double ml, long priceMinor, String currency) {}

  /** Pure water: always on hand, and what a screen takes where nothing names it. */
  public static final Product WATER =
      new Product(
          "water",
          PHRASES.say("pure-water"),
          "",
          Set.of(ProductRole.SCREEN_CLEANER),
          Form.LIQUID,
          LabelRatios.READY,
          new DilutedPh.Known(
              Optional.of(7.0), Optional.of(PhNature.NEUTRAL_SURFACTANT), List.of()),
          Optional.of(3.0),
          Set.of(Soil.DUST, Soil.SKIN_OIL),
          0,
          Set.of(Trait.COATING_SAFE),
          List.of(),
          List.of(),
          Optional.of(new Span(0, 0)),
          Film.NONE,
          Slip.NONE,
          Optional.empty(),
          Optional.empty(),
          Waits.NONE,
          1,
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          List.of());

  public Product {
    roles = Set.copyOf(roles);
    goodAt = Set.copyOf(goodAt);
    traits = Set.copyOf(traits);
    labelAllows = List.copyOf(labelAllows);
    labelExcludes = List.copyOf(labelExcludes);
    hazards = List.copyOf(hazards);
  }

  public boolean is(ProductRole role) {
    return roles.contains(role);
  }

  public boolean has(Trait trait) {
    return traits.contains(trait);
  }

  public boolean cleans() {
    return roles.stream().anyMatch(ProductRole::cleans);
  }

  public boolean isFoam() {
    return form == Form.FOAM;
  }

  /** Whether the label leaves this finish in: an allow list, when present, is the whole list. */
  public boolean labelAllowsOn(Finish finish) {
    boolean excluded = labelExcludes.stream().anyMatch(finish::isNamedBy);
    boolean listed = labelAllows.isEmpty() || labelAllows.stream().anyMatch(finish::isNamedBy);
    return listed && !excluded;
  }

  /** The last day it may be used, when both dates it needs are known. */
  public Optional<LocalDate> useBy() {
    return openedOn.flatMap(opened -> shelfLifeOpenDays.map(opened::plusDays));
  }
}
