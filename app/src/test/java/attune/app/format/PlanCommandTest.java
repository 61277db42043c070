package attune.app.format;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.planning.PlanCommand;
import attune.core.check.Fault;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** {@code attune plan JOB.json}: same job, same bytes; bad input, one line a fault and exit 2. */
class PlanCommandTest {
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final Path EXAMPLES = Path.of("../docs/examples");

  private record Run(int status, String out, String err) {}

  private static Run run(String... arguments) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ByteArrayOutputStream err = new ByteArrayOutputStream();
    int status =
        new PlanCommand(
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8))
            .run(List.of(arguments));
    return new Run(
        status, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
  }

  static Stream<Path> examples() throws IOException {
    return Files.list(EXAMPLES).sorted();
  }

  @ParameterizedTest
  @MethodSource("examples")
  void anExampleIsPlannedToTheSameBytesEachTime(Path example) {
    Run first = run(example.toString());
    assertThat(first.status()).isZero();
    assertThat(first.err()).isEmpty();
    assertThat(run(example.toString()).out()).isEqualTo(first.out());
  }

  @ParameterizedTest
  @MethodSource("examples")
  void whatIsWrittenIsAPlanByItsSchema(Path example) throws IOException {
    Schemas schemas = new Schemas();
    List<Fault> faults =
        schemas.faults(SchemaName.PLAN, MAPPER.readTree(run(example.toString()).out()));
    assertThat(faults).isEmpty();
    assertThat(schemas.faults(SchemaName.JOB, MAPPER.readTree(Files.readString(example))))
        .isEmpty();
  }

  @ParameterizedTest
  @MethodSource("examples")
  void thePlanAnswersEverySurfaceOnce(Path example) throws IOException {
    JsonNode job = MAPPER.readTree(Files.readString(example));
    JsonNode plan = MAPPER.readTree(run(example.toString()).out());
    assertThat(plan.get("surfaces").valueStream().map(s -> s.get("surfaceId").asString()))
        .containsExactlyElementsOf(
            job.get("surfaces").valueStream().map(s -> s.get("id").asString()).toList());
    assertThat(plan.get("surfaces").valueStream())
        .allSatisfy(
            s ->
                assertThat(s.get("ladder").size() > 0 || s.has("refer") || soilFree(job, s))
                    .isTrue());
  }

  private static boolean soilFree(JsonNode job, JsonNode planned) {
    return job.get("surfaces")
        .valueStream()
        .filter(s -> s.get("id").equals(planned.get("surfaceId")))
        .allMatch(s -> s.at("/condition/soil").asString().equals("none"));
  }

  @FunctionalInterface
  private interface Spoil {
    void in(ObjectNode job);
  }

  private static ObjectNode first(ObjectNode job) {
    return (ObjectNode) job.at("/surfaces/0");
  }

  private static Arguments spoilt(String line, Spoil spoil) {
    return Arguments.of(line, spoil);
  }

  static Stream<Arguments> spoiltJobs() {
    return Stream.of(
        spoilt("/format: found \"attune-cake\", allowed", job -> job.put("format", "attune-cake")),
        spoilt("/version: found 7, allowed", job -> job.put("version", 7)),
        spoilt(
            "/surfaces: found nothing, allowed this field is required",
            job -> job.remove("surfaces")),
        spoilt("/colour: found an unknown field, allowed", job -> job.put("colour", "red")),
        spoilt(
            "/surfaces/0/areaM2: found -1, allowed at least 0.0005",
            job -> first(job).put("areaM2", -1)),
        spoilt("/surfaces/0/areaM2: found \"big\"", job -> first(job).put("areaM2", "big")),
        spoilt("/surfaces/0/finish: found \"velvet\"", job -> first(job).put("finish", "velvet")),
        spoilt("/surfaces/0/role: found \"hat\"", job -> first(job).put("role", "hat")),
        spoilt(
            "/surfaces/0/condition/soil: found \"grubby\"",
            job -> ((ObjectNode) first(job).get("condition")).put("soil", "grubby")),
        spoilt("/setting: found nothing", job -> job.remove("setting")),
        spoilt(
            "/setting/relativeHumidity: found 60, allowed at most 1",
            job -> ((ObjectNode) job.get("setting")).put("relativeHumidity", 60)),
        spoilt(
            "/setting/start: found \"tomorrow\"",
            job -> ((ObjectNode) job.get("setting")).put("start", "tomorrow")),
        spoilt(
            "/setting/start: found \"2026-02-30T09:00\"",
            job -> ((ObjectNode) job.get("setting")).put("start", "2026-02-30T09:00")),
        spoilt(
            "/surfaces/1/id: found",
            job -> ((ObjectNode) job.at("/surfaces/1")).set("id", first(job).get("id"))),
        spoilt(
            "/houseRules/steam: found \"sauna\"",
            job -> job.putObject("houseRules").put("steam", "sauna")),
        spoilt(
            "/houseRules/moon-phase",
            job -> job.putObject("houseRules").put("moon-phase", "full")));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("spoiltJobs")
  void aFaultIsALineWithItsPointerFoundAndAllowed(String line, Spoil spoil, @TempDir Path dir)
      throws IOException {
    ObjectNode job =
        (ObjectNode) MAPPER.readTree(Files.readString(EXAMPLES.resolve("leather-estate.json")));
    spoil.in(job);
    Path file = Files.writeString(dir.resolve("job.json"), job.toString());
    Run run = run(file.toString());
    assertThat(run.status()).isEqualTo(2);
    assertThat(run.out()).isEmpty();
    assertThat(run.err().lines()).isNotEmpty().allMatch(l -> l.contains(": found "));
    assertThat(run.err().lines()).anyMatch(l -> l.startsWith(line));
    assertThat(run.err()).doesNotContain("Exception");
  }

  @Test
  void severalFaultsAreSeveralLines(@TempDir Path dir) throws IOException {
    ObjectNode job =
        (ObjectNode) MAPPER.readTree(Files.readString(EXAMPLES.resolve("boat-helm.json")));
    first(job).put("areaM2", 0).put("tone", "beige");
    job.put("version", 2);
    Path file = Files.writeString(dir.resolve("job.json"), job.toString());
    assertThat(run(file.toString()).err().lines()).hasSizeGreaterThanOrEqualTo(3);
  }

  static Stream<Arguments> notJson() {
    return Stream.of(
        Arguments.of("", "found nothing, allowed"),
        Arguments.of("{\"format\":", "text that is not JSON"),
        Arguments.of("{} {}", "text that is not JSON"),
        Arguments.of("{\"format\":1,\"format\":2}", "text that is not JSON"),
        Arguments.of("[".repeat(5000), "text that is not JSON"),
        Arguments.of("null", "found null"),
        Arguments.of("[]", "found a list of 0"));
  }

  @ParameterizedTest
  @MethodSource("notJson")
  void whatIsNoJobIsSaidSo(String text, String said, @TempDir Path dir) throws IOException {
    Path file = Files.writeString(dir.resolve("job.json"), text);
    Run run = run(file.toString());
    assertThat(run.status()).isEqualTo(2);
    assertThat(run.err()).contains(said).doesNotContain("Exception");
  }

  @Test
  void filesThatCannotBeReadAreSaidSo(@TempDir Path dir) throws IOException {
    assertThat(run(dir.resolve("gone.json").toString()).err()).contains("no file");
    assertThat(run(dir.toString()).err()).contains("cannot be read");
    Path latin = Files.write(dir.resolve("latin.json"), new byte[] {'"', (byte) 0xe9, '"'});
    assertThat(run(latin.toString()).err()).contains("not UTF-8");
    Path huge = Files.write(dir.resolve("huge.json"), new byte[Schemas.MOST_BYTES + 1]);
    assertThat(run(huge.toString()).err()).contains("at most 8388608");
    assertThat(run().err()).startsWith("usage:");
    assertThat(run("a", "b").status()).isEqualTo(2);
  }

  @ParameterizedTest
  @MethodSource("examples")
  void aPageToWorkByTellsEveryRoundItsTaskItsCautionsAndWhenTheCarMayBeSatIn(Path example)
      throws IOException {
    Run sheet = run("--sheet", example.toString());
    JsonNode plan = MAPPER.readTree(run(example.toString()).out());
    assertThat(sheet.err()).isEmpty();
    assertThat(sheet.out()).endsWith("\n").doesNotContain("null", "Optional", "NaN");
    int number = 0;
    for (JsonNode round : plan.get("rounds")) {
      if (!round.get("step").asString().equals("break")) {
        String clock = round.get("start").asString().substring(11, 16);
        assertThat(sheet.out()).contains("%3d.  %s  ".formatted(++number, clock));
      }
      for (JsonNode line : round.path("technique")) {
        assertThat(sheet.out()).contains(line.get("text").asString());
      }
    }
    assertThat(sheet.out()).as("its head counts what it lists").contains(number + " steps.");
    for (JsonNode remains : plan.path("remains")) {
      assertThat(sheet.out()).contains(remains.get("text").asString());
    }
    assertThat(number)
        .as("with receiving and hand-over")
        .isEqualTo(plan.at("/totals/rounds").asInt() + 2);
  }

  @Test
  void aPageToWorkBySaysWhatNobodyCleans(@TempDir Path directory) throws IOException {
    ObjectNode job =
        (ObjectNode) MAPPER.readTree(Files.readString(EXAMPLES.resolve("leather-estate.json")));
    ObjectNode dash = (ObjectNode) job.get("surfaces").get(0);
    dash.put("finish", "plastic/soft-touch").put("zone", "dash").put("part", "upper");
    ((ObjectNode) dash.get("condition")).put("soil", "moderate").putArray("soils").add("dust");
    dash.putObject("wishes").putArray("avoid").add("scent");
    Path file = directory.resolve("job.json");
    Files.writeString(file, job.toString());
    assertThat(run("--sheet", file.toString()).out())
        .contains("- Dash upper: Not cleaned at this visit.");
  }

  @ParameterizedTest
  @MethodSource("examples")
  void aCautionOfASurfaceThatIsWorkedStandsAtARound(Path example) {
    JsonNode plan = MAPPER.readTree(run(example.toString()).out());
    for (JsonNode surface : plan.get("surfaces")) {
      if (surface.get("ladder").size() > 0) {
        assertThat(surface.get("cautions"))
            .allSatisfy(c -> assertThat(c.get("roundIds")).as(c.toString()).isNotEmpty());
      }
    }
  }

  private Run runWith(Path directory, String byHand) throws IOException {
    ObjectNode job =
        (ObjectNode) MAPPER.readTree(Files.readString(EXAMPLES.resolve("leather-estate.json")));
    ((ObjectNode) job.get("surfaces").get(0)).set("byHand", MAPPER.readTree(byHand));
    Path file = directory.resolve("job.json");
    Files.writeString(file, job.toString());
    return run(file.toString());
  }

  @Test
  void whatWasSetByHandIsFollowedOrItsFaultIsNamed(@TempDir Path directory) throws IOException {
    String needles =
        "{\"needles\":{\"cleanerId\":\"%s\",\"ratio\":\"ready\",\"toolId\":\"%s\","
            + "\"applyTo\":\"tool\",\"laidGPerM2\":12,\"warmth\":\"none\",\"dwellS\":45}}";
    Run followed = runWith(directory, needles.formatted("marlpit-mild", "sponge-soft"));
    JsonNode first = MAPPER.readTree(followed.out()).at("/surfaces/0");
    assertThat(first.get("byHand").asBoolean()).isTrue();
    assertThat(first.at("/ladder/0/toolId").asString()).isEqualTo("sponge-soft");
    Run missing = runWith(directory, needles.formatted("lye", "chainsaw"));
    assertThat(missing.status()).isEqualTo(2);
    assertThat(missing.err())
        .contains("/surfaces/0/byHand/needles/cleanerId: found \"lye\"")
        .contains("/surfaces/0/byHand/needles/toolId: found \"chainsaw\"");
  }
}
