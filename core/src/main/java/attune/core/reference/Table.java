package attune.core.reference;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * A comma-separated reference table: a header line, then one row a line; no quoting, so no commas
 * in cells.
 */
public final class Table {
  private Table() {}

  /** One row; a cell is found by its column's name. */
  public record Row(Map<String, String> cells) {
    /** The cell, which must not be blank. */
    public String text(String column) {
      String cell = optional(column);
      if (cell.isBlank()) {
        throw new IllegalArgumentException(column + " is blank");
      }
      return cell;
    }

    /** The cell, blank when there is nothing in it. */
    public String optional(String column) {
      String cell = cells.get(column);
      if (cell == null) {
        throw new IllegalArgumentException("no column " + column);
      }
      return cell;
    }

    /** The cell as a number. */
    public double number(String column) {
      return Double.parseDouble(text(column));
    }

    /** The cell as a number, or the stand-in when it is blank. */
    public double number(String column, double whenBlank) {
      return optional(column).isBlank() ? whenBlank : number(column);
    }

    /** The cell's parts between vertical bars. */
    public List<String> list(String column) {
      String cell = optional(column);
      return cell.isBlank() ? List.of() : List.of(cell.split("\\|"));
    }
  }

  /**
   * Reads every row.
   *
   * @throws IllegalStateException naming file and line at the first malformed row, or when there is
   *     no row at all
   */
  public static <T> List<T> read(String file, List<String> lines, Function<Row, T> parse) {
    if (lines.size() < 2) {
      throw new IllegalStateException(file + ": expected a header and at least one row");
    }
    String[] header = lines.get(0).split(",", -1);
    List<T> rows = new ArrayList<>();
    for (int i = 1; i < lines.size(); i++) {
      try {
        rows.add(parse.apply(row(header, lines.get(i).split(",", -1))));
      } catch (RuntimeException ex) {
        throw new IllegalStateException(file + " line " + (i + 1) + ": " + ex.getMessage(), ex);
      }
    }
    return List.copyOf(rows);
  }

  private static Row row(String[] header, String[] cells) {
    if (cells.length != header.length) {
      throw new IllegalArgumentException(cells.length + " cells for " + header.length + " columns");
    }
    Map<String, String> byColumn = new HashMap<>();
    for (int i = 0; i < header.length; i++) {
      byColumn.put(header[i], cells[i].strip());
    }
    return new Row(byColumn);
  }
}
