package attune.app.shelf;

import attune.app.format.SchemaName;
import attune.app.format.Schemas;
import attune.app.format.ShelfFile;
import attune.app.format.ShelfReader;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.NoSuchElementException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Product and tool records one at a time: written, changed, put away; old ones are kept. */
@Service
@Transactional
class ShelfRecords {
  private static final Phrases PHRASES = Phrases.of(ShelfRecords.class);

  private static final int LONGEST_ID = 76;

  private final ShelfItemRepository items;
  private final ItemVersionRepository versions;
  private final ShelfService shelf;
  private final Schemas schemas;
  private final ShelfReader reader;
  private final JsonMapper mapper;
  private final Clock clock;

  ShelfRecords(
      ShelfItemRepository items,
      ItemVersionRepository versions,
      ShelfService shelf,
      Schemas schemas,
      ShelfReader reader,
      JsonMapper mapper,
      Clock clock) {
    this.items = items;
    this.versions = versions;
    this.shelf = shelf;
    this.schemas = schemas;
    this.reader = reader;
    this.mapper = mapper;
    this.clock = clock;
  }

  /** Writes a new record; its id is made from its name where it has none. */
  String create(String kind, Record file) {
    ObjectNode record = mapper.valueToTree(file);
    if (record.path("id").asString("").isEmpty()) {
      record.put("id", free(record.path("name").asString("")));
    } else if (items.existsById(record.get("id").asString())) {
      throw new InvalidInputException(
          "/id", "\"" + record.get("id").asString() + "\"", PHRASES.say("an-id-nothing-on-the"));
    }
    check(kind, record);
    String id = record.get("id").asString();
    items.saveAndFlush(new ShelfItemEntity(id, kind, (int) items.count(), record.toString()));
    shelf.renew();
    return id;
  }

  private String free(String name) {
    String slug = name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    String base = slug.replaceAll("^-|-$", "");
    base = base.isEmpty() ? "item" : base.substring(0, Math.min(LONGEST_ID, base.length()));
    String id = base;
    for (int n = 2; items.existsById(id); n++) {
      id = base + "-" + n;
    }
    return id;
  }

  /**
   * Replaces a record; the one before is kept.
   *
   * @param earlier how many records there were before the one that was edited; null for whatever is
   *     there
   * @throws ObjectOptimisticLockingFailureException if somebody saved another meanwhile
   */
  void change(String kind, String id, Record file, @Nullable Long earlier) {
    ShelfItemEntity item = item(kind, id);
    if (earlier != null && earlier != earlier(id)) {
      throw new ObjectOptimisticLockingFailureException(ShelfItemEntity.class, id);
    }
    ObjectNode record = mapper.valueToTree(file);
    if (!id.equals(record.path("id").asString())) {
      throw new InvalidInputException(
          "/id", "\"" + record.path("id").asString() + "\"", PHRASES.say("ids-never-change", id));
    }
    check(kind, record);
    keep(item);
    item.become(record.toString());
    items.flush();
    shelf.renew();
  }

  /** Puts an item away, or back: an archived one is planned with no more, and never lost. */
  void archive(String kind, String id, boolean away) {
    item(kind, id).archive(away);
    items.flush();
    shelf.renew();
  }

  private void keep(ShelfItemEntity item) {
    LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
    versions.save(new ItemVersionEntity(item.id(), item.record(), now));
  }

  /** An item's own record, without what its bottles say. */
  @Transactional(readOnly = true)
  public <T extends Record> T record(String kind, String id, Class<T> type) {
    return mapper.readValue(item(kind, id).record(), type);
  }

  @Transactional(readOnly = true)
  public boolean archived(String kind, String id) {
    return item(kind, id).archived();
  }

  /** How many records an item had before this one. */
  @Transactional(readOnly = true)
  public long earlier(String id) {
    return versions.countByItemId(id);
  }

  /** Archived records of a kind. */
  @Transactional(readOnly = true)
  public <T extends Record> List<T> archived(String kind, Class<T> type) {
    return items.findByKindAndArchivedTrueOrderByPosition(kind).stream()
        .map(item -> mapper.readValue(item.record(), type))
        .toList();
  }

  private ShelfItemEntity item(String kind, String id) {
    return items
        .findById(id)
        .filter(item -> item.kind().equals(kind))
        .orElseThrow(() -> new NoSuchElementException(PHRASES.say("there-is-no-such", kind)));
  }

  /**
   * Checks one record as part of a shelf of its own.
   *
   * @throws InvalidInputException naming the record's own fields
   */
  void check(String kind, JsonNode record) {
    ObjectNode file = mapper.createObjectNode().put("format", "attune-shelf").put("version", 1);
    file.putArray("products");
    file.putArray("tools");
    file.withArray(kind + "s").add(record);
    try {
      schemas.read(SchemaName.SHELF, file.toString());
      reader.read(file.toString());
    } catch (InvalidInputException e) {
      throw new InvalidInputException(
          e.faults().stream()
              .map(
                  f ->
                      new Fault(
                          f.pointer().replaceFirst("^/(products|tools)/0", ""),
                          f.found(),
                          f.allowed()))
              .toList());
    }
  }

  ShelfFile.ProductFile withId(ShelfFile.ProductFile file) {
    ObjectNode record = mapper.valueToTree(file);
    if (record.path("id").asString("").isEmpty()) {
      record.put("id", "new-product");
    }
    return mapper.treeToValue(record, ShelfFile.ProductFile.class);
  }
}
