package attune.core.survey;

import attune.core.check.Coded;
import attune.core.material.Role;
import attune.core.material.Texture;
import attune.core.measure.Celsius;
import attune.core.measure.SquareMetres;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * One panel as surveyed.
 *
 * @param finish a code of the finish table, or {@code unknown}
 * @param seamM seam length in m, 0 or more
 * @param ageMonths age of the trim
 */
public record Surface(
    String id,
    String zone,
    String part,
    String finish,
    boolean perforated,
    Texture texture,
    Tone tone,
    SquareMetres area,
    double seamM,
    int ageMonths,
    Role role,
    Set<Feature> features,
    Set<Near> near,
    Condition condition,
    Wishes wishes,
    Optional<Celsius> surfaceTemp,
    List<Visit> history) {

  /** How light the surface is. */
  public enum Tone implements Coded {
    PALE,
    MID,
    DARK
  }

  /** What is built in. */
  public enum Feature implements Coded {
    HEATED,
    VENTILATED,
    AIRBAG,
    ELECTRONICS
  }

  /** What lies within a hand's width. */
  public enum Near implements Coded {
    WOOD_OPEN_PORE,
    SCREEN,
    METAL_BRIGHT,
    TEXTILE,
    PAINT
  }

  /**
   * An earlier treatment.
   *
   * @param stiffness of the tool it was worked with, 0 to 10
   * @param coated whether a coating was laid then
   */
  public record Visit(
      LocalDate date,
      Optional<String> productId,
      Optional<String> ratio,
      Optional<Double> ph,
      Optional<Double> contactMin,
      Optional<Integer> passes,
      Optional<Integer> stiffness,
      boolean coated) {}

  public Surface {
    features = Set.copyOf(features);
    near = Set.copyOf(near);
    history = List.copyOf(history);
  }

  public boolean has(Feature feature) {
    return features.contains(feature);
  }

  public boolean isNear(Near thing) {
    return near.contains(thing);
  }

  public boolean wasCoated() {
    return history.stream().anyMatch(Visit::coated);
  }

  /** Held, or perhaps sat in by whoever drives. */
  public boolean isDriven() {
    return isDriven(role, zone);
  }

  /** The same of a panel of a role, in a zone. */
  public static boolean isDriven(Role role, String zone) {
    return role.isControlled() || role == Role.SEAT && SeatZone.mayBeDrivers(zone);
  }

  /** Where a child seat may stand. */
  public boolean isForChildSeat() {
    return role == Role.SEAT && SeatZone.mayHoldChildSeat(zone);
  }

  /** A belt a child seat may be strapped in with. */
  public boolean mayHoldChildSeat() {
    return finish.equals("textile/webbing") && !SeatZone.isDriversAlone(zone);
  }

  /** Front or back of a steering wheel, a lever knob or a handbrake: what the driver holds. */
  public boolean isGrip() {
    return role == Role.GRIP;
  }

  /** A rail to hold on to: nothing in it is wired. */
  public boolean isRail() {
    return part.contains("rail");
  }

  /** Slats or a mesh: what is sprayed there runs in behind it. */
  public boolean isOpening() {
    return part.contains("vent") || isMesh();
  }

  /** Fine holes: what is laid on them stays in them, and shows. */
  public boolean isMesh() {
    return part.contains("speaker") || part.contains("grille");
  }

  /** The same in another state. */
  public Surface in(Condition state) {
    return as(texture, area, seamM, state, wishes);
  }

  /** The same without a grain: what is told of one means nothing on glass, lacquer or a nap. */
  public Surface smooth() {
    return as(Texture.SMOOTH, area, seamM, condition, wishes);
  }

  /** A part of it, without seams. */
  public Surface ofSize(SquareMetres part) {
    return as(texture, part, 0, condition, wishes);
  }

  /** The same, wished otherwise. */
  public Surface wishing(Wishes other) {
    return as(texture, area, seamM, condition, other);
  }

  private Surface as(
      Texture grain, SquareMetres size, double seams, Condition state, Wishes wished) {
    return new Surface(
        id,
        zone,
        part,
        finish,
        perforated,
        grain,
        tone,
        size,
        seams,
        ageMonths,
        role,
        features,
        near,
        state,
        wished,
        surfaceTemp,
        history);
  }
}
