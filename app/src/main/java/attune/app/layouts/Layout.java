package attune.app.layouts;

import attune.app.format.Code;
import attune.core.check.Coded;
import attune.core.material.Role;
import attune.core.material.Texture;
import attune.core.survey.Surface;
import jakarta.annotation.Nullable;
import java.util.List;

/**
 * A cabin laid open: zones and panels with their shapes.
 *
 * @param viewBox left, top, width and height of the drawing
 */
public record Layout(
    String code, String name, List<Integer> viewBox, List<Zone> zones, List<Panel> panels) {

  /**
   * What is often found on a panel, and why.
   *
   * @param field of a finding
   * @param driverSide true when only on the driver's side
   */
  public record Likely(
      @Code(Field.class) String field, String value, Boolean driverSide, String why) {
    public Likely {
      driverSide = Boolean.TRUE.equals(driverSide);
    }

    /** What of a finding is guessed. */
    public enum Field implements Coded {
      SOIL,
      FINISH
    }

    public boolean isOf(Field what) {
      return field.equals(what.code());
    }
  }

  /** A group of panels worked together. */
  public record Zone(String id, String label) {}

  /**
   * A panel and its usual properties.
   *
   * @param d outline as an SVG path, holes cut by the even-odd rule
   * @param at where its mark stands
   * @param guess the finish most often found here, offered but never taken for known
   * @param side left, right or middle of the cabin, as one sits in it
   * @param mirror the panel on the other side, or null
   * @param behind the same panel one row back, or null
   * @param withWheel true when it stands where the wheel stands
   * @param mirrored true when it is drawn on the other side, for a wheel on the right
   * @param likely what is often found here, offered but never taken for known
   */
  public record Panel(
      String id,
      String zone,
      String part,
      String label,
      String d,
      List<Double> at,
      double areaM2,
      double seamM,
      @Code(Role.class) String role,
      @Code(Texture.class) String texture,
      String guess,
      @Code(Surface.Tone.class) String tone,
      @Code(Surface.Feature.class) List<String> features,
      @Code(Surface.Near.class) List<String> near,
      String side,
      @Nullable String mirror,
      @Nullable String behind,
      Boolean withWheel,
      Boolean mirrored,
      List<Likely> likely) {
    public Panel {
      withWheel = Boolean.TRUE.equals(withWheel);
      mirrored = Boolean.TRUE.equals(mirrored);
      likely = likely == null ? List.of() : List.copyOf(likely);
      features = features == null ? List.of() : List.copyOf(features);
      near = near == null ? List.of() : List.copyOf(near);
    }
  }

  /**
   * As it is with the wheel on a side: what goes with the wheel is there, and what a driver does.
   */
  Layout driven(Drive drive) {
    return new Layout(
        code, name, viewBox, zones, panels.stream().map(p -> driven(p, drive)).toList());
  }

  /** Whether it has one wheel, on the left or on the right. */
  boolean hasDriveSide() {
    return panels.stream().anyMatch(Panel::withWheel);
  }

  private Panel driven(Panel p, Drive drive) {
    boolean mirrored = drive == Drive.RIGHT && p.withWheel();
    double across = viewBox.get(0) * 2.0 + viewBox.get(2);
    return new Panel(
        p.id(),
        p.zone(),
        p.part(),
        p.label(),
        p.d(),
        mirrored ? List.of(across - p.at().get(0), p.at().get(1)) : p.at(),
        p.areaM2(),
        p.seamM(),
        p.role(),
        p.texture(),
        p.guess(),
        p.tone(),
        p.features(),
        p.near(),
        p.side(),
        p.mirror(),
        p.behind(),
        p.withWheel(),
        mirrored,
        p.likely().stream().filter(l -> !l.driverSide() || p.side().equals(drive.code())).toList());
  }
}
