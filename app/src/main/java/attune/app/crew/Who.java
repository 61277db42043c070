package attune.app.crew;

import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.util.UUID;

/**
 * Whoever asks.
 *
 * @param id of the member; null in the open house
 */
public record Who(@Nullable UUID id, String name, Role role) {
  private static final Phrases PHRASES = Phrases.of(Who.class);

  /** Whoever sits at the machine of a shop in which nobody was set up yet. */
  static final Who HOUSE = new Who(null, "", Role.OWNER);

  public boolean may(Right right) {
    return right.has(role);
  }

  /** As the log names them. */
  String inLog() {
    return name.isEmpty() ? PHRASES.say("at-the-machine") : name;
  }
}
