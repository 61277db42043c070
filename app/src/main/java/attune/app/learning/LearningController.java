package attune.app.learning;

import attune.app.format.Code;
import attune.core.plan.Step;
import attune.core.survey.Condition;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What was learnt, over HTTP. */
@RestController
@RequestMapping("/api/v1/learning")
class LearningController {
  /** Whether to plan with it. */
  record LearningRequest(boolean on) {}

  /**
   * What was learnt.
   *
   * @param on true when plans are made with it
   * @param least cases that are needed before a factor counts
   */
  record LearningView(
      boolean on, int least, List<FactorView> factors, List<StepFactorView> steps) {}

  /**
   * A factor by finish and soil.
   *
   * @param minutes times the planned minutes of cleaning
   * @param passes times the planned passes, for how much is mixed
   * @param counts false while there are too few cases
   */
  record FactorView(
      String finish,
      String name,
      @Code(Condition.Level.class) String soil,
      int cases,
      double minutes,
      double passes,
      boolean counts) {}

  /** A factor of all steps of one kind in a visit; how many visits there are. */
  record StepFactorView(@Code(Step.class) String step, int cases, double minutes, boolean counts) {}

  private final LearningService learning;

  LearningController(LearningService learning) {
    this.learning = learning;
  }

  @GetMapping
  LearningView view() {
    return learning.view();
  }

  @PutMapping
  LearningView turn(@RequestBody LearningRequest request) {
    return learning.turn(request.on());
  }
}
