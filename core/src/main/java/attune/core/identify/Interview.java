package attune.core.identify;

import attune.core.check.InvalidInputException;
import attune.core.identify.Question.Answer;
import attune.core.material.Finish;
import attune.core.material.FinishTable;
import attune.core.material.Role;
import attune.core.reference.Figures;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A short adaptive interview: each answer moves the odds by Bayes' rule, the next question is the
 * one expected to take away most doubt (mutual information, in bits), and it stops when one finish
 * is sure or when nothing left to ask would tell. Answers are taken as independent given the
 * finish.
 */
public final class Interview {
  private static final Phrases PHRASES = Phrases.of(Interview.class);

  /** Given to a question that was looked at and could not be answered. */
  public static final String CANNOT_TELL = "cannot-tell";

  /**
   * What an answer did for a finish.
   *
   * @param bits how much likelier the answer is with this finish than with the others; below 0
   *     where it speaks against it
   */
  public record Clue(String question, String answer, double bits) {}

  /**
   * A finish it could be.
   *
   * @param share 0 to 1; all of a ranking add up to 1
   */
  public record Candidate(Finish finish, double share, List<Clue> clues) {}

  /**
   * Where the interview stands.
   *
   * @param ranking likeliest first
   * @param next the question that tells most, or empty when sure or when none tells enough
   * @param gainBits doubt the next question is expected to take away
   * @param sure true when the first of the ranking is likely enough to be taken
   * @param settle what to do with the answer as it stands
   */
  public record Standing(
      List<Candidate> ranking,
      Optional<Question> next,
      double gainBits,
      boolean sure,
      String settle) {}

  private record Asked(Question question, Optional<Answer> answer) {}

  private record Gain(Question question, double bits) {}

  private final QuestionTable questions;
  private final FinishTable finishes;
  private final Figures figures;

  public Interview(QuestionTable questions, FinishTable finishes, Figures figures) {
    this.questions = questions;
    this.finishes = finishes;
    this.figures = figures;
  }

  /**
   * The standing after some answers.
   *
   * @param answers answer code by question code, {@link #CANNOT_TELL} included
   * @throws InvalidInputException naming a question or an answer there is not
   */
  public Standing after(Role role, Map<String, String> answers) {
    List<Asked> asked = asked(answers);
    Map<String, Double> odds = prior(role);
    asked.forEach(a -> a.answer().ifPresent(answer -> weigh(odds, answer)));
    List<Candidate> ranking =
        odds.entrySet().stream()
            .map(e -> candidate(e.getKey(), e.getValue(), odds, asked))
            .sorted(
                Comparator.comparingDouble(Candidate::share)
                    .reversed()
                    .thenComparing(c -> c.finish().code()))
            .toList();
    boolean sure = ranking.get(0).share() >= figures.get("identify.sure");
    Optional<Gain> best = sure ? Optional.empty() : best(odds, answers);
    return new Standing(
        ranking,
        best.map(Gain::question),
        best.map(Gain::bits).orElse(0.0),
        sure,
        settle(ranking, sure, best.isPresent()));
  }

  private List<Asked> asked(Map<String, String> answers) {
    List<Asked> asked = new ArrayList<>();
    for (Question question : questions.all()) {
      String given = answers.get(question.code());
      if (given != null) {
        Optional<Answer> answer = question.answer(given);
        if (answer.isEmpty() && !given.equals(CANNOT_TELL)) {
          throw new InvalidInputException(
              "/answers/" + question.code(),
              "\"" + given + "\"",
              PHRASES.say("one-of", codes(question)));
        }
        asked.add(new Asked(question, answer));
      }
    }
    for (String code : answers.keySet()) {
      if (questions.find(code).isEmpty()) {
        throw new InvalidInputException(
            "/answers/" + code,
            PHRASES.say("an-unknown-question"),
            PHRASES.say(
                "one-of", questions.all().stream().map(Question::code).collect(Lists.joining())));
      }
    }
    return asked;
  }

  private static String codes(Question question) {
    return question.answers().stream().map(Answer::code).collect(Lists.joining())
        + ", "
        + CANNOT_TELL;
  }

  /** How usual each finish is on surfaces of this role, before anything is asked. */
  private Map<String, Double> prior(Role role) {
    Map<String, Double> odds = new LinkedHashMap<>();
    finishes.all().stream()
        .filter(finish -> finish.foundAs().contains(role))
        .forEach(
            finish ->
                odds.put(
                    finish.code(), figures.find("identify.usual." + finish.code()).orElse(1.0)));
    normalise(odds);
    return odds;
  }

  private static void weigh(Map<String, Double> odds, Answer answer) {
    odds.replaceAll((finish, share) -> share * answer.of(finish));
    normalise(odds);
  }

  private static void normalise(Map<String, Double> odds) {
    double sum = odds.values().stream().mapToDouble(Double::doubleValue).sum();
    odds.replaceAll((finish, share) -> share / sum);
  }

  private Candidate candidate(
      String finish, double share, Map<String, Double> odds, List<Asked> asked) {
    List<Clue> clues = new ArrayList<>();
    for (Asked a : asked) {
      a.answer()
          .ifPresent(
              answer ->
                  clues.add(
                      new Clue(
                          a.question().code(),
                          answer.code(),
                          log2(answer.of(finish) / ofOthers(answer, finish, odds)))));
    }
    return new Candidate(finishes.get(finish), share, clues);
  }

  private static double ofOthers(Answer answer, String finish, Map<String, Double> odds) {
    return odds.keySet().stream()
        .filter(other -> !other.equals(finish))
        .mapToDouble(answer::of)
        .average()
        .orElse(answer.of(finish));
  }

  private Optional<Gain> best(Map<String, Double> odds, Map<String, String> answers) {
    double least = figures.get("identify.gain-least");
    return questions.all().stream()
        .filter(question -> !answers.containsKey(question.code()))
        .map(question -> new Gain(question, gain(question, odds)))
        .filter(gain -> gain.bits() >= least)
        .max(
            Comparator.comparingDouble(Gain::bits)
                .thenComparing(g -> g.question().risk(), Comparator.reverseOrder())
                .thenComparing(g -> g.question().code(), Comparator.reverseOrder()));
  }

  private static double gain(Question question, Map<String, Double> odds) {
    double expected = 0;
    for (Answer answer : question.answers()) {
      Map<String, Double> after = new HashMap<>(odds);
      double chance =
          odds.entrySet().stream().mapToDouble(e -> e.getValue() * answer.of(e.getKey())).sum();
      weigh(after, answer);
      expected += chance * entropy(after);
    }
    return entropy(odds) - expected;
  }

  private static double entropy(Map<String, Double> odds) {
    return odds.values().stream().mapToDouble(p -> p > 0 ? -p * log2(p) : 0).sum();
  }

  private static double log2(double value) {
    return Math.log(value) / Math.log(2);
  }

  private String settle(List<Candidate> ranking, boolean sure, boolean asksOn) {
    if (sure) {
      return PHRASES.say("sure-enough-to-take");
    }
    if (asksOn) {
      return PHRASES.say("not-sure-yet-ask-on");
    }
    double worth = figures.get("identify.worth-naming");
    String left =
        Lists.any(
            ranking.stream().filter(c -> c.share() >= worth).map(c -> c.finish().name()).toList());
    return PHRASES.say("these-questions-do-not-settle", left);
  }
}
