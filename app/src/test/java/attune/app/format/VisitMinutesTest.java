package attune.app.format;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.reference.ReferenceData;
import attune.core.plan.Timetable;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Minutes a master would sign (docs/trade, time): the calibration points of the second reading, on
 * the five-seat layout, one person, 20 °C, 50 %.
 */
class VisitMinutesTest {
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final ShelfReader SHELVES = new ShelfReader(new Schemas(), MAPPER);
  private static final ReferenceData REFERENCE = new ReferenceData(SHELVES);
  private static final List<String> ROWS = new ArrayList<>();
  private static final Predicate<JsonNode> ALL = panel -> true;
  private static final Predicate<JsonNode> HARD =
      panel ->
          !panel.get("guess").asString().startsWith("textile/")
              && !panel.get("zone").asString().equals("floor");
  private static final Predicate<JsonNode> SEATS =
      HARD.and(panel -> panel.get("role").asString().equals("seat"));
  private static final Predicate<JsonNode> FRONTS =
      SEATS.and(panel -> panel.get("zone").asString().startsWith("front-"));
  private static final Predicate<JsonNode> HIDE_AND_VINYL =
      panel ->
          List.of("leather/coated", "vinyl/coated-textile").contains(panel.get("guess").asString())
              && !panel.get("zone").asString().equals("wheel");

  /** Which minutes are meant. */
  private enum Minutes {
    HANDS {
      @Override
      double of(JsonNode plan) {
        JsonNode hands = plan.at("/totals/handsMin");
        return (hands.get("low").asDouble() + hands.get("high").asDouble()) / 2;
      }
    },
    CLEAN {
      @Override
      double of(JsonNode plan) {
        return plan.at("/totals/cleanMin").asDouble();
      }
    },
    FINISH {
      @Override
      double of(JsonNode plan) {
        return plan.at("/totals/finishMin").asDouble();
      }
    },
    VISIT {
      @Override
      double of(JsonNode plan) {
        return plan.at("/totals/visitMin").asDouble();
      }
    },
    /** Of the tasks that clean, without getting ready for them. */
    CLEANING_TASKS {
      @Override
      double of(JsonNode plan) {
        return plan.get("timeline")
            .valueStream()
            .filter(task -> task.get("step").asString().equals("clean"))
            .mapToDouble(task -> task.path("handsMin").asDouble(0))
            .sum();
      }
    },
    VACUUM {
      @Override
      double of(JsonNode plan) {
        return plan.get("rounds")
            .valueStream()
            .filter(round -> round.get("step").asString().equals("dry-soil"))
            .mapToDouble(round -> round.get("handsMin").asDouble())
            .sum();
      }
    };

    abstract double of(JsonNode plan);
  }

  static Stream<Arguments> points() {
    Consumer<ObjectNode> light = soiled("light", "dust", "skin-oil");
    Consumer<ObjectNode> moderate = soiled("moderate", "dust", "skin-oil");
    Consumer<ObjectNode> old =
        panel -> panel.put("ageMonths", 360).withObject("condition").put("feel", "dry");
    Consumer<ObjectNode> dry =
        panel -> panel.put("ageMonths", 60).withObject("condition").put("feel", "dry");
    Consumer<ObjectNode> microsuede = panel -> panel.put("finish", "microsuede/synthetic");
    Consumer<ObjectNode> haze =
        soiled("moderate", "denim-dye")
            .andThen(
                panel ->
                    panel
                        .put("finish", "vinyl/coated-textile")
                        .put("tone", "pale")
                        .put("ageMonths", 3));
    Consumer<ObjectNode> matted = panel -> panel.withObject("condition").put("nap", "matted");
    Predicate<JsonNode> arms = FRONTS.or(panel -> panel.get("part").asString().equals("armrest"));
    Predicate<JsonNode> rim = part("wheel-rim");
    return Stream.of(
        point(
            "five seats of coated hide, tidy",
            HARD,
            "tidy",
            "none",
            light,
            Minutes.HANDS,
            100,
            140),
        point("the same, thorough", HARD, "thorough", "none", light, Minutes.HANDS, 140, 190),
        point("the same, exacting", HARD, "exacting", "none", light, Minutes.HANDS, 210, 290),
        point(
            "conditioner on its seats",
            SEATS,
            "thorough",
            "none",
            dry.andThen(clean()),
            Minutes.FINISH,
            15,
            25),
        point(
            "neglected, hide and vinyl",
            HIDE_AND_VINYL,
            "thorough",
            "none",
            soiled("heavy", "dust", "skin-oil"),
            Minutes.CLEAN,
            330,
            480),
        point(
            "two old seats, clean and condition",
            FRONTS,
            "thorough",
            "none",
            moderate.andThen(old),
            Minutes.HANDS,
            50,
            75),
        point(
            "a matted microsuede wheel",
            rim,
            "thorough",
            "none",
            moderate.andThen(microsuede).andThen(matted),
            Minutes.VISIT,
            45,
            65),
        point(
            "two microsuede seats and a nap protector",
            FRONTS,
            "thorough",
            "barrier",
            moderate.andThen(microsuede),
            Minutes.HANDS,
            90,
            150),
        point("denim haze on pale vinyl", arms, "thorough", "none", haze, Minutes.CLEAN, 45, 80),
        point("a coat over it", arms, "thorough", "coating", haze, Minutes.FINISH, 25, 45),
        point(
            "a rear cushion",
            part("rear-cushion"),
            "thorough",
            "none",
            light,
            Minutes.CLEANING_TASKS,
            3,
            5),
        point(
            "an armrest",
            part("fl-door-armrest"),
            "thorough",
            "none",
            light,
            Minutes.CLEANING_TASKS,
            0.1,
            1),
        point(
            "a lever knob",
            part("console-lever"),
            "thorough",
            "none",
            light,
            Minutes.CLEANING_TASKS,
            0.1,
            2),
        point("vacuum and blow, tidy", ALL, "tidy", "none", light, Minutes.VACUUM, 15, 20),
        point("vacuum and blow, thorough", ALL, "thorough", "none", light, Minutes.VACUUM, 25, 35),
        point(
            "carpet and mats",
            panel -> panel.get("zone").asString().equals("floor"),
            "thorough",
            "none",
            soiled("moderate", "dust", "food-drink"),
            Minutes.CLEAN,
            25,
            40));
  }

  private static Arguments point(
      String name,
      Predicate<JsonNode> which,
      String standard,
      String protection,
      Consumer<ObjectNode> found,
      Minutes minutes,
      double least,
      double most) {
    return Arguments.of(
        Named.of(name, job(name, which, standard, protection, found)), minutes, least, most);
  }

  @ParameterizedTest(name = "{0}: {1} {2} to {3} min")
  @MethodSource("points")
  void takesWhatItTakesAtTheBench(ObjectNode job, Minutes minutes, double least, double most) {
    var reader = new JobReader(new Schemas(), SHELVES, MAPPER);
    var read = reader.read(job.toString(), REFERENCE.startingShelf(), REFERENCE.houseRules());
    JsonNode plan =
        MAPPER.readTree(new PlanWriter(REFERENCE.technique()).text(REFERENCE.planner().plan(read)));
    ROWS.add(
        "| %s | %s | %.0f to %.0f | %.1f |"
            .formatted(
                job.get("title").asString(),
                minutes.name().toLowerCase(Locale.ROOT).replace('_', ' '),
                least,
                most,
                minutes.of(plan)));
    assertThat(minutes.of(plan)).isBetween(least, most);
  }

  /** {@code ./attune bench visits}: the points as planned now, for docs/benchmarks.md. */
  @AfterAll
  static void tell() throws IOException {
    if (!Boolean.getBoolean("attune.points.write")) {
      return;
    }
    Path file = Path.of("../docs/benchmarks.md");
    String text = Files.readString(file);
    String start = "<!-- points: start -->\n";
    int from = text.indexOf(start) + start.length();
    String table =
        "| point | minutes | range | planned |\n|---|---|---|---|\n"
            + String.join("\n", ROWS)
            + "\n";
    Files.writeString(
        file,
        text.substring(0, from) + table + text.substring(text.indexOf("<!-- points: end -->")));
  }

  /** B2: what a person can live with, on the most neglected car of the demo. */
  @Test
  void aNeglectedCabinIsAtMostFortyFiveRoundsAndADayOfItEighteenBlocks() {
    var job =
        new JobReader(new Schemas(), SHELVES, MAPPER)
            .read(
                ReferenceData.text("/demo/fells-estate.json"),
                REFERENCE.startingShelf(),
                REFERENCE.houseRules());
    Timetable timetable = REFERENCE.planner().plan(job).timetable();
    Map<LocalDate, Long> blocks =
        timetable.stretches().stream()
            .collect(Collectors.groupingBy(s -> s.start().toLocalDate(), Collectors.counting()));
    assertThat(timetable.worked().size()).isBetween(30, 45);
    assertThat(blocks.values()).hasSize(2).allMatch(n -> n <= 18);
  }

  private static Predicate<JsonNode> part(String id) {
    return panel -> panel.get("id").asString().equals(id);
  }

  private static Consumer<ObjectNode> clean() {
    return soiled("none");
  }

  private static Consumer<ObjectNode> soiled(String level, String... soils) {
    return panel -> {
      ObjectNode condition = panel.withObject("condition").put("soil", level);
      condition.remove("soils");
      Stream.of(soils).forEach(condition.withArray("soils")::add);
    };
  }

  private static ObjectNode job(
      String name,
      Predicate<JsonNode> which,
      String standard,
      String protection,
      Consumer<ObjectNode> found) {
    ObjectNode job =
        (ObjectNode)
            MAPPER.readTree(
                """
                {"format":"attune-job","version":1,"title":"%s",
                 "vehicle":{"layout":"five-seat"},
                 "setting":{"place":"studio","airTempC":20,"relativeHumidity":0.5,
                   "airSpeedMs":0.1,"sun":"none","people":1,"start":"2026-05-04T08:00"},
                 "houseRules":{"rinse":"rinse"},
                 "wishes":{"sheen":"matt","standard":"%s","protection":"%s"},"surfaces":[]}
                """
                    .formatted(name, standard, protection));
    layout()
        .get("panels")
        .valueStream()
        .filter(which)
        .forEach(
            panel -> {
              ObjectNode surface = (ObjectNode) panel.deepCopy();
              surface.set("finish", surface.remove("guess"));
              surface.retain(
                  "id",
                  "zone",
                  "part",
                  "finish",
                  "areaM2",
                  "seamM",
                  "texture",
                  "tone",
                  "role",
                  "features",
                  "near");
              surface.put("ageMonths", 30).withObject("condition").put("wear", "intact");
              if (!surface.has("tone")) {
                surface.put("tone", "dark");
              }
              found.accept(surface);
              job.withArray("surfaces").add(surface);
            });
    return job;
  }

  private static JsonNode layout() {
    try {
      return MAPPER.readTree(
          Files.readString(Path.of("src/main/resources/layouts/five-seat.json")));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
