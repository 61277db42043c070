package attune.bench;

import attune.core.plan.Arrangement;
import attune.core.schedule.Activity;
import attune.core.schedule.Network;
import attune.core.schedule.Schedule;
import attune.core.schedule.Scheduler;
import attune.core.schedule.Skill;
import attune.core.schedule.Worker;
import attune.core.survey.Condition;
import attune.core.survey.Job;
import attune.core.survey.Surface;
import attune.core.survey.Wishes;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

/** How far Attune's timetables are from what a constraint solver finds and proves. */
public final class ScheduleGap {
  private static final int GENERATED = 60;
  private static final int RUNS = 5;

  private record Case(String name, Network network) {}

  private record Outcome(
      String name, int tasks, int people, double ms, double toBound, double toFound) {}

  private ScheduleGap() {}

  /**
   * @param args the document, then the seconds the solver may take for each
   */
  public static void main(String[] args) throws IOException {
    double seconds = args.length > 1 ? Double.parseDouble(args[1]) : 10;
    Workshop workshop = new Workshop();
    List<Case> real = real(workshop);
    List<Case> generated = generated(workshop);
    for (int warm = 0; warm < 3; warm++) {
      generated.forEach(c -> Scheduler.of(c.network()));
    }
    List<Outcome> outcomes = new ArrayList<>();
    for (Case c : concat(real, generated)) {
      Outcome outcome = measure(c, seconds);
      outcomes.add(outcome);
      System.out.println(row(outcome).strip());
    }
    String table =
        "| cabins | tasks | mean gap | worst gap | worst instance | median time | longest up to 150 tasks | longest |\n"
            + "|---|---|---|---|---|---|---|---|\n"
            + summary("real", outcomes.subList(0, real.size()))
            + summary("generated", outcomes.subList(real.size(), outcomes.size()));
    System.out.print("\n" + table);
    Kept.between(Path.of(args[0]), "schedules", table);
  }

  private static List<Case> concat(List<Case> a, List<Case> b) {
    List<Case> all = new ArrayList<>(a);
    all.addAll(b);
    return all;
  }

  /** The demo's estate and the examples by one person and more. */
  private static List<Case> real(Workshop workshop) {
    List<Case> cases = new ArrayList<>();
    jobs(workshop)
        .forEach(
            (name, job) -> {
              int most = job.surfaces().size() > 8 ? 3 : 2;
              for (int people = 1; people <= most; people++) {
                cases.add(
                    new Case(
                        name + " by " + people,
                        workshop.reference.planner().network(job, crew(people, null))));
              }
            });
    return cases;
  }

  private static Map<String, Job> jobs(Workshop workshop) {
    Map<String, Job> jobs = new LinkedHashMap<>();
    jobs.put("estate", workshop.estate());
    for (String name : List.of("leather-estate", "pale-vinyl-hatch", "boat-helm")) {
      jobs.put(name, workshop.example(name));
    }
    return jobs;
  }

  /** Panels of all the demo's cabins, soiled, wished and staffed at random. */
  private static List<Case> generated(Workshop workshop) {
    Random random = new Random(42);
    List<Surface> panels =
        jobs(workshop).values().stream().flatMap(job -> job.surfaces().stream()).toList();
    Job estate = workshop.estate();
    List<Case> cases = new ArrayList<>();
    for (int i = 0; i < GENERATED; i++) {
      int size = 6 + random.nextInt(34);
      List<Surface> some =
          IntStream.range(0, size)
              .mapToObj(k -> changed(panels.get(random.nextInt(panels.size())), k, random))
              .toList();
      Job job =
          new Job(
              "generated " + i,
              estate.setting(),
              estate.wishes(),
              estate.houseRules(),
              estate.shelf(),
              estate.craft(),
              true,
              some);
      int people = 1 + random.nextInt(4);
      Network whole = workshop.reference.planner().network(job, crew(people, random));
      cases.add(
          i % 2 == 0
              ? new Case("generated " + i, whole)
              : new Case("generated " + i + ", hands off", handsOff(whole)));
    }
    return cases;
  }

  /** The same, ready when the last hands are off: no long wait hides what the order costs. */
  private static Network handsOff(Network network) {
    return new Network(
        network.activities().stream()
            .map(
                a ->
                    new Activity(
                        a.id(),
                        a.seconds(),
                        a.hands(),
                        a.skills(),
                        a.holds(),
                        a.hands() == Activity.Hands.SOMEBODY,
                        a.station(),
                        a.at()))
            .toList(),
        network.lags(),
        network.crew(),
        network.kit(),
        network.start(),
        network.pauses());
  }

  private static Surface changed(Surface s, int number, Random random) {
    Condition was = s.condition();
    Condition now =
        new Condition(
            Condition.Level.values()[random.nextInt(Condition.Level.values().length)],
            was.soils(),
            was.wear(),
            was.feel(),
            was.nap(),
            was.perforations(),
            was.damage(),
            was.stainAgeDays(),
            was.sheenGu());
    Wishes wishes =
        new Wishes(
            s.wishes().sheen(),
            Wishes.Standard.values()[random.nextInt(3)],
            Wishes.Protection.values()[random.nextInt(Wishes.Protection.values().length)]);
    return new Surface(
        s.id() + "-" + number,
        s.zone(),
        s.part(),
        s.finish(),
        s.perforated(),
        s.texture(),
        s.tone(),
        s.area(),
        s.seamM(),
        s.ageMonths(),
        s.role(),
        s.features(),
        s.near(),
        now,
        wishes,
        s.surfaceTemp(),
        s.history());
  }

  /** Not everyone may coat, and not everyone is there all day. */
  private static Arrangement crew(int people, Random random) {
    List<Worker> crew = new ArrayList<>();
    for (int i = 0; i < people; i++) {
      boolean coats = i == 0 || random == null || random.nextBoolean();
      int opens = (8 + (random == null ? 0 : random.nextInt(3))) * 3600;
      int closes = (19 - (random == null ? 0 : random.nextInt(4))) * 3600;
      crew.add(new Worker("p" + i, coats ? Set.of(Skill.values()) : Set.of(Skill.RIM, Skill.ANILINE), opens, closes));
    }
    return new Arrangement(crew, Map.of(), Set.of(), List.of());
  }

  private static Outcome measure(Case c, double seconds) {
    Network network = c.network();
    Schedule ours = Scheduler.of(network);
    double ms = medianMs(network);
    if (!ours.broken(network).isEmpty()) {
      throw new IllegalStateException(c.name() + ": " + ours.broken(network));
    }
    ProvenSchedule.Answer proven = ProvenSchedule.of(network, ours, seconds);
    return new Outcome(
        c.name(),
        network.activities().size(),
        network.crew().size(),
        ms,
        gap(network, ours.ready(), proven.bound()),
        gap(network, ours.ready(), proven.found()));
  }

  private static double medianMs(Network network) {
    double[] times = new double[RUNS];
    for (int run = 0; run < RUNS; run++) {
      long before = System.nanoTime();
      Scheduler.of(network);
      times[run] = (System.nanoTime() - before) / 1e6;
    }
    Arrays.sort(times);
    return times[RUNS / 2];
  }

  private static double gap(Network network, int ours, int theirs) {
    return 100.0 * (ours - theirs) / (theirs - network.start());
  }

  private static String row(Outcome o) {
    return "%-28s %4d tasks %d people %7.1f ms  to bound %5.2f %%  to best found %5.2f %%\n"
        .formatted(o.name(), o.tasks(), o.people(), o.ms(), o.toBound(), o.toFound());
  }

  private static String summary(String name, List<Outcome> outcomes) {
    Outcome worst =
        outcomes.stream().max((a, b) -> Double.compare(a.toBound(), b.toBound())).orElseThrow();
    double[] times = outcomes.stream().mapToDouble(Outcome::ms).sorted().toArray();
    return "| %d %s | %d to %d | %.2f %% | %.2f %% | %s, %d people | %.0f ms | %.0f ms | %.0f ms |\n"
        .formatted(
            outcomes.size(),
            name,
            outcomes.stream().mapToInt(Outcome::tasks).min().orElse(0),
            outcomes.stream().mapToInt(Outcome::tasks).max().orElse(0),
            outcomes.stream().mapToDouble(Outcome::toBound).average().orElse(0),
            worst.toBound(),
            worst.name(),
            worst.people(),
            times[times.length / 2],
            outcomes.stream()
                .filter(o -> o.tasks() <= 150)
                .mapToDouble(Outcome::ms)
                .max()
                .orElse(0),
            times[times.length - 1]);
  }
}
