package attune.app.backup;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import org.h2.engine.SessionLocal;
import org.h2.index.Cursor;
import org.h2.index.Index;
import org.h2.jdbc.JdbcConnection;
import org.h2.message.DbException;
import org.h2.mvstore.db.MVDelegateIndex;
import org.h2.mvstore.db.MVTable;
import org.h2.table.Table;

/**
 * Holds the indexes of a database to its rows. H2 has lost a row once and kept what led to it, when
 * the machine lost its power at the wrong moment: lists of two jobs failed from then on, and
 * nothing told why.
 */
final class Indexes {
  private Indexes() {}

  /** Names of those that lead to rows that are not there, with their tables. */
  static List<String> broken(Connection connection) throws SQLException {
    SessionLocal session = (SessionLocal) connection.unwrap(JdbcConnection.class).getSession();
    List<String> broken = new ArrayList<>();
    session.startStatementWithinTransaction(null);
    try {
      for (Table table : session.getDatabase().getAllTablesAndViews()) {
        if (table instanceof MVTable rows) {
          broken.addAll(broken(rows, session));
        }
      }
    } finally {
      session.endStatement();
    }
    return broken;
  }

  private static List<String> broken(MVTable table, SessionLocal session) {
    return table.getIndexes().stream()
        .filter(index -> !index.isRowIdIndex() && !(index instanceof MVDelegateIndex))
        .filter(index -> !leadsToRows(index, session))
        .map(index -> table.getName() + ": " + index.getName())
        .toList();
  }

  private static boolean leadsToRows(Index index, SessionLocal session) {
    try {
      Cursor cursor = index.find(session, null, null, false);
      long found = 0;
      while (cursor.next()) {
        if (cursor.get() == null) {
          return false;
        }
        found++;
      }
      return found == index.getRowCount(session);
    } catch (DbException e) {
      return false;
    }
  }
}
