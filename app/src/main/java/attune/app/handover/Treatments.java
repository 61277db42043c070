package attune.app.handover;

import attune.app.bench.BenchViews.BenchTask;
import attune.app.bench.BenchViews.BenchView;
import attune.app.bench.BenchViews.TaskState;
import attune.app.format.JobFile;
import attune.app.format.PlanFile;
import attune.app.format.PlanFile.PlannedSurfaceFile;
import attune.app.format.SurfaceFile;
import attune.app.handover.HandoverView.Treated;
import attune.app.shelf.ProductName;
import attune.core.check.Coded;
import attune.core.check.Known;
import attune.core.run.RunTask;
import attune.core.shelf.Shelf;
import attune.core.survey.Stain;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What was found on each panel and what was done to it. */
final class Treatments {
  private static final Set<String> CLEANS = Set.of("clean", "textile");

  private Treatments() {}

  static List<Treated> treated(
      JobFile document, PlanFile plan, BenchView run, Map<String, String> labels, Shelf products) {
    Map<String, SurfaceFile> surveyed =
        document.surfaces().stream()
            .collect(Collectors.toMap(SurfaceFile::id, Function.identity()));
    Map<String, Set<String>> doneSteps = new LinkedHashMap<>();
    Map<String, Integer> rungs = new HashMap<>();
    Map<String, Set<String>> lifted = new HashMap<>();
    for (BenchTask task : run.tasks()) {
      if (task.state() == TaskState.DONE && task.rung() == RunTask.SPOT) {
        lifted
            .computeIfAbsent(task.surfaceIds().get(0), k -> new LinkedHashSet<>())
            .add(ProductName.of(products, task.productId()));
      } else if (task.state() == TaskState.DONE && task.surfaceIds().size() == 1) {
        doneSteps
            .computeIfAbsent(task.surfaceIds().get(0), k -> new LinkedHashSet<>())
            .add(task.step());
        if (CLEANS.contains(task.step())) {
          rungs.merge(task.surfaceIds().get(0), Math.max(1, task.rung()), Math::max);
        }
      }
    }
    List<Treated> treated = new ArrayList<>();
    for (PlannedSurfaceFile surface : plan.surfaces()) {
      String did =
          did(
              surface,
              doneSteps.getOrDefault(surface.surfaceId(), Set.of()),
              rungs.getOrDefault(surface.surfaceId(), 0),
              lifted.getOrDefault(surface.surfaceId(), Set.of()),
              products);
      if (!did.isEmpty()) {
        treated.add(
            new Treated(
                surface.surfaceId(),
                labels.getOrDefault(surface.surfaceId(), surface.surfaceId()),
                found(Known.of(surveyed, surface.surfaceId())),
                did));
      }
    }
    return treated;
  }

  static String found(SurfaceFile surface) {
    JobFile.ConditionFile c = surface.condition();
    String soils =
        c.soils() == null || c.soils().isEmpty()
            ? "soil"
            : String.join(", ", c.soils()).replace("food-drink", "food or drink").replace('-', ' ');
    String soil = ("none".equals(c.soil()) ? "clean" : c.soil() + " " + soils) + stains(c);
    String rest =
        Stream.of(
                "intact".equals(c.wear()) ? null : c.wear(),
                c.feel() == null || c.feel().equals("supple") ? null : "feels " + c.feel(),
                c.nap() == null || c.nap().equals("open") ? null : "nap " + c.nap(),
                c.damage() == null || c.damage().isEmpty() ? null : String.join(", ", c.damage()))
            .filter(Objects::nonNull)
            .collect(Collectors.joining(", "));
    return rest.isEmpty() ? soil : soil + "; " + rest;
  }

  static String stains(JobFile.ConditionFile c) {
    return c.stains() == null || c.stains().isEmpty()
        ? ""
        : c.stains().stream()
            .map(stain -> Coded.parse(Stain.Kind.class, stain.kind()).words())
            .distinct()
            .collect(Collectors.joining(", ", "; stains of ", ""));
  }

  static String did(
      PlannedSurfaceFile surface,
      Set<String> steps,
      int rung,
      Set<String> removers,
      Shelf products) {
    List<String> did = new ArrayList<>();
    surface.ladder().stream()
        .filter(worked -> worked.spot() == null)
        .limit(rung)
        .reduce((milder, firmer) -> firmer)
        .map(
            worked ->
                worked.cleanerId() == null
                    ? "dusted dry"
                    : "cleaned with " + ProductName.of(products, worked.cleanerId()))
        .ifPresent(did::add);
    if (!removers.isEmpty()) {
      did.add("stain worked with " + String.join(", ", removers));
    }
    for (PlanFile.FinishStepFile step : surface.laid()) {
      if (steps.contains(step.step())) {
        did.add(past(step.step()) + " with " + ProductName.of(products, step.productId()));
      }
    }
    return String.join(", ", did);
  }

  static String past(String step) {
    return switch (step) {
      case "condition" -> "conditioned";
      case "barrier" -> "dye barrier laid";
      case "coat" -> "coated";
      case "dress" -> "dressed";
      case "refinish" -> "restored";
      default -> "protected";
    };
  }
}
