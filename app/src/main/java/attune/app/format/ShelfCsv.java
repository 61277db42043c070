package attune.app.format;

import attune.app.format.ShelfColumns.Column;
import attune.app.format.ShelfColumns.Form;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.check.Known;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A shelf as CSV (RFC 4180, header row, UTF-8) and back. Spreadsheets' habits are taken: a byte
 * order mark, semicolons or tabs, decimal commas where they are declared. A cell a spreadsheet
 * would run as a formula is written with a leading apostrophe, which reading takes off again.
 */
@Component
public class ShelfCsv {
  private static final Phrases PHRASES = Phrases.of(ShelfCsv.class);

  /** Most rows read. */
  public static final int MOST_ROWS = 10_000;

  private static final Pattern LINE = Pattern.compile("^line (\\d+)");
  private static final int SHOWN = 60;
  private static final int MOST_FAULTS = 200;

  private final Schemas schemas;
  private final ShelfReader reader;
  private final JsonMapper mapper;
  private final ShelfColumns columns;

  public ShelfCsv(Schemas schemas, ShelfReader reader, JsonMapper mapper) {
    this.schemas = schemas;
    this.reader = reader;
    this.mapper = mapper;
    this.columns = new ShelfColumns(mapper);
  }

  /** Hears how far reading is. */
  public interface Counted {
    void so(int rows, int of);
  }

  /** The shelf as CSV, in the file's order. */
  public String write(JsonNode shelf) {
    StringWriter out = new StringWriter();
    List<String> header = columns.header();
    try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
      printer.printRecord(header);
      for (String item : List.of("product", "tool")) {
        for (JsonNode node : shelf.withArray(item + "s")) {
          printer.printRecord(cells(item, node, header));
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  private List<String> cells(String item, JsonNode node, List<String> header) {
    Map<String, Column> known = columns.of(item);
    List<String> cells = new ArrayList<>();
    for (String name : header) {
      Column column = known.get(name);
      cells.add(
          name.equals(ShelfColumns.ITEM)
              ? item
              : column == null ? "" : SheetCell.guarded(cell(node, column)));
    }
    return cells;
  }

  private static String cell(JsonNode node, Column column) {
    JsonNode value = node.path(column.field());
    if (column.part() != null) {
      value = value.path(column.part());
    }
    if (value.isMissingNode()) {
      return "";
    }
    return switch (column.form()) {
      case LIST -> value.valueStream().map(JsonNode::asString).collect(Collectors.joining("|"));
      case PAIRS ->
          value
              .valueStream()
              .map(p -> p.get("ratio").asString() + "=" + plain(p.get("ph")))
              .collect(Collectors.joining("|"));
      case YES_NO -> value.asBoolean() ? "yes" : "no";
      case NUMBER, WHOLE -> plain(value);
      case TEXT -> value.asString();
    };
  }

  private static String plain(JsonNode number) {
    return number.decimalValue().stripTrailingZeros().toPlainString();
  }

  /**
   * Reads a shelf.
   *
   * @param decimalComma whether numbers may be written with one
   * @return an attune-shelf document, valid as a whole
   * @throws InvalidInputException with every fault found, each naming line and column
   */
  public ObjectNode read(String text, boolean decimalComma) {
    return read(text, decimalComma, (rows, of) -> {});
  }

  /** As {@link #read(String, boolean)}, telling how many rows of how many are read. */
  public ObjectNode read(String text, boolean decimalComma, Counted counted) {
    String csv = text.startsWith("\uFEFF") ? text.substring(1) : text;
    if (csv.isBlank()) {
      throw new InvalidInputException("", Fault.NOTHING, PHRASES.say("a-header-row-and-a"));
    }
    List<CSVRecord> rows = rows(csv);
    List<String> header = rows.get(0).stream().map(String::strip).toList();
    checkHeader(header);
    if (rows.size() - 1 > MOST_ROWS) {
      throw new InvalidInputException(
          "", PHRASES.say("rows", rows.size() - 1), PHRASES.say("at-most", MOST_ROWS));
    }
    return new Sheet(header, decimalComma).read(rows.subList(1, rows.size()), counted);
  }

  private static List<CSVRecord> rows(String csv) {
    String first = csv.lines().findFirst().orElse("");
    char separator =
        count(first, ';') > count(first, ',')
            ? ';'
            : count(first, '\t') > count(first, ',') ? '\t' : ',';
    CSVFormat format =
        CSVFormat.RFC4180.builder().setDelimiter(separator).setIgnoreEmptyLines(true).get();
    try (CSVParser parser = CSVParser.parse(new StringReader(csv), format)) {
      List<CSVRecord> rows = new ArrayList<>();
      for (CSVRecord row : parser) {
        boolean blank = row.stream().allMatch(String::isBlank);
        if (!blank && rows.size() <= MOST_ROWS + 1) {
          rows.add(row);
        }
      }
      if (rows.isEmpty()) {
        throw new InvalidInputException("", Fault.NOTHING, PHRASES.say("a-header-row-and-a"));
      }
      return rows;
    } catch (IOException | UncheckedIOException | IllegalStateException e) {
      throw new InvalidInputException("", PHRASES.say("text-that-is-not-csv"), "RFC 4180");
    }
  }

  private static long count(String text, char c) {
    return text.chars().filter(x -> x == c).count();
  }

  private void checkHeader(List<String> header) {
    List<Fault> faults = new ArrayList<>();
    List<String> allowed = columns.header();
    Set<String> seen = new HashSet<>();
    for (String name : header) {
      if (!allowed.contains(name)) {
        faults.add(
            new Fault(
                PHRASES.say("line", 1),
                PHRASES.say("column", shortened(name)),
                PHRASES.say("a-column-of-the-shelf")));
      } else if (!seen.add(name)) {
        faults.add(
            new Fault(
                PHRASES.say("line", 1),
                PHRASES.say("column-twice", name),
                PHRASES.say("each-column-once")));
      }
    }
    for (String needed : List.of(ShelfColumns.ITEM, "id", "name")) {
      if (!seen.contains(needed)) {
        faults.add(
            new Fault(
                PHRASES.say("line", 1),
                PHRASES.say("no-column", needed),
                PHRASES.say("at-least-item-id-and")));
      }
    }
    if (!faults.isEmpty()) {
      throw new InvalidInputException(faults);
    }
  }

  private static String shortened(String text) {
    return text.length() > SHOWN ? text.substring(0, SHOWN) + "…" : text;
  }

  /** One reading: rows in, a document and the lines its records came from out. */
  private final class Sheet {
    private final List<String> header;
    private final boolean decimalComma;
    private final List<Fault> faults = new ArrayList<>();
    private final ObjectNode file =
        mapper.createObjectNode().put("format", "attune-shelf").put("version", 1);
    private final Map<String, List<Long>> lines =
        Map.of("products", new ArrayList<>(), "tools", new ArrayList<>());

    Sheet(List<String> header, boolean decimalComma) {
      this.header = header;
      this.decimalComma = decimalComma;
      file.putArray("products");
      file.putArray("tools");
    }

    ObjectNode read(List<CSVRecord> rows, Counted counted) {
      for (int i = 0; i < rows.size(); i++) {
        row(rows.get(i));
        counted.so(i + 1, rows.size());
      }
      Set<String> said = faults.stream().map(Fault::pointer).collect(Collectors.toSet());
      schemas.faults(SchemaName.SHELF, file).stream()
          .map(this::located)
          .filter(fault -> !said.contains(fault.pointer()))
          .forEach(faults::add);
      if (faults.isEmpty()) {
        try {
          reader.read(file.toString());
        } catch (InvalidInputException e) {
          e.faults().forEach(fault -> faults.add(located(fault)));
        }
      }
      if (!faults.isEmpty()) {
        faults.sort(Comparator.comparingInt(Sheet::line));
        throw new InvalidInputException(faults.subList(0, Math.min(MOST_FAULTS, faults.size())));
      }
      return file;
    }

    private static int line(Fault fault) {
      Matcher line = LINE.matcher(fault.pointer());
      return line.find() ? Integer.parseInt(line.group(1)) : 0;
    }

    private void row(CSVRecord row) {
      long line = row.getRecordNumber();
      if (row.size() > header.size()) {
        fault(
            line,
            null,
            PHRASES.say("cells", row.size()),
            PHRASES.say("one-for-each-column", header.size()));
        return;
      }
      String item = row.get(header.indexOf(ShelfColumns.ITEM)).strip();
      Map<String, Column> known = columns.of(item);
      if (known.isEmpty()) {
        fault(line, ShelfColumns.ITEM, quoted(item), PHRASES.say("product-or-tool"));
        return;
      }
      ObjectNode node = mapper.createObjectNode();
      for (int i = 0; i < row.size(); i++) {
        String cell = SheetCell.unguarded(row.get(i).strip());
        String name = header.get(i);
        if (cell.isEmpty() || name.equals(ShelfColumns.ITEM)) {
          continue;
        }
        Column column = known.get(name);
        if (column == null) {
          fault(line, name, quoted(cell), PHRASES.say("nothing-a-has-no", item, name));
        } else {
          put(node, column, cell, line);
        }
      }
      ((ArrayNode) file.get(item + "s")).add(node);
      Known.of(lines, item + "s").add(line);
    }

    private void put(ObjectNode node, Column column, String cell, long line) {
      ObjectNode into = column.part() == null ? node : node.withObjectProperty(column.field());
      String key = column.part() == null ? column.field() : column.part();
      switch (column.form()) {
        case TEXT -> into.put(key, cell);
        case LIST -> {
          ArrayNode list = into.putArray(key);
          for (String entry : cell.split("\\|")) {
            list.add(entry.strip());
          }
        }
        case YES_NO -> yesNo(into, key, column, cell, line);
        case NUMBER, WHOLE -> number(cell, column, line).ifPresent(n -> put(into, key, column, n));
        case PAIRS -> pairs(into.putArray(key), column, cell, line);
      }
    }

    private void put(ObjectNode into, String key, Column column, BigDecimal number) {
      if (column.form() == Form.WHOLE && number.stripTrailingZeros().scale() <= 0) {
        into.put(key, number.toBigInteger());
      } else {
        into.put(key, number);
      }
    }

    private void yesNo(ObjectNode into, String key, Column column, String cell, long line) {
      switch (cell.toLowerCase(java.util.Locale.ROOT)) {
        case "yes", "true", "1" -> into.put(key, true);
        case "no", "false", "0" -> into.put(key, false);
        default -> fault(line, column.name(), quoted(cell), PHRASES.say("yes-or-no"));
      }
    }

    private void pairs(ArrayNode list, Column column, String cell, long line) {
      for (String entry : cell.split("\\|")) {
        String[] pair = entry.split("=", -1);
        if (pair.length != 2) {
          fault(line, column.name(), quoted(entry), "ratio=pH, such as 1:10=8.6");
          return;
        }
        number(pair[1].strip(), column, line)
            .ifPresent(ph -> list.addObject().put("ratio", pair[0].strip()).put("ph", ph));
      }
    }

    private Optional<BigDecimal> number(String cell, Column column, long line) {
      String text = decimalComma ? cell.replace(',', '.') : cell;
      if (text.matches("-?\\d{1,12}(\\.\\d{1,8})?")) {
        return Optional.of(new BigDecimal(text));
      }
      String allowed =
          column.form() == Form.WHOLE
              ? PHRASES.say("a-whole-number")
              : decimalComma
                  ? PHRASES.say("a-number-with-a-comma")
                  : PHRASES.say("a-number-with-a-point");
      boolean comma = !decimalComma && cell.contains(",");
      fault(
          line,
          column.name(),
          quoted(cell),
          comma ? PHRASES.say("decimal-commas-only-where-they", allowed) : allowed);
      return Optional.empty();
    }

    private void fault(long line, @Nullable String column, String found, String allowed) {
      faults.add(
          new Fault(
              column == null
                  ? PHRASES.say("line", line)
                  : PHRASES.say("line-and-column", line, column),
              found,
              allowed));
    }

    /** From {@code /products/3/dwellS/max} to the line and column it was read from. */
    private Fault located(Fault fault) {
      String[] path = fault.pointer().split("/");
      List<Long> from = path.length > 2 ? lines.get(path[1]) : null;
      if (from == null || !path[2].matches("\\d+")) {
        return fault;
      }
      String line = PHRASES.say("line", from.get(Integer.parseInt(path[2])));
      if (path.length == 3) {
        return new Fault(line, fault.found(), fault.allowed());
      }
      boolean part = path.length > 4 && !path[4].matches("\\d+");
      String column = path[3] + (part ? "." + path[4] : "");
      return new Fault(Lists.facts(line, column), fault.found(), fault.allowed());
    }
  }

  private static String quoted(String cell) {
    return "\"" + shortened(cell) + "\"";
  }
}
