package attune.app.planning;

import attune.app.planning.MatchViews.ModelPanelView;
import attune.app.training.TrainingViews.TrialsView;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A panel tried on a model before it is worked. */
@RestController
@RequestMapping("/api/v1/jobs/{id}/surfaces/{surfaceId}")
class ModelController {
  private final ModelService models;

  ModelController(ModelService models) {
    this.models = models;
  }

  /** Ten runs of the panel's treatment on models of it. */
  @GetMapping("/trials")
  TrialsView trials(@PathVariable UUID id, @PathVariable String surfaceId) {
    return models.trials(id, surfaceId);
  }

  /** The panel as a model to be worked by hand. */
  @GetMapping("/model")
  ModelPanelView model(
      @PathVariable UUID id, @PathVariable String surfaceId, @RequestParam long seed) {
    return models.model(id, surfaceId, seed);
  }
}
