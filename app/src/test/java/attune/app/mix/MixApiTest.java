package attune.app.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import com.lowagie.text.pdf.PdfReader;
import com.lowagie.text.pdf.parser.PdfTextExtractor;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Bottles over HTTP: any two of three, stepped up and down, and their labels. */
@ExtendWith(RunningAttune.class)
class MixApiTest {
  private static final String LABEL =
      "/api/v1/mix/label.pdf?productId=tarnwick-strip&ratio=1:10&bottleMl=750&size=";

  @Test
  void anyTwoGiveTheThirdWithWhatItCosts(Api api) {
    JsonNode mix =
        api.post("/api/v1/mix", "{\"bottleMl\":550,\"productMl\":50,\"productId\":\"quillon-one\"}")
            .json();
    assertThat(mix.get("ratio").asString()).isEqualTo("1:10");
    assertThat(mix.get("onLabel").asBoolean()).isTrue();
    assertThat(mix.get("costMinor").asInt()).isPositive();
    assertThat(mix.get("useBy").asString()).matches("\\d{4}-\\d\\d-\\d\\d");
  }

  @Test
  void anUnrinsedBottleIsBarred(Api api) {
    JsonNode mix =
        api.post(
                "/api/v1/mix",
                "{\"bottleMl\":500,\"ratio\":\"1:20\",\"productId\":\"gorsefield-acid\","
                    + "\"heldId\":\"eddystrand-bloom\"}")
            .json();
    assertThat(mix.get("barred").asString()).contains("rinsed").contains("chlorine");
  }

  @Test
  void whatIsLeftIsSteppedToAnotherRatio(Api api) {
    JsonNode step =
        api.post(
                "/api/v1/mix/step",
                "{\"leftMl\":300,\"from\":\"1:10\",\"to\":\"1:20\",\"bottleMl\":750}")
            .json();
    assertThat(step.get("addWaterMl").asDouble()).isCloseTo(272.7, within(0.1));
    Answer refused =
        api.post(
            "/api/v1/mix/step",
            "{\"leftMl\":300,\"from\":\"1:10\",\"to\":\"thin\",\"bottleMl\":750}");
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.fault().get("pointer").asString()).isEqualTo("/to");
  }

  @ParameterizedTest(name = "{0}: {1} labels of {2} by {3} points")
  @CsvSource({
    "57x32, 1, 162, 91",
    "89x36, 1, 252, 102",
    "100x62, 1, 283, 176",
    "a4, 8, 595, 842",
    "letter, 10, 612, 792"
  })
  void aLabelSaysWhatIsInTheBottleOnEveryStock(
      String size, int labels, int width, int height, Api api) throws IOException {
    PdfReader pdf = new PdfReader(api.bytes(LABEL + size));
    assertThat(pdf.getNumberOfPages()).isEqualTo(1);
    assertThat(pdf.getPageSize(1).getWidth()).isCloseTo(width, within(1f));
    assertThat(pdf.getPageSize(1).getHeight()).isCloseTo(height, within(1f));
    String drawn = new String(pdf.getPageContent(1), StandardCharsets.ISO_8859_1);
    assertThat(drawn.split("0\\.78\\d* 0\\.06\\d* 0\\.18\\d* RG", -1))
        .as("red diamonds")
        .hasSizeGreaterThan(labels);
    assertThat(new PdfTextExtractor(pdf).getTextFromPage(1)).contains("DANGER");
    String text = new PdfTextExtractor(pdf).getTextFromPage(1).replaceAll("\\s+", " ");
    assertThat(text.split("Tarnwick", -1)).hasSize(labels + 1);
    assertThat(text)
        .contains("1:10")
        .contains("1 part product to 10 parts water")
        .contains("use by")
        .contains("Keep from children");
  }

  @Test
  void noSuchStockAndNoSuchProductAreNamed(Api api) {
    assertThat(api.get(LABEL + "a0").fault().get("allowed").asString()).contains("100x62");
    Answer none = api.get("/api/v1/mix/label.pdf?productId=lye&ratio=1:10&bottleMl=750");
    assertThat(none.fault().get("pointer").asString()).isEqualTo("/productId");
  }
}
