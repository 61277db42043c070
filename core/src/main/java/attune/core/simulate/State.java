package attune.core.simulate;

import attune.core.match.Treatment;
import attune.core.shelf.Soil;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * What a simulated surface is like now.
 *
 * @param soil amount left of each family, in the model's units of soil; 0 and more
 * @param laid the cleaner lying on it and not wiped off yet
 * @param sat seconds the cleaner has sat
 * @param liquid g/m² in and on the surface
 * @param topcoat share of the topcoat that is left, 0 to 1
 * @param nap how far a nap stands open, 0 to 1; 1 where there is none
 * @param pigment share of the cloth's colour that is the trim's own, 0 to 1
 * @param lifted soil the last pass put on the cloth
 * @param addedGu sheen that finishing products leave once settled
 * @param unsettledS seconds until the last finishing product has settled
 * @param levelled false while a finishing product lies as it was put on
 * @param temperature of the surface, °C
 */
public record State(
    Map<Soil, Double> soil,
    Optional<Treatment> laid,
    double sat,
    double liquid,
    double topcoat,
    double nap,
    double pigment,
    double lifted,
    double addedGu,
    double unsettledS,
    boolean levelled,
    double temperature) {
  public State {
    soil = Map.copyOf(soil);
  }

  /** Soil of all families. */
  public double soilLeft() {
    return soil.values().stream().mapToDouble(Double::doubleValue).sum();
  }

  /** What is left of the family there is most of: what "clean" is judged by. */
  public double worstSoil() {
    return soil.values().stream().mapToDouble(Double::doubleValue).max().orElse(0);
  }

  State soil(Map<Soil, Double> left, double onCloth) {
    return new State(
        left,
        laid,
        sat,
        liquid,
        topcoat,
        nap,
        pigment,
        onCloth,
        addedGu,
        unsettledS,
        levelled,
        temperature);
  }

  State laid(Optional<Treatment> treatment, double satS, double gPerM2, double warm) {
    return new State(
        soil,
        treatment,
        satS,
        gPerM2,
        topcoat,
        nap,
        pigment,
        lifted,
        addedGu,
        unsettledS,
        levelled,
        warm);
  }

  State worn(double coat, double open, double colour) {
    return new State(
        soil,
        laid,
        sat,
        liquid,
        coat,
        open,
        colour,
        lifted,
        addedGu,
        unsettledS,
        levelled,
        temperature);
  }

  State finished(double gu, double settles, boolean level) {
    return new State(
        soil, laid, sat, liquid, topcoat, nap, pigment, lifted, gu, settles, level, temperature);
  }

  static Map<Soil, Double> none() {
    return new EnumMap<>(Soil.class);
  }
}
