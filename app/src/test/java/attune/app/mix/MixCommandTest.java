package attune.app.mix;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.web.Time;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** {@code attune mix}: the same answer as the Mix view, without the server. */
class MixCommandTest {
  private final ByteArrayOutputStream out = new ByteArrayOutputStream();
  private final ByteArrayOutputStream err = new ByteArrayOutputStream();

  private int run(String arguments) {
    return new MixCommand(
            new PrintStream(out, true, StandardCharsets.UTF_8),
            new PrintStream(err, true, StandardCharsets.UTF_8),
            Time.startingAt("2026-06-09T08:15"))
        .run(List.of(arguments.split(" ")));
  }

  @Test
  void aBottleIsFilledAtARatioWithItsPh() {
    assertThat(run("--ratio 1:10 --bottle-ml 750 --product tarnwick-alkaline")).isZero();
    JsonNode mix = JsonMapper.shared().readTree(out.toString(StandardCharsets.UTF_8));
    assertThat(mix.get("productMl").asDouble()).isBetween(68.1, 68.2); // 1 part to 10 parts
    assertThat(mix.get("waterMl").asDouble()).isBetween(681.8, 681.9);
    assertThat(mix.get("words").asString()).contains("11 parts in all");
    assertThat(mix.get("phLow").asDouble()).isGreaterThan(7);
    assertThat(err.size()).isZero();
  }

  @ParameterizedTest
  @CsvSource({
    "--ratio 1:10,exactly two",
    "--ratio 1:10 --bottle-ml much,millilitres",
    "--ratio many --bottle-ml 750,/ratio",
    "--ratio 1:10 --bottle-ml 750 --product moon,on the shelf",
    "--colour red,usage",
  })
  void whatCannotBeIsSaidInOneLine(String arguments, String says) {
    assertThat(run(arguments)).isEqualTo(2);
    assertThat(err.toString(StandardCharsets.UTF_8)).contains(says).hasLineCount(1);
    assertThat(out.size()).isZero();
  }
}
