package attune.core.bench;

import attune.core.Given;
import attune.core.bench.FrozenPanel.Caution;
import attune.core.bench.FrozenRung.Dwell;
import attune.core.bench.FrozenRung.Sections;
import attune.core.match.ReasonCode;
import attune.core.match.Treatment.ApplyTo;
import attune.core.match.Treatment.Warmth;
import attune.core.material.Role;
import attune.core.measure.Ratio;
import attune.core.plan.Plan.CareItem;
import attune.core.plan.Step;
import attune.core.run.Entry;
import attune.core.run.Entry.Kind;
import attune.core.run.Pace;
import attune.core.run.Run;
import attune.core.run.Seen;
import attune.core.run.WaitClock;
import attune.core.schedule.Worker;
import attune.core.shelf.Span;
import attune.core.survey.Wishes.Sheen;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A frozen plan to write cases with, one person's tasks one after another from nine, and what was
 * told of it since.
 */
final class ARun {
  static final LocalDateTime NINE = LocalDateTime.parse("2026-05-04T09:00");
  static final WaitClock CLOCK = new WaitClock(ZoneId.of("Europe/London"));

  private final Map<String, FrozenPanel> panels = new LinkedHashMap<>();
  private final Map<String, SurveyedPanel> surveyed = new LinkedHashMap<>();
  private final List<FrozenTask> tasks = new ArrayList<>();
  private final List<CareItem> care = new ArrayList<>();
  private final List<Entry> told = new ArrayList<>();
  private LocalDateTime at = NINE;

  /** A panel of a finish, with its ladder. */
  ARun panel(String id, String finish, Role role, FrozenRung... ladder) {
    surveyed.put(
        id,
        new SurveyedPanel(
            id, Given.FINISHES.find(finish), Optional.of(role), "front-left-seat", 0.5));
    panels.put(id, panel(id, List.of(ladder), List.of(), List.of(), Optional.empty()));
    return this;
  }

  ARun lays(String id, FrozenFinish... finish) {
    FrozenPanel was = panels.get(id);
    panels.put(id, panel(id, was.ladder(), List.of(finish), was.cautions(), was.residue()));
    return this;
  }

  ARun warns(String id, Caution... cautions) {
    FrozenPanel was = panels.get(id);
    panels.put(id, panel(id, was.ladder(), was.finish(), List.of(cautions), was.residue()));
    return this;
  }

  ARun wipesOff(String id, FrozenResidue residue) {
    FrozenPanel was = panels.get(id);
    panels.put(id, panel(id, was.ladder(), was.finish(), was.cautions(), Optional.of(residue)));
    return this;
  }

  private static FrozenPanel panel(
      String id,
      List<FrozenRung> ladder,
      List<FrozenFinish> finish,
      List<Caution> cautions,
      Optional<FrozenResidue> residue) {
    return new FrozenPanel(
        id,
        ladder,
        finish,
        residue,
        Optional.of(new FrozenPanel.Dry("in the studio's air", "moisture meter")),
        Optional.empty(),
        cautions,
        Optional.empty());
  }

  static Caution caution(ReasonCode code, String... rounds) {
    return new Caution(
        code, code.name(), rounds.length == 0 ? Optional.empty() : Optional.of(List.of(rounds)));
  }

  /** On the tool with a soft brush: so many passes, sitting 30 to 120 s, workable 300 s. */
  static FrozenRung rung(String cleaner, String ratio, int passes) {
    return new FrozenRung(
        Optional.of(cleaner),
        Ratio.parse(ratio),
        Optional.empty(),
        "soft-brush",
        ApplyTo.TOOL,
        20,
        Warmth.NONE,
        new Dwell(30, 120),
        new Sections(1, 300),
        1,
        passes,
        "The cloth stays clean.",
        "Soil still: the next rung.",
        Optional.empty());
  }

  /** Laid in one coat and levelled in its flash: half an hour to sit, a day to cure. */
  static FrozenFinish coat(String product, int waitS) {
    return new FrozenFinish(
        Step.COAT,
        Optional.of(product),
        Optional.of("applicator"),
        12,
        1,
        waitS,
        Optional.of(new Span(60, 300)),
        Optional.empty(),
        Optional.of(Sheen.MATT),
        86_400,
        1_800);
  }

  /** Some minutes of work on some panels, after what is named. */
  ARun work(String id, Step step, int minutes, List<String> on, String... after) {
    return leapt(id, step, minutes, minutes, on, after);
  }

  /** The same among its neighbours' turns: so many of its minutes have hands on. */
  ARun leapt(String id, Step step, int minutes, int hands, List<String> on, String... after) {
    return task(id, step, minutes, hands, Optional.of("Mira"), Optional.of("r-" + id), on, after);
  }

  /** The same by itself: what dries or cures. */
  ARun wait(String id, Step step, int minutes, List<String> on, String... after) {
    return task(id, step, minutes, 0, Optional.empty(), Optional.empty(), on, after);
  }

  /** Five minutes on one stain, with what the panel's ladder has for it. */
  ARun meets(String id, FrozenRung remover, String on) {
    return task(
        id,
        Step.CLEAN,
        5,
        300,
        Optional.of("Mira"),
        Optional.of("r-" + id),
        List.of(on),
        List.of(),
        remover.cleanerId(),
        remover.spot());
  }

  private ARun task(
      String id,
      Step step,
      int minutes,
      int hands,
      Optional<String> person,
      Optional<String> round,
      List<String> on,
      String... after) {
    Optional<String> product =
        on.stream().findFirst().flatMap(panel -> bottle(step, panels.get(panel)));
    return task(
        id,
        step,
        minutes,
        60 * hands,
        person,
        round,
        on,
        List.of(after),
        product,
        Optional.empty());
  }

  private static Optional<String> bottle(Step step, FrozenPanel panel) {
    if (step.cleans() || step == Step.TEST_SPOT) {
      return panel.ladder().stream().findFirst().flatMap(FrozenRung::cleanerId);
    }
    return step == Step.RESIDUE
        ? panel.residue().flatMap(FrozenResidue::productId)
        : panel.laidIn(step).flatMap(FrozenFinish::productId);
  }

  private ARun task(
      String id,
      Step step,
      int minutes,
      int handsS,
      Optional<String> person,
      Optional<String> round,
      List<String> on,
      List<String> after,
      Optional<String> product,
      Optional<FrozenSpot> spot) {
    tasks.add(
        new FrozenTask(
            id,
            step,
            Optional.empty(),
            on,
            product,
            Optional.empty(),
            person,
            0,
            at,
            at.plusMinutes(minutes),
            handsS,
            round,
            step.cleans(),
            after,
            spot));
    at = at.plusMinutes(minutes);
    return this;
  }

  ARun cares(String what, Optional<Step> follows, String... on) {
    care.add(
        new CareItem(
            what, List.of(on), what, List.of(), Optional.of(180), Optional.empty(), follows));
    return this;
  }

  /** Ticked so many minutes after nine. */
  ARun done(String task, int minute) {
    return tell(task, Kind.DONE, Optional.empty(), minute);
  }

  ARun seen(String task, Seen seen, int minute) {
    return tell(task, Kind.SEEN, Optional.of(seen), minute);
  }

  ARun tell(String task, Kind kind, Optional<Seen> seen, int minute) {
    told.add(new Entry("e" + told.size(), task, kind, NINE.plusMinutes(minute), "Mira", seen, ""));
    return this;
  }

  FrozenPlan plan() {
    return new FrozenPlan(
        List.copyOf(panels.values()),
        Map.of(),
        tasks,
        List.of(),
        new FrozenPlan.Ready(at, at, at),
        care);
  }

  Map<String, SurveyedPanel> surveyed() {
    return surveyed;
  }

  List<RunStep> steps() {
    return RunSteps.of(plan(), surveyed.values());
  }

  RunStep step(String id) {
    return steps().stream().filter(step -> step.id().equals(id)).findFirst().orElseThrow();
  }

  Run run() {
    return Run.of(steps().stream().map(RunStep::task).toList(), told, NINE.plusHours(20), CLOCK);
  }

  Pace pace() {
    return Pace.of(run(), NINE.plusHours(1), Map.of(), usual(), CLOCK);
  }

  private static Worker usual() {
    return new Worker("anybody", Set.of(), 8 * 3600, 18 * 3600);
  }

  /** As it stands, with what was used instead, by step. */
  RunSoFar soFar(Map<String, Instead> instead) {
    Run run = run();
    return new RunSoFar(
        plan(),
        steps().stream()
            .map(
                step ->
                    new StepSoFar(
                        step, run.state(step.id()), Optional.ofNullable(instead.get(step.id()))))
            .toList());
  }
}
