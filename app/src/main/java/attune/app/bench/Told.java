package attune.app.bench;

import attune.core.run.Entry;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;

/**
 * An entry as it is kept.
 *
 * @param recordedAt when it came in, later than it happened where the line was down
 * @param madeBy whose session told it; empty where nobody was signed in
 */
record Told(Entry entry, EntryDetail detail, LocalDateTime recordedAt, Optional<UUID> madeBy) {
  /** As it comes in, before it is kept. */
  Told(Entry entry, EntryDetail detail, LocalDateTime recordedAt) {
    this(entry, detail, recordedAt, Optional.empty());
  }
}
