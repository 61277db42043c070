package attune.core.measure;

import attune.core.reference.Figures;

/**
 * How much of a finishing product: {@code area × dose × coats + what the applicator keeps}, in ml.
 *
 * @param ml the whole planned amount
 */
public record Dose(double ml) {
  /** The applicator keeps its share once, however many coats follow. */
  public static Dose of(double areaM2, double mlPerM2, int coats, double retainedMl) {
    return new Dose(areaM2 * mlPerM2 * coats + retainedMl);
  }

  public int drops(Figures figures) {
    return (int) Math.ceil(ml / figures.get("dose.drop") - 1e-9);
  }

  public int strokes(Figures figures) {
    return (int) Math.ceil(ml / figures.get("dose.stroke") - 1e-9);
  }

  public int peas(Figures figures) {
    return (int) Math.ceil(ml / figures.get("dose.pea") - 1e-9);
  }

  /** An amount as it is counted at the bench. */
  public record Counted(int drops, int strokes, int peas) {}

  public Counted counted(Figures figures) {
    return new Counted(drops(figures), strokes(figures), peas(figures));
  }
}
