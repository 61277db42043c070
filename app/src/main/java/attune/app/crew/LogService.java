package attune.app.crew;

import attune.app.crew.CrewViews.LogView;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Objects;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what the owner may want to know later. */
@Service
public class LogService {
  private static final int LONGEST = 300;

  private final LogRepository entries;
  private final Clock clock;

  LogService(LogRepository entries, Clock clock) {
    this.entries = entries;
    this.clock = clock;
  }

  /** Writes a line, whatever becomes of the work around it. */
  @Transactional(propagation = Propagation.REQUIRES_NEW)
  public void note(String who, LogKind kind, @Nullable String about) {
    entries.save(
        new LogEntity(
            LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS),
            who,
            kind,
            shortened(Objects.requireNonNullElse(about, ""))));
  }

  private static String shortened(String about) {
    return about.length() <= LONGEST ? about : about.substring(0, LONGEST);
  }

  /** The latest lines first. */
  @Transactional(readOnly = true)
  List<LogView> latest(@Nullable LogKind kind, @Nullable String who, int most) {
    return entries.latest(kind, who, Limit.of(most)).stream().map(LogEntity::view).toList();
  }
}
