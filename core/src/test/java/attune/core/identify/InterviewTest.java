package attune.core.identify;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import attune.core.Given;
import attune.core.check.InvalidInputException;
import attune.core.identify.Interview.Candidate;
import attune.core.identify.Interview.Standing;
import attune.core.identify.Question.Answer;
import attune.core.material.Finish;
import attune.core.material.Role;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Telling finishes apart: the odds, the next question, and when to stop. */
class InterviewTest {
  private static final List<String> LINES = Given.lines("identification.csv");
  private static final QuestionTable TABLE =
      QuestionTable.read("identification.csv", LINES, Given.FINISHES);
  private static final Interview INTERVIEW = new Interview(TABLE, Given.FINISHES, Given.FIGURES);

  static Stream<Arguments> finishesByRole() {
    return Given.FINISHES.all().stream()
        .flatMap(f -> f.foundAs().stream().sorted().map(role -> Arguments.of(role, f)));
  }

  /** Asks on as the interview wants, answering as this finish most often would. */
  private static Standing interviewed(Role role, Finish truth, Map<String, String> answers) {
    Standing standing = INTERVIEW.after(role, answers);
    while (standing.next().isPresent()) {
      Question question = standing.next().get();
      Answer usual =
          question.answers().stream()
              .max(Comparator.comparingDouble(a -> a.of(truth.code())))
              .orElseThrow();
      answers.put(question.code(), usual.code());
      standing = INTERVIEW.after(role, answers);
    }
    return standing;
  }

  @ParameterizedTest(name = "{1} as {0}")
  @MethodSource("finishesByRole")
  void whoeverAnswersAsTheFinishDoesGetsItNamedFirstOrSaysWhatWouldSettleIt(
      Role role, Finish truth) {
    Map<String, String> answers = new LinkedHashMap<>();
    Standing end = interviewed(role, truth, answers);
    List<String> worthNaming =
        end.ranking().stream().filter(c -> c.share() >= 0.1).map(c -> c.finish().code()).toList();
    assertThat(worthNaming).contains(truth.code());
    if (end.sure()) {
      assertThat(end.ranking().get(0).finish()).isEqualTo(truth);
    } else {
      assertThat(end.settle()).contains("treated as the most delicate");
    }
  }

  @Test
  void anUnknownPaleSeatIsNamedInAFewQuestions() {
    Map<String, String> answers = new LinkedHashMap<>();
    Standing end = interviewed(Role.SEAT, Given.FINISHES.get("vinyl/coated-textile"), answers);
    assertThat(end.sure()).isTrue();
    assertThat(answers).hasSizeLessThanOrEqualTo(5);
  }

  @Test
  void theFirstQuestionIsTheOneThatTellsMost() {
    Standing start = INTERVIEW.after(Role.SEAT, Map.of());
    double asked = start.gainBits();
    for (Question other : TABLE.all()) {
      Map<String, String> without = new HashMap<>();
      without.put(start.next().orElseThrow().code(), Interview.CANNOT_TELL);
      if (!other.equals(start.next().get())) {
        assertThat(INTERVIEW.after(Role.SEAT, without).gainBits()).isLessThanOrEqualTo(asked);
      }
    }
  }

  @Test
  void everyAnswerMovesTheOddsByItsLikelihoods() {
    Standing before = INTERVIEW.after(Role.SEAT, Map.of());
    Standing after = INTERVIEW.after(Role.SEAT, Map.of("edge", "fibre"));
    assertThat(share(after, "leather/coated")).isGreaterThan(share(before, "leather/coated"));
    assertThat(share(after, "vinyl/coated-textile"))
        .isLessThan(share(before, "vinyl/coated-textile") / 5);
    double ratioBefore = share(before, "leather/coated") / share(before, "vinyl/coated-textile");
    double ratioAfter = share(after, "leather/coated") / share(after, "vinyl/coated-textile");
    Answer fibre = TABLE.find("edge").orElseThrow().answer("fibre").orElseThrow();
    assertThat(ratioAfter / ratioBefore)
        .isCloseTo(fibre.of("leather/coated") / fibre.of("vinyl/coated-textile"), within(1e-6));
  }

  private static double share(Standing standing, String finish) {
    return standing.ranking().stream()
        .filter(c -> c.finish().code().equals(finish))
        .mapToDouble(Candidate::share)
        .findFirst()
        .orElseThrow();
  }

  @ParameterizedTest
  @CsvSource({"SEAT", "GRIP", "TRIM", "CONTROL", "SCREEN", "OVERHEAD", "FLOOR", "PEDAL"})
  void theSharesOfARankingAddUpToOneAndOnlyWhatIsFoundThereIsRanked(Role role) {
    List<Candidate> ranking = INTERVIEW.after(role, Map.of("nap", "smooth")).ranking();
    assertThat(ranking.stream().mapToDouble(Candidate::share).sum()).isCloseTo(1, within(1e-9));
    assertThat(ranking).allMatch(c -> c.finish().foundAs().contains(role));
    assertThat(ranking)
        .isSortedAccordingTo(Comparator.comparingDouble(Candidate::share).reversed());
  }

  @Test
  void whyIsSaidForAndAgainst() {
    Standing standing = INTERVIEW.after(Role.SEAT, Map.of("nap", "moves", "edge", "scrim"));
    Candidate first = standing.ranking().get(0);
    assertThat(first.finish().code()).isEqualTo("microsuede/synthetic");
    assertThat(first.clues()).hasSize(2).allMatch(clue -> clue.bits() > 0);
    Candidate leather =
        standing.ranking().stream()
            .filter(c -> c.finish().code().equals("leather/coated"))
            .findFirst()
            .orElseThrow();
    assertThat(leather.clues()).allMatch(clue -> clue.bits() < 0);
  }

  @Test
  void whatCannotBeToldIsNotAskedAgainAndSaysNothing() {
    Standing start = INTERVIEW.after(Role.SEAT, Map.of());
    String asked = start.next().orElseThrow().code();
    Standing skipped = INTERVIEW.after(Role.SEAT, Map.of(asked, Interview.CANNOT_TELL));
    assertThat(skipped.next().orElseThrow().code()).isNotEqualTo(asked);
    assertThat(skipped.ranking().get(0).share()).isEqualTo(start.ranking().get(0).share());
  }

  @Test
  void withNothingToldItEndsAndSaysWhatWouldSettleIt() {
    Map<String, String> nothing = new HashMap<>();
    TABLE.all().forEach(q -> nothing.put(q.code(), Interview.CANNOT_TELL));
    Standing end = INTERVIEW.after(Role.SEAT, nothing);
    assertThat(end.sure()).isFalse();
    assertThat(end.next()).isEmpty();
    assertThat(end.settle()).contains("maker's own record").contains("coated leather");
  }

  @Test
  void nothingThatCouldMarkAFaceIsEverAsked() {
    assertThat(TABLE.all())
        .allSatisfy(
            question -> {
              if (question.risk() == Question.Risk.HIDDEN_PLACE) {
                assertThat(question.text() + question.how()).containsIgnoringCase("hidden place");
              }
              assertThat(question.text() + question.how())
                  .doesNotContainIgnoringCase("burn")
                  .doesNotContainIgnoringCase("solvent")
                  .doesNotContainIgnoringCase("scratch")
                  .doesNotContainIgnoringCase("alcohol");
            });
  }

  @Test
  void aRiskThereIsNotIsRefusedByTheTable() {
    List<String> risky = new ArrayList<>(LINES);
    risky.set(1, risky.get(1).replaceFirst(",none,", ",flame,"));
    assertThatThrownBy(() -> QuestionTable.read("identification.csv", risky, Given.FINISHES))
        .isInstanceOf(IllegalStateException.class)
        .hasMessageContaining("identification.csv line 2")
        .hasMessageContaining("none, hidden-place");
  }

  @Test
  void answersThatDoNotAddUpAreRefusedByTheTable() {
    List<String> short1 = new ArrayList<>(LINES);
    short1.remove(1);
    assertThatThrownBy(() -> QuestionTable.read("identification.csv", short1, Given.FINISHES))
        .hasMessageContaining("answers of nap add up to");
  }

  @Test
  void anUnknownQuestionOrAnswerIsNamed() {
    assertThatThrownBy(() -> INTERVIEW.after(Role.SEAT, Map.of("smell", "good")))
        .isInstanceOf(InvalidInputException.class)
        .hasMessageContaining("/answers/smell");
    assertThatThrownBy(() -> INTERVIEW.after(Role.SEAT, Map.of("nap", "perhaps")))
        .hasMessageContaining("moves, smooth, cannot-tell");
  }
}
