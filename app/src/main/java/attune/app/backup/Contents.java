package attune.app.backup;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.apache.commons.codec.digest.DigestUtils;

/** What lies in a data directory nobody has open: every row of every table, and every file. */
final class Contents implements AutoCloseable {
  private static final String SCHEMA = "PUBLIC";

  private final Path data;
  private final Connection database;

  /** Opens it for reading alone; nothing in it is changed. */
  Contents(Path data) throws SQLException {
    this.data = data;
    this.database =
        DriverManager.getConnection(
            "jdbc:h2:file:"
                + data.resolve("attune").toAbsolutePath()
                + ";IFEXISTS=TRUE;ACCESS_MODE_DATA=r",
            "sa",
            "");
  }

  /** Names of its tables, sorted. */
  List<String> tables() throws SQLException {
    List<String> tables = new ArrayList<>();
    try (ResultSet found =
        database.getMetaData().getTables(null, SCHEMA, null, new String[] {"BASE TABLE"})) {
      while (found.next()) {
        tables.add(found.getString("TABLE_NAME"));
      }
    }
    return tables.stream().sorted().toList();
  }

  /** Names of indexes that lead to rows that are not there. */
  List<String> brokenIndexes() throws SQLException {
    return Indexes.broken(database);
  }

  /** Digests of a table's rows by their key; a table without one by what is in them. */
  Map<String, String> rows(String table) throws SQLException, IOException {
    List<String> key = key(table);
    Map<String, String> rows = new TreeMap<>();
    try (Statement statement = database.createStatement();
        ResultSet found = statement.executeQuery("select * from \"" + table + "\"")) {
      while (found.next()) {
        String digest = row(found);
        StringBuilder name = new StringBuilder();
        for (String column : key) {
          name.append(name.isEmpty() ? "" : ", ").append(found.getString(column));
        }
        String of = key.isEmpty() ? digest : name.toString();
        for (int n = 2; rows.putIfAbsent(of, digest) != null; n++) {
          of = digest + " " + n;
        }
      }
    }
    return rows;
  }

  private List<String> key(String table) throws SQLException {
    DatabaseMetaData about = database.getMetaData();
    List<String> columns = new ArrayList<>();
    try (ResultSet found = about.getPrimaryKeys(null, SCHEMA, table)) {
      while (found.next()) {
        columns.add(found.getString("COLUMN_NAME"));
      }
    }
    return columns;
  }

  private static String row(ResultSet found) throws SQLException, IOException {
    MessageDigest digest = DigestUtils.getSha256Digest();
    for (int i = 1; i <= found.getMetaData().getColumnCount(); i++) {
      Object value = found.getObject(i);
      if (value instanceof java.sql.Blob blob) {
        through(digest, blob.getBinaryStream());
      } else if (value instanceof java.sql.Clob clob) {
        digest.update(clob.getSubString(1, (int) clob.length()).getBytes(StandardCharsets.UTF_8));
      } else if (value instanceof byte[] bytes) {
        digest.update(bytes);
      } else {
        digest.update(String.valueOf(value).getBytes(StandardCharsets.UTF_8));
      }
      digest.update((byte) 0);
    }
    return HexFormat.of().formatHex(digest.digest());
  }

  /** Digests of the files beside the database, by their place. */
  Map<String, String> files() throws IOException {
    Map<String, String> files = new TreeMap<>();
    for (String folder : BackupService.FOLDERS) {
      if (!Files.isDirectory(data.resolve(folder))) {
        continue;
      }
      try (Stream<Path> found = Files.list(data.resolve(folder))) {
        for (Path file : found.filter(f -> !f.toString().endsWith(".part")).toList()) {
          MessageDigest digest = DigestUtils.getSha256Digest();
          through(digest, Files.newInputStream(file));
          files.put(folder + "/" + file.getFileName(), HexFormat.of().formatHex(digest.digest()));
        }
      }
    }
    return files;
  }

  private static void through(MessageDigest digest, InputStream from) throws IOException {
    try (InputStream in = new DigestInputStream(from, digest)) {
      in.transferTo(OutputStream.nullOutputStream());
    }
  }

  @Override
  public void close() throws SQLException {
    database.close();
  }
}
