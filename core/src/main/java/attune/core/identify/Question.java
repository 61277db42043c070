package attune.core.identify;

import attune.core.check.Coded;
import attune.core.check.Known;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A question that can be answered by looking, touching, or a drop of water in a hidden place.
 *
 * @param how how to find out without harm
 */
public record Question(String code, Risk risk, String text, String how, List<Answer> answers) {

  /** What asking may leave behind. Nothing that could mark a face is ever asked. */
  public enum Risk implements Coded {
    NONE,
    HIDDEN_PLACE
  }

  /**
   * One answer.
   *
   * @param likelihood how often it is given, by finish code, above 0 to 1
   */
  public record Answer(String code, String label, Map<String, Double> likelihood) {
    public Answer {
      likelihood = Map.copyOf(likelihood);
    }

    public double of(String finish) {
      return Known.of(likelihood, finish);
    }
  }

  public Question {
    answers = List.copyOf(answers);
  }

  public Optional<Answer> answer(String answerCode) {
    return answers.stream().filter(a -> a.code().equals(answerCode)).findFirst();
  }
}
