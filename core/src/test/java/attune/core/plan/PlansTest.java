package attune.core.plan;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import attune.core.Given;
import attune.core.match.Decisions;
import attune.core.match.Reason;
import attune.core.material.Role;
import attune.core.measure.Air;
import attune.core.measure.Celsius;
import attune.core.survey.HouseRules.HouseRule;
import attune.core.survey.Job;
import attune.core.survey.Setting;
import attune.core.survey.Surface;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * Random cabins with their whole plans, kept in {@code plans.txt}: what is laid, mixed, fetched,
 * waited for and told. A change to a rule shows there as the day somebody would work by, and is
 * looked over as such. Written anew with {@code -Dattune.answers.write=true}.
 */
class PlansTest {
  private static final Path KEPT = Path.of("src/test/resources/plans.txt");
  private static final DateTimeFormatter AT = DateTimeFormatter.ofPattern("d HH:mm:ss");
  private static final TechniqueTable TECHNIQUE =
      TechniqueTable.read("technique.csv", Given.lines("technique.csv"));
  private final KeptCabins cabins = new KeptCabins();
  private final StringBuilder said = new StringBuilder();

  @Test
  void theCommittedPlansAreWhatThePlannerSays() throws IOException {
    for (int i = 0; i < KeptCabins.ALL; i++) {
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
    Job job = cabins.job(number);
    Arrangement with = cabins.arrangement(number, job);
    Plan plan = Given.PLANNER.plan(job, Decisions.NONE, with);
    if (KeptCabins.isToldMore(number)) {
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

  /** One of its tasks begun when somebody said, some hours off its place in the visit. */
  private Plan pinned(Plan plan, Arrangement with) {
    List<Task> hands =
        plan.timetable().tasks().stream().filter(t -> t.person().isPresent()).toList();
    Task task = cabins.one(hands);
    LocalDateTime at = task.start().plusMinutes(cabins.upTo(300) - 60);
    say("set: %s at %s", task.id(), AT.format(at));
    return Given.PLANNER.plan(plan.job(), Decisions.NONE, with.pinned(task.id(), at));
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
