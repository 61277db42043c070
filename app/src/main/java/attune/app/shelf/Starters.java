package attune.app.shelf;

import attune.app.reference.ReferenceData;
import attune.core.check.InvalidInputException;
import attune.core.check.Known;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Plain tools a shop starts from by ticking what it owns. Bottles are never among them: what a
 * bottle does stands on its own label.
 */
@Service
class Starters {
  private static final Phrases PHRASES = Phrases.of(Starters.class);

  /** A tool to tick. */
  record Starter(String id, String name, String group, boolean owned) {}

  private final ShelfService shelf;
  private final JsonMapper mapper;
  private final Map<String, String> groups = new LinkedHashMap<>();
  private final Map<String, ObjectNode> tools = new LinkedHashMap<>();

  Starters(ShelfService shelf, JsonMapper mapper) {
    this.shelf = shelf;
    this.mapper = mapper;
    ReferenceData.text("/reference/starters.csv")
        .lines()
        .skip(1)
        .map(line -> line.split(",", 2))
        .forEach(cell -> groups.put(cell[0], cell[1].replace("\"", "")));
    for (JsonNode tool : mapper.readTree(ReferenceData.startingShelfText()).get("tools")) {
      if (groups.containsKey(tool.get("id").asString())) {
        tools.put(tool.get("id").asString(), ((ObjectNode) tool).without("count"));
      }
    }
    if (!tools.keySet().containsAll(groups.keySet())) {
      throw new IllegalStateException("starters.csv names a tool the starting shelf has not");
    }
  }

  List<Starter> all() {
    Set<String> owned =
        shelf.shelf().tools().stream().map(tool -> tool.id()).collect(Collectors.toSet());
    return groups.entrySet().stream()
        .map(
            e ->
                new Starter(
                    e.getKey(),
                    Known.of(tools, e.getKey()).get("name").asString(),
                    e.getValue(),
                    owned.contains(e.getKey())))
        .toList();
  }

  /**
   * Puts ticked tools on the shelf; what is there stays as it is.
   *
   * @throws InvalidInputException for a tool that is not among them; then none is added
   */
  @Transactional
  List<Starter> take(List<String> ids) {
    for (int i = 0; i < ids.size(); i++) {
      if (!groups.containsKey(ids.get(i))) {
        throw new InvalidInputException(
            "/tools/" + i, "\"" + ids.get(i) + "\"", PHRASES.say("a-plain-tool"));
      }
    }
    Set<String> wanted = new HashSet<>(ids);
    List<ObjectNode> fresh = new ArrayList<>();
    all().stream()
        .filter(starter -> wanted.contains(starter.id()) && !starter.owned())
        .forEach(starter -> fresh.add(tools.get(starter.id())));
    if (!fresh.isEmpty()) {
      ObjectNode file = mapper.createObjectNode().put("format", "attune-shelf").put("version", 1);
      file.putArray("products");
      ArrayNode list = file.putArray("tools");
      fresh.forEach(list::add);
      shelf.bringIn(file.toString(), false, false, null);
    }
    return all();
  }
}
