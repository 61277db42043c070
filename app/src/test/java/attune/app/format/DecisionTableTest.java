package attune.app.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import attune.app.reference.ReferenceData;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.plan.Planner;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Decisions of the trade, one a row of {@code decisions.txt}: a case, a panel as a few words, and
 * what must be said of it. Each goes in as an attune-job against the starting shelf and is read
 * from the attune-plan that comes out.
 */
class DecisionTableTest {
  private static final Pattern HEADING = Pattern.compile("# --- (?:(C\\d+) )?.*");
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final ShelfReader SHELVES = new ShelfReader(new Schemas(), MAPPER);
  private static final ReferenceData REFERENCE = new ReferenceData(SHELVES);

  /** Named after the rule it stands under, where it stands under one (docs/trade, judgement). */
  static Stream<Arguments> decisions() throws IOException {
    List<Arguments> rows = new ArrayList<>();
    String rule = "";
    for (String line : Files.readAllLines(Path.of("src/test/resources/decisions.txt"))) {
      Matcher heading = HEADING.matcher(line);
      if (heading.matches()) {
        rule = heading.group(1) == null ? "" : heading.group(1) + ": ";
      } else if (!line.isBlank() && !line.startsWith("#")) {
        String[] cell = line.split("\\|");
        rows.add(Arguments.of(rule + cell[0].strip(), cell[1].strip(), cell[2].strip()));
      }
    }
    return rows.stream();
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("decisions")
  void decides(String name, String panel, String expected) {
    if (expected.startsWith("fault ")) {
      assertThatThrownBy(() -> plan(job(panel)))
          .isInstanceOfSatisfying(
              InvalidInputException.class,
              e ->
                  assertThat(e.faults())
                      .extracting(Fault::pointer)
                      .anyMatch(at -> at.contains(expected.substring("fault ".length()))));
      return;
    }
    JsonNode plan = plan(job(panel));
    for (String claim : expected.split(";")) {
      if (!ofJob(claim.strip(), plan)) {
        claim(claim.strip(), plan.get("surfaces").get(0));
      }
    }
  }

  /**
   * A middling seat panel with the words of a row laid on: {@code field=value}, comma for lists.
   */
  private static ObjectNode job(String panel) {
    ObjectNode job =
        (ObjectNode)
            MAPPER.readTree(
                """
                {"format":"attune-job","version":1,"title":"A case",
                 "vehicle":{"layout":"five-seat","historyKnown":true},
                 "setting":{"start":"2026-05-04T08:30"},"wishes":{},"houseRules":{},
                 "surfaces":[{"id":"panel","zone":"front-left-seat","part":"cushion-centre",
                   "finish":"leather/coated","texture":"fine","tone":"mid","areaM2":0.2,
                   "role":"seat","condition":{"soil":"moderate","soils":["skin-oil"],
                   "wear":"intact"}}]}
                """);
    ObjectNode surface = (ObjectNode) job.get("surfaces").get(0);
    for (String word : panel.split(" +")) {
      String[] part = word.split("=", 2);
      List<String> lists = List.of("soils", "damage", "features", "near", "avoid", "faults");
      List<String> condition =
          List.of(
              "soil",
              "soils",
              "wear",
              "feel",
              "nap",
              "perforations",
              "damage",
              "stainAgeDays",
              "sheenGu");
      if (part[0].startsWith("rule:")) {
        ((ObjectNode) job.get("houseRules")).put(part[0].substring(5), part[1]);
      } else if (part[0].equals("unsaid")) {
        job.set("shelf", shelfWithout(part[1].split("\\.")));
      } else if (part[0].equals("without")) {
        job.set("shelf", shelfLacking(List.of(part[1].split(","))));
      } else if (part[0].equals("excludes")) {
        job.set("shelf", shelfExcluding(part[1].split(":")));
      } else if (part[0].equals("says")) {
        job.set("shelf", shelfSaying(List.of(part[1].split(","))));
      } else if (part[0].equals("also")) {
        also(job, part[1].split(":"));
      } else if (part[0].equals("stain")) {
        stain(surface.withObject("condition").withArray("stains").addObject(), part[1].split(":"));
      } else if (List.of("sheen", "standard", "protection", "avoid").contains(part[0])) {
        put((ObjectNode) job.get("wishes"), part[0], part[1], lists.contains(part[0]));
      } else if (part[0].equals("layout")) {
        ((ObjectNode) job.get("vehicle")).put("layout", part[1]);
      } else if (List.of(
              "sun", "airTempC", "relativeHumidity", "place", "climate", "faults", "childSeat")
          .contains(part[0])) {
        put((ObjectNode) job.get("setting"), part[0], part[1], lists.contains(part[0]));
      } else if (part[0].equals("spent")) {
        spent(surface, Double.parseDouble(part[1]));
      } else if (part[0].equals("had")) {
        String[] earlier = part[1].split(":");
        surface
            .withArray("history")
            .addObject()
            .put("date", earlier[1])
            .put("productId", earlier[0]);
      } else if (part[0].equals("coatedBefore")) {
        history(surface).put("coated", true);
      } else {
        ObjectNode on =
            condition.contains(part[0]) ? (ObjectNode) surface.get("condition") : surface;
        put(on, part[0], part[1], lists.contains(part[0]));
      }
    }
    return job;
  }

  /** The starting shelf with one field of one record left blank: {@code unsaid=id.field}. */
  private static JsonNode shelfWithout(String[] blank) {
    ObjectNode shelf =
        (ObjectNode)
            MAPPER.readTree(
                DecisionTableTest.class.getResourceAsStream("/reference/starting-shelf.json"));
    shelf.retain("products", "tools");
    Stream.of("products", "tools")
        .flatMap(list -> shelf.get(list).valueStream())
        .filter(record -> record.get("id").asString().equals(blank[0]))
        .forEach(record -> ((ObjectNode) record).remove(blank[1]));
    return shelf;
  }

  /** The starting shelf with one label that leaves a finish out: {@code excludes=id:finish}. */
  private static JsonNode shelfExcluding(String[] told) {
    ObjectNode shelf = (ObjectNode) shelfWithout(new String[] {"", ""});
    shelf
        .get("products")
        .valueStream()
        .filter(record -> record.get("id").asString().equals(told[0]))
        .forEach(record -> ((ObjectNode) record).putArray("labelExcludes").add(told[1]));
    return shelf;
  }

  /** The starting shelf where some labels say one thing more: {@code says=id.field,id.field}. */
  private static JsonNode shelfSaying(List<String> said) {
    ObjectNode shelf = (ObjectNode) shelfWithout(new String[] {"", ""});
    for (String each : said) {
      String[] told = each.split("\\.");
      shelf
          .get("products")
          .valueStream()
          .filter(record -> record.get("id").asString().equals(told[0]))
          .forEach(record -> ((ObjectNode) record).put(told[1], true));
    }
    return shelf;
  }

  /** A second panel in the same zone with a spot of its own: {@code also=finish:stain}. */
  private static void also(ObjectNode job, String[] told) {
    ArrayNode surfaces = (ArrayNode) job.get("surfaces");
    ObjectNode other = ((ObjectNode) surfaces.get(0)).deepCopy();
    other.put("id", "other").put("finish", told[0]).put("role", "seat");
    other.withObject("condition").remove("stains");
    stain(
        other.withObject("condition").withArray("stains").addObject(),
        new String[] {told[1], "spot"});
    surfaces.add(other);
  }

  /** The starting shelf without some of its records. */
  private static JsonNode shelfLacking(List<String> ids) {
    ObjectNode shelf = (ObjectNode) shelfWithout(new String[] {"", ""});
    for (String list : List.of("products", "tools")) {
      ArrayNode left = MAPPER.createArrayNode();
      shelf
          .get(list)
          .valueStream()
          .filter(record -> !ids.contains(record.get("id").asString()))
          .forEach(left::add);
      shelf.set(list, left);
    }
    return shelf;
  }

  /** {@code kind:extent:ageDays}. */
  private static void stain(ObjectNode stain, String[] told) {
    stain.put("kind", told[0]).put("extent", told[1]);
    if (told.length > 2) {
      stain.put("ageDays", Integer.parseInt(told[2]));
    }
  }

  private static void put(ObjectNode on, String field, String value, boolean list) {
    if (list) {
      on.remove(field);
      Arrays.stream(value.split(",")).forEach(on.withArray(field)::add);
    } else if (value.matches("-?[0-9.]+")) {
      on.put(field, Double.parseDouble(value));
      if (!value.contains(".")) {
        on.put(field, Integer.parseInt(value));
      }
    } else if (value.equals("true")) {
      on.put(field, true);
    } else {
      on.put(field, value);
    }
  }

  private static ObjectNode history(ObjectNode surface) {
    return surface.withArray("history").addObject().put("date", "2026-02-01");
  }

  /** Earlier cleans at pH 10 on coated hide: 96.8 µmol/l above its routine limit. */
  private static void spent(ObjectNode surface, double dose) {
    history(surface).put("ph", 10).put("contactMin", dose / 96.8).put("passes", 1);
  }

  private static JsonNode plan(ObjectNode job) {
    Planner planner = REFERENCE.planner();
    var read =
        new JobReader(new Schemas(), SHELVES, MAPPER)
            .read(job.toString(), REFERENCE.startingShelf(), REFERENCE.houseRules());
    return MAPPER.readTree(new PlanWriter(REFERENCE.technique()).text(planner.plan(read)));
  }

  /** A claim about the whole job; false where it is about the panel. */
  private static boolean ofJob(String claim, JsonNode plan) {
    String[] word = claim.split(" +", 2);
    switch (word[0]) {
      case "remains" ->
          assertThat(plan.get("remains").findValuesAsString("soil")).contains(word[1]);
      case "no-remains" -> assertThat(plan.get("remains")).isEmpty();
      case "buy" -> assertThat(plan.get("purchases").findValuesAsString("role")).contains(word[1]);
      case "care" ->
          assertThat(plan.get("care").findValuesAsString("what"))
              .anyMatch(what -> what.startsWith(word[1]));
      case "does" -> assertThat(plan.get("timeline").findValuesAsString("step")).contains(word[1]);
      case "does-not" ->
          assertThat(plan.get("timeline").findValuesAsString("step")).doesNotContain(word[1]);
      default -> {
        return false;
      }
    }
    return true;
  }

  private static JsonNode spot(JsonNode s) {
    return s.get("ladder").valueStream().filter(r -> r.has("spot")).findFirst().orElseThrow();
  }

  private static void claim(String claim, JsonNode s) {
    String[] word = claim.split(" +", 2);
    String rest = word.length > 1 ? word[1] : "";
    JsonNode first = s.get("ladder").get(0);
    switch (word[0]) {
      case "nothing" -> assertThat(s.get("ladder")).as(claim).isEmpty();
      case "spot" -> {
        assertThat(spot(s).get("cleanerId").asString()).isEqualTo(rest);
        assertThat(spot(s).get("applyTo").asString()).isEqualTo("cloth");
      }
      case "spot-cm2" -> assertThat(spot(s).at("/spot/cm2").asDouble()).isEqualTo(number(rest));
      case "spot-ml<=" ->
          assertThat(spot(s).at("/spot/ml").asDouble()).isPositive().isLessThan(number(rest));
      case "no-spot" -> assertThat(s.get("ladder").valueStream()).noneMatch(r -> r.has("spot"));
      case "cleaned" -> assertThat(s.get("ladder")).as(claim).isNotEmpty();
      case "cleaner" -> assertThat(first.path("cleanerId").asString("dry")).isEqualTo(rest);
      case "tool" -> assertThat(first.get("toolId").asString()).isIn((Object[]) rest.split(","));
      case "on" -> assertThat(first.get("applyTo").asString()).isEqualTo(rest);
      case "warmth" -> assertThat(first.get("warmth").asString()).isEqualTo(rest);
      case "stiffness<=" ->
          assertThat(s.get("ladder").valueStream())
              .isNotEmpty()
              .allSatisfy(
                  r -> assertThat(stiffness(r)).as(claim).isLessThanOrEqualTo(number(rest)));
      case "ph<=" ->
          assertThat(s.get("ladder").valueStream())
              .isNotEmpty()
              .allSatisfy(r -> assertThat(ph(r, "high")).isLessThanOrEqualTo(number(rest)));
      case "first-ph<=" -> assertThat(ph(first, "high")).isLessThanOrEqualTo(number(rest));
      case "dwell<=" ->
          assertThat(first.get("dwellS").get("min").asDouble()).isLessThanOrEqualTo(number(rest));
      case "laid<=" ->
          assertThat(first.get("laidGPerM2").asDouble()).isLessThanOrEqualTo(number(rest));
      case "passes<=" ->
          assertThat(first.get("passes").get("high").asDouble()).isLessThanOrEqualTo(number(rest));
      case "in-window" ->
          assertThat(s.get("ladder").valueStream())
              .isNotEmpty()
              .allMatch(r -> r.at("/dwellS/max").asInt() <= r.at("/sections/windowS").asInt());
      case "starts" -> assertThat(first.at("/sections/startAllowed").asBoolean()).isTrue();
      case "starts-later" -> assertThat(first.at("/sections/startAllowed").asBoolean()).isFalse();
      case "held" -> {
        JsonNode held = s.get("finishSteps").get(0);
        assertThat(held.get("step").asString()).isEqualTo(rest);
        assertThat(held.at("/history/last").asString())
            .isLessThan(held.at("/history/next").asString());
      }
      case "refer" -> assertThat(s.get("refer").get("code").asString()).isEqualTo(rest);
      case "no-refer" -> assertThat(s.has("refer")).as(claim).isFalse();
      case "ends" -> assertThat(s.get("end").get("code").asString()).isEqualTo(rest);
      case "caution" -> assertThat(codes(s.get("cautions"))).contains(rest);
      case "no-caution" -> assertThat(codes(s.get("cautions"))).doesNotContain(rest);
      case "out" -> assertThat(reasons(s, rest.split(" ")[0])).contains(rest.split(" ")[1]);
      case "finish" -> assertThat(steps(s)).isEqualTo(rest);
      case "uses" ->
          assertThat(s.get("finishSteps").findValuesAsString("productId")).contains(rest);
      case "by" ->
          assertThat(s.get("finishSteps").findValuesAsString("applicatorId")).contains(rest);
      case "coats" ->
          assertThat(s.get("finishSteps").get(0).get("coats").asDouble()).isEqualTo(number(rest));
      case "wait>=" ->
          assertThat(s.get("finishSteps").get(1).get("waitS").asDouble())
              .isGreaterThanOrEqualTo(number(rest));
      default -> throw new IllegalArgumentException("no such claim: " + claim);
    }
  }

  private static double number(String text) {
    return Double.parseDouble(text);
  }

  private static double stiffness(JsonNode rung) {
    return REFERENCE
        .startingShelf()
        .findTool(rung.get("toolId").asString())
        .map(tool -> tool.stiffness())
        .orElse(0);
  }

  private static double ph(JsonNode rung, String end) {
    return rung.has("effectivePh") ? rung.get("effectivePh").get(end).asDouble() : 7;
  }

  private static List<String> codes(JsonNode list) {
    return list.findValuesAsString("code");
  }

  private static List<String> reasons(JsonNode s, String item) {
    return s.get("ruledOut")
        .valueStream()
        .filter(out -> out.get("itemId").asString().equals(item))
        .flatMap(out -> codes(out.get("reasons")).stream())
        .toList();
  }

  private static String steps(JsonNode s) {
    List<String> steps =
        s.get("finishSteps")
            .valueStream()
            .filter(step -> !step.has("history"))
            .map(step -> step.get("step").asString())
            .toList();
    return steps.isEmpty() ? "nothing" : String.join(",", steps);
  }
}
