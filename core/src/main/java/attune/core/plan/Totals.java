package attune.core.plan;

import attune.core.reference.Figures;
import attune.core.run.Experience;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What a visit comes to, in minutes; talk with the customer at both ends is left out.
 *
 * @param hands with hands on, as planned
 * @param handsLow if all goes easily
 * @param handsHigh if it does not
 * @param waits people stand by, rests included, between the first and the last work of each day
 * @param visit from the first to the last work of each day
 * @param clean of the hands, on dust and cleaning
 * @param finish of the hands, on what goes on after it
 * @param inspect of the hands, on inspection, precautions and test spots
 * @param rounds steps somebody works, rests and talk left out
 */
public record Totals(
    int hands,
    int handsLow,
    int handsHigh,
    int waits,
    int visit,
    int clean,
    int finish,
    int inspect,
    int rounds) {
  private static final double MINUTE_S = 60;

  /** What of the visit a round is. */
  public enum Part {
    INSPECT,
    CLEAN,
    FINISH,
    NOT_COUNTED
  }

  static Totals of(
      Timetable timetable, List<SurfacePlan> plans, Figures figures, Experience experience) {
    Map<Part, Double> parts = new HashMap<>();
    List<Round> worked = timetable.worked();
    worked.forEach(r -> parts.merge(part(r.step()), r.handsS() / MINUTE_S, Double::sum));
    double hands = parts.values().stream().mapToDouble(Double::doubleValue).sum();
    double doubt = doubt(plans, figures, experience);
    return new Totals(
        (int) Math.round(hands),
        (int) Math.floor(hands * (1 - doubt)),
        (int) Math.ceil(hands * (1 + doubt)),
        waits(worked),
        (int) Math.round(span(worked)),
        whole(parts, Part.CLEAN),
        whole(parts, Part.FINISH),
        whole(parts, Part.INSPECT),
        worked.size());
  }

  private static int whole(Map<Part, Double> parts, Part part) {
    return (int) Math.round(parts.getOrDefault(part, 0.0));
  }

  /** What of the visit a step counts as. */
  public static Part part(Step step) {
    return switch (step) {
      case INSPECT, PRECAUTIONS, TEST_SPOT -> Part.INSPECT;
      case DRY_SOIL, SHAVE, CLEAN, CHECK, TEXTILE -> Part.CLEAN;
      case RESIDUE, CONDITION, PROTECT, BARRIER, COAT, DRESS, LEVEL, REFINISH -> Part.FINISH;
      case RECEIVE, HANDOVER, BREAK, DRY, METER, WAIT -> Part.NOT_COUNTED;
    };
  }

  /** How far a total may be off: less, the more alike cases the shop has on record. */
  private static double doubt(List<SurfacePlan> plans, Figures figures, Experience experience) {
    Set<Experience.Factor> known = new HashSet<>();
    for (SurfacePlan plan : plans) {
      experience
          .of(plan.surface().finish(), plan.surface().condition().soil().code())
          .ifPresent(known::add);
    }
    double cases = known.stream().mapToInt(Experience.Factor::cases).sum();
    double least = figures.get("total.doubt-least");
    return least
        + (figures.get("total.doubt") - least)
            * Math.sqrt(1 / (1 + cases / figures.get("learning.cases-least")));
  }

  private static int waits(List<Round> worked) {
    Set<String> people = new HashSet<>();
    worked.forEach(r -> people.add(r.person().orElse("")));
    double idle = 0;
    for (String person : people) {
      List<Round> own = worked.stream().filter(r -> r.person().orElse("").equals(person)).toList();
      double hands = own.stream().mapToInt(Round::handsS).sum() / MINUTE_S;
      idle += span(own) - hands;
    }
    return (int) Math.round(idle);
  }

  /** Minutes from the first to the last work of each day, all days together. */
  private static double span(List<Round> rounds) {
    Map<LocalDate, LocalDateTime> first = new HashMap<>();
    Map<LocalDate, LocalDateTime> last = new HashMap<>();
    for (Round r : rounds) {
      LocalDate day = r.start().toLocalDate();
      first.merge(day, r.start(), (a, b) -> a.isBefore(b) ? a : b);
      last.merge(day, r.end(), (a, b) -> a.isAfter(b) ? a : b);
    }
    return first.entrySet().stream()
        .mapToDouble(
            e -> Duration.between(e.getValue(), last.get(e.getKey())).toSeconds() / MINUTE_S)
        .sum();
  }
}
