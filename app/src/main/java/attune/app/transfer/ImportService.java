package attune.app.transfer;

import attune.app.reference.DataReplaced;
import attune.app.shop.ShopService;
import attune.app.transfer.Tables.Rows;
import attune.app.transfer.Whole.Part;
import attune.app.web.NotNowException;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Enumeration;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.util.FileSystemUtils;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MappingIterator;
import tools.jackson.databind.json.JsonMapper;

/** Brings a whole-data file into an installation that has no data yet: all of it, or nothing. */
@Service
class ImportService {
  private static final Phrases PHRASES = Phrases.of(ImportService.class);

  private static final long MOST_TABLE_BYTES = 32L * 1024 * 1024 * 1024; // read row by row
  private static final long MOST_FILE_BYTES = 64L * 1024 * 1024;
  private static final int MOST_PARTS = 200_000;

  private static final String STARTING_SHELF = "/reference/starting-shelf.json";

  /** Rows of these are somebody's work, though no car has come in yet. */
  private static final List<String> OWN_WORK =
      List.of(
          "shelf_item_version",
          "bottle_movement",
          "cloth_lot",
          "safety_sheet",
          "mixed_bottle",
          "fleet",
          "training_answer");

  /** What came in. */
  record Imported(int jobs, int customers, int vehicles, int photos) {}

  private final Tables tables;
  private final JdbcTemplate jdbc;
  private final Path data;
  private final JsonMapper mapper;
  private final ApplicationEventPublisher publisher;
  private final ShopService shop;

  ImportService(
      Tables tables,
      JdbcTemplate jdbc,
      @Value("${attune.data:./attune-data}") Path data,
      JsonMapper mapper,
      ApplicationEventPublisher publisher,
      ShopService shop) {
    this.tables = tables;
    this.jdbc = jdbc;
    this.data = data;
    this.mapper = mapper;
    this.publisher = publisher;
    this.shop = shop;
  }

  /**
   * Brings it in.
   *
   * @param replace true where a shelf or settings of this shop's own may go for it
   * @throws NotNowException where there is data already
   * @throws InvalidInputException for what is not such a file, or is not whole
   */
  synchronized Imported bring(InputStream stream, boolean replace) {
    for (String table : List.of("job", "customer", "vehicle")) {
      if (count(table) > 0) {
        throw new NotNowException(PHRASES.say("there-is-data-here-already"));
      }
    }
    if (!replace && isWorkedOn()) {
      throw new InvalidInputException(
          "/replace",
          PHRASES.say("a-shelf-or-settings-of"),
          "replace=true, or an empty installation");
    }
    try {
      Files.createDirectories(data);
      Path file = Files.createTempFile(data, "import", ".part");
      try {
        Files.copy(stream, file, StandardCopyOption.REPLACE_EXISTING);
        take(file);
      } finally {
        Files.deleteIfExists(file);
      }
    } catch (IOException e) {
      throw new UncheckedIOException("the file could not be brought in", e);
    }
    publisher.publishEvent(new DataReplaced());
    return new Imported(count("job"), count("customer"), count("vehicle"), count("photo"));
  }

  /** A shelf or settings that somebody has touched. */
  private boolean isWorkedOn() {
    int items = count("shelf_item");
    boolean untouched = items == 0 || items == startingItems(); // as older shops began
    return !untouched || shop.isSet() || OWN_WORK.stream().anyMatch(table -> count(table) > 0);
  }

  private int startingItems() {
    try (InputStream in = ImportService.class.getResourceAsStream(STARTING_SHELF)) {
      JsonNode shelf = mapper.readTree(in);
      return shelf.get("products").size() + shelf.get("tools").size();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private int count(String table) {
    return Objects.requireNonNull(
        jdbc.queryForObject("select count(*) from " + table, Integer.class));
  }

  private void take(Path file) throws IOException {
    try (ZipFile zip = new ZipFile(file.toFile())) {
      Whole whole = manifest(zip);
      Map<String, Rows> rows = new LinkedHashMap<>();
      Path unpacked = Files.createTempDirectory(data, "import");
      try {
        for (Part part : whole.files()) {
          if (part.name().startsWith(Whole.TABLES)) {
            rows.put(tableName(part.name()), table(zip, part));
          } else if (Whole.FOLDERS.stream().anyMatch(part.name()::startsWith)) {
            Path target = unpacked.resolve(part.name());
            Files.createDirectories(target.getParent());
            Files.write(target, checked(zip, part)); // one at a time: photos fill no memory
          } else {
            checked(zip, part);
          }
        }
        unlisted(zip, whole);
        fill(whole, rows);
        for (String folder : Whole.FOLDERS) {
          move(unpacked.resolve(folder), data.resolve(folder));
        }
      } finally {
        FileSystemUtils.deleteRecursively(unpacked);
      }
    } catch (ZipException e) {
      throw new InvalidInputException(
          "", PHRASES.say("a-file-that-is-no"), PHRASES.say("a-whole-data-file-zip"));
    }
  }

  private void fill(Whole whole, Map<String, Rows> rows) {
    try {
      tables.replace(whole.schema(), rows, data);
    } catch (RuntimeException e) {
      throw new InvalidInputException(
          "/tables", PHRASES.say("rows-that-do-not-fit"), PHRASES.say("the-rows-an-export-wrote"));
    }
  }

  private static void move(Path from, Path to) throws IOException {
    if (!Files.isDirectory(from)) {
      return;
    }
    Files.createDirectories(to);
    try (Stream<Path> files = Files.list(from)) {
      for (Path file : files.toList()) {
        Files.move(file, to.resolve(file.getFileName()), StandardCopyOption.REPLACE_EXISTING);
      }
    }
  }

  private Whole manifest(ZipFile zip) throws IOException {
    ZipEntry entry = zip.getEntry(Whole.MANIFEST);
    if (entry == null) {
      throw new InvalidInputException(
          "/" + Whole.MANIFEST, Fault.NOTHING, PHRASES.say("the-manifest-of-a-whole"));
    }
    Whole whole;
    try (InputStream in = zip.getInputStream(entry)) {
      whole = mapper.readValue(in.readNBytes((int) MOST_FILE_BYTES), Whole.class);
    } catch (JacksonException e) {
      throw new InvalidInputException(
          "/" + Whole.MANIFEST,
          PHRASES.say("text-that-cannot-be-read"),
          PHRASES.say("the-manifest-of-a-whole"));
    }
    boolean ours = Whole.FORMAT.equals(whole.format()) && whole.version() == Whole.VERSION;
    if (!ours || whole.files() == null || whole.files().size() > MOST_PARTS) {
      throw new InvalidInputException(
          "/" + Whole.MANIFEST,
          whole.format() + " " + whole.version(),
          Whole.FORMAT + " " + Whole.VERSION);
    }
    if (!whole.schema().matches("[0-9]{1,6}")
        || Integer.parseInt(whole.schema()) > Integer.parseInt(tables.schema())) {
      throw new InvalidInputException(
          "/" + Whole.MANIFEST + "/schema",
          "\"" + whole.schema() + "\"",
          PHRASES.say("at-most-a-newer-attune", tables.schema()));
    }
    return whole;
  }

  private static byte[] checked(ZipFile zip, Part part) throws IOException {
    try (InputStream in = zip.getInputStream(entry(zip, part, MOST_FILE_BYTES))) {
      byte[] bytes = in.readNBytes((int) Math.min(MOST_FILE_BYTES, part.bytes() + 1));
      sameSum(part, DigestUtils.sha256Hex(bytes));
      return bytes;
    }
  }

  /** Looked through before anything is changed, and read again row by row: it fills no memory. */
  private Rows table(ZipFile zip, Part part) throws IOException {
    ZipEntry entry = entry(zip, part, MOST_TABLE_BYTES);
    try (InputStream in = zip.getInputStream(entry)) {
      sameSum(part, DigestUtils.sha256Hex(in));
    }
    try {
      each(zip, entry, row -> {});
    } catch (JacksonException e) {
      throw new InvalidInputException(
          "/" + part.name(),
          PHRASES.say("text-that-is-no-json"),
          PHRASES.say("the-rows-of-a-table"));
    }
    return row -> each(zip, entry, row);
  }

  private void each(ZipFile zip, ZipEntry entry, Consumer<JsonNode> row) {
    try (InputStream in = zip.getInputStream(entry);
        MappingIterator<JsonNode> rows = mapper.readerFor(JsonNode.class).readValues(in)) {
      rows.forEachRemaining(row);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static ZipEntry entry(ZipFile zip, Part part, long most) {
    String name = part.name();
    boolean plain = name.matches("[a-z-]+/[A-Za-z0-9._-]+|" + Whole.SHELF) && !name.contains("..");
    ZipEntry entry = plain ? zip.getEntry(name) : null;
    if (entry == null || part.bytes() > most) {
      throw new InvalidInputException(
          "/" + name,
          entry == null ? Fault.NOTHING : PHRASES.say("bytes", part.bytes()),
          entry == null
              ? PHRASES.say("what-the-manifest-names")
              : PHRASES.say("at-most-bytes", most));
    }
    return entry;
  }

  private static void sameSum(Part part, String sum) {
    if (!sum.equals(part.sha256())) {
      throw new InvalidInputException(
          "/" + part.name(),
          PHRASES.say("other-bytes-than-the-manifest"),
          PHRASES.say("the-file-as-it-was"));
    }
  }

  /** What the manifest does not name was put in by somebody else. */
  private static void unlisted(ZipFile zip, Whole whole) {
    Set<String> named = new HashSet<>(whole.files().stream().map(Part::name).toList());
    named.add(Whole.MANIFEST);
    for (Enumeration<? extends ZipEntry> all = zip.entries(); all.hasMoreElements(); ) {
      String name = all.nextElement().getName();
      if (!named.contains(name)) {
        throw new InvalidInputException(
            "/" + name, PHRASES.say("a-file"), PHRASES.say("only-what-the-manifest-names"));
      }
    }
  }

  private String tableName(String part) {
    String name = part.substring(Whole.TABLES.length()).replace(".json", "");
    if (!name.matches("[a-z_]+")) {
      throw new InvalidInputException(
          "/" + part, "\"" + name + "\"", PHRASES.say("the-name-of-a-table"));
    }
    return name;
  }
}
