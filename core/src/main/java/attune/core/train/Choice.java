package attune.core.train;

import java.util.List;

/**
 * An answer one may give.
 *
 * @param why what follows from it, in words with the numbers that decide; at least one
 * @param cues what can be seen of it before it is taken, for whoever learns from marks alone
 */
public record Choice(String text, Mark mark, List<String> why, List<String> cues) {
  public Choice {
    why = List.copyOf(why);
    cues = List.copyOf(cues);
    if (why.isEmpty()) {
      throw new IllegalArgumentException(text + ": no reason");
    }
  }
}
