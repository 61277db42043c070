package attune.core.survey;

import attune.core.check.Coded;
import attune.core.shelf.Soil;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The state a surface was found in.
 *
 * @param stainAgeDays how long a stain has sat
 * @param sheenGu measured at 60°
 * @param told stains whose extent somebody told
 */
public record Condition(
    Level soil,
    Set<Soil> soils,
    Wear wear,
    Feel feel,
    Nap nap,
    Perforations perforations,
    Set<Damage> damage,
    Optional<Integer> stainAgeDays,
    Optional<Double> sheenGu,
    List<Stain> told) {

  /** Soils that sit in a spot, unless somebody said that they go over the whole panel. */
  private static final Set<Soil> SPOTS = Set.of(Soil.INK, Soil.POLISH, Soil.ADHESIVE, Soil.MOULD);

  /** With no stain told by its extent. */
  public Condition(
      Level soil,
      Set<Soil> soils,
      Wear wear,
      Feel feel,
      Nap nap,
      Perforations perforations,
      Set<Damage> damage,
      Optional<Integer> stainAgeDays,
      Optional<Double> sheenGu) {
    this(soil, soils, wear, feel, nap, perforations, damage, stainAgeDays, sheenGu, List.of());
  }

  /** How much soil. */
  public enum Level implements Coded {
    NONE,
    LIGHT,
    MODERATE,
    HEAVY,
    CAKED
  }

  /** How worn the coat is. */
  public enum Wear implements Coded {
    INTACT,
    WORN,
    CRACKED,
    TORN
  }

  /** How hide feels under the hand. */
  public enum Feel implements Coded {
    SUPPLE,
    DRY,
    STIFF
  }

  /** How a nap lies. */
  public enum Nap implements Coded {
    OPEN,
    MATTED,
    PILLED
  }

  /** How punched holes look. */
  public enum Perforations implements Coded {
    OPEN,
    RINGED,
    BLOCKED
  }

  /** Damage that cleaning does not mend. */
  public enum Damage implements Coded {
    SCUFFED,
    SCRATCHED,
    GUMMY,
    FADED,
    CREAKS
  }

  public Condition {
    soils = Set.copyOf(soils);
    damage = Set.copyOf(damage);
    told = List.copyOf(told);
  }

  /** Every stain: as told, and what sits in a spot where its extent was not told. */
  public List<Stain> stains() {
    List<Stain> all = new ArrayList<>();
    told.stream()
        .map(s -> new Stain(s.kind(), s.extent(), s.cm2(), s.ageDays().or(() -> stainAgeDays)))
        .forEach(all::add);
    Stream.of(Soil.values())
        .filter(SPOTS::contains)
        .filter(soils::contains)
        .filter(spot -> told.stream().noneMatch(s -> s.kind().soil() == spot))
        .map(spot -> Stain.spot(spot, stainAgeDays))
        .forEach(all::add);
    return all;
  }

  /** Stains that meet a remover of their own rather than the cleaner of the panel. */
  public List<Stain> spots() {
    return stains().stream().filter(s -> s.kind().soil() != Soil.MOULD).toList();
  }

  /** What lies over the whole panel: its soils but those that sit in a spot. */
  public Set<Soil> overall() {
    Set<Soil> overall = EnumSet.noneOf(Soil.class);
    overall.addAll(soils);
    stains().forEach(s -> overall.remove(s.kind().soil()));
    stains().stream()
        .filter(s -> s.extent() == Stain.Extent.PANEL)
        .forEach(s -> overall.add(s.kind().soil()));
    return overall;
  }

  /**
   * The same, never cleaner than a light film: what has to be bare is cleaned whatever it looks.
   */
  public Condition atLeastLight() {
    return soil != Level.NONE
        ? this
        : new Condition(
            Level.LIGHT, soils, wear, feel, nap, perforations, damage, stainAgeDays, sheenGu, told);
  }

  /** Mould, told either way. */
  public boolean hasMould() {
    return soils.contains(Soil.MOULD) || told.stream().anyMatch(s -> s.kind() == Stain.Kind.MOULD);
  }

  /** Blood, however little of it: heat sets it, and whose it is nobody knows. */
  public boolean hasBlood() {
    return told.stream().anyMatch(s -> s.kind() == Stain.Kind.BLOOD);
  }

  /** What stops the panel until it was made safe: mould, or blood over more than a spot. */
  public boolean isHazard() {
    return hasMould()
        || told.stream()
            .anyMatch(s -> s.kind() == Stain.Kind.BLOOD && s.extent() != Stain.Extent.SPOT);
  }
}
