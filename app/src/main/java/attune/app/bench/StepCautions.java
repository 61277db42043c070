package attune.app.bench;

import attune.app.bench.BenchViews.CautionView;
import attune.app.bench.BenchViews.Tick;
import attune.app.bench.RunSteps.Step;
import attune.app.format.PlanFile.CautionFile;
import attune.app.format.PlanFile.PlannedSurfaceFile;
import attune.core.check.Coded;
import attune.core.match.ReasonCode;
import attune.core.plan.CautionSteps;
import attune.core.run.Entry.Kind;
import attune.core.shelf.Shelf;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The cautions of a step, and which of them want a tick before it starts (docs/trade). */
final class StepCautions {
  private static final Set<String> TALK = Set.of("receive", "handover");
  private static final String CONSENT = "TEST_SPOT_CONSENT";

  /** Ticked once on a visit, and again when work goes on after a stop. */
  private static final Set<String> VISIT = Set.of("IGNITION_OFF", "VENTILATE", CONSENT);

  /** Ticked at every step that has it. */
  private static final Set<String> STEP = Set.of("GRIP_CHECK", "SURFACE_TOO_HOT", "BELT_CHECK");

  private final Map<String, PlannedSurfaceFile> surfaces;
  private final Shelf shelf;
  private final Places places;
  private final Set<String> visit = new HashSet<>();
  private final Map<String, Set<String>> ofStep = new LinkedHashMap<>();

  /**
   * @param surfaces by id
   */
  StepCautions(
      Map<String, PlannedSurfaceFile> surfaces, Shelf shelf, Places places, List<Told> told) {
    this.surfaces = surfaces;
    this.shelf = shelf;
    this.places = places;
    for (Told entry : told) {
      if (entry.entry().kind() == Kind.RESUMED) {
        visit.removeIf(code -> !code.equals(CONSENT));
      }
      if (entry.detail().ticked() != null) {
        visit.addAll(entry.detail().ticked());
        ofStep
            .computeIfAbsent(entry.entry().taskId(), id -> new HashSet<>())
            .addAll(entry.detail().ticked());
      }
    }
  }

  List<CautionView> of(Step step) {
    String kind = step.file().step();
    List<CautionView> cautions = new ArrayList<>();
    if (kind.equals("receive")) {
      cautions.add(
          view(step, CONSENT, "The customer agrees to test spots in hidden places.", Tick.MAY));
    }
    if (kind.equals("test-spot")) {
      cautions.add(view(step, CONSENT, "The customer agrees to test spots.", Tick.VISIT));
    }
    found(step).forEach((caution, where) -> cautions.add(view(step, caution, where)));
    return cautions;
  }

  private CautionView view(Step step, CautionFile caution, List<String> where) {
    boolean everywhere = where.size() == ids(step).size();
    String text =
        everywhere ? caution.text() : places.each(where) + ": " + uncapitalised(caution.text());
    String code = caution.code();
    return view(
        step,
        code,
        text,
        VISIT.contains(code) ? Tick.VISIT : STEP.contains(code) ? Tick.STEP : Tick.NONE);
  }

  private CautionView view(Step step, String code, String text, Tick tick) {
    boolean here = ofStep.getOrDefault(step.task().id(), Set.of()).contains(code);
    boolean ticked =
        switch (tick) {
          case NONE -> false;
          case STEP -> here;
          case VISIT -> visit.contains(code);
          case MAY -> here;
        };
    return new CautionView(code, text, tick, ticked);
  }

  /** Each caution of the step's panels in its own words, with the panels it is about. */
  private Map<CautionFile, List<String>> found(Step step) {
    Map<CautionFile, List<String>> found = new LinkedHashMap<>();
    for (String id : ids(step)) {
      PlannedSurfaceFile surface = surfaces.get(id);
      if (surface == null) {
        continue;
      }
      for (CautionFile caution : surface.cautions()) {
        if (isToldAt(step, caution) && isOfRound(step, caution) && isAbout(step, caution)) {
          CautionFile said = new CautionFile(caution.code(), caution.text(), null);
          found.computeIfAbsent(said, c -> new ArrayList<>()).add(id);
        }
      }
    }
    return found;
  }

  /** What is said of a remover stands where that meets its stain; the plan knows the rounds. */
  private static boolean isOfRound(Step step, CautionFile caution) {
    return caution.roundIds() == null
        || step.file().roundId() == null
        || caution.roundIds().contains(step.file().roundId());
  }

  private static boolean isToldAt(Step step, CautionFile caution) {
    return Coded.find(attune.core.plan.Step.class, step.file().step())
        .filter(CautionSteps.of(ReasonCode.valueOf(caution.code()))::contains)
        .isPresent();
  }

  /** A coating's fumes are no matter while its panel is cleaned with something that has none. */
  private boolean isAbout(Step step, CautionFile caution) {
    return !caution.code().equals("VENTILATE")
        || step.rung().isEmpty()
        || shelf
            .findProduct(String.valueOf(step.rung().get().cleanerId()))
            .filter(p -> p.solventPercent() > 0)
            .isPresent();
  }

  /** With the customer there it is about the whole car. */
  private List<String> ids(Step step) {
    return TALK.contains(step.file().step())
        ? List.copyOf(surfaces.keySet())
        : step.file().surfaceIds();
  }

  private static String uncapitalised(String text) {
    return Character.toLowerCase(text.charAt(0)) + text.substring(1);
  }
}
