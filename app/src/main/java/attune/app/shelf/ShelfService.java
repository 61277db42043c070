package attune.app.shelf;

import attune.app.format.ShelfCsv;
import attune.app.format.ShelfFile;
import attune.app.format.ShelfReader;
import attune.app.reference.ReferenceData;
import attune.app.shelf.ShelfViews.ImportView;
import attune.core.check.InvalidInputException;
import attune.core.shelf.Shelf;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The shop's shelf; an empty one is filled with the starting shelf once. */
@Service
public class ShelfService {
  private final ShelfItemRepository items;
  private final ShelfReader reader;
  private final ShelfCsv csv;
  private final JsonMapper mapper;
  private final AtomicInteger version = new AtomicInteger();
  private volatile Loaded loaded;

  private record Loaded(Shelf shelf, ShelfFile file) {}

  ShelfService(ShelfItemRepository items, ShelfReader reader, ShelfCsv csv, JsonMapper mapper) {
    this.items = items;
    this.reader = reader;
    this.csv = csv;
    this.mapper = mapper;
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
    return csv.write(mapper.readTree(document()));
  }

  /**
   * Brings a shelf file in: items by their id, new ones added, known ones replaced, none removed.
   * All or nothing.
   *
   * @param text CSV, or JSON where it starts with a brace
   * @param dryRun true to only say what would change
   * @throws InvalidInputException with every fault found
   */
  @Transactional
  public ImportView bringIn(String text, boolean decimalComma, boolean dryRun) {
    load();
    JsonNode file = text.stripLeading().startsWith("{") ? json(text) : csv.read(text, decimalComma);
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
              "the id " + before.id() + " for a " + kind,
              "another id: it is a " + before.kind());
        }
        if (before == null) {
          added.add(node.get("name").asString());
          written.add(entity(node, kind, known.size() + written.size()));
        } else if (!record(kind, mapper.readTree(before.record())).equals(record(kind, node))) {
          changed.add(node.get("name").asString());
          before.become(node.toString());
          written.add(before);
        } else {
          same++;
        }
      }
    }
    if (!dryRun) {
      items.saveAllAndFlush(written);
      loaded = null;
      version.incrementAndGet();
      load();
    }
    return new ImportView(!dryRun, added, changed, same);
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
    if (loaded == null) {
      if (items.count() == 0) {
        fill();
      }
      String json = document();
      loaded = new Loaded(reader.read(json), mapper.readValue(json, ShelfFile.class));
    }
    return loaded;
  }

  private void fill() {
    JsonNode file = mapper.readTree(ReferenceData.startingShelfText());
    List<ShelfItemEntity> all = new ArrayList<>();
    file.get("products")
        .forEach(node -> all.add(entity(node, ShelfItemEntity.PRODUCT, all.size())));
    file.get("tools").forEach(node -> all.add(entity(node, ShelfItemEntity.TOOL, all.size())));
    items.saveAll(all);
  }

  private static ShelfItemEntity entity(JsonNode node, String kind, int position) {
    return new ShelfItemEntity(node.get("id").asString(), kind, position, node.toString());
  }

  private String document() {
    ObjectNode file = mapper.createObjectNode().put("format", "attune-shelf").put("version", 1);
    ArrayNode products = file.putArray("products");
    ArrayNode tools = file.putArray("tools");
    for (ShelfItemEntity item : items.findAllByOrderByPosition()) {
      ArrayNode list = item.kind().equals(ShelfItemEntity.PRODUCT) ? products : tools;
      list.add(mapper.readTree(item.record()));
    }
    return file.toString();
  }
}
