package attune.app.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import attune.app.reference.ReferenceData;
import attune.app.shelf.CheckCommand;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A shelf as CSV and back: nothing lost, every fault with its line and column. */
class ShelfCsvTest {
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final Schemas SCHEMAS = new Schemas();
  private static final ShelfCsv CSV =
      new ShelfCsv(SCHEMAS, new ShelfReader(SCHEMAS, MAPPER), MAPPER);
  private static final JsonNode STARTING = MAPPER.readTree(ReferenceData.startingShelfText());

  private static List<Fault> faults(String text) {
    return catchThrowableOfType(InvalidInputException.class, () -> CSV.read(text, false)).faults();
  }

  @Test
  void theStartingShelfComesBackAsItWas() {
    ObjectNode back = CSV.read(CSV.write(STARTING), false);
    assertThat(normal(back)).isEqualTo(normal(STARTING));
  }

  /** Numbers by value: 500 and 500.0 are the same amount. */
  private static String normal(JsonNode shelf) {
    ShelfReader reader = new ShelfReader(SCHEMAS, MAPPER);
    return reader.read(shelf.toString()).toString();
  }

  @Test
  void spreadsheetsHabitsAreTaken() {
    String plain = "item,id,name,roles,ph\nproduct,a,Mild,cleaner,9.2\n";
    JsonNode expected = CSV.read(plain, false);
    assertThat(CSV.read("\uFEFF" + plain, false)).isEqualTo(expected);
    assertThat(CSV.read(plain.replace("\n", "\r\n") + "\r\n,,,,\r\n", false)).isEqualTo(expected);
    assertThat(CSV.read(plain.replace(',', '\t'), false)).isEqualTo(expected);
    String german = "item;id;name;roles;ph\nproduct;a;Mild;cleaner;9,2\n";
    assertThat(CSV.read(german, true)).isEqualTo(expected);
    assertThat(faults(german))
        .singleElement()
        .satisfies(
            f ->
                assertThat(f.line())
                    .isEqualTo(
                        "line 2, ph: found \"9,2\", allowed a number such as 9.2; decimal commas only where they are declared"));
  }

  @Test
  void aFormulaIsNeutralisedOnTheWayOutAndComesBack() {
    ObjectNode shelf = MAPPER.createObjectNode().put("format", "attune-shelf").put("version", 1);
    shelf.putArray("products");
    for (String name : List.of("=1+1", "@cmd", "+Plus", "-Minus", "'Quoted'", "Plain")) {
      shelf
          .withArray("products")
          .addObject()
          .put("id", "p" + Math.abs(name.hashCode()))
          .put("name", name)
          .putArray("roles")
          .add("cleaner");
    }
    shelf.putArray("tools");
    String csv = CSV.write(shelf);
    assertThat(csv.lines().skip(1).map(line -> line.split(",", -1)[2]))
        .noneMatch(cell -> cell.matches("\"?[=+@-].*"));
    assertThat(CSV.read(csv, false)).isEqualTo(shelf);
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '~',
      value = {
        "line 2, ph ~ item,id,name,roles,ph#product,a,A,cleaner,15 ~ found 15, allowed at most 14",
        "line 3, id ~ item,id,name,roles#product,a,A,cleaner#product,a,B,cleaner ~ a second time",
        "line 2, item ~ item,id,name#sofa,a,A ~ allowed product or tool",
        "line 2, roles ~ item,id,name,roles#product,a,A,wizard ~ one of dusting-aid",
        "line 2, stiffness ~ item,id,name,roles,stiffness#product,a,A,cleaner,3 ~ a product has no stiffness",
        "line 2, abrasive ~ item,id,name,roles,abrasive#product,a,A,cleaner,perhaps ~ allowed yes or no",
        "line 2, dwellS.max ~ item,id,name,roles,dwellS.min,dwellS.max#product,a,A,cleaner,60,30 ~ at least min, 60",
        "line 2, dwellS.max ~ item,id,name,roles,dwellS.min#product,a,A,cleaner,60 ~ this field is required",
        "line 2, phMeasured ~ item,id,name,roles,phMeasured#product,a,A,cleaner,8.6 ~ ratio=pH",
        "line 2, openedOn ~ item,id,name,roles,openedOn#product,a,A,cleaner,2026-02-30 ~ a day of the calendar",
        "line 2, labelRatios ~ item,id,name,roles,supply#product,a,A,cleaner,concentrate ~ since it is a concentrate",
        "line 2, kind ~ item,id,name#tool,a,A ~ this field is required",
        "line 1 ~ item,id,name,mood#product,a,A,good ~ column \"mood\"",
        "line 1 ~ item,id,id,name#product,a,a,A ~ column id twice",
        "line 1 ~ id,name#a,A ~ no column item",
        "line 2 ~ item,id,name#product,a,A,extra ~ 4 cells",
      })
  void aFaultNamesItsLineAndColumn(String where, String csv, String said) {
    assertThat(faults(csv.replace('#', '\n')))
        .anySatisfy(
            fault -> {
              assertThat(fault.pointer()).isEqualTo(where);
              assertThat(fault.line()).contains(said);
            });
  }

  @Test
  void everyFaultIsSaidAtOnce() {
    String csv =
        "item,id,name,roles,ph,strength\n"
            + "product,a,A,cleaner,x,5\n"
            + "product,b,B,wizard,7,y\n"
            + "gadget,c,C,,,\n";
    assertThat(faults(csv))
        .extracting(Fault::pointer)
        .containsExactly("line 2, ph", "line 3, strength", "line 3, roles", "line 4, item");
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "  \n\n", "\uFEFF", "item,id,\"name\nproduct,a", "\"\"\""})
  void whatIsNoTableIsSaidSo(String text) {
    assertThatThrownBy(() -> CSV.read(text, false)).isInstanceOf(InvalidInputException.class);
  }

  /** Any text in: a clear fault or data that is written and read back the same. */
  @Test
  void anyTextEndsInAFaultOrInEqualData() {
    Random random = new Random(4242);
    String good = CSV.write(STARTING);
    int read = 0;
    for (int i = 0; i < 400; i++) {
      String text = garbled(good, random);
      try {
        ObjectNode shelf = CSV.read(text, random.nextBoolean());
        assertThat(normal(CSV.read(CSV.write(shelf), false))).isEqualTo(normal(shelf));
        read++;
      } catch (InvalidInputException e) {
        assertThat(e.faults()).isNotEmpty().allSatisfy(f -> assertThat(f.allowed()).isNotBlank());
      }
    }
    assertThat(read).isBetween(10, 390);
  }

  private static String garbled(String text, Random random) {
    StringBuilder out = new StringBuilder(text);
    int changes = random.nextInt(4);
    for (int i = 0; i < changes; i++) {
      int at = random.nextInt(out.length());
      switch (random.nextInt(4)) {
        case 0 -> out.deleteCharAt(at);
        case 1 -> out.insert(at, ",;\"\n|='\u00e9\t0-".charAt(random.nextInt(11)));
        case 2 -> out.setCharAt(at, (char) (32 + random.nextInt(200)));
        default -> out.delete(at, Math.min(out.length(), at + random.nextInt(60)));
      }
    }
    return out.toString();
  }

  @Test
  void tenThousandRowsAreReadAndOneMoreIsTooMany() {
    String rows =
        IntStream.range(0, ShelfCsv.MOST_ROWS)
            .mapToObj(i -> "tool,t" + i + ",Brush " + i + ",brush," + i % 10)
            .collect(Collectors.joining("\n"));
    String csv = "item,id,name,kind,stiffness\n" + rows;
    assertThat(CSV.read(csv, false).get("tools")).hasSize(ShelfCsv.MOST_ROWS);
    assertThat(faults(csv + "\ntool,one-more,One more,brush,1"))
        .singleElement()
        .satisfies(f -> assertThat(f.allowed()).isEqualTo("at most 10000"));
  }

  private static String check(int status, String... arguments) {
    ByteArrayOutputStream said = new ByteArrayOutputStream();
    PrintStream stream = new PrintStream(said, true, StandardCharsets.UTF_8);
    assertThat(new CheckCommand(stream, stream).run(List.of(arguments))).isEqualTo(status);
    return said.toString(StandardCharsets.UTF_8);
  }

  @Test
  void theCommandSaysWhetherAFileCanBeBroughtIn(@TempDir Path dir) throws IOException {
    Path good = Files.writeString(dir.resolve("good.csv"), CSV.write(STARTING));
    Path json = Files.writeString(dir.resolve("good.json"), STARTING.toString());
    Path bad =
        Files.writeString(dir.resolve("bad.csv"), "item;id;name;roles;ph\nproduct;a;A;cleaner;x");
    Path comma =
        Files.writeString(
            dir.resolve("comma.csv"), "item;id;name;roles;ph\nproduct;a;A;cleaner;7,1");
    assertThat(check(0, good.toString())).contains("41 products and 47 tools, no fault");
    assertThat(check(0, json.toString())).contains("41 products");
    assertThat(check(2, bad.toString()))
        .isEqualTo(
            "line 2, ph: found \"x\", allowed a number such as 9.2" + System.lineSeparator());
    assertThat(check(2, comma.toString())).contains("decimal commas");
    assertThat(check(0, comma.toString(), "--decimal-comma")).contains("1 products");
    assertThat(check(2, dir.resolve("gone.csv").toString())).contains("no file");
    assertThat(check(2)).contains("usage: check");
  }
}
