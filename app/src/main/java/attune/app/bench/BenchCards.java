package attune.app.bench;

import attune.app.bench.BenchViews.BenchTask;
import attune.app.bench.BenchViews.TaskState;
import attune.app.format.PlanFile;
import attune.app.format.PlanFile.CodeFile;
import attune.app.format.PlanFile.FinishStepFile;
import attune.app.format.PlanFile.PlannedSurfaceFile;
import attune.app.format.PlanFile.RungFile;
import attune.app.format.PlanFile.TaskFile;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Words a plan's tasks for the bench: what, where, with what, how wet, how long, what to look for.
 */
final class BenchCards {
  private static final Set<String> WAITS = Set.of("dry", "wait");

  /** Cautions shown at the step they belong to; those of a surface go to the step that wets it. */
  private static final Map<String, Set<String>> CAUTIONS =
      Map.of(
          "precautions",
              Set.of("IGNITION_OFF", "GLOVES", "MASK_NEAR", "AIRBAG_SEAM", "ELECTRONICS"),
          "dry-soil", Set.of("VACUUM_FIRST", "SHAVE_FIRST", "BELT_CHECK"),
          "test-spot", Set.of("TEST_SPOT", "COLOUR_LIFT_RISK", "SHADOW_MAY_STAY", "IDENTIFY_FIRST"),
          "clean",
              Set.of(
                  "SURFACE_TOO_HOT",
                  "WINDOW_TOO_SHORT",
                  "COLOUR_LIFT_RISK",
                  "BLOT_NOT_RUB",
                  "RINSE",
                  "WIPE_BEFORE_BLOW",
                  "SOLVENT",
                  "ABRASIVE",
                  "PH_ABOVE_ROUTINE",
                  "ELECTRONICS",
                  "AIRBAG_SEAM",
                  "VENTILATE",
                  "FLAMMABLE"),
          "textile",
              Set.of(
                  "BLOT_NOT_RUB",
                  "RINSE",
                  "SURFACE_TOO_HOT",
                  "WINDOW_TOO_SHORT",
                  "SOLVENT",
                  "VENTILATE",
                  "FLAMMABLE"),
          "check", Set.of("SEAM_CHECK"),
          "coat", Set.of("DRY_FIRST", "VENTILATE", "WAIT_FIRST"),
          "barrier", Set.of("DRY_FIRST", "WAIT_FIRST"),
          "condition", Set.of("DRY_FIRST"),
          "handover", Set.of("GRIP_CHECK"));

  private final PlanFile plan;
  private final Shelf shelf;
  private final Map<String, String> labels;
  private final Map<String, PlannedSurfaceFile> surfaces;

  BenchCards(PlanFile plan, Shelf shelf, Map<String, String> labels) {
    this.plan = plan;
    this.shelf = shelf;
    this.labels = labels;
    this.surfaces =
        plan.surfaces().stream()
            .collect(Collectors.toMap(PlannedSurfaceFile::surfaceId, Function.identity()));
  }

  /**
   * Every task with what has happened to it; a wait runs by itself from the moment what it follows
   * is done.
   */
  List<BenchTask> tasks(List<BenchEventEntity> events, LocalDateTime now) {
    Map<String, List<BenchEventEntity>> byTask =
        events.stream().collect(Collectors.groupingBy(BenchEventEntity::taskId));
    Map<String, LocalDateTime> doneAt = new HashMap<>();
    List<BenchTask> cards = new ArrayList<>();
    for (TaskFile task : plan.timeline()) {
      boolean waits = WAITS.contains(task.step());
      Happened happened =
          waits ? waited(task, doneAt, now) : happened(byTask.getOrDefault(task.id(), List.of()));
      if (happened.done() != null) {
        doneAt.put(task.id(), happened.done());
      }
      cards.add(card(task, !waits, happened));
    }
    return cards;
  }

  private record Happened(LocalDateTime started, LocalDateTime done) {}

  private static Happened happened(List<BenchEventEntity> events) {
    Happened happened = new Happened(null, null);
    for (BenchEventEntity event : events) {
      happened =
          switch (event.kind()) {
            case STARTED -> new Happened(event.at(), happened.done());
            case DONE -> new Happened(happened.started(), event.at());
            case UNDONE -> new Happened(null, null);
          };
    }
    return happened;
  }

  private static Happened waited(
      TaskFile task, Map<String, LocalDateTime> doneAt, LocalDateTime now) {
    if (!doneAt.keySet().containsAll(task.after())) {
      return new Happened(null, null);
    }
    LocalDateTime started =
        task.after().stream().map(doneAt::get).max(Comparator.naturalOrder()).orElse(null);
    if (started == null) {
      return new Happened(null, null);
    }
    LocalDateTime ends = started.plusSeconds(seconds(task.start(), task.end()));
    return new Happened(started, ends.isAfter(now) ? null : ends);
  }

  private BenchTask card(TaskFile task, boolean needsHands, Happened happened) {
    TaskState state =
        happened.done() != null
            ? TaskState.DONE
            : happened.started() != null ? TaskState.RUNNING : TaskState.WAITING;
    return new BenchTask(
        task.id(),
        task.step(),
        title(task),
        task.surfaceIds(),
        where(task),
        task.productId(),
        task.person(),
        needsHands,
        lines(task),
        lookFor(task),
        cautions(task),
        seconds(task.start(), task.wipeFrom()),
        seconds(task.start(), task.wipeBy()),
        seconds(task.start(), task.end()),
        state,
        happened.started(),
        happened.done());
  }

  private static Integer seconds(String from, String to) {
    return to == null
        ? null
        : (int) Duration.between(LocalDateTime.parse(from), LocalDateTime.parse(to)).toSeconds();
  }

  private static String title(TaskFile task) {
    return switch (task.step()) {
      case "receive" -> "Receive the vehicle";
      case "inspect" -> "Inspect under the lamp";
      case "precautions" -> "Take precautions";
      case "dry-soil" -> "Take the dry soil out";
      case "shave" -> "Shave the pills";
      case "test-spot" -> "Test spot";
      case "clean" -> "Clean";
      case "textile" -> "Clean the textile";
      case "check" -> "Check";
      case "dry" -> "Drying";
      case "residue" -> "Residue pass";
      case "condition" -> "Condition";
      case "protect" -> "Protect";
      case "barrier" -> "Lay the barrier";
      case "coat" -> "Coat";
      case "dress" -> "Dress";
      case "level" -> "Level";
      case "wait" -> "Curing";
      case "refinish" -> "Restore";
      case "handover" -> "Last look";
      default -> task.step();
    };
  }

  private String where(TaskFile task) {
    List<String> ids = task.surfaceIds();
    if (ids.isEmpty()) {
      return "";
    }
    String section = task.section() == null ? "" : ", section " + task.section();
    return ids.size() <= 3
        ? ids.stream().map(id -> labels.getOrDefault(id, id)).collect(Collectors.joining("; "))
            + section
        : ids.size() + " panels";
  }

  private List<String> lines(TaskFile task) {
    return switch (task.step()) {
      case "receive" ->
          List.of("Ask about use, standard and sheen wanted, time, and what was used before.");
      case "inspect" ->
          List.of(
              "Every surface under a lamp: wear, cracks, nap, holes, what lies beside.",
              "Damage already there is shown to the customer.");
      case "precautions" ->
          List.of(
              "Gloves on, rings off, nozzle taped.",
              "Ignition off before wheel and stalks; lap and cluster covered; wood and metal masked.");
      case "dry-soil" ->
          List.of("Blow crevices, then vacuum everything, seams opened. Dry brush in vents.");
      case "shave" ->
          List.of("Guarded shaver, light hand, away from you. Vacuum before and after.");
      case "test-spot" ->
          List.of(
              "In a hidden place: " + name(task.productId()) + " on a white cloth.",
              "Grey or brown is soil; the trim's own colour is pigment: stop.");
      case "clean", "textile" -> clean(task);
      case "check" -> List.of("Fresh cloth, seams pulled open, lamp across the surface.");
      case "dry" ->
          surface(task)
              .map(s -> s.dry())
              .map(
                  dry ->
                      List.of(
                          sentence(dry.how()),
                          "Confirm with the " + dry.confirmWith().replace('-', ' ') + "."))
              .orElse(List.of());
      case "residue" ->
          List.of("A damp white cloth over everything that will be coated, then a dry one.");
      case "condition", "protect", "barrier", "coat", "dress", "refinish" -> finish(task);
      case "level" ->
          List.of(
              "Wipe or buff to the sheen wanted. Look across it with the lamp: a glossy patch is too much product.");
      case "wait" -> List.of("Leave it alone.");
      case "handover" ->
          List.of("Before and after, what was used, what cannot be cured, when to sit and drive.");
      default -> List.of();
    };
  }

  private static String sentence(String text) {
    return Character.toUpperCase(text.charAt(0)) + text.substring(1) + ".";
  }

  private List<String> clean(TaskFile task) {
    Optional<RungFile> rung = surface(task).flatMap(s -> s.ladder().stream().findFirst());
    if (rung.isEmpty()) {
      return List.of();
    }
    RungFile r = rung.get();
    List<String> lines = new ArrayList<>();
    if (r.cleanerId() == null) {
      lines.add(sentence(tool(r.toolId())) + " Dry.");
    } else {
      lines.add(
          name(r.cleanerId())
              + ", "
              + (r.ratio().equals("ready") ? "as it comes" : r.ratio())
              + ", on the "
              + r.applyTo()
              + ".");
      lines.add(
          "Work with the "
              + tool(r.toolId())
              + ", "
              + wetness(r.laidGPerM2())
              + warmth(r.warmth())
              + ".");
    }
    lines.add(
        r.passes().low() == r.passes().high()
            ? passes(r.passes().low())
            : r.passes().low() + " to " + passes(r.passes().high()));
    return lines;
  }

  private static String passes(int n) {
    return n == 1 ? "1 pass." : n + " passes.";
  }

  private static String wetness(double laid) {
    return laid <= 5
        ? "barely damp"
        : laid <= 10
            ? "damp"
            : laid <= 20 ? "lightly wet" : laid <= 60 ? "wet, no runs" : "well wet";
  }

  private static String warmth(String warmth) {
    return switch (warmth) {
      case "warm-water" -> ", with warm water";
      case "steam" -> ", with steam through a cloth";
      default -> "";
    };
  }

  private List<String> finish(TaskFile task) {
    Optional<FinishStepFile> step =
        surface(task)
            .flatMap(
                s ->
                    s.finishSteps().stream().filter(f -> f.step().equals(task.step())).findFirst());
    return step.map(
            f ->
                List.of(
                    name(f.productId())
                        + ", "
                        + f.doseMl()
                        + " ml on the "
                        + tool(f.applicatorId())
                        + ", never sprayed.",
                    (f.coats() == 1 ? "One thin coat" : f.coats() + " thin coats")
                        + ", to "
                        + f.levelTo()
                        + "."))
        .orElse(List.of());
  }

  private String lookFor(TaskFile task) {
    boolean cleaning = Set.of("clean", "textile").contains(task.step());
    return cleaning
        ? surface(task)
            .flatMap(s -> s.ladder().stream().findFirst())
            .map(r -> r.endPoint() + " " + r.leadsOn())
            .orElse(null)
        : null;
  }

  private List<CodeFile> cautions(TaskFile task) {
    Set<String> here = CAUTIONS.getOrDefault(task.step(), Set.of());
    List<String> ids =
        task.step().equals("handover") ? List.copyOf(surfaces.keySet()) : task.surfaceIds();
    Map<String, CodeFile> once = new LinkedHashMap<>();
    for (String id : ids) {
      PlannedSurfaceFile surface = surfaces.get(id);
      if (surface != null) {
        surface.cautions().stream()
            .filter(c -> here.contains(c.code()))
            .forEach(c -> once.putIfAbsent(c.code(), c));
      }
    }
    return List.copyOf(once.values());
  }

  private Optional<PlannedSurfaceFile> surface(TaskFile task) {
    return task.surfaceIds().stream().findFirst().map(surfaces::get);
  }

  private String name(String productId) {
    return shelf.findProduct(productId).map(Product::name).orElse(productId);
  }

  private String tool(String toolId) {
    return shelf.findTool(toolId).map(Tool::name).orElse(toolId);
  }
}
