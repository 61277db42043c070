package attune.core.shelf;

import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;

/** A span of seconds, from {@code min} to {@code max}, both inclusive. */
public record Span(int min, int max) {
  private static final Phrases PHRASES = Phrases.of(Span.class);

  public Span {
    if (min < 0 || max < min) {
      throw new InvalidInputException("", PHRASES.say("to", min, max), "0 <= min <= max");
    }
  }
}
