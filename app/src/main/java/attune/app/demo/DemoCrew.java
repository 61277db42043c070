package attune.app.demo;

import attune.app.crew.CrewService;
import attune.app.crew.Role;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Who works at Lantern Yard: one of each role, to be picked at the door. */
@Component
@ConditionalOnProperty("attune.demo")
class DemoCrew {
  private final CrewService crew;

  DemoCrew(CrewService crew) {
    this.crew = crew;
  }

  @EventListener(ApplicationStartedEvent.class)
  void comes() {
    if (!crew.hasOwner()) {
      crew.takeIn("Mira Holt", Role.OWNER);
      crew.takeIn("Tobin Reyl", Role.SPECIALIST);
      crew.takeIn("Ines Quay", Role.TECHNICIAN);
      crew.takeIn("Jonna Pike", Role.DESK);
      crew.takeIn("Wim Arkle", Role.LEARNER);
    }
  }
}
