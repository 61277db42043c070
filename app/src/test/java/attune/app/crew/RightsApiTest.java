package attune.app.crew;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.crew.Operations.Operation;
import attune.app.support.Browser;
import attune.app.support.RunningAttune;
import attune.app.support.RunningAttune.Running;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Who may do what: every operation of the API, as every role and as nobody. */
class RightsApiTest {
  private static final Set<String> METHODS = Set.of("get", "post", "put", "patch", "delete");
  @TempDir static Path data;
  private static Running shop;

  private record Asked(String method, String path) {
    String row() {
      return method + " " + path;
    }

    /** With ids that nothing has. */
    String uri() {
      return path.replace("{number}", "999").replaceAll("\\{[^}]+}", UUID.randomUUID().toString());
    }
  }

  @BeforeAll
  static void opens() {
    shop = RunningAttune.start(data);
    CrewService crew = shop.context().getBean(CrewService.class);
    crew.owner("Mira Holt", "lantern in the yard");
    for (Role role : Role.values()) {
      crew.add(new CrewViews.MemberForm("Somebody " + role.word(), role, null, "4711", null));
    }
  }

  @AfterAll
  static void closes() {
    shop.close();
  }

  private static List<Asked> document() throws IOException {
    JsonNode paths =
        JsonMapper.shared().readTree(Files.readString(Path.of("openapi.json"))).get("paths");
    List<Asked> all = new ArrayList<>();
    for (String path : paths.propertyNames()) {
      for (String method : paths.get(path).propertyNames()) {
        if (METHODS.contains(method)) {
          all.add(new Asked(method.toUpperCase(Locale.ROOT), path));
        }
      }
    }
    return all;
  }

  private static Browser signedIn(Role role) {
    Browser browser = new Browser(shop.port());
    String id =
        shop.context().getBean(CrewService.class).atTheDoor().stream()
            .filter(n -> n.role() == role && n.pin())
            .findFirst()
            .orElseThrow()
            .id()
            .toString();
    assertThat(
            browser
                .send(
                    "POST",
                    "/api/v1/crew/session",
                    "{\"memberId\":\"%s\",\"pin\":\"4711\"}".formatted(id))
                .status())
        .isEqualTo(200);
    return browser;
  }

  @Test
  void everyOperationHasItsRowAndNoRowIsLeftOver() throws IOException {
    Set<String> rows =
        new Operations()
            .all().stream()
                .map(o -> o.method() + " " + o.path().getPatternString())
                .filter(row -> !row.endsWith("/openapi.json"))
                .collect(Collectors.toCollection(TreeSet::new));
    Set<String> asked =
        document().stream().map(Asked::row).collect(Collectors.toCollection(TreeSet::new));
    assertThat(rows).isEqualTo(asked);
  }

  @Test
  void everyRoleGetsThroughExactlyWhereTheTableSays() throws IOException {
    List<String> wrong = new ArrayList<>();
    List<Asked> all = document();
    Operations operations = new Operations();
    for (Role role : Role.values()) {
      Browser browser = signedIn(role);
      for (Asked asked : all) {
        Right right =
            operations.of(asked.method(), asked.uri()).map(Operation::right).orElseThrow();
        if (asked.row().equals("DELETE /api/v1/crew/session")) {
          continue; // signs this one out
        }
        int status = browser.send(asked.method(), asked.uri(), body(asked)).status();
        boolean through = status != 401 && status != 403;
        if (through != right.has(role) || status >= 500) {
          wrong.add(role + " " + asked.row() + ": " + status);
        }
      }
    }
    assertThat(wrong).isEmpty();
  }

  @Test
  void nobodySeesAnythingButTheDoorAndACustomersLink() throws IOException {
    Browser nobody = new Browser(shop.port());
    Operations operations = new Operations();
    List<String> through =
        document().stream()
            .filter(a -> nobody.send(a.method(), a.uri(), body(a)).status() != 401)
            .map(Asked::row)
            .toList();
    List<String> open =
        document().stream()
            .filter(
                a ->
                    operations.of(a.method(), a.uri()).map(Operation::right).orElseThrow()
                        == Right.OPEN)
            .map(Asked::row)
            .toList();
    assertThat(through).isEqualTo(open).hasSizeBetween(5, 9);
  }

  private static String body(Asked asked) {
    return asked.method().equals("GET") || asked.method().equals("DELETE") ? null : "{}";
  }

  @Test
  void docsShowTheTableAsItStandsInCode() throws IOException {
    StringBuilder table = new StringBuilder("| May | ");
    for (Role role : Role.values()) {
      table.append(role.word()).append(" | ");
    }
    table.append("\n|---|").append(":-:|".repeat(Role.values().length)).append('\n');
    for (Right right : Right.values()) {
      table.append("| ").append(right.words()).append(" | ");
      table.append(
          Arrays.stream(Role.values())
              .map(role -> right.has(role) ? "yes" : "")
              .collect(Collectors.joining(" | ")));
      table.append(" |\n");
    }
    String told = table.toString().replaceAll(" +\n", "\n");
    Path page = Path.of("../docs/security.md");
    String text = Files.readString(page);
    String start = "<!-- rights: start -->\n";
    int from = text.indexOf(start) + start.length();
    int to = text.indexOf("<!-- rights: end -->");
    if (Boolean.getBoolean("attune.rights.write")) {
      Files.writeString(page, text.substring(0, from) + told + text.substring(to));
    }
    assertThat(Files.readString(page)).contains(start + told);
  }
}
