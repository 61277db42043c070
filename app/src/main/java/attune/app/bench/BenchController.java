package attune.app.bench;

import attune.app.bench.BenchViews.BenchView;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The bench over HTTP. */
@RestController
@RequestMapping("/api/v1/jobs/{id}/bench")
class BenchController {
  private final BenchService bench;

  BenchController(BenchService bench) {
    this.bench = bench;
  }

  @PostMapping
  BenchView start(@PathVariable UUID id) {
    return bench.start(id);
  }

  @GetMapping
  BenchView view(@PathVariable UUID id) {
    return bench.view(id);
  }

  @PostMapping("/tasks/{taskId}/start")
  BenchView startTask(@PathVariable UUID id, @PathVariable String taskId) {
    return bench.startTask(id, taskId);
  }

  @PostMapping("/tasks/{taskId}/done")
  BenchView finishTask(@PathVariable UUID id, @PathVariable String taskId) {
    return bench.finishTask(id, taskId);
  }

  @PostMapping("/tasks/{taskId}/undo")
  BenchView undoTask(@PathVariable UUID id, @PathVariable String taskId) {
    return bench.undoTask(id, taskId);
  }
}
