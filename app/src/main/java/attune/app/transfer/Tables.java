package attune.app.transfer;

import jakarta.annotation.Nullable;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Clob;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;

/** The rows of every table, out and in. */
@Component
class Tables {
  private static final String OURS =
      "table_schema = 'PUBLIC' and table_type = 'BASE TABLE' and lower(table_name) <>"
          + " 'flyway_schema_history'";

  /** Who works at this machine and on which devices: neither goes out nor is replaced. */
  private static final List<String> STAY =
      List.of("crew_member", "log_entry", "device", "spring_session", "spring_session_attributes");

  private final JdbcTemplate jdbc;
  private final DataSource source;
  private final TransactionTemplate transaction;

  Tables(JdbcTemplate jdbc, DataSource source, TransactionTemplate transaction) {
    this.jdbc = jdbc;
    this.source = source;
    this.transaction = transaction;
  }

  /** Names of all tables that go out. */
  List<String> names() {
    return jdbc
        .queryForList(
            "select lower(table_name) from information_schema.tables where "
                + OURS
                + " order by table_name",
            String.class)
        .stream()
        .filter(name -> !STAY.contains(name))
        .toList();
  }

  private List<String> columns(String table) {
    return jdbc.queryForList(
        "select lower(column_name) from information_schema.columns where lower(table_name) = ?"
            + " order by ordinal_position",
        String.class,
        table);
  }

  /** Version of the schema, as its migrations count. */
  String schema() {
    return flyway(null).info().current().getVersion().getVersion();
  }

  private Flyway flyway(@Nullable String target) {
    var configuration = Flyway.configure().dataSource(source).cleanDisabled(true);
    return (target == null ? configuration : configuration.target(target)).load();
  }

  /** The rows of a table in a settled order; what is null is left out. */
  @Transactional(readOnly = true)
  void rows(String table, Consumer<Map<String, Object>> row) {
    List<String> columns = columns(table);
    jdbc.query(
        "select * from " + table + " order by " + columns.get(0),
        found -> {
          Map<String, Object> values = new LinkedHashMap<>();
          for (String column : columns) {
            value(found.getObject(column)).ifPresent(v -> values.put(column, v));
          }
          row.accept(values);
        });
  }

  private static Optional<Object> value(Object value) throws SQLException {
    if (value == null || value instanceof Number || value instanceof Boolean) {
      return Optional.ofNullable(value);
    }
    return Optional.of(
        value instanceof Clob clob
            ? clob.getSubString(1, (int) clob.length())
            : String.valueOf(value));
  }

  /**
   * Lays the database out as a version had it, fills it, and brings it up to date; who works here
   * stays. If anything fails, everything is as it was before.
   *
   * @param folder where what is here already is kept meanwhile
   */
  void replace(String schema, Map<String, Rows> tables, Path folder) {
    Path before = folder.resolve("before-import.sql.part");
    Path staying = folder.resolve("crew.sql.part");
    jdbc.execute("script to " + quoted(before));
    jdbc.execute(
        "script nosettings drop to " + quoted(staying) + " table " + String.join(", ", STAY));
    try {
      jdbc.execute("drop all objects");
      flyway(schema).migrate();
      transaction.executeWithoutResult(status -> tables.forEach(this::fill));
      flyway(null).migrate();
      jdbc.execute("runscript from " + quoted(staying));
    } catch (RuntimeException e) {
      jdbc.execute("drop all objects");
      jdbc.execute("runscript from " + quoted(before));
      throw e;
    } finally {
      delete(before);
      delete(staying);
    }
  }

  private static String quoted(Path file) {
    return "'" + file.toAbsolutePath().toString().replace("'", "''") + "'";
  }

  private static void delete(Path file) {
    try {
      Files.deleteIfExists(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Rows of a table, one after the other. */
  interface Rows {
    void each(Consumer<JsonNode> row);
  }

  private void fill(String table, Rows rows) {
    List<String> columns = columns(table);
    jdbc.execute("alter table " + table + " set referential_integrity false");
    rows.each(row -> insert(table, columns, row));
    jdbc.execute("alter table " + table + " set referential_integrity true");
  }

  private void insert(String table, List<String> columns, JsonNode row) {
    List<String> named = new ArrayList<>();
    List<Object> values = new ArrayList<>();
    row.properties()
        .forEach(
            field -> {
              if (!columns.contains(field.getKey())) {
                throw new IllegalArgumentException(table + " has no " + field.getKey());
              }
              named.add(field.getKey());
              values.add(
                  field.getValue().isNumber()
                      ? field.getValue().decimalValue()
                      : field.getValue().asString());
            });
    jdbc.update(
        "insert into "
            + table
            + " ("
            + String.join(", ", named)
            + ") values ("
            + String.join(", ", java.util.Collections.nCopies(values.size(), "?"))
            + ")",
        values.toArray());
  }
}
