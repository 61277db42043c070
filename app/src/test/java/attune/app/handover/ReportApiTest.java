package attune.app.handover;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import com.lowagie.text.pdf.PdfReader;
import com.lowagie.text.pdf.parser.PdfTextExtractor;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The customer's report: pictures with it, on paper, and behind a link that shows nothing else. */
@ExtendWith(RunningAttune.class)
class ReportApiTest {
  private Api api;
  private String job;

  @BeforeEach
  void aJobWithPictures(Api running) throws IOException {
    api = running;
    job = api.surveyedJob("With pictures");
    photo("found", "fl-cushion-centre", Color.GRAY);
    photo("done", "fl-cushion-centre", Color.WHITE);
    photo("cloth", "fl-cushion-centre", Color.DARK_GRAY);
    photo("found", "wheel-rim", Color.BLACK);
    photo("half-and-half", "fl-back-centre", Color.LIGHT_GRAY);
    api.post("/api/v1/jobs/" + job + "/bench");
  }

  private String photo(String moment, String panel, Color colour) throws IOException {
    BufferedImage image = new BufferedImage(320, 240, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(colour);
    g.fillRect(0, 0, 320, 240);
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    Answer made =
        api.postFile(
            "/api/v1/jobs/" + job + "/photos?moment=" + moment + "&surfaceId=" + panel,
            "photo.png",
            out.toByteArray());
    return made.json().get("id").asString();
  }

  private JsonNode report() {
    return api.get("/api/v1/jobs/" + job + "/handover").json();
  }

  @Test
  void onlyPanelsSeenBeforeAndAfterArePairsAndHalvesStandAlone() {
    JsonNode report = report();
    assertThat(report.get("pairs")).hasSize(1);
    assertThat(report.at("/pairs/0/label").asString()).isEqualTo("Front left cushion");
    assertThat(report.get("halves")).hasSize(1);
    assertThat(report.at("/halves/0/label").asString()).isEqualTo("Front left back");
  }

  @Test
  void aLinkShowsThePicturesOfItsReportAndNoOthers() throws IOException {
    String path =
        api.post("/api/v1/jobs/" + job + "/handover/links", "{\"days\":14}")
            .json()
            .get("path")
            .asString();
    String token = path.substring("/report/".length());
    String shown = report().at("/pairs/0/done").asString();
    assertThat(api.get("/api/v1/reports/" + token + "/photos/" + shown).type())
        .startsWith("image/jpeg");
    String cloth = photo("cloth", "fl-back-centre", Color.PINK);
    assertThat(api.get("/api/v1/reports/" + token + "/photos/" + cloth).status()).isEqualTo(404);
    assertThat(api.get("/api/v1/reports/guessed/photos/" + shown).status()).isEqualTo(404);
    assertThat(api.get("/api/v1/reports/" + token + "/report.pdf").type())
        .startsWith("application/pdf");
    assertThat(api.get("/api/v1/reports/guessed/report.pdf").status()).isEqualTo(404);
  }

  @Test
  void thePaperSaysWhatWasDoneAndWhatWasNotAndFitsA4AndLetter() throws IOException {
    api.doEverything(job);
    PdfReader a4 = pdf("a4");
    String text = text(a4);
    assertThat(text)
        .contains(
            "Pellarin Corvid saloon",
            "Drive from",
            "What was done",
            "Front left cushion",
            "Before and after",
            "Keeping it so",
            "What was used");
    assertThat(a4.getPageSize(1).getWidth()).isBetween(594f, 596f);
    assertThat(pdf("letter").getPageSize(1).getWidth()).isBetween(611f, 613f);
    Answer other = api.get("/api/v1/jobs/" + job + "/handover/report.pdf?paper=a3");
    assertThat(other.status()).isEqualTo(422);
    assertThat(other.fault().get("allowed").asString()).isEqualTo("a4 or letter");
  }

  @Test
  void whatWasStoppedAtTheBenchIsToldInPlainWords() throws IOException {
    api.see(job, "clean-fl-cushion-centre", "colour");
    JsonNode stays = report().get("stays");
    assertThat(stays.toString()).contains("Front left cushion", "a repairer re-colours it");
    api.doEverything(job);
    assertThat(text(pdf("a4"))).contains("What could not be cured", "re-colours");
  }

  @Test
  void aSeatThatWasWorkedAllOverIsOneThingAndSoIsOneOfWhichAPartWasNot() {
    assertThat(worked(List.of("back-centre", "cushion-centre", "headrest"), "none"))
        .contains("[\"Front left seat\"]");
    assertThat(worked(List.of("back-centre", "cushion-centre", "headrest", "side"), "side"))
        .contains("[\"Front left seat (all but side)\"]");
    assertThat(worked(List.of("back-centre", "cushion-centre", "headrest"), "headrest"))
        .contains("[\"Front left cushion\",\"Front left back\"]");
  }

  /** What was done, of so many parts of a seat; one is never touched. */
  private String worked(List<String> parts, String leftOut) {
    String seat = api.newJob("A seat", "five-seat");
    api.find(
        seat,
        "\"finish\":\"leather/coated\",\"soil\":\"light\",\"soils\":[\"skin-oil\"],\"wear\":\"intact\"",
        parts.stream().map(part -> "fl-" + part).toArray(String[]::new));
    JsonNode bench = api.post("/api/v1/jobs/" + seat + "/bench").json();
    for (JsonNode task : bench.get("tasks")) {
      boolean asked =
          task.get("needsHands").asBoolean() && !task.get("id").asString().contains("~");
      if (asked && !task.get("surfaceIds").toString().equals("[\"fl-" + leftOut + "\"]")) {
        api.tell(seat, task.get("id").asString(), "done");
      }
    }
    return api.get("/api/v1/jobs/" + seat + "/handover").json().get("done").toString();
  }

  @Test
  void whatStaysIsSaidOnceForAllItsPanels() throws IOException {
    api.see(job, "clean-fl-cushion-centre", "colour");
    api.see(job, "clean-fl-back-centre", "colour");
    assertThat(report().get("stays")).hasSize(1);
    assertThat(report().at("/stays/0/panels").toString())
        .contains("Front left cushion", "Front left back");
    api.doEverything(job);
    assertThat(text(pdf("a4")).split("re-colours")).hasSize(2);
  }

  @Test
  void anAircraftGetsASheetForItsLogbookAndACarDoesNot() throws IOException {
    String cabin = api.newJob("Cabin before the season", "light-aircraft");
    api.find(
        cabin,
        "\"finish\":\"leather/coated\",\"soil\":\"moderate\",\"soils\":[\"skin-oil\"],\"wear\":\"intact\"",
        "fl-cushion-centre",
        "fr-cushion-centre");
    api.post("/api/v1/jobs/" + cabin + "/bench");
    String sheet = "/api/v1/jobs/" + cabin + "/handover/logbook.pdf";
    assertThat(text(new PdfReader(api.bytes(sheet))))
        .contains("Nothing but dry work is ticked", "certifies nothing");
    api.doEverything(cabin);
    assertThat(text(new PdfReader(api.bytes(sheet))))
        .contains(
            "sheet for the logbook",
            "Front left cushion",
            "Passes",
            "batch",
            "licensed engineer: name",
            "page 1 of");
    Answer car = api.get("/api/v1/jobs/" + job + "/handover/logbook.pdf");
    assertThat(car.status()).isEqualTo(409);
  }

  @Test
  void whatIsPutRightAfterTheHandOverStandsBesideItAndOnTheNextPaper() throws IOException {
    api.doEverything(job);
    String done = "clean-fl-cushion-centre";
    assertThat(api.post("/api/v1/jobs/" + job + "/handover").status()).isEqualTo(200);
    assertThat(report().get("corrections")).isEmpty();
    assertThat(api.tell(job, done, "undone").status()).isEqualTo(409);
    String corrects =
        api.get("/api/v1/jobs/" + job + "/bench/record")
            .json()
            .get("lines")
            .valueStream()
            .filter(line -> line.get("taskId").asString().equals(done))
            .findFirst()
            .orElseThrow()
            .get("id")
            .asString();
    Answer put =
        api.post(
            "/api/v1/jobs/" + job + "/bench/entries",
            """
            {"entries":[{"id":"%s","taskId":"%s","kind":"corrected","at":"2026-06-09T18:00:00",
             "reason":"It was the second bottle.","detail":{"corrects":"%s"}}]}
            """
                .formatted(UUID.randomUUID(), done, corrects));
    assertThat(put.status()).isEqualTo(200);
    JsonNode correction = report().at("/corrections/0");
    assertThat(correction.get("text").asString()).contains("It was the second bottle.");
    assertThat(correction.get("told").asString()).isNotEmpty();
    assertThat(text(pdf("a4"))).contains("Put right since the hand-over", "the second bottle");
  }

  @Test
  void thePapersCarryTheShopsAddressTheCustomerAndThePlate() throws IOException {
    JsonNode shop = api.get("/api/v1/shop").json();
    ((ObjectNode) shop)
        .putObject("papers")
        .put("address", "4 Lantern Yard\nPort Ansley")
        .put("terms", "Payable within fourteen days.");
    assertThat(api.put("/api/v1/shop", shop.toString()).status()).isEqualTo(200);
    api.doEverything(job);
    assertThat(text(pdf("a4")))
        .contains("4 Lantern Yard", "Port Ansley", "Payable within fourteen days.", "page 1 of");
    ((ObjectNode) shop).putObject("papers").put("quoteDays", 0);
    Answer refused = api.put("/api/v1/shop", shop.toString());
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.fault().get("pointer").asString()).isEqualTo("/papers/quoteDays");
  }

  private PdfReader pdf(String paper) throws IOException {
    return new PdfReader(api.bytes("/api/v1/jobs/" + job + "/handover/report.pdf?paper=" + paper));
  }

  private static String text(PdfReader reader) throws IOException {
    StringBuilder text = new StringBuilder();
    for (int page = 1; page <= reader.getNumberOfPages(); page++) {
      text.append(new PdfTextExtractor(reader).getTextFromPage(page)).append(' ');
    }
    return text.toString().replaceAll("\\s+", " ");
  }
}
