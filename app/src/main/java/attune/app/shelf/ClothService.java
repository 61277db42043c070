package attune.app.shelf;

import attune.app.format.ShelfFile.ToolFile;
import attune.app.reference.ReferenceData;
import attune.app.shelf.StockViews.ClothForm;
import attune.app.shelf.StockViews.ClothStep;
import attune.app.shelf.StockViews.ClothView;
import attune.core.check.Coded;
import attune.core.check.InvalidInputException;
import attune.core.shelf.Tool;
import attune.core.words.Phrases;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Cloths and applicators: clean, to wash, thrown away. */
@Service
@Transactional
public class ClothService {
  private static final Phrases PHRASES = Phrases.of(ClothService.class);

  private static final Set<Tool.Kind> KEPT =
      EnumSet.of(Tool.Kind.CLOTH, Tool.Kind.WAFFLE_CLOTH, Tool.Kind.SPONGE, Tool.Kind.APPLICATOR);

  private final ClothLotRepository lots;
  private final ShelfItemRepository items;
  private final ShelfService shelf;
  private final ReferenceData reference;
  private final JsonMapper mapper;

  ClothService(
      ClothLotRepository lots,
      ShelfItemRepository items,
      ShelfService shelf,
      ReferenceData reference,
      JsonMapper mapper) {
    this.lots = lots;
    this.items = items;
    this.shelf = shelf;
    this.reference = reference;
    this.mapper = mapper;
  }

  @Transactional(readOnly = true)
  public List<ClothView> all() {
    Map<String, ClothLotEntity> known =
        lots.findAll().stream()
            .collect(Collectors.toMap(ClothLotEntity::toolId, Function.identity()));
    return shelf.file().tools().stream()
        .filter(tool -> isCloth(tool.kind()))
        .map(tool -> view(tool, known.getOrDefault(tool.id(), new ClothLotEntity(tool.id()))))
        .toList();
  }

  private static boolean isCloth(String kind) {
    return KEPT.contains(Coded.parse(Tool.Kind.class, kind));
  }

  public ClothView change(String toolId, ClothForm form) {
    tool(toolId);
    ClothLotEntity lot = lot(toolId);
    lot.take(form);
    lots.saveAndFlush(lot);
    return view(tool(toolId), lot);
  }

  /** Pieces used go to the wash, washed ones come back once more washed, thrown ones are gone. */
  public ClothView step(String toolId, ClothStep step) {
    ToolFile tool = tool(toolId);
    ClothLotEntity lot = lot(toolId);
    int clean = tool.count() == null ? 0 : tool.count();
    int washes = tool.timesWashed() == null ? 0 : tool.timesWashed();
    switch (step.event()) {
      case USED -> {
        atMost(step.pieces(), clean, PHRASES.say("clean-ones-there-are"));
        lot.soil(step.pieces());
        write(toolId, clean - step.pieces(), washes);
      }
      case WASHED -> {
        atMost(1, lot.toWash(), PHRASES.say("waiting-to-be-washed"));
        write(toolId, clean + lot.wash(), washes + 1);
      }
      case THROWN -> {
        atMost(step.pieces(), clean, PHRASES.say("clean-ones-there-are"));
        lot.throwAway(step.pieces());
        write(toolId, clean - step.pieces(), washes);
      }
    }
    lots.saveAndFlush(lot);
    shelf.renew();
    return view(tool(toolId), lot);
  }

  private static void atMost(int pieces, int most, String what) {
    if (pieces > most) {
      throw new InvalidInputException(
          "/pieces", String.valueOf(pieces), PHRASES.say("at-most-the", most, what));
    }
  }

  private void write(String toolId, int count, int washes) {
    ShelfItemEntity item = items.findById(toolId).orElseThrow();
    ObjectNode record = (ObjectNode) mapper.readTree(item.record());
    record.put("count", count).put("timesWashed", washes);
    item.become(record.toString());
    items.flush();
  }

  private ClothLotEntity lot(String toolId) {
    return lots.findById(toolId).orElseGet(() -> new ClothLotEntity(toolId));
  }

  private ToolFile tool(String id) {
    return items
        .findById(id)
        .filter(item -> item.kind().equals(ShelfItemEntity.TOOL))
        .map(item -> mapper.readValue(item.record(), ToolFile.class))
        .filter(tool -> isCloth(tool.kind()))
        .orElseThrow(() -> new NoSuchElementException(PHRASES.say("there-is-no-such-cloth")));
  }

  private ClothView view(ToolFile tool, ClothLotEntity lot) {
    boolean dyed = Boolean.TRUE.equals(tool.dyed());
    int washes = tool.timesWashed() == null ? 0 : tool.timesWashed();
    return new ClothView(
        tool.id(),
        tool.name(),
        lot.colour(),
        lot.faces(),
        lot.uses(),
        dyed,
        washes,
        !dyed || washes >= reference.figures().whole("colourfast.washes"),
        tool.count() == null ? 0 : tool.count(),
        lot.toWash(),
        lot.thrown());
  }
}
