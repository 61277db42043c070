package attune.app.planning;

import attune.app.format.JobReader;
import attune.app.format.PlanFile;
import attune.app.format.PlanWriter;
import attune.app.planning.MatchViews.MatchView;
import attune.app.planning.MatchViews.Needles;
import attune.app.planning.MatchViews.Reading;
import attune.app.planning.MatchViews.SurfaceOutcome;
import attune.app.reference.ReferenceData;
import attune.app.shelf.ShelfService;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Plans and matches over HTTP: of the shop's jobs, and stateless for any attune-job. */
@RestController
@RequestMapping("/api/v1")
class PlanController {
  private final JobPlans plans;
  private final MatchService match;
  private final PlanWriter writer;
  private final JobReader reader;
  private final ShelfService shelf;
  private final ReferenceData reference;

  PlanController(
      JobPlans plans,
      MatchService match,
      PlanWriter writer,
      JobReader reader,
      ShelfService shelf,
      ReferenceData reference) {
    this.plans = plans;
    this.match = match;
    this.writer = writer;
    this.reader = reader;
    this.shelf = shelf;
    this.reference = reference;
  }

  @PostMapping("/plan")
  PlanFile plan(
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              description = "an attune-job",
              content =
                  @Content(
                      mediaType = MediaType.APPLICATION_JSON_VALUE,
                      schema = @Schema(type = "object")))
          @RequestBody
          String job) {
    return writer.file(
        reference.planner().plan(reader.read(job, shelf.shelf(), reference.houseRules())));
  }

  @GetMapping("/jobs/{id}/plan")
  PlanFile plan(@PathVariable UUID id) {
    return writer.file(plans.plan(id));
  }

  @GetMapping("/jobs/{id}/outcomes")
  List<SurfaceOutcome> outcomes(@PathVariable UUID id) {
    return match.outcomes(id);
  }

  @GetMapping("/jobs/{id}/surfaces/{surfaceId}/match")
  MatchView match(@PathVariable UUID id, @PathVariable String surfaceId) {
    return match.match(id, surfaceId);
  }

  @PostMapping("/jobs/{id}/surfaces/{surfaceId}/reading")
  Reading read(
      @PathVariable UUID id, @PathVariable String surfaceId, @Valid @RequestBody Needles needles) {
    return match.read(id, surfaceId, needles);
  }
}
