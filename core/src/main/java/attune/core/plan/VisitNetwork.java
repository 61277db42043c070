package attune.core.plan;

import static attune.core.plan.VisitTasks.numbered;
import static attune.core.plan.VisitTasks.roundUp;

import attune.core.match.Rung;
import attune.core.material.Role;
import attune.core.plan.VisitTasks.Note;
import attune.core.reference.Figures;
import attune.core.schedule.Activity;
import attune.core.shelf.Product;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Job;
import attune.core.survey.Surface;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What a visit consists of and what has to come before what (domain 1): dust before wet, from top
 * to bottom, textiles after the seats, the wheel and then the screens last, dry before anything
 * goes on, plastics before hide, every wait kept.
 */
final class VisitNetwork {
  private static final int OVERHEAD = 0;
  private static final int SEAT = 4;
  private static final int TEXTILE = 7;
  private static final int WHEEL = 8;
  private static final int SCREEN = 9;

  private final Job job;
  private final List<SurfacePlan> surfaces;
  private final Figures figures;
  private final WorkTimes times;
  private final VisitTasks tasks;
  private final FinishingTasks finishing;
  private final Map<String, Integer> cleaned = new HashMap<>();
  private final Map<String, Integer> dried = new HashMap<>();
  private final Map<String, Integer> testSpots = new HashMap<>();
  private final Map<String, Integer> fitted = new HashMap<>();
  private int prepared;

  /**
   * @param shared true when several people work at once: what one does in a zone keeps others out
   */
  VisitNetwork(
      Job job,
      List<SurfacePlan> surfaces,
      Figures figures,
      WorkTimes times,
      boolean shared,
      List<PartOnOrder> parts) {
    this.job = job;
    this.surfaces =
        surfaces.stream()
            .sorted(Comparator.comparingInt(VisitNetwork::rank))
            .toList(); // stable: survey order inside a rank
    this.figures = figures;
    this.times = times;
    this.tasks = new VisitTasks(job.shelf(), shared);
    this.finishing = new FinishingTasks(this, tasks, job.setting().place(), figures, times);
    opening();
    for (int i = 0; i < parts.size(); i++) {
      fit(parts.get(i), i + 1);
    }
    if (job.houseRules().is("order-of-protection", "panel")) {
      panelByPanel();
    } else {
      cleanAll();
      finishing.of(this.surfaces, "", List.of());
    }
    handover();
  }

  VisitTasks tasks() {
    return tasks;
  }

  /** Everything dry is done and what is wet may begin. */
  int prepared() {
    return prepared;
  }

  /** The check of a panel's cleaning. */
  Optional<Integer> cleaned(SurfacePlan plan) {
    return Optional.ofNullable(cleaned.get(plan.surface().id()));
  }

  /** What a panel has to be through before anything goes on: dry, or at least checked. */
  Optional<Integer> ready(SurfacePlan plan) {
    return Optional.ofNullable(dried.get(plan.surface().id()))
        .or(() -> cleaned(plan))
        .or(() -> Optional.ofNullable(fitted.get(plan.surface().id())));
  }

  private static int rank(SurfacePlan plan) {
    Role role = plan.surface().role();
    if (role == Role.SCREEN) {
      return SCREEN;
    }
    if (role == Role.GRIP) {
      return WHEEL;
    }
    if (isTextile(plan)) {
      return TEXTILE;
    }
    return switch (role) {
      case OVERHEAD -> OVERHEAD;
      case TRIM -> plan.match().place().finish().isPlastic() ? 1 : 2;
      case CONTROL -> 3;
      case SEAT -> SEAT;
      case FLOOR -> 5;
      default -> 6;
    };
  }

  static boolean isTextile(SurfacePlan plan) {
    return plan.match().place().finish().isTextile();
  }

  private void opening() {
    int receive = tasks.work(Step.RECEIVE, "receive", List.of(), figures.get("time.receive"));
    double inspecting =
        figures.get("time.inspect-base") + surfaces.size() * figures.get("time.inspect-surface");
    int last = then(receive, tasks.work(Step.INSPECT, "inspect", surfaces, inspecting));
    List<SurfacePlan> wet = surfaces.stream().filter(SurfacePlan::isWet).toList();
    if (!wet.isEmpty()) {
      last =
          then(
              last,
              tasks.work(Step.PRECAUTIONS, "precautions", wet, figures.get("time.precautions")));
    }
    List<Integer> dry = drySoil(last);
    List<SurfacePlan> pilled = surfaces.stream().filter(this::isShaved).toList();
    if (!pilled.isEmpty()) {
      double minutes = pilled.stream().mapToDouble(p -> times.shaveMinutes(p.surface())).sum();
      int shave = tasks.work(Step.SHAVE, "shave", pilled, minutes);
      dry.forEach(vacuumed -> then(vacuumed, shave));
      dry.add(shave);
    }
    prepared = tasks.milestone("prepared", dry);
    testSpots(wet);
  }

  /** A part on its way, and fitting it: its panels wait for that. */
  private void fit(PartOnOrder part, int number) {
    List<SurfacePlan> plans =
        surfaces.stream().filter(p -> part.surfaceIds().contains(p.surface().id())).toList();
    long away = Duration.between(job.setting().start(), part.arrives()).toSeconds();
    if (plans.isEmpty()) {
      return;
    }
    int coming =
        tasks.add(
            Activity.waiting("part-" + number, (int) Math.max(0, away), true),
            Note.of(Step.WAIT, plans.stream().map(p -> p.surface().id()).toList()));
    int fitting =
        tasks.work(
            Step.REFINISH,
            "fit-" + number,
            plans,
            figures.get("time.fit-part"),
            tasks.zones(plans));
    then(coming, fitting);
    then(prepared, fitting);
    plans.forEach(plan -> fitted.merge(plan.surface().id(), fitting, (a, b) -> then(a, b)));
  }

  private boolean isShaved(SurfacePlan plan) {
    return plan.match().place().finish().hasNap()
        && plan.surface().condition().nap() == Nap.PILLED
        && !job.houseRules().is("microsuede-shave", "no");
  }

  /** In one go, or zone by zone when there is more than one pair of hands. */
  private List<Integer> drySoil(int before) {
    Map<String, List<SurfacePlan>> zones =
        surfaces.stream()
            .collect(
                Collectors.groupingBy(
                    p -> tasks.isShared() ? p.surface().zone() : "",
                    LinkedHashMap::new,
                    Collectors.toList()));
    List<Integer> places = new ArrayList<>();
    zones.forEach(
        (zone, plans) -> {
          double minutes = plans.stream().mapToDouble(p -> times.drySoilMinutes(p.surface())).sum();
          String id = "dry-soil" + (zones.size() > 1 ? "-" + zone : "");
          places.add(
              then(
                  before,
                  tasks.work(
                      Step.DRY_SOIL,
                      id,
                      plans,
                      minutes,
                      tasks.with(tasks.zones(plans), Tool.Kind.VACUUM))));
        });
    return places;
  }

  /** One test for each product on each finish. */
  private void testSpots(List<SurfacePlan> wet) {
    for (SurfacePlan plan : wet) {
      String pair = testOf(plan);
      if (!testSpots.containsKey(pair)) {
        int spot =
            tasks.add(
                Activity.work(
                    "test-spot-" + (testSpots.size() + 1),
                    roundUp(figures.get("time.test-spot") * 60),
                    tasks.zones(List.of(plan))),
                Note.of(Step.TEST_SPOT, List.of(plan.surface().id()))
                    .with(plan.firstRung().flatMap(r -> r.treatment().cleaner()).map(Product::id)));
        testSpots.put(pair, then(prepared, spot));
      }
    }
  }

  private static String testOf(SurfacePlan plan) {
    return plan.firstRung().flatMap(r -> r.treatment().cleaner()).map(Product::id).orElse("")
        + " "
        + plan.match().place().finish().code();
  }

  /**
   * Drips fall on what is not done yet, and nothing done is touched again with dirty hands: in a
   * zone from top to bottom, and over the cabin overhead first, textiles after the seats, then the
   * wheel, then the screens.
   */
  private void cleanAll() {
    Map<Integer, Integer> gates = new HashMap<>();
    Map<String, SurfacePlan> above = new HashMap<>();
    for (SurfacePlan plan : surfaces) {
      int rank = rank(plan);
      List<Integer> before = new ArrayList<>();
      before.add(gates.computeIfAbsent(rank, this::gate));
      if (rank > OVERHEAD && rank < TEXTILE) {
        SurfacePlan last = above.put(plan.surface().zone(), plan);
        if (last != null && rank(last) < rank) {
          cleaned(last).ifPresent(before::add);
        }
      }
      clean(plan, before);
    }
  }

  /** What has to be clean before anything of a rank is begun. */
  private int gate(int rank) {
    return tasks.milestone(
        "before-" + rank,
        surfaces.stream()
            .filter(earlier -> comesBefore(rank(earlier), rank))
            .flatMap(earlier -> cleaned(earlier).stream())
            .toList());
  }

  private static boolean comesBefore(int earlier, int rank) {
    return switch (rank) {
      case OVERHEAD -> false;
      case TEXTILE -> earlier == OVERHEAD || earlier == SEAT;
      case WHEEL -> earlier < TEXTILE;
      case SCREEN -> earlier < SCREEN;
      default -> earlier == OVERHEAD;
    };
  }

  private void clean(SurfacePlan plan, Collection<Integer> before) {
    Optional<Rung> first = plan.firstRung();
    if (first.isEmpty()) {
      return;
    }
    Rung rung = first.get();
    Surface surface = plan.surface();
    int count = rung.verdict().sections().count();
    double minutes =
        times.cleanMinutes(plan.match().place(), rung, Math.max(1, rung.verdict().passes()))
            / count;
    int last = testSpots.getOrDefault(testOf(plan), prepared);
    for (int section = 1; section <= count; section++) {
      int place = section(plan, rung, section, count, roundUp(minutes * 60));
      then(prepared, place);
      Optional.ofNullable(fitted.get(surface.id())).ifPresent(fit -> then(fit, place));
      last = then(last, place);
      if (section == 1) {
        before.forEach(earlier -> then(earlier, place));
      }
    }
    int check =
        tasks.work(
            Step.CHECK,
            "check-" + surface.id(),
            List.of(plan),
            times.checkMinutes(plan.match().place()),
            tasks.zones(List.of(plan)));
    cleaned.put(surface.id(), then(last, check));
    plan.dry()
        .ifPresent(
            dry -> {
              boolean gates = surface.role() == Role.SEAT || surface.isDriven();
              int drying =
                  tasks.waiting(
                      Step.DRY, "dry-" + surface.id(), surface.id(), dry.estimateS(), gates);
              dried.put(surface.id(), then(check, drying));
            });
  }

  private int section(SurfacePlan plan, Rung rung, int section, int count, int seconds) {
    int dwell = rung.treatment().dwellS();
    List<String> zone = tasks.zones(List.of(plan));
    return tasks.add(
        Activity.work(
            numbered("clean-" + plan.surface().id(), section, count),
            seconds,
            isTextile(plan) ? tasks.with(zone, Tool.Kind.EXTRACTOR) : zone),
        new Note(
            isTextile(plan) ? Step.TEXTILE : Step.CLEAN,
            List.of(plan.surface().id()),
            rung.treatment().cleaner().map(Product::id),
            Optional.of(rung.treatment().tool().id()),
            count > 1 ? section : 0,
            rung.treatment().isDry()
                ? Optional.empty()
                : Optional.of(
                    VisitTasks.wipe(dwell, Math.max(dwell, rung.verdict().sections().windowS())))));
  }

  private void panelByPanel() {
    List<Integer> before = List.of();
    for (SurfacePlan plan : surfaces) {
      clean(plan, before);
      finishing.of(List.of(plan), "-" + plan.surface().id(), before);
      before = finishing.finished(plan).or(() -> cleaned(plan)).map(List::of).orElse(before);
    }
  }

  /** The last look checks the grip of what is held, and that is checked dry. */
  private void handover() {
    List<Integer> before = new ArrayList<>(tasks.hands());
    surfaces.stream()
        .filter(plan -> plan.surface().role().isControlled())
        .flatMap(plan -> Optional.ofNullable(dried.get(plan.surface().id())).stream())
        .forEach(before::add);
    int all = tasks.milestone("done", before);
    then(all, tasks.work(Step.HANDOVER, "handover", List.of(), figures.get("time.handover")));
  }

  private int then(int earlier, int later) {
    return tasks.then(earlier, later);
  }
}
