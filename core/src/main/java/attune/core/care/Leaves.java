package attune.core.care;

import attune.core.reference.Figures;
import attune.core.survey.Condition.Level;
import attune.core.survey.Job;
import attune.core.survey.Wishes.Standard;
import java.util.ArrayList;
import java.util.List;

/**
 * What a standard leaves behind on the day, to be shown beside a dearer one: soil on the faces and
 * in seams and edges.
 *
 * @param face layers of soil (docs/trade, model 2) that may stay on a face
 * @param seams layers that stay in seams and edges, of what the cabin was found with
 * @param monthly layers that usual use of this customer adds a month
 */
public record Leaves(Standard standard, double face, double seams, double monthly) {
  /** Of each standard, the lowest first; a higher one never leaves more. */
  public static List<Leaves> of(Job job, Use use, Figures figures) {
    double found =
        job.surfaces().stream()
            .map(surface -> surface.condition().soil())
            .filter(level -> level != Level.NONE)
            .max(Enum::compareTo)
            .map(level -> figures.get("cleaning.soil." + level.code()))
            .orElse(0.0);
    double monthly = figures.get("care.soil-a-month") * use.soiling(figures);
    List<Leaves> leaves = new ArrayList<>();
    for (Standard standard : Standard.values()) {
      double face = figures.get("cleaning.left." + standard.code());
      double seam = figures.get("care.seam-left." + standard.code()) * found;
      leaves.add(new Leaves(standard, face, Math.max(face, seam), monthly));
    }
    return leaves;
  }
}
