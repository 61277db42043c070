package attune.app.bench;

import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Entries of a run are additions: those of several devices at one moment are taken one after
 * another, and none is refused because another came first.
 */
@Component
class RunLocks {
  private final Map<UUID, ReentrantLock> locks = new ConcurrentHashMap<>();

  /** Does something to a run when nobody else does; a transaction belongs inside. */
  <T> T inTurn(UUID jobId, Supplier<T> work) {
    ReentrantLock lock = locks.computeIfAbsent(jobId, id -> new ReentrantLock(true));
    lock.lock();
    try {
      return work.get();
    } finally {
      lock.unlock();
    }
  }
}
