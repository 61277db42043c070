package attune.bench;

import attune.core.schedule.Activity;
import attune.core.schedule.Bounds;
import attune.core.schedule.Lag;
import attune.core.schedule.Network;
import attune.core.schedule.Pauses;
import attune.core.schedule.Schedule;
import attune.core.schedule.Worker;
import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CircuitConstraint;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The same network given to a constraint solver, which proves how early the car can be ready. It
 * walks and rests as people do; only that one rest of a long shift is a meal is let off, so that
 * what it proves holds all the more.
 */
final class ProvenSchedule {
  private static final int DAY = 86_400;

  /**
   * @param found the best it has seen, Attune's own where it saw none, seconds after midnight of
   *     the first day
   * @param bound no schedule is earlier
   */
  record Answer(int found, int bound) {}

  private final Network network;
  private final CpModel model = new CpModel();
  private final IntVar[] starts;
  private final IntervalVar[] spans;
  private final int horizon;

  private ProvenSchedule(Network network, Schedule hint) {
    this.network = network;
    int latest = hint.ready();
    for (int i = 0; i < hint.starts().size(); i++) {
      latest = Math.max(latest, hint.starts().get(i) + network.activities().get(i).seconds());
    }
    horizon = latest;
    starts = new IntVar[network.activities().size()];
    spans = new IntervalVar[starts.length];
    for (int i = 0; i < starts.length; i++) {
      Activity activity = network.activities().get(i);
      starts[i] = model.newIntVar(network.start(), horizon, activity.id());
      spans[i] = model.newFixedSizeIntervalVar(starts[i], activity.seconds(), activity.id());
      model.addHint(starts[i], hint.starts().get(i));
    }
    lags();
    people();
    kit();
  }

  static Answer of(Network network, Schedule hint, double seconds) {
    Loader.loadNativeLibraries();
    return new ProvenSchedule(network, hint).solve(hint, seconds);
  }

  private void lags() {
    for (Lag lag : network.lags()) {
      model.addGreaterOrEqual(
          starts[lag.to()], LinearExpr.affine(starts[lag.from()], 1, lag.least()));
      if (lag.most().isPresent()) {
        model.addLessOrEqual(
            starts[lag.to()], LinearExpr.affine(starts[lag.from()], 1, lag.most().getAsInt()));
      }
    }
  }

  private void people() {
    List<List<IntervalVar>> days = new ArrayList<>();
    List<Map<Integer, BoolVar>> doing = new ArrayList<>();
    for (Worker worker : network.crew()) {
      days.add(new ArrayList<>(away(worker)));
      doing.add(new LinkedHashMap<>());
    }
    for (int i = 0; i < starts.length; i++) {
      Activity activity = network.activities().get(i);
      if (activity.hands() == Activity.Hands.NOBODY) {
        continue;
      }
      List<BoolVar> who = new ArrayList<>();
      for (int w = 0; w < network.crew().size(); w++) {
        Worker worker = network.crew().get(w);
        if (worker.skills().containsAll(activity.skills())) {
          BoolVar does = model.newBoolVar(activity.id() + "@" + worker.id());
          days.get(w)
              .add(
                  model.newOptionalFixedSizeIntervalVar(
                      starts[i], activity.seconds(), does, activity.id() + "@" + worker.id()));
          who.add(does);
          doing.get(w).put(i, does);
        }
      }
      model.addExactlyOne(who.toArray(BoolVar[]::new));
    }
    days.forEach(model::addNoOverlap);
    if (!network.pauses().equals(Pauses.NONE)) {
      for (int w = 0; w < network.crew().size(); w++) {
        walk(doing.get(w));
      }
    }
  }

  /** One after another: the way between two pieces of work, and a rest before one is tired. */
  private void walk(Map<Integer, BoolVar> does) {
    Pauses p = network.pauses();
    List<Integer> all = List.copyOf(does.keySet());
    CircuitConstraint way = model.addCircuit();
    Map<Integer, BoolVar> rested = new LinkedHashMap<>();
    Map<Integer, IntVar> worked = new LinkedHashMap<>();
    List<BoolVar> absent = new ArrayList<>();
    for (int k = 0; k < all.size(); k++) {
      int i = all.get(k);
      int seconds = network.activities().get(i).seconds();
      rested.put(i, model.newBoolVar("rest-" + i));
      worked.put(i, model.newIntVar(seconds, Math.max(seconds, p.everyS()), "worked-" + i));
      way.addArc(k + 1, k + 1, does.get(i).not());
      way.addArc(0, k + 1, model.newBoolVar("first-" + i));
      way.addArc(k + 1, 0, model.newBoolVar("last-" + i));
    }
    BoolVar none = model.newBoolVar("nothing");
    way.addArc(0, 0, none);
    does.values().forEach(d -> model.addImplication(d, none.not()));
    for (int a = 0; a < all.size(); a++) {
      for (int b = 0; b < all.size(); b++) {
        if (a != b) {
          BoolVar next = model.newBoolVar(all.get(a) + ">" + all.get(b));
          way.addArc(a + 1, b + 1, next);
          follows(all.get(a), all.get(b), next, rested, worked);
        }
      }
    }
  }

  private void follows(
      int i, int j, BoolVar next, Map<Integer, BoolVar> rested, Map<Integer, IntVar> worked) {
    Pauses p = network.pauses();
    Activity from = network.activities().get(i);
    Activity to = network.activities().get(j);
    model
        .addGreaterOrEqual(
            starts[j], LinearExpr.affine(starts[i], 1, from.seconds() + p.way(from, to)))
        .onlyEnforceIf(next);
    if (p.everyS() > 0) {
      model
          .addGreaterOrEqual(starts[j], LinearExpr.affine(starts[i], 1, from.seconds() + p.restS()))
          .onlyEnforceIf(new Literal[] {next, rested.get(j)});
      model
          .addGreaterOrEqual(worked.get(j), LinearExpr.affine(worked.get(i), 1, to.seconds()))
          .onlyEnforceIf(new Literal[] {next, rested.get(j).not()});
    }
  }

  /** The hours somebody is not there. */
  private List<IntervalVar> away(Worker worker) {
    List<IntervalVar> nights = new ArrayList<>();
    int first = network.start() / DAY * DAY;
    for (int midnight = first; midnight <= horizon; midnight += DAY) {
      int opens = worker.comes(midnight, network.start());
      if (opens > 0) {
        nights.add(model.newFixedInterval(midnight, opens, "before"));
      }
      nights.add(
          model.newFixedInterval(midnight + worker.closes(), DAY - worker.closes(), "after"));
    }
    return nights;
  }

  private void kit() {
    Map<String, List<Integer>> users = new LinkedHashMap<>();
    for (int i = 0; i < starts.length; i++) {
      for (String thing : network.activities().get(i).holds()) {
        users.computeIfAbsent(thing, t -> new ArrayList<>()).add(i);
      }
    }
    users.forEach(
        (thing, who) -> {
          CumulativeConstraint use = model.addCumulative(network.kit().getOrDefault(thing, 1));
          who.forEach(i -> use.addDemand(spans[i], 1));
        });
  }

  private Answer solve(Schedule hint, double seconds) {
    IntVar ready = model.newIntVar(network.start(), horizon, "ready");
    for (int i = 0; i < starts.length; i++) {
      Activity activity = network.activities().get(i);
      if (activity.gates()) {
        model.addGreaterOrEqual(ready, LinearExpr.affine(starts[i], 1, activity.seconds()));
      }
    }
    model.minimize(ready);
    CpSolver solver = new CpSolver();
    solver.getParameters().setMaxTimeInSeconds(seconds).setNumWorkers(2).setRandomSeed(1);
    CpSolverStatus status = solver.solve(model);
    boolean found = status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
    int bound = (int) Math.ceil(solver.bestObjectiveBound());
    return new Answer(
        found ? (int) Math.round(solver.objectiveValue()) : hint.ready(),
        Math.max(bound, Bounds.soonestReady(network)));
  }
}
