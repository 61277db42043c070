package attune.app.shelf;

import attune.app.format.ShelfCsv;
import attune.app.format.ShelfFile;
import attune.app.format.ShelfReader;
import attune.app.reference.DataReplaced;
import attune.app.shelf.ShelfViews.ImportView;
import attune.app.shelf.ShelfViews.Stage;
import attune.core.check.InvalidInputException;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The shop's shelf; an empty one is filled with the starting shelf once. */
@Service
public class ShelfService {
  private static final Phrases PHRASES = Phrases.of(ShelfService.class);

  private static final int BATCH = 500;

  private final ShelfItemRepository items;
  private final ItemVersionRepository versions;
  private final BottleRepository bottles;
  private final ShelfReader reader;
  private final ShelfCsv csv;
  private final JsonMapper mapper;
  private final Clock clock;
  private final ImportProgress progress;
  private final AtomicInteger version = new AtomicInteger();
  private volatile @Nullable Loaded loaded;

  /**
   * @param day when it was read: bottles go off overnight
   */
  private record Loaded(Shelf shelf, ShelfFile file, LocalDate day) {}

  ShelfService(
      ShelfItemRepository items,
      ItemVersionRepository versions,
      BottleRepository bottles,
      ShelfReader reader,
      ShelfCsv csv,
      JsonMapper mapper,
      Clock clock,
      ImportProgress progress) {
    this.items = items;
    this.versions = versions;
    this.bottles = bottles;
    this.reader = reader;
    this.csv = csv;
    this.mapper = mapper;
    this.clock = clock;
    this.progress = progress;
  }

  /** The shelf as the core sees it. */
  @Transactional
  public Shelf shelf() {
    return load().shelf();
  }

  /** Changes whenever the shelf does, while the application runs. */
  public int version() {
    return version.get();
  }

  /** The shelf as its file. */
  @Transactional
  public ShelfFile file() {
    return load().file();
  }

  /** The shelf as CSV. */
  @Transactional
  public String csv() {
    load();
    return csv.write(document(Map.of()));
  }

  /** The shelf as an attune-shelf file, as it can be brought in again. */
  @Transactional
  public String json() {
    load();
    return document(Map.of()).toPrettyString();
  }

  /**
   * Brings a shelf file in: items by their id, new ones added, known ones replaced, none removed.
   * All or nothing.
   *
   * @param text CSV, or JSON where it starts with a brace
   * @param dryRun true to only say what would change
   * @param watch under which progress is told, or null
   * @throws InvalidInputException with every fault found
   */
  @Transactional
  public ImportView bringIn(
      String text, boolean decimalComma, boolean dryRun, @Nullable UUID watch) {
    load();
    JsonNode file =
        text.stripLeading().startsWith("{")
            ? json(text)
            : csv.read(text, decimalComma, (rows, of) -> reading(watch, rows, of));
    Map<String, ShelfItemEntity> known =
        items.findAll().stream()
            .collect(Collectors.toMap(ShelfItemEntity::id, Function.identity()));
    List<String> added = new ArrayList<>();
    List<String> changed = new ArrayList<>();
    List<ShelfItemEntity> written = new ArrayList<>();
    int same = 0;
    for (String kind : List.of(ShelfItemEntity.PRODUCT, ShelfItemEntity.TOOL)) {
      for (JsonNode node : file.get(kind + "s")) {
        ShelfItemEntity before = known.get(node.get("id").asString());
        if (before != null && !before.kind().equals(kind)) {
          throw new InvalidInputException(
              "",
              PHRASES.say("the-id-for-a", before.id(), kind),
              PHRASES.say("another-id-it-is-a", before.kind()));
        }
        if (before == null) {
          added.add(node.get("name").asString());
          written.add(entity(node, kind, known.size() + written.size()));
        } else if (!record(kind, mapper.readTree(before.record())).equals(record(kind, node))) {
          changed.add(node.get("name").asString());
          if (!dryRun) {
            keep(before);
            before.become(node.toString());
          }
          written.add(before);
        } else {
          same++;
        }
      }
    }
    if (!dryRun) {
      for (int from = 0; from < written.size(); from += BATCH) {
        int to = Math.min(written.size(), from + BATCH);
        items.saveAllAndFlush(written.subList(from, to));
        progress.note(watch, Stage.STORING, to, written.size());
      }
      renew();
    }
    return new ImportView(!dryRun, added, changed, same);
  }

  /** Writes a pen reading onto a product's record; one of the same ratio is replaced. */
  @Transactional
  public void measured(String productId, String ratio, double ph) {
    ShelfItemEntity item = items.findById(productId).orElseThrow();
    ObjectNode node = (ObjectNode) mapper.readTree(item.record());
    ArrayNode points = mapper.createArrayNode();
    if (node.has("phMeasured")) {
      node.get("phMeasured")
          .forEach(
              point -> {
                if (!point.get("ratio").asString().equals(ratio)) {
                  points.add(point);
                }
              });
    }
    points.addObject().put("ratio", ratio).put("ph", ph);
    node.set("phMeasured", points);
    keep(item);
    item.become(node.toString());
    items.saveAndFlush(item);
    renew();
  }

  private void keep(ShelfItemEntity item) {
    LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
    versions.save(new ItemVersionEntity(item.id(), item.record(), now));
  }

  /** Looks again at the next question: records or bottles are not what they were. */
  @EventListener(DataReplaced.class)
  void renew() {
    forget();
    if (TransactionSynchronizationManager.isSynchronizationActive()) {
      TransactionSynchronizationManager.registerSynchronization(
          new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
              forget(); // somebody may have looked before it was written
            }
          });
    }
  }

  private void forget() {
    loaded = null;
    version.incrementAndGet();
  }

  /** A record as the core sees it. */
  Product read(ShelfFile.ProductFile record) {
    ObjectNode file = mapper.createObjectNode().put("format", "attune-shelf").put("version", 1);
    file.putArray("products").add(mapper.<JsonNode>valueToTree(record));
    file.putArray("tools");
    return reader.read(file.toString()).products().get(0);
  }

  /** The last row read, what follows is checking them all together. */
  private void reading(@Nullable UUID watch, int rows, int of) {
    progress.note(watch, rows < of ? Stage.READING : Stage.CHECKING, rows, of);
  }

  /** A record by value: 7 and 7.0 are the same. */
  private Record record(String kind, JsonNode node) {
    Class<? extends Record> type =
        kind.equals(ShelfItemEntity.PRODUCT)
            ? ShelfFile.ProductFile.class
            : ShelfFile.ToolFile.class;
    return mapper.treeToValue(node, type);
  }

  private JsonNode json(String text) {
    reader.read(text);
    return mapper.readTree(text);
  }

  private Loaded load() {
    LocalDate today = LocalDate.now(clock);
    Loaded known = loaded;
    if (known != null && !known.day().equals(today)) {
      forget();
      known = null;
    }
    if (known == null) {
      String json = document(stock()).toString();
      known = new Loaded(reader.read(json), mapper.readValue(json, ShelfFile.class), today);
      loaded = known;
    }
    return known;
  }

  private Map<String, List<BottleEntity>> stock() {
    return bottles.findAll().stream().collect(Collectors.groupingBy(BottleEntity::productId));
  }

  private static ShelfItemEntity entity(JsonNode node, String kind, int position) {
    return new ShelfItemEntity(node.get("id").asString(), kind, position, node.toString());
  }

  /** The shelf as a file; where a product's bottles are counted they say what is on hand. */
  private ObjectNode document(Map<String, List<BottleEntity>> stock) {
    ObjectNode file = mapper.createObjectNode().put("format", "attune-shelf").put("version", 1);
    ArrayNode products = file.putArray("products");
    ArrayNode tools = file.putArray("tools");
    for (ShelfItemEntity item : items.findAllByOrderByPosition()) {
      if (!item.archived()) {
        ObjectNode record = (ObjectNode) mapper.readTree(item.record());
        counted(record, stock.get(item.id()));
        (item.kind().equals(ShelfItemEntity.PRODUCT) ? products : tools).add(record);
      }
    }
    return file;
  }

  private void counted(ObjectNode record, @Nullable List<BottleEntity> of) {
    if (of == null) {
      return;
    }
    LocalDate today = LocalDate.now(clock);
    List<BottleEntity> good = of.stream().filter(bottle -> bottle.isUsable(today)).toList();
    double left = good.stream().mapToDouble(BottleEntity::leftMl).sum();
    record.put("onHandMl", Math.round(left * 10) / 10.0);
    record.remove("openedOn");
    good.stream()
        .filter(bottle -> bottle.leftMl() > 0)
        .map(BottleEntity::openedOn)
        .filter(Objects::nonNull)
        .min(Comparator.naturalOrder())
        .ifPresent(day -> record.put("openedOn", day.toString()));
  }
}
