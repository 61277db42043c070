package attune.app.shelf;

import attune.app.shelf.ShelfViews.ProgressView;
import attune.app.shelf.ShelfViews.Stage;
import attune.core.words.Phrases;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.Nullable;
import java.time.Duration;
import java.util.NoSuchElementException;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** How far each import is, for whoever watches it; forgotten after some minutes. */
@Component
class ImportProgress {
  private static final Phrases PHRASES = Phrases.of(ImportProgress.class);

  private final Cache<UUID, ProgressView> running =
      Caffeine.newBuilder().expireAfterWrite(Duration.ofMinutes(10)).maximumSize(100).build();

  /** Notes progress; nobody watches under null. */
  void note(@Nullable UUID watch, Stage stage, int done, int of) {
    if (watch != null) {
      running.put(watch, new ProgressView(stage, done, of));
    }
  }

  ProgressView of(UUID watch) {
    ProgressView progress = running.getIfPresent(watch);
    if (progress == null) {
      throw new NoSuchElementException(PHRASES.say("no-such-import-runs"));
    }
    return progress;
  }
}
