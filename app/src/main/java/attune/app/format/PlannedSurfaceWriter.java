package attune.app.format;

import attune.app.format.PlanFile.CautionFile;
import attune.app.format.PlanFile.DryFile;
import attune.app.format.PlanFile.ExposureFile;
import attune.app.format.PlanFile.FinishStepFile;
import attune.app.format.PlanFile.HeldFile;
import attune.app.format.PlanFile.PhFile;
import attune.app.format.PlanFile.PlannedSurfaceFile;
import attune.app.format.PlanFile.RangeFile;
import attune.app.format.PlanFile.ReasonFile;
import attune.app.format.PlanFile.ResidueFile;
import attune.app.format.PlanFile.RuledOutFile;
import attune.app.format.PlanFile.RungFile;
import attune.app.format.PlanFile.SectionsFile;
import attune.app.format.PlanFile.SpanFile;
import attune.app.format.PlanFile.SpotFile;
import attune.core.check.Known;
import attune.core.match.Dwell;
import attune.core.match.Ledger;
import attune.core.match.Place;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.RuledOut;
import attune.core.match.Rung;
import attune.core.match.SpotWork;
import attune.core.match.Treatment;
import attune.core.measure.PhInterval;
import attune.core.measure.Sections;
import attune.core.plan.CautionSteps;
import attune.core.plan.FinishStep;
import attune.core.plan.LeftAlone;
import attune.core.plan.ResiduePass;
import attune.core.plan.Round;
import attune.core.plan.Step;
import attune.core.plan.SurfacePlan;
import attune.core.plan.Timetable;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Span;
import jakarta.annotation.Nullable;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Writes what is planned for one surface. */
public final class PlannedSurfaceWriter {
  private static final double DAY_S = 86_400;

  private PlannedSurfaceWriter() {}

  /** What is planned for one surface, without when. */
  public static PlannedSurfaceFile surface(SurfacePlan plan) {
    return surface(
        plan, plan.cautions().stream().map(c -> new CautionFile(c.code().name(), c.text(), null)));
  }

  static PlannedSurfaceFile surface(SurfacePlan plan, Timetable timetable) {
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
                plan.leftAlone().stream().map(PlannedSurfaceWriter::leftAlone),
                plan.finishSteps().stream().map(PlannedSurfaceWriter::finishStep))
            .toList(),
        plan.residue().map(PlannedSurfaceWriter::residue).orElse(null),
        plan.dry().map(d -> new DryFile(d.estimateS(), d.how(), d.confirmWith())).orElse(null),
        plan.match().end().map(PlanWriter::code).orElse(null),
        plan.match().milder().map(rung -> rung(place, rung)).orElse(null),
        plan.match().refer().map(PlanWriter::code).orElse(null),
        cautions.toList(),
        new RangeFile(plan.minutesLow(), plan.minutesHigh()),
        plan.ruledOut().stream().map(PlannedSurfaceWriter::ruledOut).toList(),
        exposure(plan),
        plan.match().loss() > 0 ? Rounded.to(plan.match().loss(), 3) : null,
        plan.match().byHand());
  }

  /** Left out where nothing was spent and nothing is. */
  private static @Nullable ExposureFile exposure(SurfacePlan plan) {
    Ledger ledger = plan.match().place().ledger();
    double adds = plan.match().exposure();
    double brushed =
        ledger.brushed().spent()
            + plan.match().ladder().stream().limit(1).mapToDouble(r -> brushed(ledger, r)).sum();
    return ledger.spent() == 0 && adds == 0 && ledger.unknownVisits() == 0 && brushed == 0
        ? null
        : new ExposureFile(
            Rounded.to(ledger.spent(), 1),
            Rounded.to(adds, 1),
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

  static SpotFile spot(SpotWork work) {
    return new SpotFile(
        Rounded.to(work.cm2(), 1), Rounded.to(work.ml(), 1), work.stain().kind().code());
  }

  private static RungFile rung(Place place, Rung rung) {
    return rung(place, rung, null);
  }

  private static RungFile rung(Place place, Rung rung, @Nullable SpotFile spot) {
    Treatment t = rung.treatment();
    Span dwell = Dwell.of(place, rung);
    return new RungFile(
        t.cleaner().map(Product::id).orElse(null),
        t.ratio().code(),
        rung.verdict().ph().map(PlannedSurfaceWriter::ph).orElse(null),
        t.tool().id(),
        t.applyTo().code(),
        Rounded.to(t.laid(), 1),
        t.warmth().code(),
        span(dwell),
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
        Rounded.to(s.areaM2(), 3),
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
        Rounded.to(s.doseMl(), 1),
        s.coats(),
        s.waitS(),
        s.flash().map(PlannedSurfaceWriter::span).orElse(null),
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

  private static ResidueFile residue(ResiduePass pass) {
    return new ResidueFile(
        pass.product().map(Product::id).orElse(null),
        pass.ratio().code(),
        pass.passes(),
        Rounded.to(pass.ml(), 1));
  }

  private static SpanFile span(Span span) {
    return new SpanFile(span.min(), span.max());
  }

  static PhFile ph(PhInterval ph) {
    return new PhFile(Rounded.to(ph.low(), 1), Rounded.to(ph.high(), 1));
  }

  private static RuledOutFile ruledOut(RuledOut out) {
    return new RuledOutFile(
        out.itemId(),
        out.kind().code(),
        out.reasons().stream().map(PlannedSurfaceWriter::reason).toList());
  }

  public static ReasonFile reason(Reason r) {
    return new ReasonFile(
        r.code().name(),
        r.text(),
        r.measured().map(v -> Rounded.to(v, 2)).orElse(null),
        r.limit().map(v -> Rounded.to(v, 2)).orElse(null),
        r.unit().isEmpty() ? null : r.unit(),
        r.setBy().code());
  }

  /** A caution with the rounds where it stands: those of its panel, and talk with the customer. */
  private static CautionFile caution(
      Reason reason, SurfacePlan plan, Timetable timetable, Map<String, Set<Step>> steps) {
    return new CautionFile(
        reason.code().name(),
        reason.text(),
        timetable.rounds().stream()
            .filter(r -> CautionSteps.isToldAt(reason, plan, r, Known.of(steps, r.id())))
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
}
