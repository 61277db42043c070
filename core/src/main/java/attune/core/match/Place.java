package attune.core.match;

import attune.core.material.Finish;
import attune.core.measure.Air;
import attune.core.measure.Celsius;
import attune.core.reference.Figures;
import attune.core.shelf.Shelf;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Craft;
import attune.core.survey.HouseRules;
import attune.core.survey.Setting;
import attune.core.survey.Setting.ChildSeat;
import attune.core.survey.Setting.Reception;
import attune.core.survey.Setting.Sun;
import attune.core.survey.Stain;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Tone;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * A surface where it stands: with its limits, its demand and the air of the job resolved, ready to
 * be judged.
 *
 * @param craft what is worked on
 * @param temperature of the surface as it is worked: what is too hot is cooled in the shade first
 * @param found as it stands now
 * @param coatingPlanned a coating follows, so a cleaner may leave no film
 * @param ledger what it has had of alkali and acid in the last year
 * @param leniency what is flagged here instead of left out, since nothing else would be left
 * @param reception what was seen when the vehicle came in
 * @param spot true where only a stain is met, from a cloth, and the panel around it is not
 */
public record Place(
    Surface surface,
    Limits limits,
    Demand demand,
    Air air,
    Celsius temperature,
    Celsius found,
    HouseRules rules,
    LocalDate date,
    Craft craft,
    boolean coatingPlanned,
    Ledger ledger,
    Set<Leniency> leniency,
    Reception reception,
    boolean spot) {

  /** What is flagged instead of left out where nothing else would be left. */
  public enum Leniency {
    /** It would spend the year's allowance of alkali or acid. */
    OVERSPENDS,
    /** It would dry before it is wiped: begun when it is cooler. */
    WAITS,
    /** It does not reach the standard: some of the soil stays. */
    LEAVES_SOME
  }

  public Place {
    leniency = Set.copyOf(leniency);
  }

  private static final Set<String> SOFT_FIRST =
      Set.of(
          "textile/headliner",
          "leather/semi-aniline",
          "leather/aniline",
          "plastic/soft-touch",
          "plastic/gloss");
  private static final Shelf NOTHING = new Shelf(List.of(), List.of());

  /** Resolves a surface of a job whose earlier products are not looked up. */
  public static Place of(
      Surface surface, Setting setting, HouseRules rules, boolean coatingPlanned, Rulebook book) {
    return of(surface, setting, rules, Craft.ROAD, coatingPlanned, book, NOTHING);
  }

  /**
   * Resolves a surface of a job; the shelf tells what earlier products were. What is coated is
   * cleaned first though it was found clean.
   */
  public static Place of(
      Surface surveyed,
      Setting setting,
      HouseRules rules,
      Craft craft,
      boolean coatingPlanned,
      Rulebook book,
      Shelf shelf) {
    boolean coats = coatingPlanned && !surveyed.wasCoated();
    Surface soiled = coats ? surveyed.in(surveyed.condition().atLeastLight()) : surveyed;
    boolean grained = book.finishes().find(surveyed.finish()).filter(Finish::isSmooth).isEmpty();
    Surface surface = grained ? soiled : soiled.smooth();
    Limits limits = Limits.of(surface, rules, book.finishes(), book.figures());
    LocalDate date = setting.start().toLocalDate();
    Celsius found = temperature(surface, setting, book.figures());
    Celsius temperature = cooled(found, setting, book.figures());
    return new Place(
        surface,
        limits,
        Demand.of(surface, limits, book.needs(), book.figures()),
        setting.air(),
        temperature,
        found,
        rules,
        date,
        craft,
        coatingPlanned,
        Ledger.of(surface, limits, shelf, date, book),
        temperature.value() > book.figures().get("window.surface-max")
            ? Set.of(Leniency.WAITS)
            : Set.of(),
        setting.reception(),
        false);
  }

  /** A belt that may hold a child seat which stays in: nobody wets or moves it. */
  public boolean isUnderAChildSeat() {
    return reception.childSeat() == ChildSeat.IN && surface.mayHoldChildSeat();
  }

  /** Only a stain of it: as large as that, and asking for what shifts that. */
  Place at(Stain stain, Rulebook book) {
    return new Place(
        surface.ofSize(stain.area(surface.area())),
        limits,
        Demand.of(stain, surface, book.needs(), book.figures()),
        air,
        temperature,
        found,
        rules,
        date,
        craft,
        coatingPlanned,
        ledger,
        Set.of(Leniency.WAITS),
        reception,
        true);
  }

  /** Where cloth, hand or sponge come before any bristle, wherever they do the job (C9). */
  boolean isSoftFirst() {
    return demand.isDustOnly() && !isPile()
        || SOFT_FIRST.contains(finish().code())
        || finish().isCoatedTrim() && surface.condition().wear() != Wear.INTACT;
  }

  /**
   * Hide, vinyl and nap stand steam for seconds and late: never as the first thing tried (C15). Of
   * dust a damp cloth takes what the nozzle left; no steam is fetched for it (C8).
   */
  boolean steamsLate() {
    return finish().isCoatedTrim() || finish().hasNap() || demand.isDustOnly();
  }

  /** Carpet that stands up: a cloth only lays it flat, a stain in it apart. */
  boolean isPile() {
    return finish().code().equals("textile/pile") && !spot;
  }

  /** Warm enough that a cooler hour keeps it wet longer. */
  boolean isWarm(Figures figures) {
    return temperature.value() > figures.get("window.warm");
  }

  /** What is too hot to begin on stands in the shade until it is as warm as the air. */
  private static Celsius cooled(Celsius found, Setting setting, Figures figures) {
    double most = figures.get("window.surface-max");
    Celsius air = setting.air().temperature();
    return found.value() > most && air.value() <= most ? air : found;
  }

  /** Measured where it was; else the air and what sun adds (docs/trade, model 4). */
  private static Celsius temperature(Surface surface, Setting setting, Figures figures) {
    return surface
        .surfaceTemp()
        .or(setting::surfaceTemp)
        .orElseGet(() -> setting.air().temperature().plus(sun(surface, setting.sun(), figures)));
  }

  private static double sun(Surface surface, Sun sun, Figures figures) {
    return switch (sun) {
      case NONE -> 0;
      case THROUGH_GLASS -> figures.get("window.glass");
      case DIRECT ->
          figures.get("window.direct")
              + (surface.tone() == Tone.DARK ? figures.get("window.direct-dark") : 0);
    };
  }

  public boolean lets(Leniency lenient) {
    return leniency.contains(lenient);
  }

  /** The same, where something more is flagged instead of left out. */
  Place letting(Leniency more) {
    EnumSet<Leniency> all = EnumSet.of(more);
    all.addAll(leniency);
    return leniently(all);
  }

  /** The same, let off as much as another. */
  public Place asLenientAs(Place other) {
    return leniently(other.leniency);
  }

  private Place leniently(Set<Leniency> lenient) {
    return as(lenient, temperature);
  }

  /** The same as if it were worked as it stands, however hot. */
  public Place asFound() {
    return as(leniency, found);
  }

  private Place as(Set<Leniency> lenient, Celsius worked) {
    return new Place(
        surface,
        limits,
        demand,
        air,
        worked,
        found,
        rules,
        date,
        craft,
        coatingPlanned,
        ledger,
        lenient,
        reception,
        spot);
  }

  public Finish finish() {
    return limits.finish();
  }
}
