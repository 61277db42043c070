package attune.app.bench;

import attune.app.bench.BenchViews.BenchRound;
import attune.app.bench.BenchViews.TechniqueView;
import attune.app.bench.EntryDetail.UsedInstead;
import attune.app.bench.RunSteps.Step;
import attune.app.format.JobFile;
import attune.app.format.JobFile.WishesFile;
import attune.app.format.PlanFile.FinishStepFile;
import attune.app.format.PlanFile.PlannedSurfaceFile;
import attune.app.format.PlanFile.RoundFile;
import attune.app.format.PlanFile.RungFile;
import attune.app.format.PlanFile.SpotFile;
import attune.app.format.PlanFile.TaskFile;
import attune.app.shelf.ProductName;
import attune.core.check.Coded;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.survey.Stain;
import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Words a step for the bench: what, where, with what, how wet, what to look for. */
final class StepWords {
  private static final String LEFT =
      "Soil that stays after these passes is left, and told to the customer.";
  private static final String CABIN = "cabin";

  private final JobFile job;
  private final Map<String, PlannedSurfaceFile> surfaces;
  private final List<RoundFile> rounds;
  private final Shelf shelf;
  private final Places places;

  /**
   * @param surfaces by id
   * @param rounds in the order they are worked; empty for a plan made before there were any
   */
  StepWords(
      JobFile job,
      Map<String, PlannedSurfaceFile> surfaces,
      List<RoundFile> rounds,
      Shelf shelf,
      Places places) {
    this.job = job;
    this.surfaces = surfaces;
    this.rounds = rounds;
    this.shelf = shelf;
    this.places = places;
  }

  /** A round in words: those of its first task, with what is fetched for it. */
  BenchRound round(RoundFile round) {
    String means =
        Stream.of(
                round.productId() == null ? null : name(round.productId()),
                round.ratio() == null || round.productId() == null
                    ? null
                    : round.ratio().equals("ready") ? "as it comes" : round.ratio(),
                round.toolId() == null ? null : tool(round.toolId()))
            .filter(Objects::nonNull)
            .collect(Collectors.joining(", "));
    return new BenchRound(
        round.id(),
        round.zone(),
        round.step(),
        title(round.step(), round.id()),
        round.zone().equals(CABIN) ? places.in(round.surfaceIds()) : Places.words(round.zone()),
        means,
        round.surfaceIds(),
        round.technique().stream()
            .map(line -> new TechniqueView(line.code(), line.text()))
            .toList(),
        (int) Math.max(1, Math.round(round.handsMin())),
        RoundSkills.of(round, job));
  }

  static String title(TaskFile task) {
    return task.spot() == null ? title(task.step(), task.id()) : "Lift the " + stain(task.spot());
  }

  /** What it is of; only "stain" in a run begun before that was written. */
  private static String stain(SpotFile spot) {
    return Optional.ofNullable(spot.stain())
        .flatMap(code -> Coded.find(Stain.Kind.class, code))
        .map(Stain.Kind::words)
        .orElse("stain");
  }

  private static String title(String step, String id) {
    return switch (step) {
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
      case "wait" -> waiting(id);
      case "refinish" -> id.contains("fit-") ? "Fit the part" : "Restore";
      case "handover" -> "Last look";
      default -> step;
    };
  }

  private static String waiting(String id) {
    if (id.equals("cool")) {
      return "Cooling in the shade";
    }
    return id.startsWith("part-") ? "Part on order" : "Curing";
  }

  String where(TaskFile task) {
    String section = task.section() == null ? "" : ", section " + task.section();
    return places.of(task.surfaceIds()) + section;
  }

  List<String> lines(Step step) {
    TaskFile task = step.file();
    return switch (task.step()) {
      case "receive" -> receive();
      case "inspect" -> inspect();
      case "precautions" -> List.of("Lap and cluster covered, nozzle taped.");
      case "dry-soil" ->
          List.of("Blow crevices, then vacuum everything, seams opened. Dry brush in vents.");
      case "shave" ->
          List.of("Guarded shaver, light hand, away from you. Vacuum before and after.");
      case "test-spot" ->
          List.of(
              "In a hidden place: " + mixed(task, step.rung()) + " on a white cloth.",
              "Grey or brown is soil; the trim's own colour is pigment: stop.");
      case "clean", "textile" -> clean(step);
      case "meter" ->
          List.of(
              "Moisture meter on every panel lit here, seams and perforations first.",
              "Nothing is laid on a damp panel: it would not bond.");
      case "check" ->
          List.of("A fresh white face over all of it, then the lamp across the surface.");
      case "dry" ->
          surface(task)
              .map(s -> s.dry())
              .map(
                  dry ->
                      List.of(
                          sentence(dry.how()),
                          "Confirm with the " + dry.confirmWith().replace('-', ' ') + "."))
              .orElse(List.of());
      case "residue" -> residue(task);
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

  private List<String> receive() {
    WishesFile wishes = job.wishes();
    List<String> lines = new ArrayList<>();
    lines.add("Ask about use, and what was used before.");
    if (wishes != null) {
      List<String> wished =
          Stream.of(wishes.standard(), wishes.sheen(), protection(wishes))
              .filter(Objects::nonNull)
              .toList();
      lines.add("Agreed: " + String.join(", ", wished) + ". Still so?");
    }
    return lines;
  }

  private static @Nullable String protection(WishesFile wishes) {
    return wishes.protection() == null
        ? null
        : wishes.protection().equals("none")
            ? "nothing laid on"
            : "a " + wishes.protection() + " at most";
  }

  /** What the survey found already, to look at again with the customer. */
  private List<String> inspect() {
    String there =
        job.surfaces().stream()
            .filter(s -> s.condition().damage() != null && !s.condition().damage().isEmpty())
            .map(s -> places.label(s.id()) + " (" + String.join(", ", s.condition().damage()) + ")")
            .collect(Collectors.joining("; "));
    return List.of(
        "Every surface under a lamp: wear, cracks, nap, holes, what lies beside.",
        there.isEmpty()
            ? "Damage you find now goes into the survey before you touch it."
            : "Already there, shown to the customer: " + there + ".");
  }

  /** A product as it goes onto a test spot: of a rung above, else of the panel's first. */
  private String mixed(TaskFile task, Optional<RungFile> rung) {
    String ratio =
        rung.or(() -> surface(task).flatMap(s -> s.ladder().stream().findFirst()))
            .filter(r -> Objects.equals(r.cleanerId(), task.productId()))
            .map(RungFile::ratio)
            .orElse("ready");
    return name(task.productId()) + (ratio.equals("ready") ? ", as it comes," : " " + ratio);
  }

  private List<String> residue(TaskFile task) {
    return List.of(
        task.productId() == null
            ? "A white cloth damp with water over all of it, then a dry one."
            : name(task.productId()) + " on the " + tool(task.toolId()) + ", then a dry face.",
        "Let it dry before anything is laid on.");
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
    if (r.spot() != null) {
      lines.add("On the stain alone, about " + Math.round(r.spot().cm2()) + " cm².");
    }
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

  Optional<FinishStepFile> finishStep(TaskFile task) {
    return surface(task)
        .flatMap(s -> s.laid().stream().filter(f -> f.step().equals(task.step())).findFirst());
  }

  private List<String> finish(TaskFile task) {
    if (task.id().startsWith("fit-")) {
      return List.of(
          "Fit it as its maker says; airbags, belts and wiring are a licensed workshop's.");
    }
    return finishStep(task).map(f -> finish(f, coat(task))).orElse(List.of());
  }

  /** Which coat of its panel a task is, from 1: coats are rounds of their own. */
  private int coat(TaskFile task) {
    List<String> coats =
        rounds.stream()
            .filter(round -> round.step().equals(task.step()))
            .filter(round -> round.surfaceIds().containsAll(task.surfaceIds()))
            .map(RoundFile::id)
            .toList();
    return Math.max(1, coats.indexOf(task.roundId()) + 1);
  }

  private List<String> finish(FinishStepFile f, int coat) {
    boolean last = coat >= f.coats();
    boolean mists = f.levelTo() == null;
    String ml = Math.round(10 * f.doseMl() / Math.max(1, f.coats())) / 10.0 + " ml";
    List<String> lines = new ArrayList<>();
    lines.add(
        mists
            ? name(f.productId())
                + ", "
                + ml
                + " misted on, with the "
                + tool(f.applicatorId())
                + "."
            : name(f.productId())
                + ", "
                + ml
                + " on the "
                + tool(f.applicatorId())
                + ", never sprayed.");
    lines.add(
        (f.coats() == 1 ? "One thin coat" : "Coat " + coat + " of " + f.coats() + ", thin")
            + (mists || !last ? "" : ", to " + f.levelTo())
            + ".");
    if (mists) {
      lines.add("Blot it up and leave it to stand; nothing is levelled.");
    } else if (f.flashS() != null) {
      lines.add(
          "Flashes "
              + RunWords.lasting((int) f.flashS().min())
              + " to "
              + RunWords.lasting((int) f.flashS().max())
              + ", then it is levelled.");
    } else if (f.absorbS() != null) {
      lines.add(
          "Left "
              + RunWords.lasting(f.absorbS())
              + (last ? " to go in, then levelled." : " to go in; the next coat goes over it."));
    }
    return lines;
  }

  List<String> instead(UsedInstead used, List<String> planned) {
    String with =
        (used.productId() == null ? "" : name(used.productId()))
            + (used.ratio() == null || used.ratio().equals("ready") ? "" : " " + used.ratio())
            + (used.toolId() == null ? "" : ", " + tool(used.toolId()));
    return Stream.concat(
            Stream.of("Instead of the plan: " + with.replaceFirst("^, ", "") + "."),
            planned.stream().skip(Math.min(2, planned.size())))
        .toList();
  }

  /** What to see, and what follows where it is not seen: why nothing is firmer stands in Match. */
  @Nullable
  String lookFor(Step step) {
    return step.rung()
        .filter(r -> !step.file().step().equals("test-spot"))
        .map(r -> r.endPoint() + " " + (isLast(step.file(), r) ? LEFT : r.leadsOn()))
        .orElse(null);
  }

  private boolean isLast(TaskFile task, RungFile rung) {
    return surface(task)
        .map(PlannedSurfaceFile::ladder)
        .filter(ladder -> !ladder.isEmpty() && ladder.get(ladder.size() - 1).equals(rung))
        .isPresent();
  }

  private Optional<PlannedSurfaceFile> surface(TaskFile task) {
    return task.surfaceIds().stream().findFirst().map(surfaces::get);
  }

  private String name(@Nullable String productId) {
    return ProductName.of(shelf, productId);
  }

  private String tool(@Nullable String toolId) {
    return toolId == null ? "" : shelf.findTool(toolId).map(Tool::name).orElse(toolId);
  }
}
