package attune.core.plan;

import attune.core.match.Rung;
import attune.core.material.Role;
import attune.core.reference.Figures;
import attune.core.schedule.Activity;
import attune.core.schedule.Network;
import attune.core.schedule.Skill;
import attune.core.shelf.Product;
import attune.core.shelf.Span;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Job;
import attune.core.survey.Setting.Place;
import attune.core.survey.Surface;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a visit consists of and what has to come before what (domain 1): dust before wet, from top
 * to bottom, textiles after the seats, the wheel and then the screens last, dry before anything
 * goes on, plastics before hide, every wait kept.
 */
final class VisitNetwork {
  /** Why an activity is there; a milestone has none. */
  record Note(
      Step step,
      List<String> surfaceIds,
      Optional<String> productId,
      Optional<String> toolId,
      int section,
      Optional<Span> wipe) {}

  private final Job job;
  private final List<SurfacePlan> surfaces;
  private final Figures figures;
  private final WorkTimes times;
  private final boolean shared;
  private final Network.Builder network = new Network.Builder();
  private final Map<Integer, Note> notes = new LinkedHashMap<>();
  private final Map<String, Integer> cleaned = new HashMap<>();
  private final Map<String, Integer> dried = new HashMap<>();
  private final Map<String, Integer> finished = new HashMap<>();
  private final Map<String, Integer> testSpots = new HashMap<>();
  private int prepared;

  /**
   * @param shared true when several people work at once: what one does in a zone keeps others out
   */
  VisitNetwork(Job job, List<SurfacePlan> surfaces, Figures figures, boolean shared) {
    this.job = job;
    this.surfaces =
        surfaces.stream()
            .sorted(Comparator.comparingInt(VisitNetwork::rank))
            .toList(); // stable: survey order inside a rank
    this.figures = figures;
    this.times = new WorkTimes(figures);
    this.shared = shared;
    opening();
    if (job.houseRules().is("order-of-protection", "panel")) {
      panelByPanel();
    } else {
      this.surfaces.forEach(plan -> clean(plan, List.of()));
      cleaningOrder();
      finishAll(this.surfaces, "", List.of());
    }
    handover();
  }

  Network.Builder network() {
    return network;
  }

  Optional<Note> note(int place) {
    return Optional.ofNullable(notes.get(place));
  }

  /** Kit that is on the shelf more than once. */
  Map<String, Integer> kit() {
    return job.shelf().tools().stream()
        .collect(
            Collectors.toMap(
                tool -> "kit:" + tool.kind().code(),
                tool -> Math.max(1, tool.count().orElse(1)),
                Integer::sum));
  }

  private static int rank(SurfacePlan plan) {
    Role role = plan.surface().role();
    if (role == Role.SCREEN) {
      return 9;
    }
    if (role == Role.GRIP) {
      return 8;
    }
    if (isTextile(plan)) {
      return 7;
    }
    return switch (role) {
      case OVERHEAD -> 0;
      case TRIM -> plan.match().place().finish().isPlastic() ? 1 : 2;
      case CONTROL -> 3;
      case SEAT -> 4;
      case FLOOR -> 5;
      default -> 6;
    };
  }

  private static boolean isTextile(SurfacePlan plan) {
    return plan.match().place().finish().isTextile();
  }

  private void opening() {
    int receive = work(Step.RECEIVE, "receive", List.of(), figures.get("time.receive"));
    double inspecting =
        figures.get("time.inspect-base") + surfaces.size() * figures.get("time.inspect-surface");
    int last = then(receive, work(Step.INSPECT, "inspect", surfaces, inspecting));
    List<SurfacePlan> wet = surfaces.stream().filter(SurfacePlan::isWet).toList();
    if (!wet.isEmpty()) {
      last =
          then(last, work(Step.PRECAUTIONS, "precautions", wet, figures.get("time.precautions")));
    }
    List<Integer> dry = drySoil(last);
    List<SurfacePlan> pilled = surfaces.stream().filter(this::isShaved).toList();
    if (!pilled.isEmpty()) {
      double minutes = pilled.stream().mapToDouble(p -> times.shaveMinutes(p.surface())).sum();
      int shave = work(Step.SHAVE, "shave", pilled, minutes);
      dry.forEach(vacuumed -> then(vacuumed, shave));
      dry.add(shave);
    }
    prepared = milestone("prepared", dry);
    testSpots(wet);
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
                    p -> shared ? p.surface().zone() : "",
                    LinkedHashMap::new,
                    Collectors.toList()));
    List<Integer> places = new ArrayList<>();
    zones.forEach(
        (zone, plans) -> {
          double minutes = plans.stream().mapToDouble(p -> times.drySoilMinutes(p.surface())).sum();
          String id = "dry-soil" + (zones.size() > 1 ? "-" + zone : "");
          places.add(then(before, work(Step.DRY_SOIL, id, plans, minutes)));
        });
    return places;
  }

  /** One test for each product on each finish. */
  private void testSpots(List<SurfacePlan> wet) {
    for (SurfacePlan plan : wet) {
      String pair = testOf(plan);
      if (!testSpots.containsKey(pair)) {
        int spot =
            work(
                Step.TEST_SPOT,
                "test-spot-" + (testSpots.size() + 1),
                List.of(plan),
                figures.get("time.test-spot"));
        with(spot, plan.firstRung().flatMap(r -> r.treatment().cleaner()).map(Product::id));
        testSpots.put(pair, then(prepared, spot));
      }
    }
  }

  private static String testOf(SurfacePlan plan) {
    return plan.firstRung().flatMap(r -> r.treatment().cleaner()).map(Product::id).orElse("")
        + " "
        + plan.match().place().finish().code();
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
    int dwell = rung.treatment().dwellS();
    int last = testSpots.getOrDefault(testOf(plan), prepared);
    for (int section = 1; section <= count; section++) {
      int place =
          add(
              Activity.work(
                  numbered("clean-" + surface.id(), section, count),
                  roundUp(minutes * 60),
                  isTextile(plan) ? with(zone(plan), Tool.Kind.EXTRACTOR) : zone(plan)),
              new Note(
                  isTextile(plan) ? Step.TEXTILE : Step.CLEAN,
                  List.of(surface.id()),
                  rung.treatment().cleaner().map(Product::id),
                  Optional.of(rung.treatment().tool().id()),
                  count > 1 ? section : 0,
                  rung.treatment().isDry()
                      ? Optional.empty()
                      : Optional.of(
                          wipe(dwell, Math.max(dwell, rung.verdict().sections().windowS())))));
      then(prepared, place);
      last = then(last, place);
      if (section == 1) {
        before.forEach(earlier -> then(earlier, place));
      }
    }
    int check =
        work(
            Step.CHECK,
            "check-" + surface.id(),
            List.of(plan),
            times.checkMinutes(plan.match().place()));
    cleaned.put(surface.id(), then(last, check));
    plan.dry()
        .ifPresent(
            dry -> {
              boolean gates = surface.role() == Role.SEAT || isDriven(surface);
              int drying =
                  add(
                      Activity.waiting("dry-" + surface.id(), roundUp(dry.estimateS()), gates),
                      new Note(
                          Step.DRY,
                          List.of(surface.id()),
                          Optional.empty(),
                          Optional.empty(),
                          0,
                          Optional.empty()));
              dried.put(surface.id(), then(check, drying));
            });
  }

  /** Drips fall on what is not done yet; nothing done is touched again with dirty hands. */
  private void cleaningOrder() {
    milestone("overhead", p -> rank(p) == 0, p -> rank(p) > 0);
    milestone("seats", p -> rank(p) == 4, p -> rank(p) == 7);
    milestone("cabin", p -> rank(p) < 7, p -> rank(p) == 8);
    milestone("wheel", p -> rank(p) < 9, p -> rank(p) == 9);
    Map<String, List<SurfacePlan>> zones =
        surfaces.stream()
            .filter(p -> rank(p) > 0 && rank(p) < 7)
            .collect(
                Collectors.groupingBy(
                    p -> p.surface().zone(), LinkedHashMap::new, Collectors.toList()));
    zones
        .values()
        .forEach(
            plans -> {
              for (int i = 1; i < plans.size(); i++) {
                if (rank(plans.get(i - 1)) < rank(plans.get(i))) {
                  after(plans.get(i - 1), plans.get(i));
                }
              }
            });
  }

  private void milestone(
      String id,
      java.util.function.Predicate<SurfacePlan> earlier,
      java.util.function.Predicate<SurfacePlan> later) {
    for (SurfacePlan late : surfaces.stream().filter(later).toList()) {
      for (SurfacePlan early : surfaces.stream().filter(earlier).toList()) {
        after(early, late);
      }
    }
  }

  private void after(SurfacePlan early, SurfacePlan late) {
    Integer done = cleaned.get(early.surface().id());
    Optional<Integer> begins =
        network
            .find("clean-" + late.surface().id())
            .or(() -> network.find("clean-" + late.surface().id() + "-1"));
    if (done != null) {
      begins.ifPresent(place -> then(done, place));
    }
  }

  private void panelByPanel() {
    List<Integer> before = List.of();
    for (SurfacePlan plan : surfaces) {
      clean(plan, before);
      finishAll(List.of(plan), "-" + plan.surface().id(), before);
      Integer end = finished.getOrDefault(plan.surface().id(), cleaned.get(plan.surface().id()));
      before = end == null ? before : List.of(end);
    }
  }

  private void finishAll(List<SurfacePlan> plans, String suffix, List<Integer> before) {
    Set<Integer> ready = new LinkedHashSet<>(before);
    if (job.setting().place() == Place.STUDIO) {
      plans.stream()
          .filter(VisitNetwork::isTextile)
          .map(p -> cleaned.get(p.surface().id()))
          .filter(java.util.Objects::nonNull)
          .forEach(ready::add);
    }
    List<SurfacePlan> due = plans.stream().filter(p -> !p.finishSteps().isEmpty()).toList();
    List<SurfacePlan> bare = plans.stream().filter(VisitNetwork::needsResiduePass).toList();
    int residue = bare.isEmpty() ? -1 : residue(bare, suffix);
    int clear = due.isEmpty() ? -1 : milestone("clear" + suffix, ready);
    Map<String, Integer> from = new HashMap<>();
    for (SurfacePlan plan : due) {
      from.put(plan.surface().id(), clear);
    }
    int stages = due.stream().mapToInt(p -> p.finishSteps().size()).max().orElse(0);
    List<Integer> plastics = new ArrayList<>();
    for (int stage = 0; stage < stages; stage++) {
      for (SurfacePlan plan : due) {
        if (plan.finishSteps().size() > stage) {
          finish(plan, stage, clear, bare.contains(plan) ? residue : -1, plastics);
        }
      }
    }
  }

  /** Where a coating or a barrier follows, and on bright metal, what the cleaner left comes off. */
  private static boolean needsResiduePass(SurfacePlan plan) {
    return plan.finishSteps().stream()
            .anyMatch(s -> s.step() == Step.COAT || s.step() == Step.BARRIER)
        || (plan.isWet() && plan.match().place().finish().code().equals("metal/bright"));
  }

  private int residue(List<SurfacePlan> bare, String suffix) {
    double minutes =
        bare.stream().mapToDouble(p -> p.surface().area().value() / figures.get("rate.wipe")).sum();
    int place = work(Step.RESIDUE, "residue" + suffix, bare, minutes);
    then(prepared, place);
    bare.forEach(p -> readyOf(p).ifPresent(ready -> then(ready, place)));
    return place;
  }

  private Optional<Integer> readyOf(SurfacePlan plan) {
    String id = plan.surface().id();
    return Optional.ofNullable(dried.getOrDefault(id, cleaned.get(id)));
  }

  private void finish(
      SurfacePlan plan, int stage, int clear, int residue, List<Integer> plasticsDressed) {
    FinishStep step = plan.finishSteps().get(stage);
    Integer earlier = finished.get(plan.surface().id());
    int wait = stage == 0 ? 0 : step.waitS();
    for (int coat = 1; coat <= step.coats(); coat++) {
      Coat laid = coat(plan, step, coat, clear, residue);
      if (earlier != null) {
        network.after(earlier, laid.first(), wait);
      }
      if (isPlastic(plan) && stage == 0) {
        plasticsDressed.add(laid.last());
      } else if (!isPlastic(plan)) {
        plasticsDressed.forEach(dressed -> then(dressed, laid.first()));
      }
      earlier = laid.wiped();
      wait = step.product().waits().beforeNextS().orElse(figures.whole("coat.between"));
    }
    finished.put(plan.surface().id(), earlier);
    settle(plan.surface(), step, earlier);
  }

  /** A coat: its first and last area laid, and the last one wiped. */
  private record Coat(int first, int last, int wiped) {}

  private Coat coat(SurfacePlan plan, FinishStep step, int number, int clear, int residue) {
    Surface surface = plan.surface();
    int areas = step.flash().map(flash -> areas(surface, flash)).orElse(1);
    int apply = roundUp(times.applyMinutes(surface, 1) * 60 / areas);
    int level = roundUp(times.levelMinutes(surface, 1) * 60 / areas);
    String which = (number > 1 ? number + "-" : "") + surface.id();
    String levels = "level-" + (step.flash().isPresent() ? "" : step.step().code() + "-") + which;
    int first = -1;
    int laid = -1;
    int wiped = -1;
    for (int area = 1; area <= areas; area++) {
      int before = laid;
      laid = lay(plan, step, numbered(step.step().code() + "-" + which, area, areas), apply);
      section(laid, areas > 1 ? area : 0);
      begin(plan, laid, clear, residue);
      if (before >= 0) {
        then(before, laid);
      }
      int done = wipe(plan, step, numbered(levels, area, areas), level);
      section(done, areas > 1 ? area : 0);
      if (step.flash().isPresent()) {
        int least = Math.max(apply, step.flash().get().min());
        network.between(laid, done, least, Math.max(least, step.flash().get().max() - level));
      } else {
        network.after(laid, done, step.absorbS().orElse(0));
      }
      if (wiped >= 0) {
        then(wiped, done);
      }
      wiped = done;
      first = first < 0 ? laid : first;
    }
    return new Coat(first, laid, wiped);
  }

  private int lay(SurfacePlan plan, FinishStep step, String id, int seconds) {
    return add(
        skilled(step, Activity.work(id, seconds, zone(plan))),
        new Note(
            step.step(),
            List.of(plan.surface().id()),
            Optional.of(step.product().id()),
            Optional.of(step.applicator().id()),
            0,
            step.flash().map(flash -> wipe(flash.min(), flash.max()))));
  }

  private int wipe(SurfacePlan plan, FinishStep step, String id, int seconds) {
    return add(
        skilled(step, Activity.work(id, seconds, zone(plan))),
        new Note(
            Step.LEVEL,
            List.of(plan.surface().id()),
            Optional.empty(),
            Optional.empty(),
            0,
            Optional.empty()));
  }

  private void section(int place, int section) {
    Note n = notes.get(place);
    notes.put(
        place, new Note(n.step(), n.surfaceIds(), n.productId(), n.toolId(), section, n.wipe()));
  }

  private static boolean isPlastic(SurfacePlan plan) {
    return plan.match().place().finish().isPlastic();
  }

  private void begin(SurfacePlan plan, int place, int clear, int residue) {
    then(prepared, place);
    then(clear, place);
    readyOf(plan).ifPresent(ready -> then(ready, place));
    if (residue >= 0) {
      then(residue, place);
    }
  }

  /** Areas small enough to be wiped inside the flash window of their first stroke. */
  private int areas(Surface surface, Span flash) {
    double both = 60 * (times.applyMinutes(surface, 1) + times.levelMinutes(surface, 1));
    return (int) Math.max(1, Math.ceil(both / Math.max(30, flash.max() - flash.min())));
  }

  private void settle(Surface surface, FinishStep step, int wiped) {
    String what = step.step().code() + "-" + surface.id();
    if (step.sitAfterS() > 0) {
      int sit = network.add(Activity.waiting("sit-" + what, step.sitAfterS(), true));
      then(wiped, sit);
    }
    if (step.cureS() > 0) {
      int cure =
          add(
              Activity.waiting("cure-" + what, roundUp(step.cureS()), false),
              new Note(
                  Step.WAIT,
                  List.of(surface.id()),
                  Optional.empty(),
                  Optional.empty(),
                  0,
                  Optional.empty()));
      then(wiped, cure);
    }
  }

  private void handover() {
    List<Integer> hands = new ArrayList<>(cleaned.values());
    hands.addAll(finished.values());
    network.find("residue").ifPresent(hands::add);
    hands.add(prepared);
    hands.addAll(testSpots.values());
    hands.sort(null);
    int all = milestone("done", hands);
    then(all, work(Step.HANDOVER, "handover", List.of(), figures.get("time.handover")));
  }

  /** Held or sat in by whoever drives. */
  static boolean isDriven(Surface surface) {
    boolean driverSeat =
        surface.role() == Role.SEAT
            && (surface.zone().startsWith("front") || surface.zone().startsWith("helm"));
    return surface.role().isControlled() || driverSeat;
  }

  private int milestone(String id, Collection<Integer> earlier) {
    int place = network.add(Activity.waiting(id, 0, false));
    earlier.forEach(e -> then(e, place));
    return place;
  }

  private int work(Step step, String id, List<SurfacePlan> plans, double minutes) {
    boolean oneZone = step == Step.TEST_SPOT || step == Step.CHECK || step == Step.DRY_SOIL;
    List<String> holds = oneZone && !plans.isEmpty() ? zone(plans.get(0)) : List.of();
    if (step == Step.DRY_SOIL) {
      holds = with(holds, Tool.Kind.VACUUM);
    }
    return add(
        Activity.work(id, roundUp(minutes * 60), holds),
        new Note(
            step,
            plans.stream().map(p -> p.surface().id()).toList(),
            Optional.empty(),
            Optional.empty(),
            0,
            Optional.empty()));
  }

  private void with(int place, Optional<String> productId) {
    Note n = notes.get(place);
    notes.put(
        place, new Note(n.step(), n.surfaceIds(), productId, n.toolId(), n.section(), n.wipe()));
  }

  private int add(Activity activity, Note note) {
    int place = network.add(activity);
    notes.put(place, note);
    return place;
  }

  private int then(int earlier, int later) {
    network.after(earlier, later, 0);
    return later;
  }

  private static Activity skilled(FinishStep step, Activity activity) {
    return step.step() == Step.COAT ? activity.by(Skill.COATING) : activity;
  }

  private List<String> zone(SurfacePlan plan) {
    return shared ? List.of("zone:" + plan.surface().zone()) : List.of();
  }

  /** Kit of which there is only so much; without any on the shelf nobody waits for it. */
  private List<String> with(List<String> holds, Tool.Kind kind) {
    boolean has = job.shelf().tools().stream().anyMatch(tool -> tool.kind() == kind);
    if (!shared || !has) {
      return holds;
    }
    List<String> both = new ArrayList<>(holds);
    both.add("kit:" + kind.code());
    return both;
  }

  private static String numbered(String id, int number, int count) {
    return count > 1 ? id + "-" + number : id;
  }

  private static Span wipe(double fromS, double byS) {
    int from = (int) Math.round(fromS);
    return new Span(from, Math.max(from, (int) Math.floor(Math.min(byS, 86_400))));
  }

  private static int roundUp(double seconds) {
    return (int) Math.max(30, Math.ceil(seconds / 30) * 30);
  }
}
