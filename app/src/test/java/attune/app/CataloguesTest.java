package attune.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.MessagePattern;
import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every sentence of the catalogues is said somewhere, with what it asks for, and none is missing.
 */
class CataloguesTest {
  private static final Path ROOT = Path.of("..");
  private static final Pattern SAYS = Pattern.compile("\\.say\\(\\s*\"([^\"]+)\"");

  /** A catalogue and the package that speaks from it. */
  record Area(String module, String name) {
    Path catalogue() {
      return ROOT.resolve(
          "%s/src/main/resources/attune/words/%s/%s.properties".formatted(module, module, name));
    }

    Path sources() {
      return ROOT.resolve("%s/src/main/java/attune/%s/%s".formatted(module, module, name));
    }
  }

  static List<Area> areas() throws IOException {
    List<Area> areas = new ArrayList<>();
    for (String module : List.of("core", "app")) {
      try (Stream<Path> all =
          Files.list(ROOT.resolve(module + "/src/main/resources/attune/words/" + module))) {
        all.map(file -> file.getFileName().toString().replace(".properties", ""))
            .sorted()
            .forEach(name -> areas.add(new Area(module, name)));
      }
    }
    return areas;
  }

  @ParameterizedTest
  @MethodSource("areas")
  void everySentenceIsSaidWithWhatItAsksFor(Area area) throws IOException {
    Properties catalogue = new Properties();
    try (Reader in = Files.newBufferedReader(area.catalogue())) {
      catalogue.load(in);
    }
    Map<String, Integer> said = said(area);
    assertThat(new TreeSet<>(catalogue.stringPropertyNames()))
        .isEqualTo(new TreeSet<>(said.keySet()));
    said.forEach(
        (code, given) -> assertThat(given).as(code).isEqualTo(asked(catalogue.getProperty(code))));
  }

  @Test
  void everyLimitOfAFieldIsSaidAndNoOther() throws IOException {
    Properties limits = new Properties();
    try (Reader in =
        Files.newBufferedReader(
            ROOT.resolve("app/src/main/resources/ValidationMessages.properties"))) {
      limits.load(in);
    }
    Set<String> asked = new TreeSet<>();
    try (Stream<Path> files = Files.walk(ROOT.resolve("app/src/main/java"))) {
      for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
        Pattern.compile("(?:message|ALLOWED|YEARS) =\\s+\"\\{([^}\"]+)\\}\"")
            .matcher(Files.readString(file))
            .results()
            .forEach(found -> asked.add(found.group(1)));
      }
    }
    assertThat(new TreeSet<>(limits.stringPropertyNames())).isEqualTo(asked);
  }

  /** Codes a package says, with how many arguments. */
  private static Map<String, Integer> said(Area area) throws IOException {
    Map<String, Integer> said = new HashMap<>();
    try (Stream<Path> files = Files.list(area.sources())) {
      for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
        String text = Files.readString(file);
        Matcher says = SAYS.matcher(text);
        while (says.find()) {
          said.put(says.group(1), arguments(text, says.end()));
        }
      }
    }
    return said;
  }

  /** Commas at the level of a call, from behind its first argument to its end. */
  private static int arguments(String text, int from) {
    int depth = 0;
    int commas = 0;
    for (int i = from; ; i++) {
      char c = text.charAt(i);
      if (c == '"' || c == '\'') {
        i = behind(text, i);
      } else if (c == '(' || c == '[' || c == '{') {
        depth++;
      } else if (c == ')' && depth == 0) {
        return commas;
      } else if (c == ')' || c == ']' || c == '}') {
        depth--;
      } else if (c == ',' && depth == 0) {
        commas++;
      }
    }
  }

  private static int behind(String text, int quote) {
    int i = quote + 1;
    while (text.charAt(i) != text.charAt(quote)) {
      i += text.charAt(i) == '\\' ? 2 : 1;
    }
    return i;
  }

  private static int asked(String message) {
    MessagePattern pattern = new MessagePattern(message);
    int most = -1;
    for (int i = 0; i < pattern.countParts(); i++) {
      if (pattern.getPartType(i) == MessagePattern.Part.Type.ARG_NUMBER) {
        most = Math.max(most, pattern.getPart(i).getValue());
      }
    }
    return most + 1;
  }
}
