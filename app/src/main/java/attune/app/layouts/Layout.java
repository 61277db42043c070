package attune.app.layouts;

import java.util.List;

/**
 * A cabin laid open: zones and panels with their shapes.
 *
 * @param viewBox left, top, width and height of the drawing
 */
public record Layout(
    String code,
    String name,
    String drive,
    List<Integer> viewBox,
    List<Zone> zones,
    List<Panel> panels) {

  /** A group of panels worked together. */
  public record Zone(String id, String label) {}

  /**
   * A panel and its usual properties.
   *
   * @param d outline as an SVG path, holes cut by the even-odd rule
   * @param at where its mark stands
   * @param guess the finish most often found here, offered but never taken for known
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
      String role,
      String texture,
      String guess,
      String tone,
      List<String> features,
      List<String> near) {
    public Panel {
      features = features == null ? List.of() : List.copyOf(features);
      near = near == null ? List.of() : List.copyOf(near);
    }
  }
}
