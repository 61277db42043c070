package attune.core.match;

import attune.core.measure.Celsius;
import attune.core.measure.PhInterval;
import attune.core.measure.Ratio;
import attune.core.shelf.Shelf;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Visit;
import java.time.LocalDate;
import java.util.Optional;

/**
 * What a surface has had of alkali, acid and brushing beyond its routine in the year up to a job
 * (docs/trade, model 3). The dose of a pass is {@code max(0, [OH-] - [OH-] at the routine limit) ×
 * contact minutes × 2^((T-20)/10)}, likewise with H+ on the acid side.
 *
 * @param spent µmol·min/l, 0 or more
 * @param allowance a year, same unit
 * @param unknownVisits visits of that year whose pH or contact nobody wrote down: they count
 *     nothing, and the sum may be too low
 * @param brushed what the year had of brushing
 */
public record Ledger(double spent, double allowance, int unknownVisits, Abrasion brushed) {
  private static final double MICRO = 1e6;
  private static final double PKW = 14;
  private static final double REFERENCE_C = 20;
  private static final double DOUBLING_K = 10;

  /** Reads a surface's history. */
  public static Ledger of(
      Surface surface, Limits limits, Shelf shelf, LocalDate date, Rulebook book) {
    double spent = 0;
    int unknown = 0;
    for (Visit visit : surface.history()) {
      boolean withinYear = visit.date().isAfter(date.minusYears(1)) && !visit.date().isAfter(date);
      if (withinYear && (visit.productId().isPresent() || visit.ph().isPresent())) {
        Optional<Double> ph = ph(visit, shelf, book);
        if (ph.isPresent() && visit.contactMin().isPresent()) {
          spent +=
              ofPass(ph.get(), limits, visit.contactMin().get(), new Celsius(REFERENCE_C))
                  * visit.passes().orElse(1);
        } else {
          unknown++;
        }
      }
    }
    return new Ledger(
        spent,
        limits.allowance().value(),
        unknown,
        Abrasion.of(surface, limits, date, book.figures()));
  }

  /** Written down, or worked out from a product that is still on the shelf. */
  private static Optional<Double> ph(Visit visit, Shelf shelf, Rulebook book) {
    return visit
        .ph()
        .or(
            () ->
                visit
                    .productId()
                    .flatMap(shelf::findProduct)
                    .flatMap(
                        product ->
                            book.ph()
                                .of(
                                    product.ph(),
                                    visit
                                        .ratio()
                                        .map(Ratio::parse)
                                        .orElse(product.label().standard())))
                    .map(PhInterval::middle));
  }

  /** A dose as a whole share of the year's allowance, in %; a finish without one counts as full. */
  public int percent(double dose) {
    return allowance > 0 ? (int) Math.round(100 * dose / allowance) : 100;
  }

  /**
   * Dose of one pass, µmol·min/l.
   *
   * @param ph 0 to 14
   * @param minutes the liquid is on the surface
   */
  public static double ofPass(double ph, Limits limits, double minutes, Celsius surface) {
    double alkali = micromoles(ph - PKW) - micromoles(limits.phRoutineHigh().value() - PKW);
    double acid = micromoles(-ph) - micromoles(-limits.phRoutineLow().value());
    double beyond = Math.max(0, alkali) + Math.max(0, acid);
    return beyond == 0
        ? 0
        : beyond * minutes * Math.pow(2, (surface.value() - REFERENCE_C) / DOUBLING_K);
  }

  private static double micromoles(double log) {
    return Math.pow(10, log) * MICRO;
  }

  /** True when a dose on top would go beyond the year's allowance; no dose never does. */
  boolean wouldSpend(double dose) {
    return dose > 0 && spent + dose > allowance;
  }

  /** Share of the allowance used with a dose on top; empty where no allowance is given. */
  public Optional<Double> share(double dose) {
    return allowance > 0 ? Optional.of((spent + dose) / allowance) : Optional.empty();
  }
}
