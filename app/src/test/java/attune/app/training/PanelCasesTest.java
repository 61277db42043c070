package attune.app.training;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.format.Schemas;
import attune.app.format.ShelfReader;
import attune.app.format.WireCodes;
import attune.app.reference.ReferenceData;
import attune.core.train.Classroom;
import attune.core.train.Deed;
import attune.core.train.Deed.Act;
import attune.core.train.HandWork;
import attune.core.train.ModelPanel;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What core makes of panels worked at random, as cases the front end's drawing is held to. Refresh
 * them with {@code -Dattune.cases.write=true}.
 */
class PanelCasesTest {
  private static final JsonMapper MAPPER = JsonMapper.builder().addModule(new WireCodes()).build();
  private static final Path CASES = Path.of("../ui/src/practice/panel-cases.json");
  private static final String[] LESSONS = {"first-wipe", "thin-coat", "old-grease"};
  private static final int DEEDS = 30;
  private static final int CELLS = 60;
  private static final int LOOKED_AT = 8;

  @Test
  void theCommittedCasesAreWhatCoreMakesOfThem() throws IOException {
    ReferenceData reference = new ReferenceData(new ShelfReader(new Schemas(), MAPPER));
    Classroom room = reference.classroom(reference.startingShelf());
    ArrayNode all = MAPPER.createArrayNode();
    for (int i = 0; i < LESSONS.length; i++) {
      HandWork work = room.handWork(room.lesson(LESSONS[i]).orElseThrow(), i);
      List<Deed> deeds = deeds(work, new Random(i));
      ObjectNode one = all.addObject();
      one.set("work", MAPPER.valueToTree(PanelWriter.view(work)));
      one.set("deeds", MAPPER.valueToTree(deeds));
      one.set("then", then(work.after(deeds)));
    }
    String text = MAPPER.writeValueAsString(all) + "\n";
    if (Boolean.getBoolean("attune.cases.write")) {
      Files.createDirectories(CASES.getParent());
      Files.writeString(CASES, text);
    }
    JsonNode kept = MAPPER.readTree(Files.readString(CASES));
    assertThat(kept.equals(PanelCasesTest::nearly, MAPPER.readTree(text)))
        .as("ui/src/practice/panel-cases.json is stale: run with -Dattune.cases.write=true")
        .isTrue();
  }

  /** Processors differ in the last digit of an exponential. */
  private static int nearly(JsonNode a, JsonNode b) {
    boolean numbers = a.isNumber() && b.isNumber();
    boolean same = numbers ? Math.abs(a.asDouble() - b.asDouble()) < 1e-6 : a.equals(b);
    return same ? 0 : 1;
  }

  private static List<Deed> deeds(HandWork work, Random random) {
    Act[] acts = {
      Act.LAY,
      Act.WORK,
      Act.WORK,
      Act.WORK,
      Act.WIPE,
      Act.BLOT,
      Act.MIST,
      Act.TURN,
      Act.WAIT,
      Act.VACUUM,
      Act.WIPE,
      Act.DAMP,
      Act.SOAK,
      Act.BLOW,
      Act.LAY
    };
    List<Deed> deeds = new ArrayList<>();
    for (int i = 0; i < DEEDS; i++) {
      Act act = acts[random.nextInt(acts.length)];
      List<Integer> cells = new ArrayList<>();
      int from = random.nextInt(CELLS);
      for (int c = 0; act != Act.TURN && act != Act.WAIT && c < CELLS; c++) {
        cells.add(from + c);
      }
      double waits = act == Act.WAIT ? random.nextInt(400) : 0;
      deeds.add(new Deed(act, random.nextInt(work.means().size()), cells, waits));
    }
    return deeds;
  }

  private static ObjectNode then(ModelPanel panel) {
    ObjectNode then = MAPPER.createObjectNode();
    then.put("seconds", panel.seconds());
    then.put("onFace", panel.onFace());
    then.put("faces", panel.faces());
    ArrayNode cells = then.putArray("cells");
    for (int i = 0; i < LOOKED_AT; i++) {
      int cell = i * CELLS / LOOKED_AT * 2;
      cells
          .addObject()
          .put("cell", cell)
          .put("soil", panel.soilAt(cell))
          .put("liquid", panel.liquidAt(cell))
          .put("coat", panel.coatAt(cell))
          .put("nap", panel.napAt(cell))
          .put("colour", panel.colourAt(cell))
          .put("tide", panel.tideAt(cell));
    }
    return then;
  }
}
