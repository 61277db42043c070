package attune.core.shelf;

import attune.core.check.InvalidInputException;

/** A span of seconds, from {@code min} to {@code max}, both inclusive. */
public record Span(int min, int max) {
  public Span {
    if (min < 0 || max < min) {
      throw new InvalidInputException("", min + " to " + max, "0 <= min <= max");
    }
  }
}
