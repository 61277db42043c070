package attune.app.shelf;

import attune.app.format.ShelfFile;
import attune.app.format.ShelfReader;
import attune.app.reference.ReferenceData;
import attune.core.shelf.Shelf;
import java.util.ArrayList;
import java.util.List;
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
  private final JsonMapper mapper;
  private volatile Loaded loaded;

  private record Loaded(Shelf shelf, ShelfFile file) {}

  ShelfService(ShelfItemRepository items, ShelfReader reader, JsonMapper mapper) {
    this.items = items;
    this.reader = reader;
    this.mapper = mapper;
  }

  /** The shelf as the core sees it. */
  @Transactional
  public Shelf shelf() {
    return load().shelf();
  }

  /** The shelf as its file. */
  @Transactional
  public ShelfFile file() {
    return load().file();
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
