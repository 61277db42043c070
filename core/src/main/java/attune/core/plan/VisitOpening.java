package attune.core.plan;

import attune.core.plan.VisitTasks.Awaited;
import attune.core.reference.Figures;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Job;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How a visit begins: the car is received and looked over, what is hot stands in the shade, dry
 * soil is taken out and pilled nap shaved, before anything wet (docs/trade, rounds).
 */
final class VisitOpening {
  /** Hot panels in the shade: the wait's id, in plans and runs. */
  private static final String COOL = "cool";

  private final Job job;
  private final List<SurfacePlan> surfaces;
  private final Figures figures;
  private final WorkTimes times;
  private final VisitTasks tasks;
  private final int people;
  private final List<String> opened = new ArrayList<>();
  private String lastDry = "";
  private int prepared;

  VisitOpening(
      Job job,
      List<SurfacePlan> surfaces,
      Figures figures,
      WorkTimes times,
      VisitTasks tasks,
      int people) {
    this.job = job;
    this.surfaces = surfaces;
    this.figures = figures;
    this.times = times;
    this.tasks = tasks;
    this.people = people;
    plan();
  }

  /** Everything dry is done and what is wet may begin. */
  int prepared() {
    return prepared;
  }

  private void plan() {
    int receive =
        tasks.add(
            RoundDraft.single(
                "receive", Step.RECEIVE, List.of(), figures.get("time.receive"), List.of()));
    int last =
        tasks.then(
            receive,
            tasks.add(
                RoundDraft.single(
                    "inspect",
                    Step.INSPECT,
                    VisitNetwork.ids(surfaces),
                    inspecting(),
                    List.of("receive"))));
    String before = "inspect";
    List<SurfacePlan> wet = surfaces.stream().filter(TestSpots::isWetted).toList();
    List<SurfacePlan> touched =
        surfaces.stream().filter(p -> TestSpots.isWetted(p) || isHandled(p)).toList();
    if (!touched.isEmpty()) {
      last =
          tasks.then(
              last,
              tasks.add(
                  RoundDraft.single(
                      "precautions",
                      Step.PRECAUTIONS,
                      VisitNetwork.ids(touched),
                      precautions(),
                      List.of(before))));
      before = "precautions";
    }
    Optional<Integer> cooled = cooling(wet, last, before);
    List<Integer> dry = drySoil(last, before);
    List<SurfacePlan> pilled = surfaces.stream().filter(this::isShaved).toList();
    if (!pilled.isEmpty()) {
      double minutes = pilled.stream().mapToDouble(p -> times.shaveMinutes(p.surface())).sum();
      int shave =
          tasks.add(
              RoundDraft.single(
                  "shave", Step.SHAVE, VisitNetwork.ids(pilled), minutes, List.of(lastDry)));
      dry.forEach(vacuumed -> tasks.then(vacuumed, shave));
      dry.add(shave);
      lastDry = "shave";
    }
    cooled.ifPresent(dry::add);
    prepared = tasks.milestone("prepared", dry);
  }

  /** Hide is gone over by hand, wet or dry: a nail tears it. */
  private static boolean isHandled(SurfacePlan plan) {
    return plan.match().place().finish().isHide() && !plan.finishSteps().isEmpty();
  }

  /** Hot trim is moved to the shade and let alone; nothing wet begins before that. */
  private Optional<Integer> cooling(List<SurfacePlan> wet, int earlier, String after) {
    double hottest = figures.get("window.surface-max");
    List<SurfacePlan> hot =
        wet.stream().filter(p -> p.match().place().found().value() > hottest).toList();
    if (hot.isEmpty()) {
      return Optional.empty();
    }
    opened.add(COOL);
    int seconds = WorkTimes.seconds(figures.get("time.cool"));
    return Optional.of(
        tasks.then(
            earlier,
            tasks.await(
                new Awaited(COOL, Task.About.COOLING, VisitNetwork.ids(hot), List.of(after)),
                seconds)));
  }

  /** What nothing wet begins before, by id. */
  List<String> opened() {
    return Stream.concat(Stream.of(lastDry), opened.stream()).toList();
  }

  /** By zone: longer where finishes are not known yet, shorter where the vehicle is. */
  private double inspecting() {
    boolean known =
        job.historyKnown() || surfaces.stream().anyMatch(s -> !s.surface().history().isEmpty());
    double unknown =
        surfaces.stream().filter(s -> !s.match().place().limits().identified()).count()
            / (double) surfaces.size();
    double whole =
        known
            ? figures.get("time.inspect-known")
            : figures.get("time.inspect-written")
                + unknown * (figures.get("time.inspect-new") - figures.get("time.inspect-written"));
    double standard =
        surfaces.stream()
            .map(s -> s.surface().wishes().standard())
            .max(Comparator.naturalOrder())
            .map(s -> figures.get("standard." + s.code()))
            .orElse(1.0);
    return times.learnt(
        Step.INSPECT, Math.max(figures.get("time.inspect-least"), whole * share() * standard));
  }

  private double precautions() {
    return times.learnt(
        Step.PRECAUTIONS,
        Math.max(figures.get("time.precautions-least"), figures.get("time.precautions") * share()));
  }

  /** Zones of this job beside those of a five-seat cabin, at most 1. */
  private double share() {
    long zones = surfaces.stream().map(s -> s.surface().zone()).distinct().count();
    return Math.min(1, zones / figures.get("time.zones"));
  }

  private boolean isShaved(SurfacePlan plan) {
    return plan.match().place().finish().hasNap()
        && plan.surface().condition().nap() == Nap.PILLED
        && !job.houseRules().is("microsuede-shave", "no");
  }

  /** In one go, or shared out along the walk when there is more than one pair of hands. */
  private List<Integer> drySoil(int before, String beforeId) {
    List<SurfacePlan> reached = new ArrayList<>(surfaces);
    reached.removeIf(Surfaces::isHazard); // air and nozzle carry mould and dried blood about
    if (reached.isEmpty()) {
      lastDry = beforeId;
      return new ArrayList<>(List.of(before));
    }
    reached.sort(Walk.falling());
    double whole = reached.stream().mapToDouble(p -> dust(p)).sum();
    List<Integer> places = new ArrayList<>();
    List<SurfacePlan> now = new ArrayList<>();
    double done = 0;
    for (int i = 0; i < reached.size(); i++) {
      now.add(reached.get(i));
      done += dust(reached.get(i));
      boolean last = i == reached.size() - 1;
      if (last || done >= whole * (places.size() + 1) / people && places.size() < people - 1) {
        places.add(
            tasks.then(before, tasks.add(dusted(now, places.size(), beforeId), Tool.Kind.VACUUM)));
        now = new ArrayList<>();
      }
    }
    return places;
  }

  private double dust(SurfacePlan plan) {
    return times.drySoilMinutes(plan.match().place());
  }

  private RoundDraft dusted(List<SurfacePlan> plans, int before, String beforeId) {
    lastDry = before == 0 ? "dry-soil" : "dry-soil-" + (before + 1);
    double minutes = plans.stream().mapToDouble(this::dust).sum();
    return RoundDraft.single(
        lastDry, Step.DRY_SOIL, VisitNetwork.ids(plans), minutes, List.of(beforeId));
  }
}
