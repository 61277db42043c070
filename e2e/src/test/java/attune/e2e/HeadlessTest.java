package attune.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonParser;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The headless commands as {@code ./attune} runs them: from the unpacked jar, nothing but the
 * answer.
 */
class HeadlessTest {
  private static final Path JAR = Path.of("../app/target/attune-exec.jar");

  private record Said(int status, String out, String err) {}

  private static Said run(Path in, String... command) throws IOException, InterruptedException {
    List<String> words = new ArrayList<>(List.of("java", "-XX:TieredStopAtLevel=1"));
    words.addAll(List.of(command));
    Path out = in.resolve("out");
    Path err = in.resolve("err");
    Process process =
        new ProcessBuilder(words).redirectOutput(out.toFile()).redirectError(err.toFile()).start();
    int status = process.waitFor();
    return new Said(
        status,
        Files.readString(out, StandardCharsets.UTF_8),
        Files.readString(err, StandardCharsets.UTF_8));
  }

  @Test
  void aPlanAndAMixAreAllThatIsWritten(@TempDir Path at) throws Exception {
    Path unpacked = at.resolve("run");
    run(
        at,
        "-Djarmode=tools",
        "-jar",
        JAR.toString(),
        "extract",
        "--destination",
        unpacked.toString());
    String jar = unpacked.resolve("attune-exec.jar").toString();
    Said plan = run(at, "-jar", jar, "plan", "../docs/examples/pale-vinyl-hatch.json");
    assertThat(plan.err()).isEmpty();
    assertThat(plan.status()).isZero();
    assertThat(plan.out()).startsWith("{");
    assertThat(JsonParser.parseString(plan.out()).getAsJsonObject().get("format").getAsString())
        .isEqualTo("attune-plan");
    Said mix = run(at, "-jar", jar, "mix", "--ratio", "1:15", "--bottle-ml", "500");
    assertThat(mix.out()).startsWith("{").contains("\"waterMl\"");
    Said none = run(at, "-jar", jar, "plan", "nowhere.json");
    assertThat(none.status()).isEqualTo(2);
    assertThat(none.out()).isEmpty();
    assertThat(none.err()).hasLineCount(1);
  }
}
