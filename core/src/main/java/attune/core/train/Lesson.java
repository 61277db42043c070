package attune.core.train;

import attune.core.check.Coded;
import attune.core.reference.Table;
import attune.core.words.Phrases;
import java.util.List;

/**
 * A lesson of a course.
 *
 * @param panels ids of the models its exercises are made of; empty for all
 * @param finishes codes its exercises are made of; empty for all
 * @param level how hard, 1 to 5
 * @param rule where in docs/trade it stands
 * @param example what a master says of it
 */
public record Lesson(
    String id,
    Course course,
    Kind kind,
    String title,
    String aim,
    List<String> panels,
    List<String> finishes,
    int level,
    String rule,
    String example) {
  private static final Phrases PHRASES = Phrases.of(Lesson.class);

  /** Of a panel that is tried before it is worked: no lesson of a course. */
  static final Lesson MODEL =
      new Lesson(
          "model",
          Course.MASTER,
          Kind.WORK,
          PHRASES.say("on-a-model-first"),
          PHRASES.say("try-it-before-it-is"),
          List.of(),
          List.of(),
          5,
          "models 11",
          "");

  public Lesson {
    panels = List.copyOf(panels);
    finishes = List.copyOf(finishes);
  }

  /** The same, at another level; 1 to the lesson's own. */
  public Lesson at(int other) {
    return new Lesson(
        id,
        course,
        kind,
        title,
        aim,
        panels,
        finishes,
        Math.max(1, Math.min(level, other)),
        rule,
        example);
  }

  /** Reads the shipped table. */
  public static List<Lesson> read(String file, List<String> lines) {
    return Table.read(
        file,
        lines,
        row ->
            new Lesson(
                row.text("id"),
                Coded.parse(Course.class, row.text("course")),
                Coded.parse(Kind.class, row.text("kind")),
                Phrases.marked(row.text("title").replace(';', ',')),
                Phrases.marked(row.text("aim")),
                row.list("panels"),
                row.list("finishes"),
                (int) row.number("level"),
                row.text("rule"),
                Phrases.marked(row.text("example"))));
  }
}
