package attune.app.bench;

import attune.app.bench.RunRecord.UsedUp;
import attune.app.shelf.ProductName;
import attune.core.bench.Poured;
import attune.core.bench.SurveyedPanel;
import attune.core.measure.Ratio;
import attune.core.reference.Figures;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** What went on in a run, by bottle: as it is worked out, or as it was noted. */
final class UsedProducts {
  private final WholeRun whole;
  private final Map<Bottle, Sum> sums = new LinkedHashMap<>();

  /** A product as it was mixed. */
  private record Bottle(String productId, Ratio ratio) {}

  /** What went on of it, ml of the product itself. */
  private static final class Sum {
    private double ml;
    private double plannedMl;
    private final TreeSet<String> batches = new TreeSet<>();
  }

  UsedProducts(WholeRun whole, Figures figures) {
    this.whole = whole;
    Map<String, Double> areasM2 =
        whole.panels().stream().collect(Collectors.toMap(SurveyedPanel::id, SurveyedPanel::areaM2));
    Poured.of(whole.soFar(), areasM2, figures).forEach(this::add);
  }

  List<UsedUp> used() {
    List<UsedUp> used = new ArrayList<>();
    sums.forEach(
        (bottle, sum) ->
            used.add(
                new UsedUp(
                    bottle.productId(),
                    ProductName.of(whole.shelf(), bottle.productId()),
                    bottle.ratio().code(),
                    tenth(sum.ml),
                    tenth(sum.plannedMl),
                    List.copyOf(sum.batches))));
    return used;
  }

  private void add(Poured poured) {
    String step = poured.step().id();
    Ratio ratio = poured.ratio();
    double share = 1 / ratio.factor();
    Bottle bottle = new Bottle(poured.step().productId().orElseThrow(), ratio);
    Sum sum = sums.computeIfAbsent(bottle, b -> new Sum());
    sum.ml += noted(step).orElse(poured.ml()) * share;
    sum.plannedMl += poured.plannedMl() * share;
    whole.told().stream()
        .filter(told -> told.entry().taskId().equals(step) && told.detail().batch() != null)
        .forEach(told -> sum.batches.add(told.detail().batch()));
  }

  /** What was noted with the step, or put right since. */
  private Optional<Double> noted(String taskId) {
    return whole.told().stream()
        .filter(told -> told.entry().taskId().equals(taskId))
        .map(told -> told.detail().ml())
        .filter(Objects::nonNull)
        .reduce((earlier, later) -> later);
  }

  private static double tenth(double ml) {
    return Math.round(ml * 10) / 10.0;
  }
}
