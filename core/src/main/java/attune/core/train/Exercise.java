package attune.core.train;

import java.util.List;

/**
 * A question about a case, with the answers one may give; at least one is right.
 *
 * @param seed the same gives the same exercise
 * @param facts what can be seen and measured
 * @param swatches colours to look at, #rrggbb, the earliest first; mostly none
 */
public record Exercise(
    String lesson,
    Kind kind,
    long seed,
    List<Fact> facts,
    List<String> swatches,
    String ask,
    List<Choice> choices) {
  /** Something seen, told or measured. */
  public record Fact(String what, String is) {}

  public Exercise {
    facts = List.copyOf(facts);
    swatches = List.copyOf(swatches);
    choices = List.copyOf(choices);
    if (choices.size() < 2 || choices.stream().noneMatch(c -> c.mark() == Mark.RIGHT)) {
      throw new IllegalArgumentException(lesson + " " + seed + ": nothing to choose");
    }
  }
}
