package attune.app.bench;

import attune.core.run.Entry;
import java.time.LocalDateTime;

/**
 * An entry as it is kept.
 *
 * @param recordedAt when it came in, later than it happened where the line was down
 */
record Told(Entry entry, EntryDetail detail, LocalDateTime recordedAt) {}
