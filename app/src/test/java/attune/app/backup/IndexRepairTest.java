package attune.app.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.util.List;
import org.h2.engine.SessionLocal;
import org.h2.index.Cursor;
import org.h2.index.Index;
import org.h2.jdbc.JdbcConnection;
import org.h2.mvstore.db.MVTable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A row that is gone while its index still leads to it: found, and mended at the next start. */
class IndexRepairTest {
  private static final LocalDateTime NOW = LocalDateTime.parse("2026-06-09T08:15");

  @TempDir Path data;

  private Connection open() throws SQLException {
    return DriverManager.getConnection("jdbc:h2:file:" + data.resolve("attune"), "sa", "");
  }

  @BeforeEach
  void photos() throws SQLException {
    try (Connection open = open();
        Statement statement = open.createStatement()) {
      statement.execute("create table photo (id varchar(9) primary key, job varchar(9))");
      statement.execute("create index photo_job on photo (job)");
      statement.execute("insert into photo values ('a', 'one'), ('b', 'two'), ('c', 'two')");
    }
  }

  /** What a power cut once left behind. */
  private void loseARow() throws SQLException {
    try (Connection open = open()) {
      SessionLocal session = (SessionLocal) open.unwrap(JdbcConnection.class).getSession();
      MVTable table = (MVTable) session.getDatabase().getFirstUserTable();
      Index rows = table.getScanIndex(session);
      Cursor first = rows.find(session, null, null, false);
      assertThat(first.next()).isTrue();
      rows.remove(session, first.get());
      session.commit(false);
    }
  }

  private List<String> broken() throws SQLException {
    try (Connection open = open()) {
      return Indexes.broken(open);
    }
  }

  private int rows() throws SQLException {
    try (Connection open = open();
        Statement statement = open.createStatement();
        ResultSet found = statement.executeQuery("select count(*) from photo where job > ''")) {
      found.next();
      return found.getInt(1);
    }
  }

  @Test
  void allIsWellWhereNothingWasLost() throws SQLException {
    assertThat(broken()).isEmpty();
    assertThat(new IndexRepair(data).run(NOW)).isEmpty();
  }

  @Test
  void whatIsBrokenIsFoundAndMendedWithEveryRowThereStillIs() throws SQLException, IOException {
    loseARow();
    assertThat(broken()).contains("PHOTO: PHOTO_JOB").hasSize(2);
    IndexRepair repair = new IndexRepair(data);
    repair.want("PHOTO: PHOTO_JOB");
    assertThat(repair.run(NOW))
        .hasValue(
            "The database was mended; what it was is kept as attune-damaged-20260609-081500.mv.db");
    assertThat(broken()).isEmpty();
    assertThat(rows()).isEqualTo(2);
    assertThat(data.resolve("attune-damaged-20260609-081500.mv.db")).exists();
    assertThat(repair.run(NOW)).isEmpty();
  }
}
