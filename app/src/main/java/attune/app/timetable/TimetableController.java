package attune.app.timetable;

import attune.app.jobs.JobViews.JobDetail;
import attune.app.timetable.TimetableViews.CrewRequest;
import attune.app.timetable.TimetableViews.MoveRequest;
import attune.app.timetable.TimetableViews.MoveView;
import attune.app.timetable.TimetableViews.OfferView;
import attune.app.timetable.TimetableViews.PartsRequest;
import attune.app.timetable.TimetableViews.TimetableView;
import jakarta.validation.Valid;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A job's timetable over HTTP. */
@RestController
@RequestMapping("/api/v1/jobs/{id}/timetable")
class TimetableController {
  private final TimetableService timetables;

  TimetableController(TimetableService timetables) {
    this.timetables = timetables;
  }

  @GetMapping
  TimetableView timetable(@PathVariable UUID id) {
    return timetables.view(id);
  }

  @PostMapping("/try")
  MoveView tryMove(@PathVariable UUID id, @Valid @RequestBody MoveRequest move) {
    return timetables.tryMove(id, move);
  }

  @PutMapping("/pins")
  JobDetail move(@PathVariable UUID id, @Valid @RequestBody MoveRequest move) {
    return timetables.move(id, move);
  }

  @DeleteMapping("/pins/{taskId}")
  JobDetail release(@PathVariable UUID id, @PathVariable String taskId) {
    return timetables.release(id, Optional.of(taskId));
  }

  @DeleteMapping("/pins")
  JobDetail releaseAll(@PathVariable UUID id) {
    return timetables.release(id, Optional.empty());
  }

  @PutMapping("/crew")
  JobDetail staff(@PathVariable UUID id, @Valid @RequestBody CrewRequest request) {
    return timetables.staff(id, request);
  }

  @GetMapping("/offers")
  List<OfferView> offers(@PathVariable UUID id) {
    return timetables.offers(id);
  }

  @PostMapping("/offers/{kind}")
  JobDetail take(@PathVariable UUID id, @PathVariable String kind) {
    return timetables.take(id, kind);
  }

  /** Replaces the list of parts on order. */
  @PutMapping("/parts")
  JobDetail await(@PathVariable UUID id, @Valid @RequestBody PartsRequest request) {
    return timetables.await(id, request.parts());
  }

  @DeleteMapping("/left-out")
  JobDetail putBack(@PathVariable UUID id) {
    return timetables.putBack(id);
  }
}
