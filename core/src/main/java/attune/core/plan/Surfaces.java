package attune.core.plan;

/** What the planner asks of a planned panel more than once. */
final class Surfaces {
  private Surfaces() {}

  static boolean isTextile(SurfacePlan plan) {
    return plan.match().place().finish().isTextile();
  }

  /** Mould, or blood over more than a spot. */
  static boolean isHazard(SurfacePlan plan) {
    return plan.surface().condition().isHazard();
  }

  static boolean isPlastic(SurfacePlan plan) {
    return plan.match().place().finish().isPlastic();
  }
}
