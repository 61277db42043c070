package attune.app.bench;

import attune.app.bench.RunRecord.UsedUp;
import attune.app.shelf.ProductName;
import attune.core.bench.RunStep;
import attune.core.bench.StepSoFar;
import attune.core.bench.SurveyedPanel;
import attune.core.measure.Ratio;
import attune.core.plan.Step;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What went on in a run: by area, wetness and passes, or as it was noted. */
final class UsedProducts {
  private final WholeRun whole;
  private final Map<String, SurveyedPanel> panels;
  private final Map<Bottle, Sum> sums = new LinkedHashMap<>();

  /** A product as it was mixed. */
  private record Bottle(String productId, Ratio ratio) {}

  /** What went on of it, ml of the product itself. */
  private static final class Sum {
    private double ml;
    private double plannedMl;
    private final TreeSet<String> batches = new TreeSet<>();
  }

  UsedProducts(WholeRun whole) {
    this.whole = whole;
    this.panels =
        whole.panels().stream().collect(Collectors.toMap(SurveyedPanel::id, Function.identity()));
    whole.soFar().hands().filter(UsedProducts::counts).forEach(this::add);
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

  private static boolean counts(StepSoFar step) {
    return step.step() != Step.TEST_SPOT
        && step.surfaceIds().size() == 1
        && (step.isDone() || step.state().passes() > 0);
  }

  private void add(StepSoFar step) {
    if (step.productId().isEmpty()) {
      return;
    }
    boolean cleans = step.run().rung().isPresent();
    double each = plannedMl(step.run());
    int passes = cleans ? Math.max(1, step.state().passes()) : 1;
    int expected =
        cleans ? step.run().task().looked().map(looked -> looked.passesHigh()).orElse(1) : 1;
    Ratio ratio = step.ratio();
    double share = 1 / ratio.factor();
    Sum sum = sums.computeIfAbsent(new Bottle(step.productId().get(), ratio), b -> new Sum());
    sum.ml += noted(step.id()).orElse(each * passes) * share;
    sum.plannedMl += each * expected * share;
    whole.told().stream()
        .filter(told -> told.entry().taskId().equals(step.id()) && told.detail().batch() != null)
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

  /** One pass of cleaning on the step's section, or its share of the finishing dose, ml. */
  private double plannedMl(RunStep step) {
    String panel = step.task().surfaceIds().get(0);
    long alike =
        whole.steps().stream()
            .filter(s -> s.task().surfaceIds().equals(step.task().surfaceIds()))
            .filter(s -> s.step() == step.step() && s.task().rung() == step.task().rung())
            .count();
    double all =
        step.rung().isPresent()
            ? step.rung().get().laidGPerM2() * area(panel)
            : whole
                .plan()
                .panel(panel)
                .flatMap(planned -> planned.laidIn(step.step()))
                .map(laid -> laid.doseMl())
                .orElse(0.0);
    return all / alike;
  }

  private double area(String panel) {
    return Optional.ofNullable(panels.get(panel)).map(SurveyedPanel::areaM2).orElse(0.0);
  }

  private static double tenth(double ml) {
    return Math.round(ml * 10) / 10.0;
  }
}
