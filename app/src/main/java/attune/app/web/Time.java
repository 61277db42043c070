package attune.app.web;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The one clock of the application, in the shop's zone. */
@Configuration
class Time {
  @Bean
  Clock clock() {
    return Clock.systemDefaultZone();
  }
}
