package attune.app.day;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.availability.AvailabilityChangeEvent;
import org.springframework.boot.availability.ReadinessState;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Looks at the day once when the shop opens, beside everything else: each car that is here, ahead
 * or lately gone is planned or read for it, which the first one in the morning would wait for.
 */
@Component
@ConditionalOnProperty(name = "attune.first-look", matchIfMissing = true)
class FirstLook {
  private static final Logger LOG = LoggerFactory.getLogger(FirstLook.class);

  private final WatchController watch;

  FirstLook(WatchController watch) {
    this.watch = watch;
  }

  @EventListener
  void opened(AvailabilityChangeEvent<ReadinessState> event) {
    if (event.getState() == ReadinessState.ACCEPTING_TRAFFIC) {
      Thread look = new Thread(this::look, "first-look");
      look.setDaemon(true);
      look.setPriority(Thread.MIN_PRIORITY);
      look.start();
    }
  }

  private void look() {
    try {
      watch.watch();
    } catch (RuntimeException e) {
      LOG.debug("the day was not looked at beforehand", e); // whoever asks for it is told why
    }
  }
}
