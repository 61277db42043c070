package attune.bench;

import attune.core.train.Apprentice;
import attune.core.train.Apprentice.Score;
import attune.core.train.Classroom;
import attune.core.train.Exercise;
import attune.core.train.Kind;
import attune.core.train.Lesson;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/**
 * Whether the lessons teach: an apprentice who begins with random likings and learns from the marks
 * alone, against one who is told nothing.
 */
public final class TrainCheck {
  private static final int COURSE = 1000;
  private static final int FRESH = 500;
  private static final int LAST = 200;
  private static final long NEVER_SEEN = 1_000_000;
  private static final long SEED = 20261128;

  private TrainCheck() {}

  /**
   * @param args the document
   */
  public static void main(String[] args) throws IOException {
    Workshop workshop = new Workshop();
    Classroom room = workshop.reference.classroom(workshop.reference.startingShelf());
    List<Lesson> lessons = room.lessons().stream().filter(l -> !l.kind().isByHand()).toList();
    Apprentice taught = new Apprentice(SEED);
    for (int seed = 0; seed < COURSE; seed++) {
      for (Lesson lesson : lessons) {
        Exercise exercise = room.exercise(lesson, seed);
        taught.isTold(exercise);
      }
    }
    List<Exercise> fresh = new ArrayList<>();
    for (int i = 0; i < FRESH; i++) {
      fresh.add(room.exercise(lessons.get(i % lessons.size()), NEVER_SEEN + i));
    }
    Score after = taught.sits(fresh);
    Score last = taught.sits(fresh.subList(FRESH - LAST, FRESH));
    Score untaught = new Apprentice(SEED).sits(fresh);
    StringBuilder table = new StringBuilder();
    table.append(
        String.format(
            Locale.ROOT,
            "%d lessons, %d exercises each, %d fresh cases, seed %d.%n%n"
                + "| apprentice | as the reference | dangerous | dangerous of the last %d |%n"
                + "|---|---|---|---|%n| taught | %.1f %% | %d | %d |%n| told nothing | %.1f %% | %d | |%n",
            lessons.size(),
            COURSE,
            FRESH,
            SEED,
            LAST,
            share(after),
            after.dangerous(),
            last.dangerous(),
            share(untaught),
            untaught.dangerous()));
    table.append("\n| taught, by kind | as the reference | dangerous |\n|---|---|---|\n");
    Map<Kind, List<Exercise>> byKind = new TreeMap<>();
    fresh.forEach(e -> byKind.computeIfAbsent(e.kind(), k -> new ArrayList<>()).add(e));
    byKind.forEach(
        (kind, of) -> {
          Score score = taught.sits(of);
          table.append(
              String.format(
                  Locale.ROOT,
                  "| %s | %.1f %% | %d |%n",
                  kind.code(),
                  share(score),
                  score.dangerous()));
        });
    System.out.print(table);
    Kept.between(Path.of(args[0]), "training", table.toString());
  }

  private static double share(Score score) {
    return 100.0 * score.right() / score.asked();
  }
}
