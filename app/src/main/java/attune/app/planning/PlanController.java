package attune.app.planning;

import attune.app.format.DecisionsReader;
import attune.app.format.JobFile;
import attune.app.format.JobReader;
import attune.app.format.PlanFile;
import attune.app.format.PlanWriter;
import attune.app.reference.ReferenceData;
import attune.app.shelf.ShelfService;
import attune.core.survey.Job;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Map;
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
  private final PlanWriter writer;
  private final JobReader reader;
  private final ShelfService shelf;
  private final ReferenceData reference;

  PlanController(
      JobPlans plans,
      PlanWriter writer,
      JobReader reader,
      ShelfService shelf,
      ReferenceData reference) {
    this.plans = plans;
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
    JobFile file = reader.bind(job);
    Job read = reader.read(file, shelf.shelf(), reference.houseRules());
    return writer.file(
        reference
            .planner()
            .plan(
                read,
                DecisionsReader.decisionsOf(file, read.shelf()),
                JobReader.arrangement(file, Map.of(), JobReader.usual(reference.figures()))));
  }

  @GetMapping("/jobs/{id}/plan")
  PlanFile plan(@PathVariable UUID id) {
    return writer.file(plans.plan(id));
  }
}
