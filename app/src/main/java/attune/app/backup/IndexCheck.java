package attune.app.backup;

import attune.core.words.Phrases;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Looks at every index once the application is up, beside its work; asks for a repair. */
@Component
public class IndexCheck {
  private static final Phrases PHRASES = Phrases.of(IndexCheck.class);

  private static final Logger LOG = LoggerFactory.getLogger(IndexCheck.class);

  private final DataSource database;
  private final IndexRepair repair;

  IndexCheck(DataSource database, @Value("${attune.data:./attune-data}") Path data) {
    this.database = database;
    this.repair = new IndexRepair(data);
  }

  @EventListener(ApplicationReadyEvent.class)
  void beside() {
    Thread thread = new Thread(this::check, "indexes");
    thread.setDaemon(true);
    thread.setPriority(Thread.MIN_PRIORITY);
    thread.start();
  }

  void check() {
    try {
      List<String> broken = new ArrayList<>(broken());
      if (!broken.isEmpty()) {
        broken.retainAll(broken()); // what came or went while it was looked at is well again
      }
      if (!broken.isEmpty()) {
        LOG.error("Broken indexes: {}; they are mended at the next start", broken);
        repair.want(String.join("\n", broken));
      }
    } catch (SQLException e) {
      LOG.warn("The indexes could not be looked at: {}", e.getMessage());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private List<String> broken() throws SQLException {
    try (Connection connection = database.getConnection()) {
      List<String> broken = Indexes.broken(connection);
      if (!connection.getAutoCommit()) {
        connection.rollback();
      }
      return broken;
    }
  }

  /** What the shop should be told of its database; empty where all is well. */
  public Optional<String> says() {
    return repair.isWanted()
        ? Optional.of(PHRASES.say("the-database-is-damaged-in"))
        : Optional.empty();
  }
}
