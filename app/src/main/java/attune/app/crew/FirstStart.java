package attune.app.crew;

import attune.core.words.Phrases;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Prints the code of the owner where the shop is on its network and has none yet. */
@Component
class FirstStart {
  private static final Phrases PHRASES = Phrases.of(FirstStart.class);

  private final CrewService crew;
  private final OwnerCode code;
  private final Present present;

  FirstStart(CrewService crew, OwnerCode code, Present present) {
    this.crew = crew;
    this.code = code;
    this.present = present;
  }

  @EventListener(ApplicationReadyEvent.class)
  void tell() {
    if (!present.isDemo() && !crew.hasOwner()) {
      System.out.println(PHRASES.say("nobody-is-the-owner-yet", code.make()));
    }
  }
}
