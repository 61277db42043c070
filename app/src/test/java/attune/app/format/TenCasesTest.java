package attune.app.format;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.reference.ReferenceData;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The ten worked cases of the trade, as attune-jobs in and attune-plans out. */
class TenCasesTest {
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final ShelfReader SHELVES = new ShelfReader(new Schemas(), MAPPER);
  private static final ReferenceData REFERENCE = new ReferenceData(SHELVES);

  private static JsonNode plan(String layout, String setting, String wishes, String... surfaces) {
    String job =
        """
        {"format":"attune-job","version":1,"title":"A case",
         "vehicle":{"layout":"%s","historyKnown":true},
         "setting":{"start":"2026-06-01T08:30"%s},"wishes":{%s},"surfaces":[%s]}
        """
            .formatted(
                layout, setting.isEmpty() ? "" : "," + setting, wishes, String.join(",", surfaces));
    var reader = new JobReader(new Schemas(), SHELVES, MAPPER);
    var read = reader.read(job, REFERENCE.startingShelf(), REFERENCE.houseRules());
    return MAPPER.readTree(
        new PlanWriter(REFERENCE.technique()).text(REFERENCE.planner().plan(read)));
  }

  /** A panel: id, finish, role, area, then whatever else in JSON. */
  private static String panel(
      String id, String finish, String role, double area, String condition, String... more) {
    return """
        {"id":"%s","zone":"front-left-seat","part":"%s","finish":"%s","role":"%s","areaM2":%s,
         "texture":"fine","tone":"mid","ageMonths":60,"condition":{%s}%s}
        """
        .formatted(
            id,
            id,
            finish,
            role,
            area,
            condition,
            more.length == 0 ? "" : "," + String.join(",", more))
        .replaceAll("(?s)\"tone\":\"mid\",(.*\"tone\")", "$1")
        .replaceAll("(?s)\"texture\":\"fine\",(.*\"texture\")", "$1")
        .replaceAll("(?s)\"ageMonths\":60,(.*\"ageMonths\")", "$1");
  }

  private static JsonNode on(JsonNode plan, String id) {
    return plan.get("surfaces")
        .valueStream()
        .filter(s -> s.get("surfaceId").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  private static JsonNode first(JsonNode surface) {
    return surface.get("ladder").get(0);
  }

  private static List<String> codes(JsonNode list) {
    return list.findValuesAsString("code");
  }

  private static List<String> steps(JsonNode surface) {
    return surface.get("finishSteps").findValuesAsString("step");
  }

  private static double stiffness(JsonNode rung) {
    return REFERENCE
        .startingShelf()
        .findTool(rung.get("toolId").asString())
        .map(tool -> tool.stiffness())
        .orElse(0);
  }

  private static List<String> why(JsonNode surface, String item) {
    return surface
        .get("ruledOut")
        .valueStream()
        .filter(o -> o.get("itemId").asString().equals(item))
        .flatMap(o -> codes(o.get("reasons")).stream())
        .toList();
  }

  @Test
  void paleVinylWithDenimHazeAndACoating() {
    String haze = "\"soil\":\"moderate\",\"soils\":[\"denim-dye\"],\"wear\":\"intact\"";
    String pale = "\"tone\":\"pale\",\"ageMonths\":3";
    JsonNode plan =
        plan(
            "five-seat",
            "",
            "\"protection\":\"coating\"",
            panel("cushion", "vinyl/coated-textile", "seat", 0.6, haze, pale),
            panel("back", "vinyl/coated-textile", "seat", 0.6, haze, pale),
            panel(
                "armrest",
                "vinyl/coated-textile",
                "trim",
                0.1,
                haze,
                pale,
                "\"near\":[\"wood-open-pore\"]"),
            panel("rim", "vinyl/coated-textile", "grip", 0.12, haze, pale));
    JsonNode seat = on(plan, "cushion");
    assertThat(why(seat, "marlpit-daily")).contains("FILM_BLOCKS_COATING");
    assertThat(first(seat).get("cleanerId").asString()).startsWith("marlpit");
    assertThat(stiffness(first(seat))).isBetween(1.0, 6.0);
    assertThat(steps(seat)).containsExactly("coat");
    assertThat(seat.get("finishSteps").get(0).get("flashS").get("min").asInt()).isBetween(170, 190);
    assertThat(codes(seat.get("cautions"))).contains("DRY_FIRST", "VENTILATE", "RINSE");
    assertThat(seat.get("dry").get("confirmWith").asString()).contains("moisture");
    JsonNode armrest = on(plan, "armrest");
    assertThat(first(armrest).get("applyTo").asString()).isIn("tool", "cloth");
    assertThat(codes(armrest.get("cautions"))).contains("MASK_NEAR");
    assertThat(steps(on(plan, "rim"))).isEmpty();
    JsonNode dose = plan.get("doses").get(0);
    assertThat(dose.get("productId").asString()).isEqualTo("harbourlight-coat");
    assertThat(dose.get("coatsPossible").asInt()).isGreaterThanOrEqualTo(2);
    assertThat(plan.get("cloths").valueStream())
        .allSatisfy(c -> assertThat(c.get("colourfastOnly").asBoolean()).isTrue());
    assertThat(plan.get("care").findValuesAsString("what"))
        .anyMatch(what -> what.contains("coating-safe"));
  }

  @Test
  void blackMicrosuedeWheelMattedAtTheThumbs() {
    JsonNode plan =
        plan(
            "single",
            "",
            "",
            panel(
                "rim",
                "microsuede/synthetic",
                "grip",
                0.12,
                "\"soil\":\"moderate\",\"soils\":[\"skin-oil\"],\"wear\":\"intact\","
                    + "\"nap\":\"matted\"",
                "\"tone\":\"dark\""));
    JsonNode rim = on(plan, "rim");
    assertThat(first(rim).get("cleanerId").asString()).isEqualTo("fernhollow-nap-foam");
    assertThat(first(rim).get("applyTo").asString()).isIn("tool", "cloth");
    assertThat(stiffness(first(rim))).isLessThanOrEqualTo(4);
    assertThat(codes(rim.get("cautions")))
        .contains("IGNITION_OFF", "BLOT_NOT_RUB", "GRIP_CHECK", "COLOUR_LIFT_RISK");
    assertThat(first(rim).get("endPoint").asString()).contains("white");
    assertThat(steps(rim)).isEmpty();
    assertThat(plan.get("ready").get("driveAt").asString())
        .isGreaterThan(plan.get("timeline").get(0).get("end").asString());
  }

  @Test
  void perforatedVentilatedLeatherWithCoffeeFilm() {
    JsonNode seat =
        on(
            plan(
                "five-seat",
                "",
                "",
                panel(
                    "seat",
                    "leather/coated",
                    "seat",
                    0.5,
                    "\"soil\":\"moderate\",\"soils\":[\"food-drink\"],\"wear\":\"intact\","
                        + "\"perforations\":\"ringed\"",
                    "\"perforated\":true",
                    "\"features\":[\"ventilated\"]")),
            "seat");
    assertThat(why(seat, "spray-surface")).contains("PERFORATED_NO_SPRAY");
    assertThat(seat.get("ladder").findValuesAsString("applyTo")).doesNotContain("surface");
    assertThat(codes(seat.get("cautions"))).contains("VACUUM_FIRST");
    assertThat(first(seat).get("laidGPerM2").asDouble()).isLessThanOrEqualTo(60);
    assertThat(seat.get("dry").get("how").asString()).containsAnyOf("suction", "fan", "seat");
  }

  @Test
  void thirtyYearOldRoadsterWithDryCrackedHideInTheHeat() {
    JsonNode plan =
        plan(
            "two-seat",
            "\"climate\":\"hot\"",
            "",
            panel(
                "seat",
                "leather/coated",
                "seat",
                0.6,
                "\"soil\":\"light\",\"soils\":[\"skin-oil\"],\"wear\":\"cracked\","
                    + "\"feel\":\"dry\"",
                "\"ageMonths\":360"));
    JsonNode seat = on(plan, "seat");
    assertThat(seat.get("ladder").valueStream())
        .allSatisfy(r -> assertThat(stiffness(r)).isLessThanOrEqualTo(1));
    assertThat(seat.get("ladder").findValuesAsString("warmth")).doesNotContain("steam");
    assertThat(seat.get("refer").get("code").asString()).isEqualTo("REFER_REPAIR");
    assertThat(steps(seat)).containsExactly("condition");
    assertThat(plan.get("care").valueStream())
        .anySatisfy(c -> assertThat(c.path("dueInDays").toString()).isEqualTo("[2,7,30,90]"))
        .anySatisfy(c -> assertThat(c.path("everyDays").asInt()).isEqualTo(30));
  }

  @Test
  void neglectedEstateWithAShinyWornRim() {
    JsonNode plan =
        plan(
            "five-seat",
            "",
            "\"protection\":\"barrier\"",
            panel(
                "rim",
                "leather/coated",
                "grip",
                0.12,
                "\"soil\":\"heavy\",\"soils\":[\"skin-oil\"],\"wear\":\"worn\",\"sheenGu\":14"),
            panel(
                "seat",
                "leather/coated",
                "seat",
                0.6,
                "\"soil\":\"heavy\",\"soils\":[\"skin-oil\"],\"wear\":\"intact\""));
    JsonNode rim = on(plan, "rim");
    assertThat(rim.get("ladder").valueStream())
        .allSatisfy(r -> assertThat(stiffness(r)).isLessThanOrEqualTo(1));
    assertThat(first(rim).get("stop").asString()).contains("own colour");
    assertThat(rim.get("end").get("code").asString()).isEqualTo("LEAVE_SOME");
    assertThat(steps(rim)).isEmpty();
    JsonNode seat = on(plan, "seat");
    assertThat(steps(seat)).containsExactly("condition", "barrier");
    assertThat(seat.get("finishSteps").get(1).get("waitS").asInt()).isGreaterThanOrEqualTo(3600);
  }

  @Test
  void doorCardOfManyThings() {
    String light = "\"soil\":\"light\",\"soils\":[\"skin-oil\"],\"wear\":\"intact\"";
    JsonNode plan =
        plan(
            "five-seat",
            "",
            "\"protection\":\"dressing\"",
            panel("upper", "vinyl/coated-textile", "trim", 0.18, light),
            panel("lower", "plastic/textured", "trim", 0.28, light, "\"texture\":\"medium\""),
            panel("switches", "plastic/printed-controls", "control", 0.02, light),
            panel("pocket", "textile/flat", "trim", 0.1, light));
    assertThat(first(on(plan, "switches")).get("applyTo").asString()).isIn("tool", "cloth");
    assertThat(first(on(plan, "switches")).get("effectivePh").get("high").asDouble())
        .isLessThanOrEqualTo(9.5);
    assertThat(codes(on(plan, "upper").get("cautions"))).contains("WIPE_BEFORE_BLOW");
    assertThat(codes(on(plan, "pocket").get("cautions"))).contains("VACUUM_FIRST");
    assertThat(on(plan, "lower").get("finishSteps").get(0).get("productId").asString())
        .isEqualTo("tarnwick-matt");
    assertThat(why(on(plan, "lower"), "tarnwick-gloss")).isNotEmpty();
    assertThat(steps(on(plan, "switches"))).isEmpty();
  }

  @Test
  void touchScreenWithFingerGrease() {
    JsonNode screen =
        on(
            plan(
                "five-seat",
                "",
                "",
                panel(
                    "screen",
                    "screen/coated",
                    "screen",
                    0.05,
                    "\"soil\":\"light\",\"soils\":[\"skin-oil\"],\"wear\":\"intact\"",
                    "\"texture\":\"smooth\"")),
            "screen");
    assertThat(first(screen).get("cleanerId").asString()).isEqualTo("quillon-clear");
    assertThat(first(screen).get("applyTo").asString()).isEqualTo("cloth");
    assertThat(codes(screen.get("cautions"))).contains("IGNITION_OFF");
    assertThat(why(screen, "tarnwick-strip")).contains("NOT_FOR_FINISH");
    assertThat(why(screen, "block-white")).contains("ABRASIVE");
  }

  @Test
  void semiAnilineLoungeSeatsInALightAircraft() {
    JsonNode seat =
        on(
            plan(
                "light-aircraft",
                "",
                "",
                panel(
                    "seat",
                    "leather/semi-aniline",
                    "seat",
                    0.6,
                    "\"soil\":\"light\",\"soils\":[\"skin-oil\"],\"wear\":\"intact\"")),
            "seat");
    assertThat(codes(seat.get("cautions"))).contains("REFER_LICENSED");
    assertThat(first(seat).get("effectivePh").get("high").asDouble()).isLessThanOrEqualTo(8.5);
    assertThat(why(seat, "quillon-spot")).contains("LABEL_EXCLUDES");
  }

  @Test
  void directSummerSunOnBlackVinyl() {
    JsonNode plan =
        plan(
            "five-seat",
            "\"place\":\"mobile\",\"sun\":\"direct\",\"airTempC\":32,\"airSpeedMs\":0.3",
            "",
            panel(
                "seat",
                "vinyl/coated-textile",
                "seat",
                0.6,
                "\"soil\":\"moderate\",\"soils\":[\"skin-oil\"],\"wear\":\"intact\"",
                "\"tone\":\"dark\"",
                "\"surfaceTempC\":60"));
    JsonNode sections = first(on(plan, "seat")).get("sections");
    assertThat(sections.get("windowS").asInt()).isLessThan(90);
    assertThat(sections.get("startAllowed").asBoolean()).isFalse();
    assertThat(codes(plan.get("warnings"))).contains("SURFACE_TOO_HOT");
  }

  @Test
  void oldSiliconeGlossAndTheCustomerWantsMatt() {
    JsonNode plan =
        plan(
            "five-seat",
            "",
            "\"sheen\":\"matt\",\"protection\":\"dressing\"",
            panel(
                "seat",
                "leather/coated",
                "seat",
                0.6,
                "\"soil\":\"heavy\",\"soils\":[\"silicone-film\"],\"wear\":\"intact\","
                    + "\"sheenGu\":22"),
            panel(
                "dash",
                "plastic/textured",
                "trim",
                0.7,
                "\"soil\":\"heavy\",\"soils\":[\"silicone-film\"],\"wear\":\"intact\","
                    + "\"sheenGu\":24"));
    for (String id : List.of("seat", "dash")) {
      JsonNode surface = on(plan, id);
      assertThat(first(surface).get("cleanerId").asString()).isEqualTo("tarnwick-reset");
      assertThat(first(surface).get("passes").get("high").asInt()).isGreaterThan(1);
      assertThat(first(surface).get("endPoint").asString()).contains("GU");
      assertThat(codes(surface.get("cautions"))).doesNotContain("SHEEN_NOT_MET");
      assertThat(surface.get("finishSteps").findValuesAsString("levelTo")).containsOnly("matt");
    }
  }
}
