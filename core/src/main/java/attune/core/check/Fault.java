package attune.core.check;

/**
 * One thing wrong with an input.
 *
 * @param pointer where, as a JSON pointer (RFC 6901) into what was sent; empty for the whole
 * @param found what was there, in the sender's own notation
 * @param allowed what may stand there
 */
public record Fault(String pointer, String found, String allowed) {
  /** One line: place, what was found, what is allowed. */
  public String line() {
    return (pointer.isEmpty() ? "/" : pointer) + ": found " + found + ", allowed " + allowed;
  }
}
