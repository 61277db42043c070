package attune.app.training;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Somebody learns on the training floor; nothing of it reaches a job. */
@ExtendWith(RunningAttune.class)
class TrainingApiTest {
  private Api api;
  private String learner;

  @BeforeEach
  void aBeginner(Api running) {
    api = running;
    learner = "Learner " + UUID.randomUUID();
  }

  @AfterEach
  void noGates() {
    api.put("/api/v1/training/gates", "{\"gates\":[]}");
  }

  private JsonNode exercise(String lesson, long seed) {
    return api.get("/api/v1/training/lessons/" + lesson + "/exercise?seed=" + seed + "&level=5")
        .json();
  }

  private static int choice(JsonNode exercise, boolean right) {
    JsonNode choices = exercise.get("choices");
    for (int i = 0; i < choices.size(); i++) {
      if (choices.get(i).get("mark").asString().equals("right") == right) {
        return i;
      }
    }
    throw new AssertionError(exercise);
  }

  private Answer answer(UUID id, String lesson, long seed, int choice, String test) {
    return api.post(
        "/api/v1/training/answers",
        """
        {"id":"%s","person":"%s","lesson":"%s","seed":%d,"level":5,"choice":%d,"testId":%s}
        """
            .formatted(id, learner, lesson, seed, choice, test));
  }

  private boolean test(String lesson, int wrong) {
    return lesson.equals("leapfrog") ? coated() : asked(lesson, wrong);
  }

  private boolean coated() {
    String test = "\"" + UUID.randomUUID() + "\"";
    boolean passed = false;
    for (int seed = 0; seed < 2; seed++) {
      String at = "/api/v1/training/lessons/leapfrog/%s?seed=" + seed + "&level=3";
      JsonNode work = api.get(at.formatted("coat")).json();
      JsonNode windows = api.get(at.formatted("reference")).json().get("coat").get("areas");
      assertThat(work.get("areas")).hasSizeGreaterThanOrEqualTo(8);
      StringBuilder run = new StringBuilder();
      for (int area = 0; area < work.get("areas").size(); area++) {
        for (int again = 0; again < 1; again++) {
          int sits =
              windows.get(area).get("fromS").asInt()
                  - work.get("areas").get(area).get("applyS").asInt();
          run.append(deed("apply", area, 0))
              .append(deed("wait", -1, sits))
              .append(deed("level", area, 0));
        }
      }
      JsonNode marked = coat(seed, "[" + run.substring(0, run.length() - 1) + "]", test).json();
      assertThat(marked.get("coat").get("areas")).hasSize(work.get("areas").size());
      passed = marked.get("passed").asBoolean();
    }
    return passed;
  }

  private static String deed(String act, int area, int seconds) {
    return "{\"act\":\"%s\",\"means\":0,\"cells\":[%s],\"seconds\":%d},"
        .formatted(act, area < 0 ? "" : area, seconds);
  }

  private Answer coat(long seed, String deeds, String test) {
    return api.post(
        "/api/v1/training/answers",
        """
        {"id":"%s","person":"%s","lesson":"leapfrog","seed":%d,"level":3,"deeds":%s,"testId":%s}
        """
            .formatted(UUID.randomUUID(), learner, seed, deeds, test));
  }

  @Test
  void aCoatIsWorkedWithItsOwnDeedsOnItsOwnAreas() {
    String wipe = "[" + deed("wipe", 0, 0).replaceAll(",$", "") + "]";
    assertThat(coat(1, wipe, "null").fault().get("pointer").asString()).isEqualTo("/deeds/0/act");
    String beyond = "[" + deed("apply", 99, 0).replaceAll(",$", "") + "]";
    assertThat(coat(1, beyond, "null").fault().get("pointer").asString())
        .isEqualTo("/deeds/0/cells");
  }

  private boolean asked(String lesson, int wrong) {
    String test = "\"" + UUID.randomUUID() + "\"";
    boolean passed = false;
    for (int seed = 0; seed < 5; seed++) {
      JsonNode exercise = exercise(lesson, seed);
      passed =
          answer(UUID.randomUUID(), lesson, seed, choice(exercise, seed >= wrong), test)
              .json()
              .get("passed")
              .asBoolean();
    }
    return passed;
  }

  private JsonNode learner() {
    return api.get("/api/v1/training/learners/" + learner.replace(" ", "%20")).json();
  }

  @Test
  void anAnswerSentTwiceCountsOnce() {
    UUID id = UUID.randomUUID();
    int right = choice(exercise("read-label", 4), true);
    assertThat(answer(id, "read-label", 4, right, "null").json().get("score").asInt())
        .isEqualTo(100);
    answer(id, "read-label", 4, right, "null");
    assertThat(learner().get("answers")).hasSize(1);
  }

  @Test
  void aTestIsPassedByFourOfFiveAndNotByTwoWrong() {
    assertThat(test("read-label", 2)).isFalse();
    assertThat(learner().get("passed")).isEmpty();
    assertThat(learner().get("answers")).hasSize(5);
    assertThat(test("read-label", 0)).isTrue();
    assertThat(learner().get("passed").get(0).asString()).isEqualTo("read-label");
  }

  @Test
  void aGateKeepsSomebodyFromCoatingUntilTheCourseIsPassed() {
    assertThat(learner().get("mayNot")).isEmpty();
    Answer gated =
        api.put(
            "/api/v1/training/gates",
            "{\"gates\":[{\"work\":\"coating\",\"course\":\"protect\"},"
                + "{\"work\":\"aniline\",\"course\":\"protect\"}]}");
    assertThat(gated.status()).isEqualTo(200);
    assertThat(learner().get("mayNot").valueStream().map(JsonNode::asString))
        .containsExactly("coating", "aniline");
    for (JsonNode lesson : api.get("/api/v1/training").json().get("lessons")) {
      if (lesson.get("course").asString().equals("protect")) {
        assertThat(test(lesson.get("id").asString(), 0)).isTrue();
      }
    }
    assertThat(learner().get("mayNot")).isEmpty();
  }

  @Test
  void aPanelWorkedByHandIsMarkedAgainstAMastersRun() {
    String at = "/api/v1/training/lessons/first-wipe/panel?seed=7&level=1";
    JsonNode panel = api.get(at).json();
    assertThat(panel.get("soil").get(0)).hasSize(384);
    Answer nothing = worked("[]");
    assertThat(nothing.json().get("score").asInt()).isZero();
    String reference = nothing.json().get("hand").get("reference").toString();
    JsonNode marked = worked(reference).json();
    assertThat(marked.get("score").asInt()).isEqualTo(100);
    assertThat(marked.get("says").get(0).asString()).isEqualTo("As a master would.");
  }

  private Answer worked(String deeds) {
    return api.post(
        "/api/v1/training/answers",
        """
        {"id":"%s","person":"%s","lesson":"first-wipe","seed":7,"level":1,"deeds":%s}
        """
            .formatted(UUID.randomUUID(), learner, deeds));
  }

  @Test
  void whatIsNoExerciseIsRefusedByName() {
    assertThat(api.get("/api/v1/training/lessons/none/exercise?seed=1&level=1").status())
        .isEqualTo(404);
    assertThat(api.get("/api/v1/training/lessons/read-label/exercise?seed=1&level=9").fault())
        .hasToString("{\"pointer\":\"/level\",\"found\":\"9\",\"allowed\":\"1 to 5\"}");
    Answer far = answer(UUID.randomUUID(), "read-label", 1, 99, "null");
    assertThat(far.status()).isEqualTo(422);
    assertThat(far.fault().get("pointer").asString()).isEqualTo("/choice");
    Answer odd = worked("[{\"act\":\"lay\",\"means\":9,\"cells\":[1],\"seconds\":0}]");
    assertThat(odd.fault().get("pointer").asString()).isEqualTo("/deeds/0/means");
    Answer outside = worked("[{\"act\":\"lay\",\"means\":0,\"cells\":[999],\"seconds\":0}]");
    assertThat(outside.status()).isEqualTo(422);
    assertThat(learner().get("answers")).isEmpty();
  }

  @Test
  void anAnswerToWhatAnotherShelfAskedIsRefusedByNameAndNotKept() {
    JsonNode asked = exercise("read-label", 4);
    String body =
        """
        {"id":"%s","person":"%s","lesson":"read-label","seed":4,"level":5,"choice":0,"fingerprint":"%s"}
        """;
    Answer other =
        api.post(
            "/api/v1/training/answers",
            body.formatted(UUID.randomUUID(), learner, "0123456789abcdef"));
    assertThat(other.status()).isEqualTo(422);
    assertThat(other.fault().get("pointer").asString()).isEqualTo("/fingerprint");
    assertThat(other.fault().get("found").asString())
        .contains("before the shelf or the rules changed");
    assertThat(learner().get("answers")).isEmpty();
    String same = asked.get("fingerprint").asString();
    assertThat(
            api.post("/api/v1/training/answers", body.formatted(UUID.randomUUID(), learner, same))
                .status())
        .isEqualTo(200);
  }

  @Test
  void aPanelOfAJobIsTriedOnTenModelsAndTheJobStaysAsItWas() {
    String job = api.surveyedJob("Tried first");
    String before = api.get("/api/v1/jobs/" + job).text();
    String panel = "/api/v1/jobs/" + job + "/surfaces/fl-cushion-centre";
    JsonNode trials = api.get(panel + "/trials").json();
    assertThat(trials.get("runs")).hasSize(10);
    assertThat(trials.get("runs")).allMatch(run -> run.get("unharmed").asBoolean());
    JsonNode model = api.get(panel + "/model?seed=3").json();
    JsonNode means = model.get("work").get("means");
    assertThat(means).anyMatch(m -> m.get("text").equals(trials.get("treatment")));
    assertThat(api.get("/api/v1/jobs/" + job).text()).isEqualTo(before);
    int other = 0; // the last that may be offered: firmer than what leads
    for (int i = 0; i < means.size(); i++) {
      other = means.get(i).get("mark").asString().equals("dangerous") ? other : i;
    }
    String needles = model.get("needles").get(other).toString();
    Answer taken =
        api.put(
            panel + "/by-hand",
            "{\"needles\":%s,\"reason\":\"Tried on a model\"}".formatted(needles));
    assertThat(taken.status()).as(taken.text()).isEqualTo(200);
    assertThat(api.get(panel + "/trials").json().get("treatment"))
        .isEqualTo(means.get(other).get("text"));
    assertThat(api.get("/api/v1/jobs/" + job + "/surfaces/no/trials").status()).isEqualTo(404);
  }
}
