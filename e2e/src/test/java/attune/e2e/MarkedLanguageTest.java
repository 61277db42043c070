package attune.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.lowagie.text.pdf.PdfReader;
import com.lowagie.text.pdf.parser.PdfTextExtractor;
import com.microsoft.playwright.APIResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/**
 * In the language of no country every sentence of a catalogue is marked: what is read on a view or
 * a paper without a mark is a name, a number, or a sentence somebody wrote beside the catalogues.
 */
@ExtendWith(AttuneJar.class)
class MarkedLanguageTest {
  private static final Path RESOURCES = Path.of("../app/src/main/resources");
  private static final Pattern MARKED = Pattern.compile("«[^«»]*»");
  private static final Pattern WORD = Pattern.compile("[A-Za-z]{3,}");

  private static final List<String> PAGES =
      List.of(
          "/",
          "/new",
          "/week",
          "/shelf",
          "/shelf?part=tools",
          "/shelf?part=cloths",
          "/shelf?part=needs",
          "/shelf?part=never-mix",
          "/shelf/products/eddystrand-bloom",
          "/shelf/products/new",
          "/shelf/tools/cloth-charcoal",
          "/people",
          "/customers/new",
          "/vehicles/new",
          "/shop",
          "/shop/log",
          "/practice",
          "/practice/least-harm",
          "/practice/greasy-bolster",
          "/rules",
          "/mix",
          "/cloth",
          "/nowhere");
  private static final List<String> VIEWS =
      List.of(
          "survey",
          "match",
          "matrix",
          "rules",
          "mix",
          "timetable",
          "sections",
          "quote",
          "bench",
          "record",
          "care",
          "handover");

  /** What is read and heard on a page, piece by piece. */
  private static final String READ =
      """
      () => {
        const out = []
        const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
        while (texts.nextNode()) {
          const parent = texts.currentNode.parentElement
          if (parent && !parent.closest('script, style, code')) out.push(texts.currentNode.data)
        }
        for (const e of document.querySelectorAll('*'))
          for (const name of ['aria-label', 'placeholder', 'title', 'alt'])
            if (e.getAttribute(name)) out.push(e.getAttribute(name))
        return [document.title, ...out]
      }""";

  /** Names the demo and the tables give, and what is no word: months, units, codes of money. */
  private static Set<String> names() throws IOException {
    Set<String> names =
        words(
            "Attune Lantern Yard Trim Care jan feb mar apr may jun jul aug sep oct nov dec mon tue wed thu fri"
                + " sat sun january february march april june july august september october november"
                + " december monday tuesday wednesday thursday friday saturday sunday min pdf csv json"
                + " http eur rrggbb aca refresh deep protect specialist");
    Pattern named =
        Pattern.compile("\"(?:name|maker|label|colour|note|title|zone)\"\\s*:\\s*\"([^\"]*)\"");
    for (Path file :
        under(
            RESOURCES.resolve("demo"),
            RESOURCES.resolve("layouts"),
            RESOURCES.resolve("reference"))) {
      if (file.toString().endsWith(".json")) {
        named
            .matcher(Files.readString(file))
            .results()
            .forEach(found -> names.addAll(words(found.group(1))));
      }
    }
    for (Path file : under(Path.of("../app/src/main/java/attune/app/demo"))) {
      Pattern.compile("\"([^\"]*)\"")
          .matcher(Files.readString(file))
          .results()
          .forEach(found -> names.addAll(words(found.group(1))));
    }
    return names;
  }

  private static List<Path> under(Path... places) throws IOException {
    List<Path> files = new ArrayList<>();
    for (Path place : places) {
      try (Stream<Path> all = Files.walk(place)) {
        files.addAll(all.filter(Files::isRegularFile).toList());
      }
    }
    return files;
  }

  private static Set<String> words(String text) {
    return WORD.matcher(text.toLowerCase(Locale.ROOT))
        .results()
        .map(MatchResult::group)
        .collect(Collectors.toCollection(HashSet::new));
  }

  /** A piece of text without what is marked in it, from the inside out. */
  private static String unmarked(String text) {
    String before = text;
    String after = MARKED.matcher(text).replaceAll(" ");
    while (!after.equals(before)) {
      before = after;
      after = MARKED.matcher(after).replaceAll(" ");
    }
    return after;
  }

  private static boolean isOfNames(String text, Set<String> names) {
    return names.containsAll(words(unmarked(text)));
  }

  @Test
  void nothingIsReadOnAViewOrAPaperThatNoCatalogueSays(AttuneJar.Opened attune, @TempDir Path data)
      throws IOException {
    Set<String> names = names();
    Set<String> beside = new LinkedHashSet<>();
    AttuneJar.Opened marked = attune.beside(data, "--demo", "--language=en-XA", "--server.port=0");
    try (Visit visit = Visit.desk(marked)) {
      visit.open("/");
      String running = visit.job("Oxmarrow Fells");
      views(visit, running, names, beside);
      papers(visit, running, names, beside);
      refusals(visit, running, names, beside);
    } finally {
      marked.process().destroy();
      marked.process().onExit().join();
    }
    assertThat(beside).isEmpty();
  }

  private static void views(Visit visit, String running, Set<String> names, Set<String> beside) {
    String helm = visit.job("Tidewren");
    List<String> paths = new ArrayList<>(PAGES);
    VIEWS.forEach(view -> paths.add(running + "/" + view));
    List.of("match", "sections", "bench").forEach(view -> paths.add(helm + "/" + view));
    for (String path : paths) {
      visit.open(path);
      List<?> read = (List<?>) visit.page.evaluate(READ);
      assertThat(read.toString()).as(path).contains("«");
      read.stream()
          .map(String::valueOf)
          .filter(text -> !isOfNames(text, names))
          .forEach(text -> beside.add(path + ": " + text));
    }
  }

  private static void papers(Visit visit, String running, Set<String> names, Set<String> beside)
      throws IOException {
    String api = "/api/v1" + running;
    AtTheBench.post(visit, api + "/quote", "{\"declined\":[]}");
    String cabin = "/api/v1" + workedAircraft(visit);
    for (String paper :
        List.of(
            api + "/handover/report.pdf",
            cabin + "/handover/logbook.pdf",
            api + "/quote/1.pdf",
            "/api/v1/mix/label.pdf?productId=eddystrand-bloom&ratio=1:10&bottleMl=500")) {
      String text = paper(visit.page.request().get(paper));
      assertThat(text).as(paper).contains("«");
      if (!isOfNames(text, names)) {
        beside.add(paper + ": " + unmarked(text));
      }
    }
  }

  private static String workedAircraft(Visit visit) {
    String job =
        AtTheBench.jobOf(
            visit,
            "light-aircraft",
            "Lantern Yard",
            "\"finish\":\"leather/coated\",\"soil\":\"light\",\"wear\":\"intact\"",
            "fl-cushion-centre");
    AtTheBench.post(visit, "/api/v1" + job + "/bench", "");
    String now =
        JsonParser.parseString(visit.page.request().get("/api/v1" + job + "/bench").text())
            .getAsJsonObject()
            .get("serverNow")
            .getAsString();
    AtTheBench.post(
        visit,
        "/api/v1" + job + "/bench/entries",
        "{\"entries\":[%s]}".formatted(AtTheBench.entry("clean-fl-cushion-centre", "done", now)));
    return job;
  }

  /**
   * What is said when something is not taken: all of it but what was found, which is the sender's.
   */
  private static void refusals(Visit visit, String running, Set<String> names, Set<String> beside) {
    String api = "/api/v1" + running;
    List.of(
            List.of("/api/v1/jobs", "{\"title\":\"\",\"vehicle\":{\"label\":\"\"}}"),
            List.of("/api/v1/jobs", "{"),
            List.of(api + "/findings", "{\"surfaceIds\":[\"none\"],\"finding\":{}}"),
            List.of(api + "/bench/entries", "{\"entries\":[{\"kind\":\"done\"}]}"),
            List.of("/api/v1/jobs/" + UUID.randomUUID() + "/bench", ""),
            List.of("/api/v1/shelf/products", "{\"name\":\"\"}"),
            List.of("/api/v1/nowhere", "{}"))
        .forEach(
            sent -> {
              String answer = AtTheBench.post(visit, sent.get(0), sent.get(1));
              JsonObject refused = JsonParser.parseString(answer).getAsJsonObject();
              assertThat(refused.has("detail")).as(sent + ": " + answer).isTrue();
              List<String> said = new ArrayList<>();
              said.add(refused.get("detail").getAsString());
              if (refused.has("faults")) {
                refused
                    .getAsJsonArray("faults")
                    .forEach(f -> said.add(f.getAsJsonObject().get("allowed").getAsString()));
              }
              said.stream()
                  .filter(text -> !isOfNames(text, names))
                  .forEach(text -> beside.add(sent + ": " + text));
            });
  }

  private static String paper(APIResponse response) throws IOException {
    assertThat(response.status()).as(response.url() + ": " + response.text()).isEqualTo(200);
    StringBuilder text = new StringBuilder();
    try (PdfReader pdf = new PdfReader(response.body())) {
      for (int page = 1; page <= pdf.getNumberOfPages(); page++) {
        text.append(new PdfTextExtractor(pdf).getTextFromPage(page)).append(' ');
      }
    }
    return text.toString();
  }
}
