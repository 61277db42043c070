package attune.core.plan;

import attune.core.match.Reason;
import attune.core.measure.Dose;
import attune.core.measure.Mix;
import attune.core.measure.PhInterval;
import attune.core.survey.Job;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The answer to a job: what to do with every surface, what to mix, when, and what to tell the
 * customer.
 */
public record Plan(
    Job job,
    List<SurfacePlan> surfaces,
    List<PlannedMix> mixes,
    List<PlannedDose> doses,
    List<ClothCount> cloths,
    List<Purchase> purchases,
    Timetable timetable,
    Totals totals,
    List<CareItem> care,
    List<Reason> warnings) {

  /** A bottle to fill for the job. */
  public record PlannedMix(
      String productId,
      Mix mix,
      double neededMl,
      Optional<PhInterval> effectivePh,
      List<String> surfaceIds) {}

  /**
   * A finishing product's whole amount.
   *
   * @param keptMl of it, what the applicator keeps
   * @param counted the same in drops, trigger strokes and peas
   * @param share of what is on hand, or empty when that is not counted
   * @param coatsPossible full coats of the planned area from what is on hand
   */
  public record PlannedDose(
      String productId,
      double ml,
      double keptMl,
      Dose.Counted counted,
      Optional<Double> share,
      Optional<Integer> coatsPossible,
      List<String> surfaceIds) {}

  /**
   * What the cloths are for.
   *
   * @param thrown how many of them are not washed again
   */
  public record ClothCount(ClothUse use, int count, boolean colourfastOnly, int thrown) {}

  /**
   * After-care of some surfaces; either once after each of some days, or every so many.
   *
   * @param code by which it is known again, whatever it is called
   * @param follows the step it is for: no such care where that was not done
   */
  public record CareItem(
      String code,
      List<String> surfaceIds,
      String what,
      List<Integer> dueInDays,
      Optional<Integer> everyDays,
      Optional<String> productId,
      Optional<Step> follows) {

    /** The same for some of its panels. */
    public CareItem of(List<String> panels) {
      return new CareItem(code, panels, what, dueInDays, everyDays, productId, follows);
    }
  }

  /** Planned panels by id, in the order asked for. */
  public List<SurfacePlan> panels(List<String> ids) {
    Map<String, SurfacePlan> byId =
        surfaces.stream()
            .collect(Collectors.toMap(plan -> plan.surface().id(), Function.identity()));
    return ids.stream().map(byId::get).toList();
  }

  public Plan {
    surfaces = List.copyOf(surfaces);
    mixes = List.copyOf(mixes);
    doses = List.copyOf(doses);
    cloths = List.copyOf(cloths);
    purchases = List.copyOf(purchases);
    care = List.copyOf(care);
    warnings = List.copyOf(warnings);
  }
}
