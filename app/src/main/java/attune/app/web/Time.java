package attune.app.web;

import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDateTime;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The one clock of the application, in the shop's zone. */
@Configuration
public class Time {
  private static final Phrases PHRASES = Phrases.of(Time.class);

  /**
   * @param start local time the clock starts at, to try a day out or to test on it; empty for the
   *     machine's own
   */
  @Bean
  Clock clock(@Value("${attune.clock:}") String start) {
    return start.isBlank() ? machine() : startingAt(start);
  }

  /** The machine's own clock; the one place that reads it. */
  public static Clock machine() {
    return Clock.systemDefaultZone();
  }

  /**
   * A clock that reads a given time now and runs on from there.
   *
   * @param start local, YYYY-MM-DDTHH:MM
   * @throws InvalidInputException where it is no such time
   */
  public static Clock startingAt(String start) {
    Clock machine = machine();
    try {
      LocalDateTime local = LocalDateTime.parse(start);
      return Clock.offset(
          machine,
          Duration.between(machine.instant(), local.atZone(machine.getZone()).toInstant()));
    } catch (DateTimeException e) {
      throw new InvalidInputException(
          "--clock", "\"" + start + "\"", PHRASES.say("a-local-time-yyyy-mm"));
    }
  }
}
