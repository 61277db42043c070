package attune.core.run;

import attune.core.reference.Figures;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a shop's own records say of its minutes and passes, of cleaning by finish and soil and of
 * everything else by kind of step: the middle case against what was planned, once there are enough
 * cases, and never far from it. It changes what is expected, never what is allowed.
 *
 * @param factors of cleaning, by finish and soil
 * @param steps of all else, by code of the step
 */
public record Experience(Map<Kind, Factor> factors, Map<String, StepFactor> steps) {
  public static final Experience NONE = new Experience(Map.of(), Map.of());

  /** What cases are alike by: a finish's code, and how soiled it was. */
  public record Kind(String finish, String soil) {}

  /**
   * A panel that was cleaned.
   *
   * @param plannedMin as planned without experience, above 0
   * @param minutes hands-on time it took, 0 or more
   * @param plannedPasses middle of what was expected, above 0
   */
  public record Case(
      Kind kind, double plannedMin, double minutes, double plannedPasses, int passes) {}

  /**
   * What cases come to.
   *
   * @param cases how many there are
   * @param minutes times the planned minutes
   * @param passes times the planned passes
   * @param counts false while there are too few
   */
  public record Factor(int cases, double minutes, double passes, boolean counts) {}

  /**
   * All of one kind of step in a visit.
   *
   * @param step its code
   * @param plannedMin as planned without experience, above 0
   * @param minutes hands-on time it took, 0 or more
   */
  public record StepCase(String step, double plannedMin, double minutes) {}

  /** What visits come to: how many there are, and what their planned minutes are taken times. */
  public record StepFactor(int cases, double minutes, boolean counts) {}

  /** False for what was ticked later: too quick to have been worked in that time. */
  public static boolean wasWorked(double minutes, double plannedMin, Figures figures) {
    return plannedMin > 0 && minutes > plannedMin * figures.get("learning.ticked-later");
  }

  public Experience {
    factors = Map.copyOf(factors);
    steps = Map.copyOf(steps);
  }

  /** What some cases say. */
  public static Experience of(List<Case> cases, List<StepCase> visits, Figures figures) {
    Map<Kind, List<Case>> byKind = new LinkedHashMap<>();
    cases.forEach(c -> byKind.computeIfAbsent(c.kind(), kind -> new ArrayList<>()).add(c));
    Map<Kind, Factor> factors = new LinkedHashMap<>();
    byKind.forEach(
        (kind, alike) ->
            factors.put(
                kind,
                new Factor(
                    alike.size(),
                    bounded(
                        median(alike.stream().map(c -> c.minutes() / c.plannedMin()).toList()),
                        figures),
                    bounded(
                        median(alike.stream().map(c -> c.passes() / c.plannedPasses()).toList()),
                        figures),
                    alike.size() >= figures.whole("learning.cases-least"))));
    return new Experience(factors, steps(visits, figures));
  }

  private static Map<String, StepFactor> steps(List<StepCase> visits, Figures figures) {
    Map<String, List<StepCase>> byStep = new LinkedHashMap<>();
    visits.forEach(v -> byStep.computeIfAbsent(v.step(), step -> new ArrayList<>()).add(v));
    Map<String, StepFactor> steps = new LinkedHashMap<>();
    byStep.forEach(
        (step, alike) ->
            steps.put(
                step,
                new StepFactor(
                    alike.size(),
                    bounded(
                        median(alike.stream().map(v -> v.minutes() / v.plannedMin()).toList()),
                        figures),
                    alike.size() >= figures.whole("learning.cases-least"))));
    return steps;
  }

  /** The factor that counts for a panel; empty while the shop has too few cases of its kind. */
  public Optional<Factor> of(String finish, String soil) {
    return Optional.ofNullable(factors.get(new Kind(finish, soil))).filter(Factor::counts);
  }

  /** What the planned minutes of a step are taken times: 1 while the shop has too few visits. */
  public double of(String step) {
    return Optional.ofNullable(steps.get(step))
        .filter(StepFactor::counts)
        .map(StepFactor::minutes)
        .orElse(1.0);
  }

  private static double bounded(double factor, Figures figures) {
    return Math.min(figures.get("learning.most"), Math.max(figures.get("learning.least"), factor));
  }

  private static double median(List<Double> values) {
    List<Double> sorted = values.stream().sorted(Comparator.naturalOrder()).toList();
    int middle = sorted.size() / 2;
    return sorted.size() % 2 == 1
        ? sorted.get(middle)
        : (sorted.get(middle - 1) + sorted.get(middle)) / 2;
  }
}
