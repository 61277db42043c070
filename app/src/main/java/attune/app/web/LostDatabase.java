package attune.app.web;

import attune.core.words.Phrases;
import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.sql.SQLException;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.h2.api.ErrorCode;
import org.h2.mvstore.MVStoreException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Comes back to the database after it had to close itself, as it does where a disk takes no more:
 * whoever asks next opens it anew, as it was at the last change that was acknowledged.
 */
@Component
class LostDatabase {
  private static final Phrases PHRASES = Phrases.of(LostDatabase.class);

  static final String SAYS = PHRASES.say("the-database-had-to-be");
  private static final Logger LOG = LoggerFactory.getLogger(LostDatabase.class);
  private static final Set<Integer> CLOSED =
      Set.of(
          ErrorCode.DATABASE_IS_CLOSED,
          ErrorCode.DATABASE_CALLED_AT_SHUTDOWN,
          ErrorCode.CONNECTION_BROKEN_1,
          ErrorCode.OBJECT_CLOSED,
          ErrorCode.FILE_CORRUPTED_1,
          ErrorCode.IO_EXCEPTION_1,
          ErrorCode.IO_EXCEPTION_2);

  private static final int DEEPEST = 20;

  private final HikariDataSource pool;

  LostDatabase(HikariDataSource pool) {
    this.pool = pool;
  }

  /** True where a request failed because the database is closed; then it is let go of. */
  boolean isWhy(Throwable failed) {
    boolean closed =
        Stream.iterate(failed, Objects::nonNull, Throwable::getCause)
            .limit(DEEPEST) // causes may go in circles
            .anyMatch(LostDatabase::isClosing);
    if (closed) {
      HikariPoolMXBean connections = pool.getHikariPoolMXBean();
      LOG.warn("The database is closed and is opened again: {}", failed.getMessage());
      connections.softEvictConnections();
    }
    return closed;
  }

  private static boolean isClosing(Throwable e) {
    return e instanceof MVStoreException
        || e instanceof SQLException sql && CLOSED.contains(sql.getErrorCode());
  }
}
