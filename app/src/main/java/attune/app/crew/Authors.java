package attune.app.crew;

import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.data.auditing.DateTimeProvider;
import org.springframework.data.domain.AuditorAware;
import org.springframework.data.jpa.repository.config.EnableJpaAuditing;

/** Whoever is signed in is the author of what their request keeps. */
@Configuration
@EnableJpaAuditing(dateTimeProviderRef = "shopTime")
class Authors {
  @Bean
  AuditorAware<UUID> author(Present present) {
    return () -> present.who().map(Who::id);
  }

  @Bean
  DateTimeProvider shopTime(Clock clock) {
    return () -> Optional.of(LocalDateTime.now(clock));
  }
}
