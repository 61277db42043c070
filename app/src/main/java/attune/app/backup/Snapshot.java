package attune.app.backup;

import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.zip.Deflater;
import java.util.zip.ZipOutputStream;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.h2.mvstore.db.Store;
import org.hibernate.Session;

/**
 * A copy of the database while it is open. It is made as H2's own {@code BACKUP TO} makes it, but
 * not packed, which took a minute and a half of two gigabytes for a quarter of their size, and
 * nobody waits for it (docs/decisions).
 */
final class Snapshot {
  private Snapshot() {}

  /**
   * Writes it.
   *
   * @param zip a new file; the database is its only entry
   */
  static void write(EntityManager database, Path zip) {
    database.unwrap(Session.class).doWork(connection -> write(connection, zip));
  }

  private static void write(Connection connection, Path zip) throws SQLException {
    SessionLocal session = (SessionLocal) connection.unwrap(JdbcConnection.class).getSession();
    Store store = session.getDatabase().getStore();
    store.flush();
    try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(zip))) {
      out.setLevel(Deflater.NO_COMPRESSION);
      store.getMvStore().getFileStore().backup(out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
