package attune.core.plan;

import attune.core.match.Rung;
import attune.core.material.Role;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.Span;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Job;
import attune.core.survey.Surface;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * One pair of hands, one task after another, in the order of a full visit; waits run beside and
 * hold back only their surface.
 */
final class SerialTimetable {
  private static final String PERSON = "person-1";

  private final Job job;
  private final List<SurfacePlan> surfaces;
  private final Figures figures;
  private final WorkTimes times;
  private final WorkDay day;
  private final List<Task> tasks = new ArrayList<>();
  private final Map<String, LocalDateTime> readyAt = new HashMap<>();
  private final Map<String, LocalDateTime> sitAt = new HashMap<>();
  private final Map<String, String> lastTask = new HashMap<>();
  private LocalDateTime now;
  private LocalDateTime cured;
  private Optional<String> lastHands = Optional.empty();

  private SerialTimetable(Job job, List<SurfacePlan> surfaces, Figures figures) {
    this.job = job;
    this.surfaces =
        surfaces.stream()
            .sorted(Comparator.comparingInt(SerialTimetable::order))
            .toList(); // stable: survey order inside a group
    this.figures = figures;
    this.times = new WorkTimes(figures);
    this.day = WorkDay.of(figures, job.setting().start().toLocalDate());
    this.now = job.setting().start();
    this.cured = now;
  }

  static Timetable of(Job job, List<SurfacePlan> surfaces, Figures figures) {
    return new SerialTimetable(job, surfaces, figures).build();
  }

  /** Top to bottom, plastics before hide, the wheel and then the screens last. */
  private static int order(SurfacePlan plan) {
    Surface surface = plan.surface();
    return switch (surface.role()) {
      case OVERHEAD -> 0;
      case TRIM -> plan.match().place().finish().isPlastic() ? 1 : 2;
      case CONTROL -> 3;
      case SEAT -> 4;
      case FLOOR -> 5;
      case PEDAL -> 6;
      case GRIP -> 7;
      case SCREEN -> 8;
    };
  }

  private Timetable build() {
    opening();
    if (job.houseRules().is("order-of-protection", "panel")) {
      for (SurfacePlan plan : cleaningOrder()) {
        clean(plan);
        finishAll(List.of(plan), "-" + plan.surface().id());
      }
    } else {
      cleaningOrder().forEach(this::clean);
      finishAll(surfaces, "");
    }
    handover();
    LocalDateTime hands = now;
    LocalDateTime sit = later(hands, sitAt.values());
    LocalDateTime drive = later(hands, driverWaits());
    for (LocalDateTime ready : readyAt.values()) {
      cured = ready.isAfter(cured) ? ready : cured;
    }
    cured = sit.isAfter(cured) ? sit : cured;
    tasks.sort(Comparator.comparing(Task::start).thenComparingInt(t -> tasks.indexOf(t)));
    return new Timetable(tasks, drive, sit, cured);
  }

  /** Textiles after the seats, so that drips do not matter. */
  private List<SurfacePlan> cleaningOrder() {
    return surfaces.stream().sorted(Comparator.comparing(SerialTimetable::isTextile)).toList();
  }

  private void finishAll(List<SurfacePlan> plans, String suffix) {
    residue(plans, suffix);
    int stages = plans.stream().mapToInt(p -> p.finishSteps().size()).max().orElse(0);
    for (int stage = 0; stage < stages; stage++) {
      finish(plans, stage);
    }
  }

  private static boolean isTextile(SurfacePlan plan) {
    return plan.match().place().finish().isTextile();
  }

  private void opening() {
    hands(Step.RECEIVE, "receive", List.of(), figures.get("time.receive"));
    double inspect =
        figures.get("time.inspect-base") + surfaces.size() * figures.get("time.inspect-surface");
    hands(Step.INSPECT, "inspect", ids(surfaces), inspect);
    List<SurfacePlan> wet = surfaces.stream().filter(SurfacePlan::isWet).toList();
    if (!wet.isEmpty()) {
      hands(Step.PRECAUTIONS, "precautions", ids(wet), figures.get("time.precautions"));
    }
    double vacuum = surfaces.stream().mapToDouble(p -> times.drySoilMinutes(p.surface())).sum();
    hands(Step.DRY_SOIL, "dry-soil", ids(surfaces), vacuum);
    List<SurfacePlan> pilled =
        surfaces.stream()
            .filter(
                p ->
                    p.match().place().finish().hasNap()
                        && p.surface().condition().nap() == Nap.PILLED)
            .filter(p -> !job.houseRules().is("microsuede-shave", "no"))
            .toList();
    if (!pilled.isEmpty()) {
      double shave = pilled.stream().mapToDouble(p -> times.shaveMinutes(p.surface())).sum();
      hands(Step.SHAVE, "shave", ids(pilled), shave);
    }
    testSpots(wet);
  }

  /** One test for each product on each finish. */
  private void testSpots(List<SurfacePlan> wet) {
    Set<String> pairs = new LinkedHashSet<>();
    for (SurfacePlan plan : wet) {
      Rung rung = plan.firstRung().orElseThrow();
      String product = rung.treatment().cleaner().map(Product::id).orElseThrow();
      if (pairs.add(product + " " + plan.match().place().finish().code())) {
        task(
                Step.TEST_SPOT,
                "test-spot-" + pairs.size(),
                List.of(plan.surface().id()),
                figures.get("time.test-spot"))
            .product(product)
            .add();
      }
    }
  }

  private void clean(SurfacePlan plan) {
    Optional<Rung> first = plan.firstRung();
    if (first.isEmpty()) {
      return;
    }
    Rung rung = first.get();
    Surface surface = plan.surface();
    int count = rung.verdict().sections().count();
    int passes = Math.max(1, rung.verdict().passes());
    double minutes = times.cleanMinutes(plan.match().place(), rung, passes) / count;
    double window = rung.verdict().sections().windowS();
    for (int section = 1; section <= count; section++) {
      Draft draft =
          task(
                  isTextile(plan) ? Step.TEXTILE : Step.CLEAN,
                  "clean-" + surface.id() + (count > 1 ? "-" + section : ""),
                  List.of(surface.id()),
                  minutes)
              .section(count > 1 ? section : 0)
              .tool(rung.treatment().tool().id());
      rung.treatment().cleaner().ifPresent(c -> draft.product(c.id()));
      if (!rung.treatment().isDry()) {
        draft.wipe(rung.treatment().dwellS(), Math.max(rung.treatment().dwellS(), window));
      }
      draft.add();
    }
    task(
            Step.CHECK,
            "check-" + surface.id(),
            List.of(surface.id()),
            times.checkMinutes(plan.match().place()))
        .add();
    plan.dry().ifPresent(dry -> waiting(Step.DRY, "dry-" + surface.id(), surface, dry.estimateS()));
  }

  /** Where a coating or a barrier follows, and on bright metal, what the cleaner left comes off. */
  private void residue(List<SurfacePlan> plans, String suffix) {
    List<SurfacePlan> bare =
        plans.stream()
            .filter(
                p ->
                    p.finishSteps().stream()
                            .anyMatch(s -> s.step() == Step.COAT || s.step() == Step.BARRIER)
                        || (p.isWet() && p.match().place().finish().code().equals("metal/bright")))
            .toList();
    if (bare.isEmpty()) {
      return;
    }
    holdFor(bare);
    double minutes =
        bare.stream().mapToDouble(p -> p.surface().area().value() / figures.get("rate.wipe")).sum();
    hands(Step.RESIDUE, "residue" + suffix, ids(bare), minutes);
  }

  private void finish(List<SurfacePlan> plans, int stage) {
    List<SurfacePlan> due = plans.stream().filter(p -> p.finishSteps().size() > stage).toList();
    List<Runnable> levels = new ArrayList<>();
    for (SurfacePlan plan : due) {
      FinishStep step = plan.finishSteps().get(stage);
      Surface surface = plan.surface();
      holdUntil(readyAt.getOrDefault(surface.id(), now).plusSeconds(stage == 0 ? 0 : step.waitS()));
      if (step.flash().isPresent()) {
        applyAndWipe(surface, step, step.flash().get());
      } else {
        LocalDateTime applied = apply(surface, step);
        levels.add(() -> level(surface, step, applied.plusSeconds(step.absorbS().orElse(0))));
      }
    }
    levels.forEach(Runnable::run);
    for (SurfacePlan plan : due) {
      settle(plan.surface(), plan.finishSteps().get(stage));
    }
  }

  private LocalDateTime apply(Surface surface, FinishStep step) {
    task(
            step.step(),
            step.step().code() + "-" + surface.id(),
            List.of(surface.id()),
            times.applyMinutes(surface, step.coats()))
        .product(step.product().id())
        .tool(step.applicator().id())
        .add();
    return now;
  }

  /** Areas small enough to be wiped inside the flash window of their first stroke. */
  private void applyAndWipe(Surface surface, FinishStep step, Span flash) {
    double apply = times.applyMinutes(surface, step.coats()) * 60;
    double level = times.levelMinutes(surface, step.coats()) * 60;
    double slack = Math.max(30, flash.max() - flash.min());
    int areas = (int) Math.max(1, Math.ceil((apply + level) / slack));
    for (int area = 1; area <= areas; area++) {
      String id = step.step().code() + "-" + surface.id() + (areas > 1 ? "-" + area : "");
      LocalDateTime laid = now;
      task(step.step(), id, List.of(surface.id()), apply / areas / 60)
          .product(step.product().id())
          .tool(step.applicator().id())
          .section(areas > 1 ? area : 0)
          .wipe(flash.min(), flash.max())
          .add();
      laid = tasks.get(tasks.size() - 1).start();
      holdUntil(laid.plusSeconds(flash.min()));
      task(
              Step.LEVEL,
              "level-" + surface.id() + (areas > 1 ? "-" + area : ""),
              List.of(surface.id()),
              level / areas / 60)
          .section(areas > 1 ? area : 0)
          .add();
    }
  }

  private void level(Surface surface, FinishStep step, LocalDateTime absorbed) {
    holdUntil(absorbed);
    task(
            Step.LEVEL,
            "level-" + step.step().code() + "-" + surface.id(),
            List.of(surface.id()),
            times.levelMinutes(surface, step.coats()))
        .add();
  }

  private void settle(Surface surface, FinishStep step) {
    LocalDateTime done = now;
    readyAt.put(surface.id(), done);
    if (step.sitAfterS() > 0) {
      sitAt.merge(surface.id(), done.plusSeconds(step.sitAfterS()), SerialTimetable::max);
    }
    if (step.cureS() > 0) {
      waiting(Step.WAIT, "cure-" + step.step().code() + "-" + surface.id(), surface, step.cureS());
      cured = max(cured, done.plusSeconds(step.cureS()));
      readyAt.put(surface.id(), done);
    }
  }

  private void handover() {
    hands(Step.HANDOVER, "handover", List.of(), figures.get("time.handover"));
  }

  private List<LocalDateTime> driverWaits() {
    List<LocalDateTime> waits = new ArrayList<>();
    for (SurfacePlan plan : surfaces) {
      Surface surface = plan.surface();
      boolean held = surface.role().isControlled();
      boolean driverSeat =
          surface.role() == Role.SEAT
              && (surface.zone().startsWith("front") || surface.zone().startsWith("helm"));
      if (held || driverSeat) {
        Optional.ofNullable(sitAt.get(surface.id())).ifPresent(waits::add);
        Optional.ofNullable(readyAt.get(surface.id())).ifPresent(waits::add);
      }
    }
    return waits;
  }

  private void waiting(Step step, String id, Surface surface, int seconds) {
    LocalDateTime end = now.plusSeconds(roundUp(seconds));
    tasks.add(
        new Task(
            id,
            step,
            List.of(surface.id()),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            0,
            now,
            end,
            Optional.empty(),
            Optional.empty(),
            lastHands.map(List::of).orElse(List.of())));
    readyAt.put(surface.id(), end);
    if (surface.role() == Role.SEAT && step == Step.DRY) {
      sitAt.put(surface.id(), end);
    }
    lastTask.put(surface.id(), id);
  }

  private void holdFor(List<SurfacePlan> plans) {
    plans.forEach(
        p -> Optional.ofNullable(readyAt.get(p.surface().id())).ifPresent(this::holdUntil));
  }

  private void holdUntil(LocalDateTime earliest) {
    now = max(now, earliest);
  }

  private void hands(Step step, String id, List<String> surfaceIds, double minutes) {
    task(step, id, surfaceIds, minutes).add();
  }

  private Draft task(Step step, String id, List<String> surfaceIds, double minutes) {
    return new Draft(step, id, surfaceIds, minutes);
  }

  private final class Draft {
    private final Step step;
    private final String id;
    private final List<String> surfaceIds;
    private final long seconds;
    private Optional<String> product = Optional.empty();
    private Optional<String> tool = Optional.empty();
    private Optional<Span> wipe = Optional.empty();
    private int section;

    Draft(Step step, String id, List<String> surfaceIds, double minutes) {
      this.step = step;
      this.id = id;
      this.surfaceIds = surfaceIds;
      this.seconds = roundUp(minutes * 60);
    }

    Draft product(String productId) {
      product = Optional.of(productId);
      return this;
    }

    Draft tool(String toolId) {
      tool = Optional.of(toolId);
      return this;
    }

    Draft section(int number) {
      section = number;
      return this;
    }

    Draft wipe(double fromS, double byS) {
      int from = (int) Math.round(fromS);
      wipe = Optional.of(new Span(from, Math.max(from, (int) Math.floor(Math.min(byS, 86_400)))));
      return this;
    }

    void add() {
      LocalDateTime start = day.fit(now, seconds);
      LocalDateTime end = start.plusSeconds(seconds);
      Set<String> after = new LinkedHashSet<>();
      lastHands.ifPresent(after::add);
      surfaceIds.stream().map(lastTask::get).filter(java.util.Objects::nonNull).forEach(after::add);
      tasks.add(
          new Task(
              id,
              step,
              surfaceIds,
              product,
              tool,
              Optional.of(PERSON),
              section,
              start,
              end,
              wipe.map(span -> start.plusSeconds(span.min())),
              wipe.map(span -> start.plusSeconds(span.max())),
              List.copyOf(after)));
      lastHands = Optional.of(id);
      if (surfaceIds.size() == 1) {
        lastTask.put(surfaceIds.get(0), id);
      }
      now = end;
    }
  }

  private static long roundUp(double seconds) {
    return (long) Math.max(30, Math.ceil(seconds / 30) * 30);
  }

  private static List<String> ids(List<SurfacePlan> plans) {
    return plans.stream().map(p -> p.surface().id()).toList();
  }

  private static LocalDateTime max(LocalDateTime a, LocalDateTime b) {
    return a.isAfter(b) ? a : b;
  }

  private static LocalDateTime later(LocalDateTime floor, Iterable<LocalDateTime> others) {
    LocalDateTime latest = floor;
    for (LocalDateTime other : others) {
      latest = max(latest, other);
    }
    return latest;
  }
}
