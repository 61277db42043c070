package attune.app.bench;

import attune.app.bench.BenchViews.BenchTask;
import attune.app.bench.BenchViews.SeenView;
import attune.app.bench.BenchViews.TaskState;
import attune.app.bench.EntryDetail.UsedInstead;
import attune.app.bench.EntryDetail.Window;
import attune.app.bench.RunSteps.Step;
import attune.app.format.PlanFile;
import attune.app.format.PlanFile.CodeFile;
import attune.app.format.PlanFile.FinishStepFile;
import attune.app.format.PlanFile.PlannedSurfaceFile;
import attune.app.format.PlanFile.RungFile;
import attune.app.format.PlanFile.TaskFile;
import attune.core.run.Entry.Kind;
import attune.core.run.Looked;
import attune.core.run.Outcome;
import attune.core.run.Run;
import attune.core.run.TaskState.Phase;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import jakarta.annotation.Nullable;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Words a plan's tasks for the bench: what, where, with what, how wet, how long, what to look for.
 */
final class BenchCards {
  private static final int DAY_S = 86_400;

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
          "meter", Set.of("DRY_FIRST"),
          "coat", Set.of("VENTILATE", "WAIT_FIRST"),
          "barrier", Set.of("WAIT_FIRST"),
          "handover", Set.of("GRIP_CHECK"));

  private final Shelf shelf;
  private final Map<String, String> labels;
  private final Map<String, PlannedSurfaceFile> surfaces;

  BenchCards(PlanFile plan, Shelf shelf, Map<String, String> labels) {
    this.shelf = shelf;
    this.labels = labels;
    this.surfaces =
        plan.surfaces().stream()
            .collect(Collectors.toMap(PlannedSurfaceFile::surfaceId, Function.identity()));
  }

  /** Every step with where it stands; what the next rung would replace is not shown. */
  List<BenchTask> tasks(List<Step> steps, Run run, List<Told> told) {
    Map<String, Step> byId =
        steps.stream().collect(Collectors.toMap(step -> step.task().id(), Function.identity()));
    Map<String, UsedInstead> swapped = new HashMap<>();
    Map<String, Window> windows = new HashMap<>();
    for (Told entry : told) {
      if (entry.entry().kind() == Kind.SWAPPED && entry.detail().used() != null) {
        swapped.put(entry.entry().taskId(), entry.detail().used());
      }
      if (entry.detail().windows() != null) {
        windows.putAll(entry.detail().windows());
      }
    }
    return steps.stream()
        .filter(step -> run.state(step.task().id()).phase() != Phase.REPLACED)
        .map(step -> card(step, run, byId, swapped.get(step.task().id()), windows))
        .toList();
  }

  private BenchTask card(
      Step step,
      Run run,
      Map<String, Step> byId,
      @Nullable UsedInstead instead,
      Map<String, Window> windows) {
    TaskFile task = step.file();
    attune.core.run.TaskState state = run.state(task.id());
    Clock clock = clock(step, run, byId, windows);
    Optional<Looked> looked = step.task().looked();
    List<String> lines = instead == null ? lines(step) : instead(instead, lines(step));
    return new BenchTask(
        task.id(),
        task.step(),
        title(task),
        task.surfaceIds(),
        step.task().covers(),
        where(task),
        instead == null || instead.productId() == null ? task.productId() : instead.productId(),
        task.person(),
        step.task().hands(),
        clock.note() == null
            ? lines
            : Stream.concat(lines.stream(), Stream.of(clock.note())).toList(),
        lookFor(step),
        cautions(step),
        looked.map(l -> l.look().code()).orElse(null),
        looked.map(l -> answers(l, run.isBelowTop(step.task()))).orElse(List.of()),
        step.task().rung(),
        state.passes(),
        looked.isPresent() && step.rung().isPresent() ? step.rung().get().passes().low() : 0,
        looked.isPresent() && step.rung().isPresent() ? looked.get().passesHigh() : 0,
        state.says().map(o -> o.next().code()).orElse(null),
        state.says().map(Outcome::says).orElse(null),
        clock.from().orElse(null),
        clock.dwellS(),
        clock.wipeByS(),
        clock.late(),
        step.task().seconds(),
        TaskState.valueOf(state.phase().name()),
        state.startedAt().orElse(null),
        state.doneAt().orElse(null),
        state.by(),
        task.after());
  }

  private static List<SeenView> answers(Looked looked, boolean firmer) {
    return looked.look().canBe().stream()
        .map(
            seen -> {
              Outcome now = looked.after(seen, 1, firmer);
              Outcome last = looked.after(seen, looked.passesHigh(), firmer);
              return new SeenView(
                  seen.code(),
                  RunWords.label(looked.look(), seen),
                  now.next().code(),
                  now.says(),
                  last.next().code(),
                  last.says());
            })
        .toList();
  }

  /**
   * A step's window.
   *
   * @param from since when it runs; empty until its own clock is started
   * @param note what other air makes of it
   */
  private record Clock(
      Optional<LocalDateTime> from,
      @Nullable Integer dwellS,
      @Nullable Integer wipeByS,
      @Nullable String late,
      @Nullable String note) {
    static final Clock NONE = new Clock(Optional.empty(), null, null, null, null);
  }

  private Clock clock(Step step, Run run, Map<String, Step> byId, Map<String, Window> windows) {
    TaskFile task = step.file();
    if (task.step().equals("level")) {
      return levelling(step, run, byId);
    }
    if (step.rung().isEmpty() || task.wipeFrom() == null) {
      return Clock.NONE;
    }
    int dwell = seconds(task.start(), task.wipeFrom());
    int wipeBy = seconds(task.start(), task.wipeBy());
    String note = null;
    Window window = windows.get(step.task().surfaceIds().get(0));
    if (window != null) {
      int now = (int) Math.max(dwell, Math.floor(Math.min(window.windowS(), DAY_S)));
      note = RunWords.air(wipeBy, now, window);
      wipeBy = now;
    }
    return new Clock(
        run.state(task.id()).startedAt(),
        dwell,
        wipeBy,
        "Late: do not scrub it dry. Mist a little of the same mix on, work, wipe at once, and take"
            + " half the area next.",
        note);
  }

  /** Runs since the area was laid; its first stroke was laid as long before as laying took. */
  private Clock levelling(Step step, Run run, Map<String, Step> byId) {
    Optional<Step> laid =
        step.file().after().stream()
            .map(byId::get)
            .filter(before -> before != null && RunSteps.LAYS.contains(before.file().step()))
            .findFirst();
    Optional<FinishStepFile> product = laid.flatMap(l -> finishStep(l.file()));
    if (product.isEmpty()) {
      return Clock.NONE;
    }
    Optional<LocalDateTime> from = run.state(laid.get().task().id()).doneAt();
    PlanFile.SpanFile flash = product.get().flashS();
    if (flash == null) {
      Integer absorb = product.get().absorbS();
      return absorb == null ? Clock.NONE : new Clock(from, absorb, null, null, null);
    }
    int laying = laid.get().task().seconds();
    int least = (int) Math.max(0, flash.min() - laying);
    return new Clock(
        from,
        least,
        (int) Math.max(least, flash.max() - laying),
        "Late: no need to hurry. A small damp of fresh coating re-melts it; wipe at once. What has"
            + " cured on hide stays: note it as a high spot.",
        null);
  }

  private static int seconds(String from, String to) {
    return (int) Duration.between(LocalDateTime.parse(from), LocalDateTime.parse(to)).toSeconds();
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
      case "meter" -> "Confirm it is dry";
      case "dry" -> "Drying";
      case "residue" -> "Residue pass";
      case "condition" -> "Condition";
      case "protect" -> "Protect";
      case "barrier" -> "Lay the barrier";
      case "coat" -> "Coat";
      case "dress" -> "Dress";
      case "level" -> "Level";
      case "wait" -> task.id().startsWith("part-") ? "Part on order" : "Curing";
      case "refinish" -> task.id().startsWith("fit-") ? "Fit the part" : "Restore";
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

  private List<String> lines(Step step) {
    TaskFile task = step.file();
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
      case "clean", "textile" -> clean(step);
      case "meter" ->
          List.of(
              "Moisture meter on every panel named here, seams and perforations first.",
              "Nothing is laid on a damp panel: it would not bond.");
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

  private List<String> clean(Step step) {
    if (step.rung().isEmpty()) {
      return List.of();
    }
    RungFile r = step.rung().get();
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
    if (step.task().rung() > 1 && r.sections().count() > 1) {
      lines.add("In " + r.sections().count() + " sections, one after the other.");
    }
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

  private Optional<FinishStepFile> finishStep(TaskFile task) {
    return surface(task)
        .flatMap(
            s -> s.finishSteps().stream().filter(f -> f.step().equals(task.step())).findFirst());
  }

  private List<String> finish(TaskFile task) {
    if (task.id().startsWith("fit-")) {
      return List.of(
          "Fit it as its maker says; airbags, belts and wiring are a licensed workshop's.");
    }
    return finishStep(task)
        .map(
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

  private List<String> instead(UsedInstead used, List<String> planned) {
    String with =
        (used.productId() == null ? "" : name(used.productId()))
            + (used.ratio() == null || used.ratio().equals("ready") ? "" : " " + used.ratio())
            + (used.toolId() == null ? "" : ", " + tool(used.toolId()));
    return Stream.concat(
            Stream.of("Instead of the plan: " + with.replaceFirst("^, ", "") + "."),
            planned.stream().skip(Math.min(2, planned.size())))
        .toList();
  }

  private static String lookFor(Step step) {
    return step.rung()
        .filter(r -> !step.file().step().equals("test-spot"))
        .map(r -> r.endPoint() + " " + r.leadsOn())
        .orElse(null);
  }

  private List<CodeFile> cautions(Step step) {
    TaskFile task = step.file();
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
