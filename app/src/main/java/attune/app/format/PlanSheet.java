package attune.app.format;

import attune.core.check.Known;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.Rung;
import attune.core.match.Treatment;
import attune.core.measure.Ratio;
import attune.core.plan.CautionSteps;
import attune.core.plan.Plan;
import attune.core.plan.Plan.CareItem;
import attune.core.plan.Plan.PlannedDose;
import attune.core.plan.Plan.PlannedMix;
import attune.core.plan.Round;
import attune.core.plan.Step;
import attune.core.plan.SurfacePlan;
import attune.core.plan.Task;
import attune.core.plan.TechniqueTable;
import attune.core.plan.ToolChange;
import attune.core.plan.Totals;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.words.Lists;
import attune.core.words.Moments;
import attune.core.words.Phrases;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** A visit as a page of plain text a person can work by, from the first line to the last. */
public final class PlanSheet {
  private static final Phrases PHRASES = Phrases.of(PlanSheet.class);

  private final Plan plan;

  private final TechniqueTable technique;
  private final Map<List<TechniqueTable.Line>, Integer> handsAt = new HashMap<>();
  private final Shelf shelf;
  private final StringBuilder page = new StringBuilder();
  private final Set<String> told = new LinkedHashSet<>();

  private PlanSheet(Plan plan, TechniqueTable technique) {
    this.plan = plan;
    this.technique = technique;
    this.shelf = plan.job().shelf();
  }

  /**
   * The page, ending in a line feed.
   *
   * @param vehicle what is worked on, in words; empty where it is not said
   */
  public static String of(Plan plan, String vehicle, TechniqueTable technique) {
    PlanSheet sheet = new PlanSheet(plan, technique);
    sheet.head(vehicle);
    sheet.toHand();
    sheet.rounds();
    sheet.stays();
    sheet.care();
    return sheet.page.toString();
  }

  private void line(String text) {
    page.append(text.stripTrailing()).append('\n');
  }

  private void item(String... facts) {
    line("- " + Lists.facts(facts));
  }

  private void title(String text) {
    line("");
    line(text.toUpperCase(Locale.ROOT));
  }

  private void head(String vehicle) {
    Totals t = plan.totals();
    line(plan.job().title());
    if (!vehicle.isBlank()) {
      line(vehicle);
    }
    line("");
    line(
        PHRASES.say(
            "hands-to-standing-by-steps",
            SheetWords.length(t.handsLow()),
            SheetWords.length(t.handsHigh()),
            SheetWords.length(t.waits()),
            plan.timetable().rounds().stream().filter(r -> r.step() != Step.BREAK).count(),
            at(plan.timetable().driveAt()),
            at(plan.timetable().sitAt()),
            plan.job().craft().code()));
    if (plan.timetable().curedAt().isAfter(plan.timetable().readyAt())) {
      line(PHRASES.say("cured", at(plan.timetable().curedAt())));
    }
    deciding().ifPresent(this::line);
    plan.warnings().forEach(warning -> line("! " + warning.text()));
  }

  /** Which steps have no room; empty where none has. */
  private Optional<String> deciding() {
    List<Round> worked =
        plan.timetable().rounds().stream().filter(round -> !round.isBreak()).toList();
    List<Integer> tight =
        IntStream.range(0, worked.size())
            .filter(i -> plan.timetable().deciding().contains(worked.get(i).id()))
            .mapToObj(i -> i + 1)
            .toList();
    return tight.isEmpty() || tight.size() >= worked.size() - 1 // all but the hand-over
        ? Optional.empty()
        : Optional.of(PHRASES.say("steps-decide-when-it-is", SheetWords.runs(tight)));
  }

  private String at(LocalDateTime time) {
    return Moments.beside(plan.job().setting().start().toLocalDate(), time);
  }

  private void toHand() {
    title(PHRASES.say("to-hand"));
    for (PlannedMix mix : plan.mixes()) {
      String ph =
          mix.effectivePh()
              .map(
                  p ->
                      PHRASES.say(
                          "ph-to",
                          Phrases.number("%.1f", p.low()),
                          Phrases.number("%.1f", p.high())))
              .orElse(PHRASES.say("ph-unknown-measure-it"));
      item(
          mix.mix().ratio().isReady()
              ? PHRASES.say(
                  "named-as-it-comes", name(mix.productId()), SheetWords.ml(mix.neededMl()))
              : PHRASES.say(
                  "and-of-water",
                  name(mix.productId()),
                  mix.mix().ratio().code(),
                  SheetWords.ml(mix.mix().productMl()),
                  SheetWords.ml(mix.mix().waterMl())),
          ph);
    }
    for (PlannedDose dose : plan.doses()) {
      item(PHRASES.say("in-all", name(dose.productId()), SheetWords.ml(dose.ml())));
    }
    tools().forEach(this::item);
    plan.cloths()
        .forEach(
            c ->
                item(
                    PHRASES.say("cloths-for", c.count(), c.use().code()),
                    c.colourfastOnly() ? PHRASES.say("white-or-washed-out-only") : ""));
    plan.purchases().forEach(p -> item(PHRASES.say("buy-first", p.text())));
  }

  /** What hangs on the wall, in the order it is taken down; cloths are counted. */
  private List<String> tools() {
    return plan.timetable().rounds().stream()
        .flatMap(round -> round.toolId().stream())
        .distinct()
        .flatMap(id -> plan.job().shelf().findTool(id).stream())
        .filter(tool -> tool.kind() != Tool.Kind.CLOTH && tool.kind() != Tool.Kind.HAND)
        .map(tool -> Lists.facts(tool.name(), apart(ToolChange.kinds(tool, plan))))
        .toList();
  }

  private static String apart(List<String> kinds) {
    return kinds.size() > 1 ? PHRASES.say("one-each-or-washed-between", Lists.apart(kinds)) : "";
  }

  private void rounds() {
    LocalDate day = LocalDate.MIN;
    int number = 0;
    for (Round round : plan.timetable().rounds()) {
      if (!round.start().toLocalDate().equals(day)) {
        day = round.start().toLocalDate();
        title(Moments.wholeDay(day));
      }
      line("");
      if (round.isBreak()) {
        line(
            "      %s  %s"
                .formatted(
                    Moments.clock(round.start()),
                    PHRASES.say("break", SheetWords.length(round.waitS() / 60))));
        continue;
      }
      number++;
      round(number, round);
    }
  }

  private void round(int number, Round round) {
    List<SurfacePlan> panels = plan.panels(round.surfaceIds());
    String step =
        round.spots()
            ? PHRASES.say("stains")
            : SheetWords.words(round.step().code()).toLowerCase(Locale.ROOT);
    String length = SheetWords.length(Math.max(1, Math.round(round.handsS() / 60f)));
    line(
        "%3d.  %s  %s"
            .formatted(
                number,
                Moments.clock(round.start()),
                Lists.facts(
                    round.zone().equals(Round.CABIN)
                        ? step
                        : Lists.headed(SheetWords.words(round.zone()), step),
                    round.waitS() >= 60
                        ? PHRASES.say(
                            "and-standing-by", length, SheetWords.length(round.waitS() / 60))
                        : length)));
    means(round, panels).ifPresent(text -> under(text));
    if (round.step() == Step.TEST_SPOT) {
      tests(round).forEach(this::under);
    } else {
      panels(round, panels);
    }
    ToolChange.before(round, plan).ifPresent(this::under);
    hands(number, technique.of(round, plan));
    cautions(round, panels).forEach(text -> under("! " + text));
  }

  /** What the hands do, in full the first time and by the number of that step after it. */
  private void hands(int number, List<TechniqueTable.Line> lines) {
    Integer before = lines.isEmpty() ? null : handsAt.putIfAbsent(lines, number);
    if (before == null) {
      lines.forEach(line -> under(line.text()));
    } else {
      under(PHRASES.say("hands-as-in-step", before));
    }
  }

  private void under(String text) {
    line("             " + text);
  }

  private Optional<String> means(Round round, List<SurfacePlan> panels) {
    if (round.productId().isEmpty() && round.toolId().isEmpty()) {
      return Optional.empty();
    }
    List<String> parts = new ArrayList<>();
    if (round.step() == Step.RESIDUE && round.productId().isEmpty()) {
      parts.add(Product.WATER.name());
    }
    round.productId().ifPresent(id -> parts.add(name(id)));
    round
        .ratio()
        .map(r -> r.equals(Ratio.READY.code()) ? PHRASES.say("as-it-comes") : r)
        .ifPresent(parts::add);
    round.toolId().ifPresent(id -> parts.add(name(id)));
    if (Step.CLEAN == round.step() || Step.TEXTILE == round.step()) {
      panels.stream()
          .flatMap(panel -> SheetWords.worked(round, panel).stream())
          .map(Rung::treatment)
          .max(Comparator.comparing(Treatment::applyTo))
          .ifPresent(t -> parts.add(SheetWords.laid(t)));
    }
    SheetWords.amount(round, panels).ifPresent(parts::add);
    return Optional.of(Lists.ended(Lists.facts(parts)));
  }

  private void panels(Round round, List<SurfacePlan> panels) {
    if (panels.isEmpty()) {
      return;
    }
    if (round.zone().equals(Round.CABIN) && panels.size() > SheetWords.READABLE) {
      under(SheetWords.zones(panels));
      return;
    }
    Map<String, List<String>> byPasses = new LinkedHashMap<>();
    for (SurfacePlan panel : panels) {
      boolean cleans = round.step() == Step.CLEAN || round.step() == Step.TEXTILE;
      String passes =
          cleans
              ? SheetWords.worked(round, panel).map(SheetWords::passes).orElse("")
              : round.step() == Step.RESIDUE ? SheetWords.wipes(panel) : "";
      byPasses
          .computeIfAbsent(passes, p -> new ArrayList<>())
          .add(Lists.facts(SheetWords.place(round, panel), SheetWords.stains(round, panel)));
    }
    byPasses.forEach(
        (passes, parts) -> under(Lists.ended(Lists.headed(SheetWords.named(parts), passes))));
  }

  /** Each bottle on each finish, and where. */
  private List<String> tests(Round round) {
    Map<String, List<String>> places = new LinkedHashMap<>();
    for (Task task : plan.timetable().tasks()) {
      if (task.roundId().filter(round.id()::equals).isPresent() && task.productId().isPresent()) {
        places
            .computeIfAbsent(name(task.productId().get()), p -> new ArrayList<>())
            .addAll(plan.panels(task.surfaceIds()).stream().map(SheetWords::place).toList());
      }
    }
    return places.entrySet().stream()
        .map(e -> Lists.ended(Lists.headed(e.getKey(), Lists.facts(e.getValue()))))
        .toList();
  }

  /** Each told once in full, where it first matters; with the customer there, of which panels. */
  private List<String> cautions(Round round, List<SurfacePlan> panels) {
    Map<String, List<SurfacePlan>> here = new LinkedHashMap<>();
    List<SurfacePlan> about = panels.isEmpty() ? plan.surfaces() : panels;
    Set<Step> steps = Known.of(plan.timetable().stepsByRound(), round.id());
    for (SurfacePlan panel : about) {
      for (Reason caution : panel.cautions()) {
        boolean first =
            CautionSteps.isToldAt(caution, panel, round, steps)
                && told.add(caution.text() + round.step() + SheetWords.isAgain(caution, round));
        if (first || here.containsKey(caution.text())) {
          here.computeIfAbsent(caution.text(), text -> new ArrayList<>()).add(panel);
        }
      }
    }
    boolean talk = round.step() == Step.RECEIVE || round.step() == Step.HANDOVER;
    boolean cabin = talk || round.zone().equals(Round.CABIN);
    return here.entrySet().stream()
        .map(
            e ->
                cabin && e.getValue().size() < about.size()
                    ? Lists.headed(SheetWords.where(e.getValue()), e.getKey())
                    : e.getKey())
        .toList();
  }

  private static void add(Map<String, List<SurfacePlan>> stays, String text, SurfacePlan panel) {
    stays.computeIfAbsent(text, t -> new ArrayList<>()).add(panel);
  }

  private void stays() {
    Map<String, List<SurfacePlan>> stays = new LinkedHashMap<>();
    plan.surfaces()
        .forEach(panel -> panel.match().refer().ifPresent(r -> add(stays, r.text(), panel)));
    for (SurfacePlan panel : plan.surfaces()) {
      panel.cautions().stream()
          .filter(caution -> caution.code() == ReasonCode.LEAVE_SOME)
          .forEach(caution -> add(stays, caution.text(), panel));
      panel.match().spots().stream()
          .flatMap(spot -> spot.remains().stream())
          .forEach(remains -> add(stays, remains.text(), panel));
    }
    plan.surfaces().stream()
        .filter(SheetWords::isLeftDirty)
        .forEach(panel -> add(stays, PHRASES.say("not-cleaned-at-this-visit"), panel));
    if (!stays.isEmpty()) {
      title(PHRASES.say("what-stays-and-who-sees"));
      stays.forEach((text, panels) -> item(Lists.headed(SheetWords.allOf(panels), text)));
    }
  }

  private void care() {
    title(PHRASES.say("after-care"));
    plan.care()
        .forEach(
            c ->
                item(
                    c.everyDays()
                        .map(days -> PHRASES.say("every-days", headed(c), days))
                        .orElseGet(
                            () ->
                                PHRASES.say(
                                    "after-days",
                                    headed(c),
                                    Lists.all(
                                        c.dueInDays().stream().map(String::valueOf).toList())))));
  }

  /** "Rear seat cushion: Renew Fernhollow Nap Guard"; what is of most of the cabin, by itself. */
  private String headed(CareItem care) {
    List<SurfacePlan> panels = plan.panels(care.surfaceIds());
    return panels.size() * 2 > plan.surfaces().size()
        ? care.what()
        : Lists.headed(SheetWords.where(panels), care.what());
  }

  private String name(String id) {
    return shelf
        .findProduct(id)
        .map(p -> p.name())
        .or(
            () ->
                shelf.tools().stream()
                    .filter(t -> t.id().equals(id))
                    .map(t -> t.name())
                    .findFirst())
        .orElse(SheetWords.words(id));
  }
}
