package attune.core.plan;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.RandomPanels;
import attune.core.match.Decisions;
import attune.core.match.Reason;
import attune.core.material.Role;
import attune.core.material.Texture;
import attune.core.measure.Air;
import attune.core.measure.Celsius;
import attune.core.measure.PhNature;
import attune.core.schedule.Skill;
import attune.core.schedule.Worker;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Film;
import attune.core.shelf.Product.Trait;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Slip;
import attune.core.shelf.Soil;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Feel;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Wear;
import attune.core.survey.HouseRules;
import attune.core.survey.HouseRules.HouseRule;
import attune.core.survey.Job;
import attune.core.survey.Setting;
import attune.core.survey.Stain;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Feature;
import attune.core.survey.Wishes;
import attune.core.survey.Wishes.Protection;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * Random cabins with their whole plans, kept in {@code plans.txt}: what is laid, mixed, fetched,
 * waited for and told. A change to a rule shows there as the day somebody would work by, and is
 * looked over as such. Written anew with {@code -Dattune.answers.write=true}.
 */
class PlansTest {
  private static final Path KEPT = Path.of("src/test/resources/plans.txt");
  private static final List<String> ORDINARY =
      List.of("leather/coated", "vinyl/coated-textile", "plastic/textured", "textile/flat");
  private static final int CABINS = 30;

  /** Cabins with what is told of few: stains one by one, allergies, faults, starts somebody set. */
  private static final int TOLD_MORE = 14;

  /** Cabins of few finishes in few zones, whose panels can share their bottles and tools. */
  private static final int ALIKE = 12;

  private static final DateTimeFormatter AT = DateTimeFormatter.ofPattern("d HH:mm:ss");
  private static final TechniqueTable TECHNIQUE =
      TechniqueTable.read("technique.csv", Given.lines("technique.csv"));
  private static final Shelf SHOP =
      Given.shelf(
          AProduct.cleaner("mild", 4).onHand(300).build(),
          RandomPanels.CONCENTRATE,
          RandomPanels.NAP_FOAM,
          AProduct.of("screen", ProductRole.SCREEN_CLEANER)
              .strength(5)
              .goodAt(Soil.SKIN_OIL, Soil.DUST)
              .build(),
          RandomPanels.SPOT_REMOVER,
          AProduct.of("residue", ProductRole.RESIDUE_REMOVER)
              .strength(3)
              .goodAt(Soil.SILICONE_FILM, Soil.POLISH)
              .ph(7, PhNature.NEUTRAL_SURFACTANT)
              .build(),
          AProduct.of("balm", ProductRole.CONDITIONER)
              .dose(12)
              .absorbs(1200, 3600)
              .slip(Slip.SLIGHT)
              .onHand(40)
              .build(),
          AProduct.of("oil", ProductRole.RESTORING_OIL).dose(20).absorbs(7200, 86_400).build(),
          AProduct.of("barrier", ProductRole.DYE_BARRIER)
              .dose(8)
              .absorbs(600, 600)
              .coats(2)
              .leaves(Film.PROTECTANT)
              .build(),
          AProduct.of("coat", ProductRole.COATING)
              .dose(5)
              .flashes(180, 300)
              .cures(43_200, 604_800)
              .onHand(50)
              .build(),
          AProduct.of("matt", ProductRole.PROTECTANT).dose(8).sheen(0).absorbs(60, 60).build(),
          AProduct.of("satin", ProductRole.PROTECTANT)
              .dose(7)
              .sheen(4)
              .absorbs(60, 60)
              .traits(Trait.UV)
              .opened(LocalDate.of(2026, 3, 1), 365)
              .onHand(20)
              .build(),
          AProduct.of("gloss", ProductRole.PROTECTANT)
              .dose(9)
              .sheen(12)
              .slip(Slip.SLIPPERY)
              .build(),
          AProduct.of("wipe-down", ProductRole.ALL_IN_ONE)
              .strength(4)
              .goodAt(Soil.DUST, Soil.SKIN_OIL)
              .leaves(Film.PROTECTANT)
              .build(),
          AProduct.of("restorer", ProductRole.PLASTIC_RESTORER).dose(6).cures(7200, 86_400).build(),
          AProduct.of("milk", ProductRole.CONDITIONER)
              .dose(9)
              .absorbs(300, 3600)
              .traits(Trait.FLAMMABLE)
              .solvent(15)
              .build(),
          AProduct.of("nap-guard", ProductRole.NAP_PROTECTOR).dose(30).absorbs(3600, 60).build(),
          ATool.SOFT_BRUSH,
          ATool.SPONGE,
          ATool.PAD,
          ATool.LEATHER_BRUSH,
          ATool.STIFF_BRUSH,
          ATool.WHITE_BLOCK,
          ATool.BARRIER_PAD,
          ATool.FOAM_PAD,
          ATool.covering(ATool.applicator("finger-pad", 0.2, true), 8),
          ATool.covering(ATool.brush("detail-brush", 1, Texture.FINE, Tool.Kind.BRUSH), 6),
          ATool.DYED_CLOTH,
          ATool.washed(ATool.applicator("old-pad", 0.3, false), 1),
          ATool.of(Tool.Kind.HAND),
          ATool.of(Tool.Kind.MISTER),
          ATool.of(Tool.Kind.STEAMER));

  private final RandomPanels random = new RandomPanels(20261129);
  private final StringBuilder said = new StringBuilder();

  @Test
  void theCommittedPlansAreWhatThePlannerSays() throws IOException {
    for (int i = 0; i < CABINS; i++) {
      cabin(i);
    }
    for (int i = CABINS; i < CABINS + TOLD_MORE + ALIKE; i++) {
      cabin(i);
    }
    if (Boolean.getBoolean("attune.answers.write")) {
      Files.writeString(KEPT, said);
    }
    assertThat(said.toString().lines())
        .as("plans.txt is stale: look over what changes with -Dattune.answers.write=true")
        .containsExactlyElementsOf(Files.readAllLines(KEPT, UTF_8));
  }

  private void cabin(int number) {
    Job job = job(number);
    Arrangement with = arrangement(number, job);
    Plan plan = Given.PLANNER.plan(job, Decisions.NONE, with);
    if (isToldMore(number)) {
      plan = pinned(plan, with);
    }
    say(
        "== %d: %s, %.0f °C, %s, %s; by %d%s",
        number,
        job.wishes(),
        job.setting().air().temperature().value(),
        job.setting().sun(),
        rules(job),
        Math.max(1, with.crew().size()),
        with.leftOut().isEmpty() ? "" : ", without " + with.leftOut().stream().sorted().toList());
    plan.surfaces().forEach(this::panel);
    amounts(plan);
    day(plan);
    elsewhere(plan);
    if (number % 6 == 1) {
      offers(plan, with);
    }
  }

  private static boolean isToldMore(int number) {
    return number >= CABINS && number < CABINS + TOLD_MORE;
  }

  private Surface[] panels(int number) {
    if (number >= CABINS + TOLD_MORE) {
      return IntStream.range(0, 6 + random.upTo(8)).mapToObj(this::alike).toArray(Surface[]::new);
    }
    return IntStream.range(0, 2 + random.upTo(5))
        .mapToObj(i -> isToldMore(number) ? toldMore(i) : panel(i).build())
        .toArray(Surface[]::new);
  }

  /** Three to a zone, of what most cabins are of, no worse than moderately soiled. */
  private Surface alike(int i) {
    return ASurface.of(random.one(ORDINARY))
        .id("panel-" + i)
        .at("zone-" + i / 3, "part")
        .role(random.upTo(2) == 0 ? Role.SEAT : Role.TRIM)
        .area(0.05 + random.upTo(40) / 50.0)
        .soiled(
            random.upTo(3) == 0 ? Level.MODERATE : Level.LIGHT,
            random.upTo(2) == 0 ? Soil.SKIN_OIL : Soil.DUST)
        .wear(random.upTo(4) == 0 ? Wear.WORN : Wear.INTACT)
        .build();
  }

  private Job job(int number) {
    Surface[] panels = panels(number);
    Map<String, String> schools = new HashMap<>();
    for (int i = 0; i < number % 4; i++) {
      HouseRule rule = random.one(Given.RULES.all());
      schools.put(rule.key(), random.one(rule.schools()));
    }
    HouseRules rules = Given.RULES.with(schools);
    Shelf shelf = isToldMore(number) ? wider() : number % 2 == 0 ? SHOP : some(3 + random.upTo(5));
    Job made = Given.job(random.day(), rules, shelf, panels);
    Wishes wishes =
        new Wishes(
            random.one(Wishes.Sheen.values()), Wishes.Standard.THOROUGH, Protection.DRESSING);
    return new Job(
        "Cabin " + number,
        setting(number, made.setting()),
        wishes,
        rules,
        shelf,
        made.craft(),
        number % 2 == 0,
        List.of(panels));
  }

  /** One of its tasks begun when somebody said, some hours off its place in the visit. */
  private Plan pinned(Plan plan, Arrangement with) {
    List<Task> hands =
        plan.timetable().tasks().stream().filter(t -> t.person().isPresent()).toList();
    Task task = random.one(hands);
    LocalDateTime at = task.start().plusMinutes(random.upTo(300) - 60);
    say("set: %s at %s", task.id(), AT.format(at));
    return Given.PLANNER.plan(plan.job(), Decisions.NONE, with.pinned(task.id(), at));
  }

  /** Begun at any hour of a week, for somebody who wants it back, in a climate. */
  private Setting setting(int number, Setting day) {
    LocalDateTime start = Given.MONDAY_NINE.plusHours(random.upTo(9)).plusDays(number % 7);
    return new Setting(
        day.place(),
        day.air(),
        day.sun(),
        day.surfaceTemp(),
        number % 3 == 2 ? 2 : 1,
        start,
        number % 2 == 0 ? Optional.empty() : Optional.of(start.plusHours(1 + random.upTo(8))),
        random.one(Setting.Climate.values()),
        !isToldMore(number)
            ? Optional.empty()
            : Optional.of(new Setting.Breaks(30 + random.upTo(120), 5 + random.upTo(20))),
        isToldMore(number) ? reception() : Setting.Reception.NOTHING);
  }

  private Setting.Reception reception() {
    return new Setting.Reception(
        random.upTo(2) == 0 ? Set.of() : Set.of(random.one(Setting.FaultSeen.values())),
        random.one(Setting.ChildSeat.values()),
        Set.of());
  }

  /** The same, with what somebody may not bear, or that does not say. */
  private Shelf wider() {
    List<Product> more = new ArrayList<>(SHOP.products());
    more.add(
        AProduct.of("perfumed", ProductRole.CLEANER)
            .strength(5)
            .goodAt(Soil.SKIN_OIL, Soil.FOOD_DRINK)
            .traits(Trait.SCENTED)
            .build());
    more.add(
        AProduct.of("unsaid", ProductRole.CLEANER)
            .strength(4)
            .goodAt(Soil.SKIN_OIL)
            .traits(Trait.SCENT_UNSAID, Trait.FILM_UNSAID)
            .build());
    more.add(
        AProduct.of("enzyme", ProductRole.CLEANER)
            .strength(6)
            .goodAt(Soil.FOOD_DRINK, Soil.ODOUR)
            .dwell(300, 900)
            .build());
    more.add(
        AProduct.of("mist", ProductRole.ALL_IN_ONE)
            .strength(3)
            .goodAt(Soil.DUST)
            .traits(Trait.AEROSOL)
            .build());
    return new Shelf(more, SHOP.tools());
  }

  /** A shelf that lacks one thing in so many. */
  private Shelf some(int oneIn) {
    return new Shelf(
        SHOP.products().stream().filter(product -> random.upTo(oneIn) > 0).toList(),
        SHOP.tools().stream().filter(tool -> random.upTo(oneIn) > 0).toList());
  }

  private ASurface panel(int i) {
    ASurface panel = random.panel(i).protect(random.one(Protection.values()));
    if (random.upTo(5) == 0) {
      panel.with(Feature.HEATED).feel(Feel.STIFF);
    }
    if (random.upTo(4) == 0) {
      panel.history(visit(random.one(List.of("balm", "coat", "barrier")), random.upTo(300)));
    }
    return panel;
  }

  private Surface toldMore(int i) {
    ASurface panel = panel(i);
    if (random.upTo(2) == 0) {
      panel.stained(stain(), stain());
    }
    if (random.upTo(3) == 0) {
      panel.avoids(random.one(Wishes.Avoid.values()));
    }
    return panel.shows(random.upTo(12)).build();
  }

  private Stain stain() {
    return new Stain(
        random.one(Stain.Kind.values()),
        random.one(Stain.Extent.values()),
        Optional.empty(),
        random.upTo(2) == 0 ? Optional.empty() : Optional.of(random.upTo(120)));
  }

  private static Surface.Visit visit(String productId, int daysAgo) {
    return new Surface.Visit(
        LocalDate.of(2026, 5, 31).minusDays(daysAgo),
        Optional.of(productId),
        Optional.of("ready"),
        Optional.of(7.5),
        Optional.of(1.0),
        Optional.of(2),
        Optional.of(2),
        productId.equals("coat"));
  }

  private Arrangement arrangement(int number, Job job) {
    Arrangement with = Arrangement.NONE;
    if (number % 3 == 1) {
      with =
          with.by(
              List.of(
                  new Worker("Mira", Set.of(Skill.values()), 8 * 3600, 17 * 3600),
                  new Worker("Tobin", Set.of(), 9 * 3600, 15 * 3600)));
    }
    if (number % 4 == 3) {
      with = with.without(random.one(Omission.values()));
    }
    if (number % 6 == 5) {
      String panel = job.surfaces().get(0).id();
      LocalDateTime arrives = job.setting().start().plusDays(1);
      with =
          new Arrangement(
              with.crew(),
              with.pins(),
              with.leftOut(),
              List.of(new PartOnOrder("A switch", List.of(panel), arrives)));
    }
    return with;
  }

  private static List<String> rules(Job job) {
    return job.houseRules().all().stream()
        .map(HouseRule::key)
        .filter(job.houseRules()::changed)
        .map(key -> key + "=" + job.houseRules().school(key))
        .toList();
  }

  private void panel(SurfacePlan plan) {
    Surface s = plan.surface();
    say(
        "%s %s%s, %.2f m², %s %s, wants %s; %s; %d to %d min",
        s.id(),
        s.finish(),
        s.role() == Role.GRIP ? " grip" : "",
        s.area().value(),
        s.condition().soil(),
        s.condition().soils(),
        s.wishes().protection(),
        plan.match().ladder().stream().map(rung -> rung.treatment().key()).toList(),
        plan.minutesLow(),
        plan.minutesHigh());
    plan.residue()
        .ifPresent(
            r ->
                say(
                    "  residue %s, %s, %d passes, %.1f ml",
                    r.product().map(p -> p.id()).orElse("water"),
                    r.cloth().id(),
                    r.passes(),
                    r.ml()));
    plan.dry().ifPresent(dry -> say("  %s", dry));
    for (FinishStep step : plan.finishSteps()) {
      say(
          "  %s %s by %s, %.1f ml, %d coats, wait %d, between %d, %s, %s, to %s, cures %d, sits %d",
          step.step(),
          step.product().id(),
          step.applicator().id(),
          step.doseMl(),
          step.coats(),
          step.waitS(),
          step.betweenS(),
          step.flash(),
          step.absorbS(),
          step.levelTo(),
          step.cureS(),
          step.sitAfterS());
    }
    plan.leftAlone().forEach(left -> say("  %s", left));
    plan.match().spots().forEach(spot -> say("  stain %s, %.1f cm²", spot.stain(), spot.cm2()));
    reasons("  end", plan.match().end().stream().toList());
    reasons("  refer", plan.match().refer().stream().toList());
    reasons("  !", plan.cautions());
    plan.ruledOut().forEach(out -> reasons("  - " + out.itemId(), out.reasons()));
  }

  private void amounts(Plan plan) {
    plan.mixes()
        .forEach(
            mix ->
                say(
                    "mix %s %s, %.1f ml, pH %s, for %s",
                    mix.productId(),
                    mix.mix(),
                    mix.neededMl(),
                    mix.effectivePh(),
                    mix.surfaceIds()));
    plan.doses().forEach(dose -> say("%s", dose));
    plan.cloths().forEach(cloth -> say("%s", cloth));
    plan.purchases().forEach(buy -> say("buy %s", buy));
    plan.care().forEach(care -> say("%s", care));
    reasons("warning", plan.warnings());
    say("skills %s; %s", NeededSkills.of(plan).stream().sorted().toList(), plan.totals());
  }

  private void day(Plan plan) {
    Timetable table = plan.timetable();
    for (Round round : table.rounds()) {
      say(
          "%s to %s %s %s %s with %s %s %s by %s, hands %d, waits %d, block %d",
          AT.format(round.start()),
          AT.format(round.end()),
          round.id(),
          round.zone(),
          round.surfaceIds(),
          round.productId().orElse("-"),
          round.ratio().orElse("-"),
          round.toolId().orElse("-"),
          round.person().orElse("-"),
          round.handsS(),
          round.waitS(),
          round.block());
      TECHNIQUE.of(round, plan.panels(round.surfaceIds())).stream()
          .limit(2)
          .forEach(line -> say("    %s", line));
    }
    for (Task task : table.tasks()) {
      say(
          "  %s %s %s%s%s, %d s, after %s",
          AT.format(task.start()),
          AT.format(task.end()),
          task.id(),
          task.wipeFrom().map(from -> ", wipe from " + AT.format(from)).orElse(""),
          task.wipeBy().map(by -> " by " + AT.format(by)).orElse(""),
          task.handsS(),
          task.after());
    }
    say("drive %s, sit %s, cured %s", table.driveAt(), table.sitAt(), table.curedAt());
    table.conflicts().forEach(conflict -> say("%s", conflict));
    say("decided by %s", table.deciding().stream().sorted().toList());
    table
        .stretches()
        .forEach(
            s ->
                say(
                    "%s to %s %s %s, hands %d, waits %d",
                    AT.format(s.start()),
                    AT.format(s.end()),
                    s.zones(),
                    s.steps(),
                    s.handsS(),
                    s.waitS()));
  }

  /** The same work on a hot day in the sun, and hour by hour on another. */
  private void elsewhere(Plan plan) {
    Air hot = new Air(new Celsius(31), 0.4, 0.5);
    Outlook outlook = Given.PLANNER.outlook(plan);
    Outlook.Whole whole = outlook.in(hot, Setting.Sun.DIRECT);
    List<Outlook.Hour> hours =
        outlook.hours(
            IntStream.range(0, 6)
                .mapToObj(
                    i ->
                        new Outlook.Forecast(
                            Given.MONDAY_NINE.plusHours(i),
                            new Air(new Celsius(18 + 4 * i), 0.7 - i / 10.0, 0.2 * i),
                            Setting.Sun.values()[i % 3]))
                .toList());
    hours.forEach(hour -> say("  %s", told(hour)));
    say(
        "best %s, least bad %s",
        Outlook.best(hours).map(PlansTest::told), Outlook.leastBad(hours).map(PlansTest::told));
    say(
        "in the sun at 31 °C: %d sections, fits %s, dries %s in %d s, %.1f °C, %s",
        whole.sections(),
        whole.fits(),
        whole.dries(),
        whole.driesInS(),
        whole.hottestC(),
        outlook.remedies(hot, Setting.Sun.DIRECT));
  }

  /** What would get it back in time. */
  private void offers(Plan plan, Arrangement with) {
    Given.PLANNER
        .offers(plan.job(), Decisions.NONE, with, Given.MONDAY_NINE.minusDays(1))
        .forEach(
            offer ->
                say(
                    "offer %s: %s, kept %s, ready %s, %d people, %.2f",
                    offer.kind(),
                    offer.says(),
                    offer.kept(),
                    offer.plan().timetable().readyAt(),
                    offer.people(),
                    offer.loss()));
    say("network of %d", Given.PLANNER.network(plan.job(), with).activities().size());
  }

  private static String told(Outlook.Hour hour) {
    return "%s: %d sections%s%s%s"
        .formatted(
            AT.format(hour.forecast().at()),
            hour.whole().sections(),
            hour.light() ? ", light" : "",
            hour.workable() ? ", workable" : "",
            hour.shade() ? ", in the shade" : "");
  }

  private void reasons(String about, List<Reason> reasons) {
    reasons.forEach(r -> say("%s %s %s: %s", about, r.effect(), r.code(), r.text()));
  }

  private void say(String format, Object... arguments) {
    said.append(String.format(Locale.ROOT, format, arguments)).append('\n');
  }
}
