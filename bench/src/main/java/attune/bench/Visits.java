package attune.bench;

import attune.core.plan.Plan;
import attune.core.plan.Totals;
import attune.core.survey.Job;
import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;

/** Hands, waits, rounds and blocks of the demo's cars and the examples, one person each. */
public final class Visits {
  private Visits() {}

  /**
   * @param args the document
   */
  public static void main(String[] args) throws IOException {
    Workshop workshop = new Workshop();
    Map<String, Job> jobs = new LinkedHashMap<>();
    for (String name : new String[] {"corvid-wheel", "fells-estate", "lumen-hatch"}) {
      jobs.put(name, workshop.demo(name));
    }
    for (String name :
        new String[] {"boat-helm", "leather-estate", "pale-vinyl-hatch", "stained-seats"}) {
      jobs.put(name, workshop.example(name));
    }
    StringBuilder table =
        new StringBuilder(
            "| car | panels | hands, min | standing by | visit | rounds | blocks of the fullest day |\n"
                + "|---|---|---|---|---|---|---|\n");
    jobs.forEach((name, job) -> table.append(row(name, workshop.reference.planner().plan(job))));
    System.out.print(table);
    Kept.between(Path.of(args[0]), "visits", table.toString());
  }

  private static String row(String name, Plan plan) {
    Totals t = plan.totals();
    long blocks =
        plan.timetable().stretches().stream()
            .collect(
                Collectors.groupingBy(
                    s -> s.person().orElse("") + s.start().toLocalDate(), Collectors.counting()))
            .values()
            .stream()
            .mapToLong(n -> n)
            .max()
            .orElse(0);
    return "| %s | %d | %d to %d | %d | %d | %d | %d |%n"
        .formatted(
            name,
            plan.surfaces().size(),
            t.handsLow(),
            t.handsHigh(),
            t.waits(),
            t.visit(),
            plan.timetable().worked().size(),
            blocks);
  }
}
