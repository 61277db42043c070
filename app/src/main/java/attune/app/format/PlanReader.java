package attune.app.format;

import static attune.app.format.ShelfReader.orEmpty;

import attune.app.format.PlanFile.CareFile;
import attune.app.format.PlanFile.CautionFile;
import attune.app.format.PlanFile.CodeFile;
import attune.app.format.PlanFile.FinishStepFile;
import attune.app.format.PlanFile.PlannedSurfaceFile;
import attune.app.format.PlanFile.ReadyFile;
import attune.app.format.PlanFile.ResidueFile;
import attune.app.format.PlanFile.RoundFile;
import attune.app.format.PlanFile.RungFile;
import attune.app.format.PlanFile.SpanFile;
import attune.app.format.PlanFile.SpotFile;
import attune.app.format.PlanFile.TaskFile;
import attune.core.bench.FrozenFinish;
import attune.core.bench.FrozenPanel;
import attune.core.bench.FrozenPlan;
import attune.core.bench.FrozenResidue;
import attune.core.bench.FrozenRound;
import attune.core.bench.FrozenRung;
import attune.core.bench.FrozenSpot;
import attune.core.bench.FrozenTask;
import attune.core.care.Interval;
import attune.core.check.Coded;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.match.ReasonCode;
import attune.core.match.Treatment;
import attune.core.measure.PhInterval;
import attune.core.measure.Ratio;
import attune.core.plan.Plan.CareItem;
import attune.core.plan.Step;
import attune.core.plan.Task.About;
import attune.core.plan.TechniqueTable;
import attune.core.shelf.Span;
import attune.core.survey.Stain;
import attune.core.survey.Wishes;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads an attune-plan back, as far as a run and its papers go by it: also one that was written
 * before there were rounds, stains by themselves, or words for what a wait is about.
 */
@Component
public final class PlanReader {
  private static final Phrases PHRASES = Phrases.of(PlanReader.class);
  private static final int MINUTE_S = 60;

  private final JsonMapper mapper;

  public PlanReader(JsonMapper mapper) {
    this.mapper = mapper;
  }

  /**
   * @throws InvalidInputException naming each thing that cannot be read
   */
  public FrozenPlan read(String json) {
    try {
      return read(mapper.readValue(json, PlanFile.class));
    } catch (JacksonException e) {
      throw new InvalidInputException("", e.getOriginalMessage(), PHRASES.say("an-attune-plan"));
    }
  }

  /**
   * @throws InvalidInputException naming each thing that cannot be read
   */
  static FrozenPlan read(PlanFile file) {
    List<Fault> faults = new ArrayList<>();
    List<FrozenPanel> panels = each(file.surfaces(), "/surfaces", PlanReader::panel, faults);
    List<FrozenTask> tasks = each(file.timeline(), "/timeline", PlanReader::task, faults);
    List<FrozenRound> rounds = each(file.rounds(), "/rounds", PlanReader::round, faults);
    List<CareItem> care = each(file.care(), "/care", PlanReader::care, faults);
    if (!faults.isEmpty()) {
      throw new InvalidInputException(faults);
    }
    FrozenPlan.Ready ready = at("/ready", () -> ready(file.ready()));
    return new FrozenPlan(panels, concentrate(file), tasks, rounds, ready, care);
  }

  private static Map<String, Double> concentrate(PlanFile file) {
    Map<String, Double> ml = new TreeMap<>();
    orEmpty(file.mixes()).forEach(mix -> ml.merge(mix.productId(), mix.productMl(), Double::sum));
    orEmpty(file.doses()).forEach(dose -> ml.merge(dose.productId(), dose.ml(), Double::sum));
    return ml;
  }

  private static FrozenPanel panel(PlannedSurfaceFile f) {
    List<Fault> faults = new ArrayList<>();
    FrozenPanel panel =
        new FrozenPanel(
            f.surfaceId(),
            each(f.ladder(), "/ladder", PlanReader::rung, faults),
            each(laid(f), "/finishSteps", PlanReader::finish, faults),
            Optional.ofNullable(f.residue()).map(PlanReader::residue),
            Optional.ofNullable(f.dry())
                .map(dry -> new FrozenPanel.Dry(dry.how(), dry.confirmWith())),
            Optional.ofNullable(f.refer()).map(PlanReader::said),
            each(f.cautions(), "/cautions", PlanReader::caution, faults),
            Optional.ofNullable(f.exposure())
                .map(e -> new FrozenPanel.Exposure(e.before(), e.plan(), e.allowance())));
    if (!faults.isEmpty()) {
      throw new InvalidInputException(faults);
    }
    return panel;
  }

  private static List<FinishStepFile> laid(PlannedSurfaceFile f) {
    return orEmpty(f.finishSteps()).stream().filter(step -> !step.leftAlone()).toList();
  }

  private static FrozenPanel.Said said(CodeFile f) {
    return new FrozenPanel.Said(at("/refer/code", () -> reason(f.code())), f.text());
  }

  private static FrozenPanel.Caution caution(CautionFile f) {
    return new FrozenPanel.Caution(
        at("/code", () -> reason(f.code())), f.text(), Optional.ofNullable(f.roundIds()));
  }

  private static ReasonCode reason(String name) {
    return named(ReasonCode.values(), name);
  }

  private static <E extends Enum<E>> E named(E[] all, String name) {
    return Arrays.stream(all)
        .filter(each -> each.name().equals(name))
        .findFirst()
        .orElseThrow(
            () ->
                new InvalidInputException(
                    "",
                    "\"" + name + "\"",
                    Arrays.stream(all).map(Enum::name).collect(Lists.joining())));
  }

  private static FrozenRung rung(RungFile f) {
    return new FrozenRung(
        Optional.ofNullable(f.cleanerId()),
        at("/ratio", () -> Ratio.parse(f.ratio())),
        Optional.ofNullable(f.effectivePh()).map(ph -> new PhInterval(ph.low(), ph.high())),
        f.toolId(),
        at("/applyTo", () -> Coded.parse(Treatment.ApplyTo.class, f.applyTo())),
        f.laidGPerM2(),
        at("/warmth", () -> Coded.parse(Treatment.Warmth.class, f.warmth())),
        new FrozenRung.Dwell(f.dwellS().min(), f.dwellS().max()),
        new FrozenRung.Sections(f.sections().count(), f.sections().workedS()),
        f.passes().low(),
        f.passes().high(),
        f.endPoint(),
        f.leadsOn(),
        Optional.ofNullable(f.spot()).map(PlanReader::spot));
  }

  private static FrozenSpot spot(SpotFile f) {
    return new FrozenSpot(
        f.cm2(),
        f.ml(),
        Optional.ofNullable(f.stain())
            .map(kind -> at("/spot/stain", () -> Coded.parse(Stain.Kind.class, kind))));
  }

  private static FrozenFinish finish(FinishStepFile f) {
    return new FrozenFinish(
        step(f.step()),
        Optional.ofNullable(f.productId()),
        Optional.ofNullable(f.applicatorId()),
        f.doseMl(),
        f.coats(),
        f.waitS(),
        Optional.ofNullable(f.flashS()).map(span -> at("/flashS", () -> span(span))),
        Optional.ofNullable(f.absorbS()),
        Optional.ofNullable(f.levelTo())
            .map(sheen -> at("/levelTo", () -> Coded.parse(Wishes.Sheen.class, sheen))),
        f.cureS(),
        f.sitAfterS());
  }

  private static FrozenResidue residue(ResidueFile f) {
    return new FrozenResidue(
        Optional.ofNullable(f.productId()),
        at("/residue/ratio", () -> Ratio.parse(f.ratio())),
        f.passes(),
        f.ml());
  }

  private static Span span(SpanFile f) {
    return new Span((int) f.min(), (int) f.max());
  }

  private static Step step(String code) {
    return at("/step", () -> Coded.parse(Step.class, code));
  }

  /** Plans from before it was written have a task's whole length. */
  private static int hands(TaskFile f, LocalDateTime start, LocalDateTime end) {
    return f.handsMin() == null
        ? (int) Duration.between(start, end).toSeconds()
        : (int) Math.round(f.handsMin() * MINUTE_S);
  }

  private static FrozenTask task(TaskFile f) {
    Step step = step(f.step());
    LocalDateTime start = time(f.start(), "/start");
    LocalDateTime end = time(f.end(), "/end");
    return new FrozenTask(
        f.id(),
        step,
        about(f, step),
        orEmpty(f.surfaceIds()),
        Optional.ofNullable(f.productId()),
        Optional.ofNullable(f.toolId()),
        Optional.ofNullable(f.person()),
        f.section() == null ? 0 : f.section(),
        start,
        end,
        hands(f, start, end),
        Optional.ofNullable(f.roundId()),
        f.wipeFrom() != null,
        orEmpty(f.after()),
        Optional.ofNullable(f.spot()).map(PlanReader::spot));
  }

  /** Plans from before it was written named such tasks so, and no others. */
  private static Optional<About.Kind> about(TaskFile f, Step step) {
    String told = f.about();
    if (told != null) {
      return Optional.of(at("/about", () -> Coded.parse(About.Kind.class, told)));
    }
    return switch (step) {
      case WAIT ->
          f.id().equals("cool")
              ? Optional.of(About.Kind.COOLING)
              : f.id().matches("part-\\d+")
                  ? Optional.of(About.Kind.PART_COMING)
                  : Optional.empty();
      case REFINISH ->
          f.id().matches("fit-\\d+") ? Optional.of(About.Kind.PART_FITTED) : Optional.empty();
      default -> Optional.empty();
    };
  }

  private static FrozenRound round(RoundFile f) {
    return new FrozenRound(
        f.id(),
        f.zone(),
        step(f.step()),
        orEmpty(f.surfaceIds()),
        Optional.ofNullable(f.productId()),
        Optional.ofNullable(f.ratio()).map(ratio -> at("/ratio", () -> Ratio.parse(ratio))),
        Optional.ofNullable(f.toolId()),
        f.handsMin(),
        orEmpty(f.technique()).stream()
            .map(
                line ->
                    new TechniqueTable.Line(
                        at("/technique", () -> named(TechniqueTable.About.values(), line.code())),
                        line.text()))
            .toList());
  }

  private static CareItem care(CareFile f) {
    return new CareItem(
        f.code() != null ? f.code() : formerly(f.what()),
        orEmpty(f.surfaceIds()),
        f.what(),
        orEmpty(f.dueInDays()),
        Optional.ofNullable(f.everyDays()),
        Optional.ofNullable(f.productId()),
        Optional.ofNullable(f.follows())
            .map(step -> at("/follows", () -> Coded.parse(Step.class, step))));
  }

  /** Care was known by its English once. */
  private static String formerly(String what) {
    return what.equals("Deep clean") ? Interval.DEEP_CLEAN : what;
  }

  private static FrozenPlan.Ready ready(ReadyFile f) {
    return new FrozenPlan.Ready(
        time(f.driveAt(), "/driveAt"), time(f.sitAt(), "/sitAt"), time(f.curedAt(), "/curedAt"));
  }

  private static LocalDateTime time(String text, String pointer) {
    try {
      return LocalDateTime.parse(text);
    } catch (DateTimeException e) {
      throw new InvalidInputException(pointer, "\"" + text + "\"", PHRASES.say("a-local-time"));
    }
  }

  /** Every one of a list; what is wrong with one is told with its place, and the rest is read. */
  private static <F, T> List<T> each(
      @Nullable List<F> files, String pointer, Function<F, T> reads, List<Fault> faults) {
    List<T> read = new ArrayList<>();
    List<F> all = orEmpty(files);
    for (int i = 0; i < all.size(); i++) {
      F file = all.get(i);
      try {
        read.add(at(pointer + "/" + i, () -> reads.apply(file)));
      } catch (InvalidInputException e) {
        faults.addAll(e.faults());
      }
    }
    return read;
  }

  /** Reads something at a place. */
  private static <T> T at(String pointer, Supplier<T> reads) {
    try {
      return reads.get();
    } catch (InvalidInputException e) {
      throw new InvalidInputException(
          e.faults().stream()
              .map(f -> new Fault(pointer + f.pointer(), f.found(), f.allowed()))
              .toList());
    } catch (NullPointerException e) {
      throw new InvalidInputException(pointer, Fault.NOTHING, PHRASES.say("what-a-plan-has-there"));
    }
  }
}
