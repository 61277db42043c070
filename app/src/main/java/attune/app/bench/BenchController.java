package attune.app.bench;

import attune.app.bench.BenchViews.BenchView;
import attune.app.bench.BenchViews.EntriesRequest;
import attune.app.bench.BenchViews.ToldView;
import jakarta.validation.Valid;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The bench over HTTP. */
@RestController
@RequestMapping("/api/v1/jobs/{id}/bench")
class BenchController {
  private final BenchService bench;
  private final BenchBroadcast broadcast;
  private final RunLocks locks;

  BenchController(BenchService bench, BenchBroadcast broadcast, RunLocks locks) {
    this.locks = locks;
    this.bench = bench;
    this.broadcast = broadcast;
  }

  /**
   * Says "changed" whenever somebody ticked something, so that two people see each other's ticks.
   */
  @GetMapping(path = "/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter events(@PathVariable UUID id) {
    return broadcast.listen(id);
  }

  @PostMapping
  BenchView start(@PathVariable UUID id) {
    return locks.inTurn(id, () -> bench.start(id));
  }

  @GetMapping
  BenchView view(@PathVariable UUID id) {
    return bench.view(id);
  }

  /** What was done, entry by entry, and against the plan. */
  @GetMapping("/record")
  RunRecord record(@PathVariable UUID id) {
    return bench.record(id);
  }

  /** Takes what a device has to tell, each entry once, in the order it happened. */
  @PostMapping("/entries")
  ToldView tell(@PathVariable UUID id, @Valid @RequestBody EntriesRequest request) {
    return locks.inTurn(id, () -> bench.tell(id, request.entries()));
  }
}
