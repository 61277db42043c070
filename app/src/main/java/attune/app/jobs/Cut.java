package attune.app.jobs;

import attune.core.check.Coded;
import attune.core.words.Phrases;
import java.util.List;

/** How a panel is cut in two. */
enum Cut implements Coded {
  /** Into a left and a right half. */
  ACROSS(
      List.of("left", "right"),
      List.of(Phrases.of(Cut.class).say("left"), Phrases.of(Cut.class).say("right"))),
  /** Into a front and a rear half. */
  DOWN(
      List.of("front", "rear"),
      List.of(Phrases.of(Cut.class).say("front"), Phrases.of(Cut.class).say("rear")));

  private final List<String> halves;
  private final List<String> words;

  Cut(List<String> halves, List<String> words) {
    this.halves = halves;
    this.words = words;
  }

  /** What ends the ids of both halves. */
  List<String> halves() {
    return halves;
  }

  /** What both halves are called. */
  List<String> words() {
    return words;
  }
}
