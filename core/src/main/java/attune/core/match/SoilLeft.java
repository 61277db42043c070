package attune.core.match;

import attune.core.reference.Figures;
import java.util.ArrayList;
import java.util.List;

/**
 * What is left of the soil pass by pass, in layers (docs/trade, model 2).
 *
 * @param acceptable what may be left by the standard agreed
 * @param after before the first pass and after each
 */
public record SoilLeft(double acceptable, List<After> after) {
  /**
   * What is left after so many passes.
   *
   * @param low if the soil comes off easily
   * @param high if it does not
   */
  public record After(int pass, double likely, double low, double high) {}

  private static final int MORE = 1;
  private static final int LEAST = 3;

  public SoilLeft {
    after = List.copyOf(after);
  }

  /** The course of a treatment, to a pass beyond the one that reaches the standard. */
  static SoilLeft of(Place place, Verdict verdict, Needs needs, Figures figures) {
    Demand demand = place.demand();
    double doubt = figures.get("cleaning.doubt");
    int most = figures.whole("cleaning.passes-most");
    int passes = Math.min(most, Math.max(LEAST, verdict.passes() + MORE));
    List<After> after = new ArrayList<>();
    for (int pass = 0; pass <= passes; pass++) {
      after.add(
          new After(
              pass,
              needs.leftAfter(demand.amount(), verdict.action(), pass),
              needs.leftAfter(demand.amount(), verdict.action() * (1 + doubt), pass),
              needs.leftAfter(demand.amount(), verdict.action() * (1 - doubt), pass)));
    }
    return new SoilLeft(demand.acceptable(), after);
  }
}
