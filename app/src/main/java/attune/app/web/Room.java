package attune.app.web;

import attune.core.words.Phrases;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** How much room there is on the disk the shop's data lies on. */
@Component
public class Room {
  private static final Phrases PHRASES = Phrases.of(Room.class);

  private static final long MB = 1024 * 1024;

  private final Path data;
  private final long leastMb;
  private final long littleMb;

  /**
   * @param least below which nothing is changed any more: what the database needs to close what it
   *     has begun
   * @param little below which the shop is told
   */
  Room(
      @Value("${attune.data:./attune-data}") Path data,
      @Value("${attune.room.least-mb:64}") long least,
      @Value("${attune.room.little-mb:1024}") long little) {
    this.data = data.toAbsolutePath();
    this.leastMb = least;
    this.littleMb = little;
  }

  /** Why nothing can be changed; empty while there is room. */
  Optional<String> lacks() {
    long left = leftMb();
    return left >= leastMb
        ? Optional.empty()
        : Optional.of(PHRASES.say("the-disk-is-full-mb", left, leastMb));
  }

  /** What the shop should know before it comes to that. */
  public Optional<String> warns() {
    long left = leftMb();
    return left >= littleMb
        ? Optional.empty()
        : Optional.of(PHRASES.say("the-disk-is-nearly-full", left));
  }

  private long leftMb() {
    Path there = data;
    while (!Files.exists(there) && there.getParent() != null) {
      there = there.getParent();
    }
    try {
      return Files.getFileStore(there).getUsableSpace() / MB;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
