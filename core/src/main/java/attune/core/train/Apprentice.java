package attune.core.train;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;

/**
 * Somebody who begins with random likings and learns from marks alone: each cue of a choice that
 * was marked moves towards what the mark was worth (the rule of Widrow and Hoff, 1960). Seeded.
 */
public final class Apprentice {
  private static final double RATE = 0.35;
  private static final double FEARS = -2;
  private static final double LIKING = 0.3;

  private final Map<String, Double> likes = new HashMap<>();
  private final SplittableRandom random;

  public Apprentice(long seed) {
    random = new SplittableRandom(seed);
  }

  /** What they would take. */
  public Choice takes(Exercise exercise) {
    return exercise.choices().stream().max(Comparator.comparingDouble(this::worth)).orElseThrow();
  }

  private double worth(Choice choice) {
    return choice.cues().stream().mapToDouble(this::like).sum() / choice.cues().size();
  }

  private double like(String cue) {
    return likes.computeIfAbsent(cue, c -> LIKING * (random.nextDouble() - 0.5));
  }

  /** Is told what each choice would have been worth, and why; not what is right of the next. */
  public void isTold(Exercise exercise) {
    exercise.choices().forEach(this::learns);
  }

  private void learns(Choice choice) {
    double target = choice.mark() == Mark.DANGEROUS ? FEARS : choice.mark().worth();
    double off = target - worth(choice);
    for (String cue : choice.cues()) {
      likes.merge(cue, RATE * off, Double::sum);
    }
  }

  /** How a batch of exercises goes. */
  public record Score(int asked, int right, int dangerous) {}

  /** Answers exercises without being told. */
  public Score sits(List<Exercise> exercises) {
    int right = 0;
    int dangerous = 0;
    for (Exercise exercise : exercises) {
      Mark mark = takes(exercise).mark();
      right += mark == Mark.RIGHT ? 1 : 0;
      dangerous += mark == Mark.DANGEROUS ? 1 : 0;
    }
    return new Score(exercises.size(), right, dangerous);
  }
}
