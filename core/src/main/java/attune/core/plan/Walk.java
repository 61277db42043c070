package attune.core.plan;

import attune.core.material.Role;
import attune.core.survey.Surface;
import java.util.Comparator;
import java.util.List;

/**
 * The order a cabin is walked in (docs/trade, rounds): top to bottom and once round the car without
 * crossing it, each seat before its door, the floor after them, the rim and then the screens last.
 * It goes by where a panel is, never by where the survey has it.
 */
final class Walk {
  /** Stages that wait for each other whoever does them. */
  enum Stage {
    OVERHEAD,
    AROUND,
    FLOOR,
    WHEEL,
    SCREENS
  }

  /** Words of a zone's code in the order of the walk; the first that fits counts. */
  private static final List<String> STATIONS =
      List.of(
          "overhead",
          "headliner",
          "dash",
          "helm",
          "console",
          "front-left-seat",
          "front-left-door",
          "left-front",
          "rear-left-seat",
          "third-left",
          "rear-left-door",
          "rear-bench",
          "third-bench",
          "bench",
          "third-right",
          "rear-right-seat",
          "rear-right-door",
          "front-right-seat",
          "front-right-door",
          "seat",
          "door",
          "cockpit",
          "outside",
          "jamb",
          "floor",
          "wheel");

  /** Words of a part's code from top to bottom, details behind faces. */
  private static final List<String> PARTS =
      List.of(
          "headrest",
          "rear-of-back",
          "bolster",
          "back",
          "cushion",
          "belt",
          "side",
          "base",
          "upper",
          "top",
          "glare",
          "insert",
          "veneer",
          "armrest",
          "switches",
          "lower",
          "vent",
          "pull",
          "pocket",
          "grille",
          "cup",
          "gaiter",
          "lever",
          "handbrake",
          "shroud",
          "column",
          "stalks",
          "hub",
          "rim",
          "yoke",
          "sill",
          "jamb",
          "carpet",
          "mat",
          "pedal");

  /** Bolsters and the rear of a back are worked after the faces, whatever their words. */
  private static final int BOLSTER_AFTER = PARTS.indexOf("cushion");

  private static final int BETWEEN = 10;

  private Walk() {}

  /** Which stage a panel's wet work belongs to. */
  static Stage stage(Surface surface, boolean textile) {
    if (surface.role() == Role.SCREEN) {
      return Stage.SCREENS;
    }
    if (surface.role() == Role.OVERHEAD) {
      return Stage.OVERHEAD;
    }
    if (surface.zone().contains("wheel") || surface.isGrip() && isRim(surface.part())) {
      return Stage.WHEEL;
    }
    boolean trodden = surface.role() == Role.FLOOR || surface.role() == Role.PEDAL;
    return trodden || surface.zone().equals("floor") && textile ? Stage.FLOOR : Stage.AROUND;
  }

  /** What is steered by, among grips. */
  static boolean isRim(String part) {
    return part.contains("rim") || part.contains("yoke");
  }

  /** Place of a zone in the walk; zones of unknown names come behind the known ones. */
  static int station(String zone) {
    for (int i = 0; i < STATIONS.size(); i++) {
      if (zone.contains(STATIONS.get(i))) {
        return i;
      }
    }
    return STATIONS.size();
  }

  /** Place of a part inside its zone. */
  private static int level(String part) {
    for (int i = 0; i < PARTS.size(); i++) {
      if (part.contains(PARTS.get(i))) {
        return switch (PARTS.get(i)) {
          case "bolster" -> BOLSTER_AFTER * BETWEEN + 1;
          case "rear-of-back" -> (BOLSTER_AFTER + 1) * BETWEEN + 1;
          default -> i * BETWEEN;
        };
      }
    }
    return PARTS.size() * BETWEEN;
  }

  /** Zones in the order of the walk. */
  static final Comparator<String> ZONES =
      Comparator.comparingInt(Walk::station).thenComparing(Comparator.naturalOrder());

  /** Panels in the order they are worked, stages first. */
  static Comparator<SurfacePlan> order() {
    return Comparator.comparing((SurfacePlan p) -> stage(p.surface(), Surfaces.isTextile(p)))
        .thenComparing(p -> p.surface().zone(), ZONES)
        .thenComparingInt(p -> level(p.surface().part()))
        .thenComparing(p -> p.surface().id());
  }

  /** Panels in the order dry soil falls: what is overhead, zone by zone, what is trodden on. */
  static Comparator<SurfacePlan> falling() {
    return Comparator.comparing((SurfacePlan p) -> stage(p.surface(), false) != Stage.OVERHEAD)
        .thenComparing(p -> stage(p.surface(), false) == Stage.FLOOR)
        .thenComparing(p -> p.surface().zone(), ZONES);
  }

  /** What is worked standing or kneeling in one place: a seat and its door, dash and console. */
  static String place(String zone) {
    if (zone.contains("dash") || zone.contains("console") || zone.contains("helm")) {
      return "dash";
    }
    for (String side : List.of("front-left", "front-right", "rear", "third")) {
      if (zone.contains(side)) {
        return side;
      }
    }
    return zone;
  }
}
