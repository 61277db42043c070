package attune.core.match;

import attune.core.reference.Figures;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Visit;
import java.time.LocalDate;

/**
 * What a surface has been brushed beyond what it stands every time, in the year up to a job: passes
 * × steps of stiffness above its ceiling for frequent use (docs/trade, model 3).
 *
 * @param spent pass·steps, 0 or more
 * @param allowance a year, same unit; more than 0
 * @param ceiling stiffness 0 to 10 it stands however often
 */
public record Abrasion(double spent, double allowance, int ceiling) {

  /** Reads a surface's history; a tool nobody wrote down counts as the stiffest it stands. */
  static Abrasion of(Surface surface, Limits limits, LocalDate date, Figures figures) {
    int most = limits.agitationMax().value();
    Abrasion none =
        new Abrasion(
            0,
            figures.get("exposure.abrasion-allowance"),
            Math.max(0, most - figures.whole("exposure.abrasion-margin")));
    double spent =
        surface.history().stream()
            .filter(v -> v.date().isAfter(date.minusYears(1)) && !v.date().isAfter(date))
            .filter(v -> v.stiffness().isPresent() || v.ph().isPresent())
            .mapToDouble(v -> none.adds(v.stiffness().orElse(most), passes(v)))
            .sum();
    return new Abrasion(spent, none.allowance, none.ceiling);
  }

  private static int passes(Visit visit) {
    return visit.passes().orElse(1);
  }

  /** What passes with a tool add, pass·steps. */
  public double adds(int stiffness, int passes) {
    return passes * Math.max(0, stiffness - ceiling);
  }

  /** A dose as a whole share of the year's allowance, in %. */
  public int percent(double dose) {
    return (int) Math.round(100 * dose / allowance);
  }
}
