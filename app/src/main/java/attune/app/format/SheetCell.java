package attune.app.format;

/**
 * A cell as a spreadsheet takes it: what it would run as a formula has a leading apostrophe, which
 * reading takes off again.
 */
public final class SheetCell {
  private static final String FORMULA = "=+-@\t\r";

  private SheetCell() {}

  /** The cell as it is written. */
  public static String guarded(String cell) {
    boolean number = cell.matches("-?\\d+(\\.\\d+)?");
    boolean formula = !cell.isEmpty() && FORMULA.indexOf(cell.charAt(0)) >= 0 && !number;
    boolean quoted = cell.startsWith("'");
    return formula || quoted ? "'" + cell : cell;
  }

  /** The cell as it was before it was written. */
  static String unguarded(String cell) {
    boolean guard = cell.length() > 1 && cell.startsWith("'");
    return guard && (FORMULA + "'").indexOf(cell.charAt(1)) >= 0 ? cell.substring(1) : cell;
  }
}
