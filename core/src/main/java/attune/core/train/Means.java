package attune.core.train;

import attune.core.match.Treatment;
import attune.core.measure.PhInterval;
import java.util.List;
import java.util.Optional;

/**
 * A treatment as a model panel answers to it.
 *
 * @param treatment its needles
 * @param ph what the pen shows of the mix; empty for what it cannot measure
 * @param wets g/m² a laying leaves on the surface
 * @param acts action of a pass on each family of the panel's soil, were it to sit for ever
 * @param leastS seconds it acts though it is wiped at once
 * @param harm steps beyond what the panel stands, a pass
 * @param dwellS what it is to sit
 */
public record Means(
    Treatment treatment,
    String text,
    Optional<PhInterval> ph,
    Mark mark,
    List<String> why,
    double wets,
    List<Double> acts,
    double leastS,
    double harm,
    int dwellS) {
  public Means {
    why = List.copyOf(why);
    acts = List.copyOf(acts);
  }
}
