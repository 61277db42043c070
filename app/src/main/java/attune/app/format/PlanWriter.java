package attune.app.format;

import attune.app.format.PlanFile.CareFile;
import attune.app.format.PlanFile.CautionFile;
import attune.app.format.PlanFile.ClothFile;
import attune.app.format.PlanFile.CodeFile;
import attune.app.format.PlanFile.DoseFile;
import attune.app.format.PlanFile.DryFile;
import attune.app.format.PlanFile.ExposureFile;
import attune.app.format.PlanFile.FinishStepFile;
import attune.app.format.PlanFile.HeldFile;
import attune.app.format.PlanFile.HouseRuleFile;
import attune.app.format.PlanFile.MixFile;
import attune.app.format.PlanFile.NeedsFile;
import attune.app.format.PlanFile.PhFile;
import attune.app.format.PlanFile.PlannedSurfaceFile;
import attune.app.format.PlanFile.PurchaseFile;
import attune.app.format.PlanFile.RangeFile;
import attune.app.format.PlanFile.ReadyFile;
import attune.app.format.PlanFile.ReasonFile;
import attune.app.format.PlanFile.RemainsFile;
import attune.app.format.PlanFile.RoundFile;
import attune.app.format.PlanFile.RuledOutFile;
import attune.app.format.PlanFile.RungFile;
import attune.app.format.PlanFile.SectionsFile;
import attune.app.format.PlanFile.SpanFile;
import attune.app.format.PlanFile.SpotFile;
import attune.app.format.PlanFile.TaskFile;
import attune.app.format.PlanFile.TotalsFile;
import attune.core.match.Ledger;
import attune.core.match.Place;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.RuledOut;
import attune.core.match.Rung;
import attune.core.match.SpotWork;
import attune.core.match.Treatment;
import attune.core.material.Role;
import attune.core.measure.PhInterval;
import attune.core.measure.Sections;
import attune.core.plan.CautionSteps;
import attune.core.plan.FinishStep;
import attune.core.plan.LeftAlone;
import attune.core.plan.Plan;
import attune.core.plan.Round;
import attune.core.plan.Step;
import attune.core.plan.SurfacePlan;
import attune.core.plan.Task;
import attune.core.plan.TechniqueTable;
import attune.core.plan.Timetable;
import attune.core.plan.Totals;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Span;
import attune.core.survey.HouseRules;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes a plan as attune-plan; figures are rounded here and nowhere else, so that the same job
 * gives the same bytes.
 */
@Component
public class PlanWriter {
  private static final double DAY_S = 86_400;

  private static final DateTimeFormatter LOCAL =
      DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm:ss");
  private static final JsonMapper FILE =
      JsonMapper.builder()
          .enable(SerializationFeature.INDENT_OUTPUT)
          .disable(tools.jackson.databind.MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
          .build();

  private final TechniqueTable technique;

  /**
   * @param technique what the hands do, told at each round
   */
  public PlanWriter(TechniqueTable technique) {
    this.technique = technique;
  }

  /** The file's text, ending in a line feed. */
  public String text(Plan plan) {
    return FILE.writeValueAsString(file(plan)) + "\n";
  }

  public PlanFile file(Plan plan) {
    return new PlanFile(
        "attune-plan",
        1,
        plan.job().title(),
        plan.surfaces().stream().map(s -> surface(s, plan.timetable())).toList(),
        plan.mixes().stream().map(PlanWriter::mix).toList(),
        plan.doses().stream().map(PlanWriter::dose).toList(),
        plan.cloths().stream()
            .map(c -> new ClothFile(c.use().code(), c.count(), c.colourfastOnly(), c.thrown()))
            .toList(),
        plan.purchases().stream()
            .map(
                p ->
                    new PurchaseFile(
                        p.role().code(),
                        p.itemId().orElse(null),
                        p.ml().orElse(null),
                        p.code().name(),
                        p.text(),
                        p.needs()
                            .map(
                                n ->
                                    new NeedsFile(
                                        n.phLow(), n.phHigh(), n.goodAt().orElse(null), n.finish()))
                            .orElse(null)))
            .toList(),
        plan.timetable().tasks().stream().map(PlanWriter::task).toList(),
        plan.timetable().rounds().stream().map(r -> round(r, plan)).toList(),
        totals(plan.totals()),
        new ReadyFile(
            local(plan.timetable().driveAt()),
            local(plan.timetable().sitAt()),
            local(plan.timetable().curedAt())),
        plan.care().stream()
            .map(
                c ->
                    new CareFile(
                        c.surfaceIds(),
                        c.what(),
                        c.dueInDays().isEmpty() ? null : c.dueInDays(),
                        c.everyDays().orElse(null),
                        c.productId().orElse(null),
                        c.follows().map(Step::code).orElse(null)))
            .toList(),
        houseRules(plan.job().houseRules()),
        plan.warnings().stream().map(PlanWriter::code).toList(),
        plan.surfaces().stream().flatMap(PlanWriter::remains).toList());
  }

  private static Stream<RemainsFile> remains(SurfacePlan plan) {
    return Stream.concat(leftOf(plan), ofStains(plan));
  }

  /** What is too soiled for its standard keeps some of it, whatever it is. */
  private static Stream<RemainsFile> leftOf(SurfacePlan plan) {
    return plan.cautions().stream()
        .filter(caution -> caution.code() == ReasonCode.LEAVE_SOME)
        .flatMap(
            caution ->
                plan.match().place().demand().soils().stream()
                    .sorted()
                    .map(s -> new RemainsFile(plan.surface().id(), s.code(), caution.text())));
  }

  private static Stream<RemainsFile> ofStains(SurfacePlan plan) {
    return plan.match().spots().stream()
        .flatMap(
            spot ->
                spot.remains().stream()
                    .map(
                        r ->
                            new RemainsFile(
                                plan.surface().id(), spot.stain().kind().code(), r.text())));
  }

  private static List<HouseRuleFile> houseRules(HouseRules rules) {
    return rules.all().stream()
        .map(
            rule ->
                new HouseRuleFile(rule.key(), rules.school(rule.key()), rules.changed(rule.key())))
        .toList();
  }

  /** What is planned for one surface, without when. */
  public static PlannedSurfaceFile surface(SurfacePlan plan) {
    return surface(
        plan, plan.cautions().stream().map(c -> new CautionFile(c.code().name(), c.text(), null)));
  }

  private static PlannedSurfaceFile surface(SurfacePlan plan, Timetable timetable) {
    Map<String, Set<Step>> steps = timetable.stepsByRound();
    return surface(plan, plan.cautions().stream().map(c -> caution(c, plan, timetable, steps)));
  }

  private static PlannedSurfaceFile surface(SurfacePlan plan, Stream<CautionFile> cautions) {
    Place place = plan.match().place();
    return new PlannedSurfaceFile(
        plan.surface().id(),
        Stream.concat(
                plan.match().ladder().stream().map(rung -> rung(place, rung)),
                plan.match().spots().stream().flatMap(spot -> spot(place, spot)))
            .toList(),
        Stream.concat(
                plan.leftAlone().stream().map(PlanWriter::leftAlone),
                plan.finishSteps().stream().map(PlanWriter::finishStep))
            .toList(),
        plan.dry().map(d -> new DryFile(d.estimateS(), d.how(), d.confirmWith())).orElse(null),
        plan.match().end().map(PlanWriter::code).orElse(null),
        plan.match().milder().map(rung -> rung(place, rung)).orElse(null),
        plan.match().refer().map(PlanWriter::code).orElse(null),
        cautions.toList(),
        new RangeFile(plan.minutesLow(), plan.minutesHigh()),
        plan.ruledOut().stream().map(PlanWriter::ruledOut).toList(),
        exposure(plan),
        plan.match().loss() > 0 ? round(plan.match().loss(), 3) : null,
        plan.match().byHand());
  }

  /** Left out where nothing was spent and nothing is. */
  private static ExposureFile exposure(SurfacePlan plan) {
    Ledger ledger = plan.match().place().ledger();
    double adds = plan.match().exposure();
    double brushed =
        ledger.brushed().spent()
            + plan.match().ladder().stream().limit(1).mapToDouble(r -> brushed(ledger, r)).sum();
    return ledger.spent() == 0 && adds == 0 && ledger.unknownVisits() == 0 && brushed == 0
        ? null
        : new ExposureFile(
            round(ledger.spent(), 1),
            round(adds, 1),
            ledger.allowance(),
            ledger.percent(ledger.spent()),
            ledger.percent(ledger.spent() + adds),
            ledger.unknownVisits(),
            brushed == 0 ? null : ledger.brushed().percent(brushed));
  }

  private static double brushed(Ledger ledger, Rung rung) {
    return ledger.brushed().adds(rung.treatment().tool().stiffness(), rung.verdict().passes());
  }

  /** A remover stands behind the ladder: it meets its stain once the panel is clean. */
  private static Stream<RungFile> spot(Place place, SpotWork work) {
    return work.rung().stream().map(rung -> rung(place, rung, spot(work)));
  }

  private static SpotFile spot(SpotWork work) {
    return new SpotFile(round(work.cm2(), 1), round(work.ml(), 1), work.stain().kind().code());
  }

  private static RungFile rung(Place place, Rung rung) {
    return rung(place, rung, null);
  }

  private static RungFile rung(Place place, Rung rung, SpotFile spot) {
    Treatment t = rung.treatment();
    boolean screen = place.surface().role() == Role.SCREEN; // wiped at once, nothing sits
    double spare = screen ? 0 : Math.min(rung.verdict().sections().spareS(), DAY_S);
    int longest =
        (int) Math.floor(Math.min(place.limits().contactMaxS().value(), t.dwellS() + spare));
    int most =
        t.cleaner()
            .flatMap(Product::dwell)
            .map(span -> Math.min(span.max(), longest))
            .orElse(t.dwellS());
    return new RungFile(
        t.cleaner().map(Product::id).orElse(null),
        t.ratio().code(),
        rung.verdict().ph().map(PlanWriter::ph).orElse(null),
        t.tool().id(),
        t.applyTo().code(),
        round(t.laid(), 1),
        t.warmth().code(),
        new SpanFile(t.dwellS(), Math.max(t.dwellS(), most)),
        sections(rung),
        new RangeFile(rung.passesLow(), rung.passesHigh()),
        rung.endPoint(),
        rung.leadsOn(),
        rung.stop(),
        !t.isDry(),
        spot);
  }

  private static SectionsFile sections(Rung rung) {
    Sections s = rung.verdict().sections();
    boolean blocked =
        rung.verdict().reasons().stream()
            .anyMatch(
                r ->
                    r.code() == ReasonCode.SURFACE_TOO_HOT
                        || (r.code() == ReasonCode.WINDOW_TOO_SHORT && !s.fits()));
    return new SectionsFile(
        s.count(),
        round(s.areaM2(), 3),
        seconds(s.nowS()),
        s.nowS() < s.windowS() ? seconds(s.windowS()) : null,
        !blocked);
  }

  private static long seconds(double s) {
    return (long) Math.floor(Math.min(s, DAY_S));
  }

  private static FinishStepFile finishStep(FinishStep s) {
    ProductRole role =
        s.product().roles().stream().sorted().filter(r -> !r.cleans()).findFirst().orElseThrow();
    return new FinishStepFile(
        role.code(),
        s.step().code(),
        s.product().id(),
        s.applicator().id(),
        round(s.doseMl(), 1),
        s.coats(),
        s.waitS(),
        s.flash().map(PlanWriter::span).orElse(null),
        s.absorbS().orElse(null),
        s.levels() ? s.levelTo().code() : null,
        s.cureS(),
        s.sitAfterS(),
        null);
  }

  private static FinishStepFile leftAlone(LeftAlone left) {
    return new FinishStepFile(
        left.role().code(),
        left.step().code(),
        left.productId().orElse(null),
        null,
        0,
        0,
        0,
        null,
        null,
        null,
        0,
        0,
        new HeldFile(left.last().toString(), left.next().toString()));
  }

  private static SpanFile span(Span span) {
    return new SpanFile(span.min(), span.max());
  }

  static PhFile ph(PhInterval ph) {
    return new PhFile(round(ph.low(), 1), round(ph.high(), 1));
  }

  static CodeFile code(Reason reason) {
    return new CodeFile(reason.code().name(), reason.text());
  }

  private static RuledOutFile ruledOut(RuledOut out) {
    return new RuledOutFile(
        out.itemId(), out.kind().code(), out.reasons().stream().map(PlanWriter::reason).toList());
  }

  public static ReasonFile reason(Reason r) {
    return new ReasonFile(
        r.code().name(),
        r.text(),
        r.measured().map(v -> round(v, 2)).orElse(null),
        r.limit().map(v -> round(v, 2)).orElse(null),
        r.unit().isEmpty() ? null : r.unit(),
        r.setBy().code());
  }

  private static MixFile mix(Plan.PlannedMix m) {
    return new MixFile(
        m.productId(),
        m.mix().ratio().code(),
        m.mix().ratio().words(),
        round(m.mix().bottleMl(), 1),
        round(m.mix().productMl(), 1),
        round(m.mix().waterMl(), 1),
        round(m.neededMl(), 1),
        m.effectivePh().map(PlanWriter::ph).orElse(null),
        m.surfaceIds());
  }

  private static DoseFile dose(Plan.PlannedDose d) {
    return new DoseFile(
        d.productId(),
        round(d.ml(), 1),
        round(d.keptMl(), 1),
        d.counted().drops(),
        d.counted().strokes(),
        d.counted().peas(),
        d.share().map(s -> round(s, 3)).orElse(null),
        d.coatsPossible().orElse(null),
        d.surfaceIds());
  }

  private static TaskFile task(Task t) {
    return new TaskFile(
        t.id(),
        t.step().code(),
        t.surfaceIds(),
        t.productId().orElse(null),
        t.toolId().orElse(null),
        t.person().orElse(null),
        t.section() == 0 ? null : t.section(),
        local(t.start()),
        local(t.end()),
        t.roundId().isEmpty() ? null : minutes(t.handsS()),
        t.roundId().orElse(null),
        local(t.wipeFrom()),
        local(t.wipeBy()),
        t.after(),
        t.spot().map(PlanWriter::spot).orElse(null));
  }

  /** A caution with the rounds where it stands: those of its panel, and talk with the customer. */
  private static CautionFile caution(
      Reason reason, SurfacePlan plan, Timetable timetable, Map<String, Set<Step>> steps) {
    return new CautionFile(
        reason.code().name(),
        reason.text(),
        timetable.rounds().stream()
            .filter(r -> CautionSteps.isToldAt(reason, plan, r, steps.get(r.id())))
            .filter(r -> r.surfaceIds().isEmpty() || isAbout(r, plan, timetable))
            .map(Round::id)
            .toList());
  }

  /** A bottle is tested once for every panel it goes on. */
  private static boolean isAbout(Round round, SurfacePlan plan, Timetable timetable) {
    Optional<String> cleaner =
        plan.firstRung().flatMap(rung -> rung.treatment().cleaner()).map(Product::id);
    return round.surfaceIds().contains(plan.surface().id())
        || round.step() == Step.TEST_SPOT
            && cleaner.isPresent()
            && timetable.tasks().stream()
                .filter(task -> task.roundId().filter(round.id()::equals).isPresent())
                .anyMatch(task -> task.productId().equals(cleaner));
  }

  private RoundFile round(Round r, Plan plan) {
    List<SurfacePlan> panels = plan.panels(r.surfaceIds());
    return new RoundFile(
        r.id(),
        r.zone(),
        r.step().code(),
        r.surfaceIds(),
        r.productId().orElse(null),
        r.ratio().orElse(null),
        r.toolId().orElse(null),
        r.person().orElse(null),
        local(r.start()),
        local(r.end()),
        minutes(r.handsS()),
        minutes(r.waitS()),
        technique.of(r, panels).stream()
            .map(line -> new CodeFile(line.about().name(), line.text()))
            .toList());
  }

  private static TotalsFile totals(Totals t) {
    return new TotalsFile(
        new RangeFile(t.handsLow(), t.handsHigh()),
        t.waits(),
        t.visit(),
        t.clean(),
        t.finish(),
        t.inspect(),
        t.rounds());
  }

  private static double minutes(int seconds) {
    return round(seconds / 60.0, 2);
  }

  private static String local(Optional<LocalDateTime> time) {
    return time.map(PlanWriter::local).orElse(null);
  }

  static String local(LocalDateTime time) {
    return time.format(LOCAL);
  }

  static double round(double value, int digits) {
    double scale = Math.pow(10, digits);
    return Math.round(value * scale) / scale + 0.0;
  }
}
