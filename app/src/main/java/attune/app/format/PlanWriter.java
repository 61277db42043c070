package attune.app.format;

import attune.app.format.PlanFile.CareFile;
import attune.app.format.PlanFile.ClothFile;
import attune.app.format.PlanFile.CodeFile;
import attune.app.format.PlanFile.DoseFile;
import attune.app.format.PlanFile.HouseRuleFile;
import attune.app.format.PlanFile.MixFile;
import attune.app.format.PlanFile.NeedsFile;
import attune.app.format.PlanFile.PurchaseFile;
import attune.app.format.PlanFile.RangeFile;
import attune.app.format.PlanFile.ReadyFile;
import attune.app.format.PlanFile.RemainsFile;
import attune.app.format.PlanFile.RoundFile;
import attune.app.format.PlanFile.TaskFile;
import attune.app.format.PlanFile.TotalsFile;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.plan.Plan;
import attune.core.plan.Round;
import attune.core.plan.Step;
import attune.core.plan.SurfacePlan;
import attune.core.plan.Task;
import attune.core.plan.TechniqueTable;
import attune.core.plan.TechniqueTable.About;
import attune.core.plan.TechniqueTable.Line;
import attune.core.plan.ToolChange;
import attune.core.plan.Totals;
import attune.core.survey.HouseRules;
import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
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
        plan.surfaces().stream()
            .map(s -> PlannedSurfaceWriter.surface(s, plan.timetable()))
            .toList(),
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
                        c.code(),
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

  static CodeFile code(Reason reason) {
    return new CodeFile(reason.code().name(), reason.text());
  }

  private static MixFile mix(Plan.PlannedMix m) {
    return new MixFile(
        m.productId(),
        m.mix().ratio().code(),
        m.mix().ratio().words(),
        Rounded.to(m.mix().bottleMl(), 1),
        Rounded.to(m.mix().productMl(), 1),
        Rounded.to(m.mix().waterMl(), 1),
        Rounded.to(m.neededMl(), 1),
        m.effectivePh().map(PlannedSurfaceWriter::ph).orElse(null),
        m.surfaceIds());
  }

  private static DoseFile dose(Plan.PlannedDose d) {
    return new DoseFile(
        d.productId(),
        Rounded.to(d.ml(), 1),
        Rounded.to(d.keptMl(), 1),
        d.counted().drops(),
        d.counted().strokes(),
        d.counted().peas(),
        d.share().map(s -> Rounded.to(s, 3)).orElse(null),
        d.coatsPossible().orElse(null),
        d.surfaceIds());
  }

  private static TaskFile task(Task t) {
    return new TaskFile(
        t.id(),
        t.step().code(),
        t.about().map(about -> about.kind().code()).orElse(null),
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
        t.spot().map(PlannedSurfaceWriter::spot).orElse(null));
  }

  private RoundFile round(Round r, Plan plan) {
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
        Stream.concat(
                ToolChange.before(r, plan).map(text -> new Line(About.LOAD, text)).stream(),
                technique.of(r, plan).stream())
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
    return Rounded.to(seconds / 60.0, 2);
  }

  private static @Nullable String local(Optional<LocalDateTime> time) {
    return time.map(PlanWriter::local).orElse(null);
  }

  static String local(LocalDateTime time) {
    return time.format(LOCAL);
  }
}
