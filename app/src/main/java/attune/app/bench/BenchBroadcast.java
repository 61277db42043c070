package attune.app.bench;

import attune.core.words.Phrases;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells everyone who looks at a run that it changed, once the change is kept. */
@Component
class BenchBroadcast {
  private static final Phrases PHRASES = Phrases.of(BenchBroadcast.class);

  /** A run that changed. */
  record Changed(UUID jobId) {}

  private static final long NO_TIMEOUT = 0;
  private static final long PULSE_MS = 20_000;

  private final Map<UUID, List<SseEmitter>> listening = new ConcurrentHashMap<>();

  SseEmitter listen(UUID jobId) {
    SseEmitter emitter = new SseEmitter(NO_TIMEOUT);
    List<SseEmitter> here = listening.computeIfAbsent(jobId, id -> new CopyOnWriteArrayList<>());
    here.add(emitter);
    emitter.onCompletion(() -> here.remove(emitter));
    emitter.onError(error -> here.remove(emitter));
    send(emitter, SseEmitter.event().comment("listening"));
    return emitter;
  }

  @TransactionalEventListener
  void tell(Changed changed) {
    listening
        .getOrDefault(changed.jobId(), List.of())
        .forEach(emitter -> send(emitter, SseEmitter.event().data("changed")));
  }

  /** Lets a dead line be noticed. */
  @Scheduled(fixedRate = PULSE_MS)
  void pulse() {
    listening
        .values()
        .forEach(
            here ->
                here.forEach(e -> send(e, SseEmitter.event().comment(PHRASES.say("still-here")))));
  }

  /** Open lines would hold up closing. */
  @EventListener(ContextClosedEvent.class)
  void hangUp() {
    listening.values().forEach(here -> here.forEach(SseEmitter::complete));
  }

  private static void send(SseEmitter emitter, SseEmitter.SseEventBuilder event) {
    try {
      emitter.send(event);
    } catch (IOException | IllegalStateException gone) {
      emitter.complete();
    }
  }
}
