package attune.core.identify;

import attune.core.check.Coded;
import attune.core.identify.Question.Answer;
import attune.core.identify.Question.Risk;
import attune.core.material.Finish;
import attune.core.material.FinishTable;
import attune.core.reference.Table;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The questions of the interview, with how often each finish gives each answer. */
public final class QuestionTable {
  /** How far the answers of one question may be from adding up to 1, from rounding. */
  private static final double ROUNDING = 0.03;

  private record Row(Question question, Answer answer) {}

  private final Map<String, Question> byCode = new LinkedHashMap<>();

  private QuestionTable(Map<String, Question> questions) {
    byCode.putAll(questions);
  }

  /**
   * Reads a row for each answer: a column for each finish holds how often it gives that answer.
   *
   * @throws IllegalStateException naming what is wrong: a finish without a column, a likelihood off
   *     its range, or answers that do not add up to 1
   */
  public static QuestionTable read(String file, List<String> lines, FinishTable finishes) {
    Map<String, Question> questions = new LinkedHashMap<>();
    for (Row row : Table.read(file, lines, cells -> row(cells, finishes))) {
      Question now = row.question();
      List<Answer> answers = new ArrayList<>();
      Optional.ofNullable(questions.get(now.code())).ifPresent(q -> answers.addAll(q.answers()));
      answers.add(row.answer());
      questions.put(
          now.code(), new Question(now.code(), now.risk(), now.text(), now.how(), answers));
    }
    questions.values().forEach(question -> check(file, question, finishes));
    return new QuestionTable(questions);
  }

  private static Row row(Table.Row cells, FinishTable finishes) {
    Map<String, Double> likelihood = new HashMap<>();
    for (Finish finish : finishes.all()) {
      double share = cells.number(finish.code());
      if (!(share > 0 && share <= 1)) {
        throw new IllegalArgumentException(
            finish.code() + " is " + share + ", above 0 to 1 allowed");
      }
      likelihood.put(finish.code(), share);
    }
    Question question =
        new Question(
            cells.text("question"),
            Coded.parse(Risk.class, cells.text("risk")),
            Phrases.marked(cells.text("text")),
            Phrases.marked(cells.text("how")),
            List.of());
    return new Row(
        question,
        new Answer(cells.text("answer"), Phrases.marked(cells.text("label")), likelihood));
  }

  private static void check(String file, Question question, FinishTable finishes) {
    for (Finish finish : finishes.all()) {
      double sum = question.answers().stream().mapToDouble(a -> a.of(finish.code())).sum();
      if (Math.abs(sum - 1) > ROUNDING) {
        throw new IllegalStateException(
            file
                + ": answers of "
                + question.code()
                + " add up to "
                + sum
                + " on "
                + finish.code());
      }
    }
  }

  public List<Question> all() {
    return List.copyOf(byCode.values());
  }

  public Optional<Question> find(String code) {
    return Optional.ofNullable(byCode.get(code));
  }
}
