package attune.app.handover;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.format.JobFile;
import attune.app.jobs.JobService;
import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import com.lowagie.text.pdf.PdfReader;
import com.lowagie.text.pdf.parser.PdfTextExtractor;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every job of the examples and the demo, driven from survey to hand-over with whatever may be
 * answered at its steps: nothing a person reads is a code, an id, or an empty value.
 */
class MachineTextTest {
  /** What holds codes, ids and times for the program, never shown as it is. */
  private static final Pattern FOR_THE_PROGRAM =
      Pattern.compile(
          "(.*[iI]d|.*Ids|code|kind|step|state|look|seen|after|covers|next|lastNext|topNext|person"
              + "|persons|layout|finish|role|texture|tone|zone|part|ratio|.*At|at|from|to|start|end"
              + "|day|date|on|plate|format|setBy|itemId|applyTo|warmth|corrects|ticked|colour"
              + "|standard|soils|hazards|moment|version|tool|product|applicator|form|.*From|.*By"
              + "|phNature|sold|package|instrument|field|level|unit|feel|wear)");

  private static final List<Pattern> MACHINE =
      Stream.of(
              "\\bnull\\b",
              "undefined",
              "\\bNaN\\b",
              "Infinity",
              "Optional\\[",
              "Optional\\.empty",
              "\\bperson-\\d",
              "\\b[A-Z]{3,}_[A-Z_]+\\b", // a reason's code
              "\\b[a-z]+/[a-z]+-[a-z]+\\b", // a finish's code
              "%[ds.]",
              "[a-z]\\(\\)",
              "\\.\\.(?!\\.)",
              ", ,| {2,}|\\s[,.;:](\\s|$)",
              "\\b1 (panels|passes|cloths|coats|minutes|days|steps|sections)\\b",
              "\\b\\d{3,}:\\d\\d\\b",
              "\\d{4}-\\d\\d-\\d\\dT")
          .map(Pattern::compile)
          .toList();

  private static final Pattern TIME = Pattern.compile("[\\d-]{10}T[\\d:.]+");
  private static final int AT_ONCE = 12;

  @TempDir Path data;
  private final Map<String, String> found = new TreeMap<>();
  private Api api;
  private Set<String> ids;

  @Test
  void nothingAPersonReadsIsMadeForTheMachine() throws IOException {
    try (Running running =
        RunningAttune.start(data, "--attune.demo=true", "--attune.shop=Lantern Yard Trim Care")) {
      api = running.api();
      ids = new TreeSet<>();
      for (String list : List.of("products", "tools")) {
        ids.addAll(api.get("/api/v1/shelf").json().get(list).findValuesAsString("id"));
      }
      ids.removeIf(id -> !id.contains("-"));
      JobService jobs = running.context().getBean(JobService.class);
      Random random = new Random(11);
      for (String file : files()) {
        JobFile document = JsonMapper.shared().readValue(file, JobFile.class);
        drive(jobs.create(document, "an example").id(), random);
      }
      for (String view : List.of("day", "watch", "week", "mix/day", "needs", "shelf/scales")) {
        read("/api/v1/" + view, view);
      }
    }
    assertThat(found).isEmpty();
  }

  private static List<String> files() throws IOException {
    List<String> files = new ArrayList<>();
    try (Stream<Path> examples = Files.list(Path.of("../docs/examples"))) {
      for (Path example : examples.sorted().toList()) {
        files.add(Files.readString(example));
      }
    }
    for (String demo : List.of("lumen-hatch", "corvid-wheel", "tidewren-helm")) {
      files.add(Files.readString(Path.of("src/main/resources/demo/" + demo + ".json")));
    }
    return files;
  }

  private void drive(UUID job, Random random) throws IOException {
    String path = "/api/v1/jobs/" + job;
    for (String view :
        List.of("", "/plan", "/timetable", "/timetable/offers", "/quote", "/outcomes")) {
      read(path + view, view);
    }
    for (JsonNode surface : api.get(path).json().at("/document/surfaces")) {
      if (surface.at("/condition").hasNonNull("wear")) {
        read(path + "/surfaces/" + surface.get("id").asString() + "/match", "match");
      }
    }
    Answer begun = api.post(path + "/bench");
    assertThat(begun.status()).as("%s: %s", job, begun.json()).isEqualTo(200);
    look(begun.json(), "bench");
    List<String> entries = answers(begun.json(), random);
    while (!entries.isEmpty()) {
      Answer told = api.tellRaw(job.toString(), entries.toArray(String[]::new));
      assertThat(told.status()).as("%s: %s", entries, told.json()).isEqualTo(200);
      look(told.json(), "bench");
      entries = answers(told.json().get("run"), random);
    }
    read(path + "/bench/record", "record");
    api.post(path + "/handover");
    read(path + "/handover", "hand-over");
    read(path + "/care", "care");
    PdfReader pdf = new PdfReader(api.bytes(path + "/handover/report.pdf"));
    for (int page = 1; page <= pdf.getNumberOfPages(); page++) {
      text(new PdfTextExtractor(pdf).getTextFromPage(page).replaceAll("\\s+", " "), "report.pdf");
    }
  }

  /** Whatever may be said of the next few open steps. */
  private static List<String> answers(JsonNode bench, Random random) {
    List<String> entries = new ArrayList<>();
    for (JsonNode task : bench.get("tasks")) {
      boolean open = Set.of("waiting", "running").contains(task.get("state").asString());
      if (task.get("needsHands").asBoolean() && open && entries.size() < AT_ONCE) {
        ObjectNode entry =
            JsonMapper.shared()
                .createObjectNode()
                .put("id", UUID.randomUUID().toString())
                .put("taskId", task.get("id").asString())
                .put("kind", "done")
                .put("at", bench.get("serverNow").asString());
        JsonNode answers = task.get("answers");
        if (!answers.isEmpty()) {
          entry.put("kind", "seen");
          entry.set("seen", answers.get(random.nextInt(answers.size())).get("seen"));
        }
        entries.add(entry.toString());
      }
    }
    return entries;
  }

  private void read(String path, String where) {
    Answer answer = api.get(path);
    assertThat(answer.status()).as(path).isEqualTo(200);
    look(answer.json(), where);
  }

  private void look(JsonNode node, String where) {
    if (node.isString() && !TIME.matcher(node.asString()).matches()) {
      text(node.asString(), where);
    } else if (node.isObject()) {
      node.propertyStream()
          .filter(field -> !FOR_THE_PROGRAM.matcher(field.getKey()).matches())
          .forEach(field -> look(field.getValue(), where + "/" + field.getKey()));
    } else if (node.isArray()) {
      node.valueStream().forEach(one -> look(one, where));
    }
  }

  private void text(String text, String where) {
    for (Pattern machine : MACHINE) {
      if (machine.matcher(text).find()) {
        found.putIfAbsent(where + " " + machine, text);
      }
    }
    ids.stream().filter(text::contains).forEach(id -> found.putIfAbsent(where + " " + id, text));
  }
}
