package attune.core.plan;

import attune.core.match.Treatment.ApplyTo;
import attune.core.material.Finish;
import attune.core.material.Role;
import attune.core.material.Texture;
import attune.core.reference.Table;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Craft;
import attune.core.survey.Surface;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import attune.core.words.Words;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What the hands do (docs/trade, technique): a few short lines for each kind of work, from
 * reference data.
 */
public final class TechniqueTable {
  /** What a line is about. */
  public enum About {
    SHIELD,
    WHERE,
    LOAD,
    MOTION,
    PATTERN,
    WIPE,
    LOOK
  }

  /** A line. */
  public record Line(About about, String text) {}

  private record Row(String kind, Line line) {}

  private final Map<String, List<Line>> byKind = new LinkedHashMap<>();

  /** Kinds whose bottle goes on the tool, unless the plan says that it goes on the panel. */
  private static final Set<String> LOADED_ON_THE_TOOL = Set.of("hide", "flat", "grained");

  /** Smooth faces whose hands differ too little to be told apart in one round. */
  private static final Set<String> PLAIN = Set.of("hide", "flat", "grained", "wipe");

  private static final Set<String> LEVERS = Set.of("lever", "handbrake", "throttle");

  private TechniqueTable(List<Row> rows) {
    rows.forEach(row -> byKind.computeIfAbsent(row.kind(), k -> new ArrayList<>()).add(row.line()));
  }

  /** Reads the shipped table. */
  public static TechniqueTable read(String file, List<String> lines) {
    return new TechniqueTable(
        Table.read(
            file,
            lines,
            row ->
                new Row(
                    row.text("kind"),
                    new Line(About.valueOf(row.text("code")), Phrases.marked(row.text("text"))))));
  }

  /** Kinds of work there are lines for, in the table's order. */
  public Set<String> kinds() {
    return Collections.unmodifiableSet(byKind.keySet());
  }

  /** Lines of a kind of work; never empty for one that is in the table. */
  public List<Line> of(String kind) {
    return byKind.getOrDefault(kind, List.of());
  }

  /** Lines of a round of a plan; what another kind of panel in it wants is said of that panel. */
  public List<Line> of(Round round, Plan plan) {
    List<SurfacePlan> panels = plan.panels(round.surfaceIds());
    if (round.step() == Step.DRY_SOIL) {
      return of(dryly(plan));
    }
    List<Line> lines = new ArrayList<>(of(round, panels));
    if (round.step().cleans() && !round.spots()) {
      lines.addAll(ofOthers(panels));
    }
    return lines;
  }

  /** Air blows spores about, and into the lines behind an aircraft's instruments. */
  private static String dryly(Plan plan) {
    if (plan.surfaces().stream().anyMatch(Surfaces::isHazard)) {
      return "dry-soil-still";
    }
    return plan.job().craft() == Craft.AIRCRAFT ? "dry-soil-instruments" : "dry-soil";
  }

  private List<Line> ofOthers(List<SurfacePlan> panels) {
    Map<String, List<SurfacePlan>> kinds = new LinkedHashMap<>();
    panels.forEach(p -> kinds.computeIfAbsent(cleaned(p), k -> new ArrayList<>()).add(p));
    String first = cleaned(panels.get(0));
    return kinds.entrySet().stream()
        .filter(e -> !e.getKey().equals(first) && !PLAIN.contains(e.getKey()))
        .map(e -> of(of(e.getKey()), e.getValue()))
        .toList();
  }

  private static Line of(List<Line> lines, List<SurfacePlan> panels) {
    String parts =
        Words.capital(
            Lists.facts(
                panels.stream().map(p -> Words.of(p.surface().part())).distinct().toList()));
    return new Line(
        lines.get(0).about(),
        Lists.headed(parts, Lists.sentences(lines.stream().map(Line::text).toList())));
  }

  /**
   * Lines of a round: those of its first panel's kind of work.
   *
   * @param plans its panels
   */
  public List<Line> of(Round round, List<SurfacePlan> plans) {
    String kind = round.spots() ? "spot" : kind(round.step(), plans);
    return LOADED_ON_THE_TOOL.contains(kind) && isSprayed(plans)
        ? Stream.concat(
                of("sprayed").stream(), of(kind).stream().filter(l -> l.about() != About.LOAD))
            .toList()
        : of(kind);
  }

  private static boolean isSprayed(List<SurfacePlan> plans) {
    return plans.stream()
        .findFirst()
        .flatMap(SurfacePlan::firstRung)
        .filter(rung -> rung.treatment().applyTo() == ApplyTo.SURFACE)
        .isPresent();
  }

  static String kind(Step step, List<SurfacePlan> plans) {
    return switch (step) {
      case CLEAN, TEXTILE, CHECK -> plans.isEmpty() ? "hide" : cleaned(plans.get(0));
      case CONDITION -> conditions(plans);
      case BARRIER -> "barrier";
      case COAT -> "coating";
      case DRESS -> "dressing";
      case REFINISH -> "restorer";
      case PROTECT -> protects(plans);
      case RECEIVE, HANDOVER, DRY, METER, WAIT, BREAK -> "";
      case INSPECT, PRECAUTIONS, DRY_SOIL, SHAVE, TEST_SPOT, RESIDUE, LEVEL -> step.code();
    };
  }

  private static String conditions(List<SurfacePlan> plans) {
    boolean oil =
        plans.stream().flatMap(plan -> plan.finishSteps().stream()).anyMatch(FinishStep::soaks);
    return oil ? "oil" : "conditioner";
  }

  private static String protects(List<SurfacePlan> plans) {
    boolean nap =
        plans.stream()
            .flatMap(plan -> plan.finishSteps().stream())
            .anyMatch(s -> s.product().is(ProductRole.NAP_PROTECTOR));
    return nap ? "nap-protector" : "barrier";
  }

  private static String cleaned(SurfacePlan plan) {
    Surface surface = plan.surface();
    Finish finish = plan.match().place().finish();
    if (surface.role() == Role.SCREEN) {
      return "screen";
    }
    if (finish.hasNap()) {
      return "nap";
    }
    if (surface.isGrip()) {
      return grip(surface);
    }
    if (surface.part().contains("vent")) {
      return "vents";
    }
    return switch (finish.code()) {
      case "textile/headliner" -> hasBristles(plan) ? "headliner-brush" : "headliner";
      case "textile/pile" -> "carpet";
      case "textile/webbing" -> "belt";
      case "textile/flat" -> isWorkedWith(Tool.Kind.CLOTH, plan) ? "fabric-wiped" : "fabric";
      case "plastic/gloss", "metal/bright" -> "gloss";
      case "wood/open-pore", "wood/lacquered" -> "wood";
      case "paint/jamb" -> "paint";
      case "rubber/seal-or-mat" -> rubber(plan);
      case "plastic/printed-controls" -> "controls";
      default -> faces(plan);
    };
  }

  private static String grip(Surface surface) {
    if (surface.isRail()) {
      return "rail";
    }
    if (surface.part().contains("yoke")) {
      return "yoke";
    }
    return LEVERS.stream().anyMatch(surface.part()::contains) ? "lever" : "rim";
  }

  private static String rubber(SurfacePlan plan) {
    return switch (plan.surface().role()) {
      case FLOOR -> hasBristles(plan) ? "rubber" : "rubber-wiped";
      case PEDAL -> "pedal";
      default -> "seal";
    };
  }

  private static boolean hasBristles(SurfacePlan plan) {
    return isWorkedWith(Tool.Kind.BRUSH, plan);
  }

  /** Across the grain with bristles; a cloth or a sponge skates over it either way. */
  private static String faces(SurfacePlan plan) {
    Surface surface = plan.surface();
    if (surface.condition().wear() != Wear.INTACT) {
      return "worn";
    }
    if (surface.perforated()) {
      return "perforated";
    }
    if (isWorkedWith(Tool.Kind.CLOTH, plan)) {
      return "wipe";
    }
    boolean across = hasBristles(plan) && surface.texture().compareTo(Texture.MEDIUM) >= 0;
    return across ? "grained" : surface.seamM() > 0 ? "hide" : "flat";
  }

  private static boolean isWorkedWith(Tool.Kind kind, SurfacePlan plan) {
    return plan.firstRung().filter(r -> r.treatment().tool().kind() == kind).isPresent();
  }
}
