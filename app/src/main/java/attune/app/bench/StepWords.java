package attune.app.bench;

import attune.app.bench.BenchViews.BenchRound;
import attune.app.bench.BenchViews.TechniqueView;
import attune.app.format.JobFile;
import attune.app.format.JobFile.WishesFile;
import attune.app.shelf.ProductName;
import attune.core.bench.FrozenFinish;
import attune.core.bench.FrozenPanel;
import attune.core.bench.FrozenPlan;
import attune.core.bench.FrozenRound;
import attune.core.bench.FrozenRung;
import attune.core.bench.FrozenSpot;
import attune.core.bench.FrozenTask;
import attune.core.bench.Instead;
import attune.core.bench.RunStep;
import attune.core.bench.StepSoFar;
import attune.core.check.Coded;
import attune.core.match.Treatment.Warmth;
import attune.core.measure.Ratio;
import attune.core.plan.Round;
import attune.core.plan.Step;
import attune.core.plan.Task.About;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.survey.Stain;
import attune.core.survey.Wishes.Protection;
import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Words a step for the bench: what, where, with what, how wet, what to look for. */
public final class StepWords {
  private static final String LEFT =
      "Soil that stays after these passes is left, and told to the customer.";

  private final JobFile job;
  private final FrozenPlan plan;
  private final Shelf shelf;
  private final Places places;

  /**
   * @param shelf the run was begun with
   */
  StepWords(JobFile job, FrozenPlan plan, Shelf shelf, Places places) {
    this.job = job;
    this.plan = plan;
    this.shelf = shelf;
    this.places = places;
  }

  /** A round in words: those of its first task, with what is fetched for it. */
  BenchRound round(FrozenRound round) {
    String means =
        Stream.of(
                round.productId().map(this::name),
                round.productId().flatMap(id -> round.ratio()).map(StepWords::mixed),
                round.toolId().map(this::tool))
            .flatMap(Optional::stream)
            .collect(Collectors.joining(", "));
    return new BenchRound(
        round.id(),
        round.zone(),
        round.step().code(),
        title(round.step(), about(round)),
        round.zone().equals(Round.CABIN)
            ? places.in(round.surfaceIds())
            : Places.words(round.zone()),
        means,
        round.surfaceIds(),
        round.technique().stream()
            .map(line -> new TechniqueView(line.about().name(), line.text()))
            .toList(),
        (int) Math.max(1, Math.round(round.handsMin())),
        RoundSkills.of(round, job));
  }

  /** What its tasks are about. */
  private Optional<About.Kind> about(FrozenRound round) {
    return plan.tasks().stream()
        .filter(task -> task.roundId().filter(round.id()::equals).isPresent())
        .flatMap(task -> task.about().stream())
        .findFirst();
  }

  /** What it is called. */
  public static String title(StepSoFar step) {
    return title(step.run().planned());
  }

  /** What a step is called wherever it is done. */
  public static String title(Step step) {
    return title(step, Optional.empty());
  }

  static String title(FrozenTask task) {
    return task.spot()
        .map(spot -> "Lift the " + stain(spot))
        .orElseGet(() -> title(task.step(), task.about()));
  }

  /** What it is of; only "stain" in a run begun before that was written. */
  private static String stain(FrozenSpot spot) {
    return spot.kind().map(Stain.Kind::words).orElse("stain");
  }

  private static String title(Step step, Optional<About.Kind> about) {
    return switch (step) {
      case RECEIVE -> "Receive the vehicle";
      case INSPECT -> "Inspect under the lamp";
      case PRECAUTIONS -> "Take precautions";
      case DRY_SOIL -> "Take the dry soil out";
      case SHAVE -> "Shave the pills";
      case TEST_SPOT -> "Test spot";
      case CLEAN -> "Clean";
      case TEXTILE -> "Clean the textile";
      case CHECK -> "Check";
      case METER -> "Confirm it is dry";
      case DRY -> "Drying";
      case RESIDUE -> "Residue pass";
      case CONDITION -> "Condition";
      case PROTECT -> "Protect";
      case BARRIER -> "Lay the barrier";
      case COAT -> "Coat";
      case DRESS -> "Dress";
      case LEVEL -> "Level";
      case WAIT ->
          about.isEmpty()
              ? "Curing"
              : about.get() == About.Kind.COOLING ? "Cooling in the shade" : "Part on order";
      case REFINISH -> about.isEmpty() ? "Restore" : "Fit the part";
      case HANDOVER -> "Last look";
      case BREAK -> "Break";
    };
  }

  List<String> lines(RunStep step) {
    FrozenTask task = step.planned();
    return switch (task.step()) {
      case RECEIVE -> receive();
      case INSPECT -> inspect();
      case PRECAUTIONS -> List.of("Lap and cluster covered, nozzle taped.");
      case DRY_SOIL ->
          List.of("Blow crevices, then vacuum everything, seams opened. Dry brush in vents.");
      case SHAVE -> List.of("Guarded shaver, light hand, away from you. Vacuum before and after.");
      case TEST_SPOT ->
          List.of(
              "In a hidden place: " + mixed(task, step.rung()) + " on a white cloth.",
              "Grey or brown is soil; the trim's own colour is pigment: stop.");
      case CLEAN, TEXTILE -> clean(step);
      case METER ->
          List.of(
              "Moisture meter on every panel lit here, seams and perforations first.",
              "Nothing is laid on a damp panel: it would not bond.");
      case CHECK -> List.of("A fresh white face over all of it, then the lamp across the surface.");
      case DRY ->
          surface(task)
              .flatMap(FrozenPanel::dry)
              .map(
                  dry ->
                      List.of(
                          sentence(dry.how()),
                          "Confirm with the " + dry.confirmWith().replace('-', ' ') + "."))
              .orElse(List.of());
      case RESIDUE -> residue(task);
      case CONDITION, PROTECT, BARRIER, COAT, DRESS, REFINISH -> finish(task);
      case LEVEL ->
          List.of(
              "Wipe or buff to the sheen wanted. Look across it with the lamp: a glossy patch is too much product.");
      case WAIT -> List.of("Leave it alone.");
      case HANDOVER ->
          List.of("Before and after, what was used, what cannot be cured, when to sit and drive.");
      case BREAK -> List.of();
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
    return Optional.ofNullable(wishes.protection())
        .flatMap(code -> Coded.find(Protection.class, code))
        .map(p -> p == Protection.NONE ? "nothing laid on" : "a " + p.code() + " at most")
        .orElse(null);
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
  private String mixed(FrozenTask task, Optional<FrozenRung> rung) {
    Ratio ratio =
        rung.or(() -> surface(task).flatMap(s -> s.ladder().stream().findFirst()))
            .filter(r -> r.cleanerId().equals(task.productId()))
            .map(FrozenRung::ratio)
            .orElse(Ratio.READY);
    return name(task.productId()) + (ratio.isReady() ? ", as it comes," : " " + ratio.code());
  }

  private static String mixed(Ratio ratio) {
    return ratio.isReady() ? "as it comes" : ratio.code();
  }

  private List<String> residue(FrozenTask task) {
    return List.of(
        task.productId()
            .map(id -> name(id) + " on the " + tool(task.toolId()) + ", then a dry face.")
            .orElse("A white cloth damp with water over all of it, then a dry one."),
        "Let it dry before anything is laid on.");
  }

  private static String sentence(String text) {
    return Character.toUpperCase(text.charAt(0)) + text.substring(1) + ".";
  }

  private List<String> clean(RunStep step) {
    if (step.rung().isEmpty()) {
      return List.of();
    }
    FrozenRung r = step.rung().get();
    List<String> lines = new ArrayList<>();
    if (r.cleanerId().isEmpty()) {
      lines.add(sentence(tool(r.toolId())) + " Dry.");
    } else {
      lines.add(
          name(r.cleanerId()) + ", " + mixed(r.ratio()) + ", on the " + r.applyTo().code() + ".");
      lines.add(
          "Work with the "
              + tool(r.toolId())
              + ", "
              + wetness(r.laidGPerM2())
              + warmth(r.warmth())
              + ".");
    }
    lines.add(
        r.passesLow() == r.passesHigh()
            ? passes(r.passesLow())
            : r.passesLow() + " to " + passes(r.passesHigh()));
    r.spot()
        .map(spot -> "On the stain alone, about " + Math.round(spot.cm2()) + " cm².")
        .ifPresent(lines::add);
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

  private static String warmth(Warmth warmth) {
    return switch (warmth) {
      case WARM_WATER -> ", with warm water";
      case STEAM -> ", with steam through a cloth";
      case NONE, SEAT_HEAT -> "";
    };
  }

  private List<String> finish(FrozenTask task) {
    if (task.about().isPresent()) {
      return List.of(
          "Fit it as its maker says; airbags, belts and wiring are a licensed workshop's.");
    }
    return surface(task)
        .flatMap(panel -> panel.laidIn(task.step()))
        .map(f -> finish(f, coat(task)))
        .orElse(List.of());
  }

  /** Which coat of its panel a task is, from 1: coats are rounds of their own. */
  private int coat(FrozenTask task) {
    List<String> coats =
        plan.rounds().stream()
            .filter(round -> round.step() == task.step())
            .filter(round -> round.surfaceIds().containsAll(task.surfaceIds()))
            .map(FrozenRound::id)
            .toList();
    return Math.max(1, task.roundId().map(coats::indexOf).orElse(-1) + 1);
  }

  private List<String> finish(FrozenFinish f, int coat) {
    boolean last = coat >= f.coats();
    boolean mists = f.levelTo().isEmpty();
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
            + f.levelTo().filter(to -> last).map(to -> ", to " + to.code()).orElse("")
            + ".");
    if (mists) {
      lines.add("Blot it up and leave it to stand; nothing is levelled.");
    } else if (f.flash().isPresent()) {
      lines.add(
          "Flashes "
              + RunWords.lasting(f.flash().get().min())
              + " to "
              + RunWords.lasting(f.flash().get().max())
              + ", then it is levelled.");
    } else if (f.absorbS().isPresent()) {
      lines.add(
          "Left "
              + RunWords.lasting(f.absorbS().get())
              + (last ? " to go in, then levelled." : " to go in; the next coat goes over it."));
    }
    return lines;
  }

  List<String> instead(Instead used, List<String> planned) {
    String with =
        used.productId().map(this::name).orElse("")
            + used.ratio().filter(r -> !r.isReady()).map(r -> " " + r.code()).orElse("")
            + used.toolId().map(id -> ", " + tool(id)).orElse("");
    return Stream.concat(
            Stream.of("Instead of the plan: " + with.replaceFirst("^, ", "") + "."),
            planned.stream().skip(Math.min(2, planned.size())))
        .toList();
  }

  /** What to see, and what follows where it is not seen: why nothing is firmer stands in Match. */
  @Nullable
  String lookFor(RunStep step) {
    return step.rung()
        .filter(r -> step.step() != Step.TEST_SPOT)
        .map(r -> r.endPoint() + " " + (isLast(step.planned(), r) ? LEFT : r.leadsOn()))
        .orElse(null);
  }

  private boolean isLast(FrozenTask task, FrozenRung rung) {
    return surface(task).filter(panel -> panel.isLast(rung)).isPresent();
  }

  private Optional<FrozenPanel> surface(FrozenTask task) {
    return task.surfaceIds().stream().findFirst().flatMap(plan::panel);
  }

  private String name(String productId) {
    return ProductName.of(shelf, productId);
  }

  private String name(Optional<String> productId) {
    return ProductName.of(shelf, productId.orElse(null));
  }

  private String tool(String toolId) {
    return shelf.findTool(toolId).map(Tool::name).orElse(toolId);
  }

  private String tool(Optional<String> toolId) {
    return toolId.map(this::tool).orElse("");
  }
}
