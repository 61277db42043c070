package attune.app.planning;

import attune.app.jobs.JobViews.JobDetail;
import attune.app.planning.MatchViews.ByHandRequest;
import attune.app.planning.MatchViews.MatchView;
import attune.app.planning.MatchViews.MatrixView;
import attune.app.planning.MatchViews.Needles;
import attune.app.planning.MatchViews.Reading;
import attune.app.planning.MatchViews.SurfaceOutcome;
import attune.app.planning.MatchViews.TriedRequest;
import attune.app.planning.MatchViews.WhyView;
import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The match of a job's panels over HTTP: what is chosen, why not the others, what was decided. */
@RestController
@RequestMapping("/api/v1/jobs/{id}")
class MatchController {
  private final MatchService match;
  private final WhyService why;
  private final DecisionService decisions;

  MatchController(MatchService match, WhyService why, DecisionService decisions) {
    this.match = match;
    this.why = why;
    this.decisions = decisions;
  }

  @GetMapping("/outcomes")
  List<SurfaceOutcome> outcomes(@PathVariable UUID id) {
    return match.outcomes(id);
  }

  @GetMapping("/matrix")
  MatrixView matrix(@PathVariable UUID id) {
    return why.matrix(id);
  }

  @GetMapping("/surfaces/{surfaceId}/match")
  MatchView match(@PathVariable UUID id, @PathVariable String surfaceId) {
    return match.match(id, surfaceId);
  }

  @PostMapping("/surfaces/{surfaceId}/reading")
  Reading read(
      @PathVariable UUID id, @PathVariable String surfaceId, @Valid @RequestBody Needles needles) {
    return match.read(id, surfaceId, needles);
  }

  @GetMapping("/surfaces/{surfaceId}/why/{itemId}")
  WhyView why(@PathVariable UUID id, @PathVariable String surfaceId, @PathVariable String itemId) {
    return why.why(id, surfaceId, itemId);
  }

  @PostMapping("/surfaces/{surfaceId}/why")
  WhyView whyNeedles(
      @PathVariable UUID id, @PathVariable String surfaceId, @Valid @RequestBody Needles needles) {
    return why.why(id, surfaceId, needles);
  }

  @PutMapping("/surfaces/{surfaceId}/by-hand")
  JobDetail set(
      @PathVariable UUID id,
      @PathVariable String surfaceId,
      @Valid @RequestBody ByHandRequest request) {
    return decisions.set(id, surfaceId, request);
  }

  @DeleteMapping("/surfaces/{surfaceId}/by-hand")
  JobDetail reset(@PathVariable UUID id, @PathVariable String surfaceId) {
    return decisions.reset(id, surfaceId);
  }

  @PostMapping("/surfaces/{surfaceId}/tried")
  JobDetail tried(
      @PathVariable UUID id,
      @PathVariable String surfaceId,
      @Valid @RequestBody TriedRequest request) {
    return decisions.tried(id, surfaceId, request);
  }

  @DeleteMapping("/surfaces/{surfaceId}/tried")
  JobDetail forgetTried(@PathVariable UUID id, @PathVariable String surfaceId) {
    return decisions.forgetTried(id, surfaceId);
  }
}
