package attune.app.bench;

import attune.app.format.JobFile;
import attune.app.format.JobFile.WishesFile;
import attune.app.shelf.ProductName;
import attune.core.bench.FrozenFinish;
import attune.core.bench.FrozenPanel;
import attune.core.bench.FrozenPlan;
import attune.core.bench.FrozenResidue;
import attune.core.bench.FrozenRound;
import attune.core.bench.FrozenRung;
import attune.core.bench.FrozenSpot;
import attune.core.bench.FrozenTask;
import attune.core.bench.Instead;
import attune.core.bench.RunStep;
import attune.core.bench.StepSoFar;
import attune.core.check.Coded;
import attune.core.measure.Ratio;
import attune.core.plan.Step;
import attune.core.plan.Task.About;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.survey.Stain;
import attune.core.survey.Wishes.Protection;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/** Words a step for the bench: what, where, with what, how wet, what to look for. */
public final class StepWords {
  private static final Phrases PHRASES = Phrases.of(StepWords.class);

  private static final String LEFT = PHRASES.say("soil-that-stays-after-these");

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
        .map(spot -> PHRASES.say("lift-the", stain(spot)))
        .orElseGet(() -> title(task.step(), task.about()));
  }

  /** What it is of; only "stain" in a run begun before that was written. */
  private static String stain(FrozenSpot spot) {
    return spot.kind().map(Stain.Kind::words).orElseGet(() -> PHRASES.say("stain"));
  }

  static String title(Step step, Optional<About.Kind> about) {
    return switch (step) {
      case RECEIVE -> PHRASES.say("receive-the-vehicle");
      case INSPECT -> PHRASES.say("inspect-under-the-lamp");
      case PRECAUTIONS -> PHRASES.say("take-precautions");
      case DRY_SOIL -> PHRASES.say("take-the-dry-soil-out");
      case SHAVE -> PHRASES.say("shave-the-pills");
      case TEST_SPOT -> PHRASES.say("test-spot");
      case CLEAN -> PHRASES.say("clean");
      case TEXTILE -> PHRASES.say("clean-the-textile");
      case CHECK -> PHRASES.say("check");
      case METER -> PHRASES.say("confirm-it-is-dry");
      case DRY -> PHRASES.say("drying");
      case RESIDUE -> PHRASES.say("residue-pass");
      case CONDITION -> PHRASES.say("condition");
      case PROTECT -> PHRASES.say("protect");
      case BARRIER -> PHRASES.say("lay-the-barrier");
      case COAT -> PHRASES.say("coat");
      case DRESS -> PHRASES.say("dress");
      case LEVEL -> PHRASES.say("level");
      case WAIT ->
          about.isEmpty()
              ? PHRASES.say("curing")
              : about.get() == About.Kind.COOLING
                  ? PHRASES.say("cooling-in-the-shade")
                  : PHRASES.say("part-on-order");
      case REFINISH -> about.isEmpty() ? PHRASES.say("restore") : PHRASES.say("fit-the-part");
      case HANDOVER -> PHRASES.say("last-look");
      case BREAK -> PHRASES.say("break");
    };
  }

  List<String> lines(RunStep step) {
    FrozenTask task = step.planned();
    return switch (task.step()) {
      case RECEIVE -> receive();
      case INSPECT -> inspect();
      case PRECAUTIONS -> List.of(PHRASES.say("lap-and-cluster-covered-nozzle"));
      case DRY_SOIL -> List.of(PHRASES.say("vacuum-everything-seams-opened"));
      case SHAVE -> List.of(PHRASES.say("guarded-shaver-light-hand-away"));
      case TEST_SPOT ->
          List.of(
              PHRASES.say("in-a-hidden-place-on", mixed(task, step.rung())),
              PHRASES.say("grey-or-brown-is-soil"));
      case CLEAN, TEXTILE -> clean(step);
      case METER ->
          List.of(
              PHRASES.say("moisture-meter-on-every-panel"), PHRASES.say("nothing-is-laid-on-a"));
      case CHECK -> List.of(PHRASES.say("a-fresh-white-face-over"));
      case DRY ->
          surface(task)
              .flatMap(FrozenPanel::dry)
              .map(
                  dry ->
                      List.of(
                          sentence(dry.how()),
                          PHRASES.say("confirm-with-the", dry.confirmWith().replace('-', ' '))))
              .orElse(List.of());
      case RESIDUE -> residue(task);
      case CONDITION, PROTECT, BARRIER, COAT, DRESS, REFINISH -> finish(task);
      case LEVEL -> List.of(PHRASES.say("wipe-or-buff-to-the"));
      case WAIT -> List.of(PHRASES.say("leave-it-alone"));
      case HANDOVER -> List.of(PHRASES.say("before-and-after-what-was"));
      case BREAK -> List.of();
    };
  }

  private List<String> receive() {
    WishesFile wishes = job.wishes();
    List<String> lines = new ArrayList<>();
    lines.add(PHRASES.say("ask-about-use-and-what"));
    if (wishes != null) {
      List<String> wished =
          Stream.of(wishes.standard(), wishes.sheen(), protection(wishes))
              .filter(Objects::nonNull)
              .toList();
      lines.add(PHRASES.say("agreed-still-so", Lists.all(wished)));
    }
    return lines;
  }

  private static @Nullable String protection(WishesFile wishes) {
    return Optional.ofNullable(wishes.protection())
        .flatMap(code -> Coded.find(Protection.class, code))
        .map(
            p ->
                p == Protection.NONE
                    ? PHRASES.say("nothing-laid-on")
                    : PHRASES.say("a-at-most", p.code()))
        .orElse(null);
  }

  /** What the survey found already, to look at again with the customer. */
  private List<String> inspect() {
    String there =
        job.surfaces().stream()
            .filter(s -> s.condition().damage() != null && !s.condition().damage().isEmpty())
            .map(s -> Lists.noted(places.label(s.id()), Lists.facts(s.condition().damage())))
            .collect(Lists.joiningApart());
    return List.of(
        PHRASES.say("every-surface-under-a-lamp"),
        there.isEmpty()
            ? PHRASES.say("damage-you-find-now-goes")
            : PHRASES.say("already-there-shown-to-the", there));
  }

  /** A product as it goes onto a test spot: of a rung above, else of the panel's first. */
  private String mixed(FrozenTask task, Optional<FrozenRung> rung) {
    Ratio ratio =
        rung.or(() -> surface(task).flatMap(s -> s.ladder().stream().findFirst()))
            .filter(r -> r.cleanerId().equals(task.productId()))
            .map(FrozenRung::ratio)
            .orElse(Ratio.READY);
    return PHRASES.say("mixed", name(task.productId()), mixed(ratio));
  }

  static String mixed(Ratio ratio) {
    return ratio.isReady() ? PHRASES.say("as-it-comes") : ratio.code();
  }

  private List<String> residue(FrozenTask task) {
    Optional<FrozenResidue> planned = surface(task).flatMap(FrozenPanel::residue);
    String ratio = mixed(planned.map(FrozenResidue::ratio).orElse(Ratio.READY));
    List<String> lines = new ArrayList<>();
    lines.add(
        task.productId()
            .map(id -> PHRASES.say("mixed", name(id), ratio))
            .map(bottle -> PHRASES.say("on-the-then-a-dry", bottle, tool(task.toolId())))
            .orElse(PHRASES.say("a-white-cloth-damp-with")));
    planned
        .map(FrozenResidue::passes)
        .filter(passes -> passes > 1)
        .ifPresent(passes -> lines.add(PHRASES.say("passes-a-fresh-face-each", passes)));
    lines.add(PHRASES.say("let-it-dry-before-anything"));
    return lines;
  }

  private static String sentence(String text) {
    return Lists.ended(Character.toUpperCase(text.charAt(0)) + text.substring(1));
  }

  private List<String> clean(RunStep step) {
    if (step.rung().isEmpty()) {
      return List.of();
    }
    FrozenRung r = step.rung().get();
    List<String> lines = new ArrayList<>();
    if (r.cleanerId().isEmpty()) {
      lines.add(PHRASES.say("dry", sentence(tool(r.toolId()))));
    } else {
      lines.add(PHRASES.say("on-the", name(r.cleanerId()), mixed(r.ratio()), r.applyTo().code()));
      lines.add(
          switch (r.warmth()) {
            case WARM_WATER ->
                PHRASES.say("with-warm-water", tool(r.toolId()), wetness(r.laidGPerM2()));
            case STEAM ->
                PHRASES.say(
                    "with-steam-through-a-cloth", tool(r.toolId()), wetness(r.laidGPerM2()));
            case NONE, SEAT_HEAT ->
                PHRASES.say("work-with-the", tool(r.toolId()), wetness(r.laidGPerM2()));
          });
    }
    lines.add(
        r.passesLow() == r.passesHigh()
            ? passes(r.passesLow())
            : PHRASES.say("to", r.passesLow(), passes(r.passesHigh())));
    r.spot()
        .map(spot -> PHRASES.say("on-the-stain-alone-about", Math.round(spot.cm2())))
        .ifPresent(lines::add);
    if (step.task().rung() > 1 && r.sections().count() > 1) {
      lines.add(PHRASES.say("in-sections-one-after-the", r.sections().count()));
    }
    return lines;
  }

  private static String passes(int n) {
    return PHRASES.say("passes", n);
  }

  private static String wetness(double laid) {
    return laid <= 5
        ? PHRASES.say("barely-damp")
        : laid <= 10
            ? PHRASES.say("damp")
            : laid <= 20
                ? PHRASES.say("lightly-wet")
                : laid <= 60 ? PHRASES.say("wet-no-runs") : PHRASES.say("well-wet");
  }

  private List<String> finish(FrozenTask task) {
    if (task.about().isPresent()) {
      return List.of(PHRASES.say("fit-it-as-its-maker"));
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

  private static String coat(FrozenFinish f, int coat) {
    Optional<String> to = f.levelTo().filter(sheen -> coat >= f.coats()).map(Coded::code);
    if (f.coats() == 1) {
      return to.map(sheen -> PHRASES.say("one-coat-levelled-to", sheen))
          .orElse(PHRASES.say("one-thin-coat"));
    }
    return to.map(sheen -> PHRASES.say("last-coat-to", coat, f.coats(), sheen))
        .orElse(PHRASES.say("coat-of-thin", coat, f.coats()));
  }

  private List<String> finish(FrozenFinish f, int coat) {
    boolean last = coat >= f.coats();
    boolean mists = f.levelTo().isEmpty();
    String ml = PHRASES.say("ml", Math.round(10 * f.doseMl() / Math.max(1, f.coats())) / 10.0);
    List<String> lines = new ArrayList<>();
    lines.add(
        mists
            ? PHRASES.say("misted-on-with-the", name(f.productId()), ml, tool(f.applicatorId()))
            : PHRASES.say("on-the-never-sprayed", name(f.productId()), ml, tool(f.applicatorId())));
    lines.add(coat(f, coat));
    if (mists) {
      lines.add(PHRASES.say("blot-it-up-and-leave"));
    } else if (f.flash().isPresent()) {
      lines.add(
          PHRASES.say(
              "flashes-to-then-it-is",
              RunWords.lasting(f.flash().get().min()),
              RunWords.lasting(f.flash().get().max())));
    } else if (f.absorbS().isPresent()) {
      lines.add(
          last
              ? PHRASES.say("to-go-in-then-levelled", RunWords.lasting(f.absorbS().get()))
              : PHRASES.say("to-go-in-the-next", RunWords.lasting(f.absorbS().get())));
    }
    return lines;
  }

  List<String> instead(Instead used, List<String> planned) {
    String with =
        used.productId().map(this::name).orElse("")
            + used.ratio().filter(r -> !r.isReady()).map(r -> " " + r.code()).orElse("")
            + used.toolId().map(id -> ", " + tool(id)).orElse("");
    return Stream.concat(
            Stream.of(PHRASES.say("instead-of-the-plan", with.replaceFirst("^, ", ""))),
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
