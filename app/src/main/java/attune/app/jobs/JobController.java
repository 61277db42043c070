package attune.app.jobs;

import attune.app.jobs.JobViews.CopyRequest;
import attune.app.jobs.JobViews.FindingRequest;
import attune.app.jobs.JobViews.JobChange;
import attune.app.jobs.JobViews.JobDetail;
import attune.app.jobs.JobViews.NewJob;
import attune.app.jobs.JobViews.NewPanel;
import attune.app.jobs.JobViews.PanelsRequest;
import attune.app.jobs.JobViews.SplitRequest;
import attune.core.check.Coded;
import jakarta.validation.Valid;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Jobs and their survey over HTTP. */
@RestController
@RequestMapping("/api/v1/jobs")
class JobController {
  private final JobService jobs;
  private final SurveyService surveys;

  JobController(JobService jobs, SurveyService surveys) {
    this.jobs = jobs;
    this.surveys = surveys;
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  JobDetail create(@Valid @RequestBody NewJob request) {
    return jobs.create(request);
  }

  @GetMapping("/{id}")
  JobDetail get(@PathVariable UUID id) {
    return jobs.get(id);
  }

  @PatchMapping("/{id}")
  JobDetail change(@PathVariable UUID id, @Valid @RequestBody JobChange change) {
    return jobs.change(id, change);
  }

  @PostMapping("/{id}/findings")
  JobDetail find(@PathVariable UUID id, @Valid @RequestBody FindingRequest request) {
    return surveys.find(id, request);
  }

  @PostMapping("/{id}/copies")
  JobDetail copy(@PathVariable UUID id, @Valid @RequestBody CopyRequest request) {
    return surveys.copy(id, request);
  }

  @PostMapping("/{id}/panels")
  JobDetail add(@PathVariable UUID id, @Valid @RequestBody NewPanel panel) {
    return surveys.add(id, panel);
  }

  @PostMapping("/{id}/panels/{surfaceId}/split")
  JobDetail split(
      @PathVariable UUID id,
      @PathVariable String surfaceId,
      @Valid @RequestBody SplitRequest request) {
    return surveys.split(id, surfaceId, Coded.parse(Cut.class, request.along()));
  }

  @PostMapping("/{id}/panels/merge")
  JobDetail merge(@PathVariable UUID id, @Valid @RequestBody PanelsRequest request) {
    return surveys.merge(id, request.surfaceIds());
  }

  @PostMapping("/{id}/panels/remove")
  JobDetail remove(@PathVariable UUID id, @Valid @RequestBody PanelsRequest request) {
    return surveys.remove(id, request.surfaceIds());
  }

  @PostMapping("/{id}/panels/restore")
  JobDetail restore(@PathVariable UUID id) {
    return surveys.restore(id);
  }

  @PostMapping("/{id}/undo")
  JobDetail undo(@PathVariable UUID id) {
    return jobs.undo(id);
  }

  @PostMapping("/{id}/redo")
  JobDetail redo(@PathVariable UUID id) {
    return jobs.redo(id);
  }
}
