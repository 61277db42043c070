package attune.core.check;

import attune.core.words.Phrases;

/**
 * One thing wrong with an input.
 *
 * @param pointer where, as a JSON pointer (RFC 6901) into what was sent; empty for the whole
 * @param found what was there, in the sender's own notation
 * @param allowed what may stand there
 */
public record Fault(String pointer, String found, String allowed) {
  private static final Phrases PHRASES = Phrases.of(Fault.class);

  /** What was found where nothing was. */
  public static final String NOTHING = PHRASES.say("nothing");

  /** One line: place, what was found, what is allowed. */
  public String line() {
    return PHRASES.say("found", pointer.isEmpty() ? "/" : pointer, found, allowed);
  }
}
