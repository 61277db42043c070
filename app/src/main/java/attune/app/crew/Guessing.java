package attune.app.crew;

import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import com.nulabinc.zxcvbn.Zxcvbn;
import java.util.List;

/**
 * Whether a passphrase is one of those that are tried first: known ones, names, rows of keys, what
 * repeats. Long is not enough.
 */
final class Guessing {
  private static final Phrases PHRASES = Phrases.of(Guessing.class);

  /** Of 0 to 4; from here on it takes more than a hundred million tries. */
  private static final int ENOUGH = 3;

  private static final Zxcvbn KNOWN = new Zxcvbn();

  private Guessing() {}

  /**
   * @throws InvalidInputException for one that is soon guessed; the passphrase is not repeated
   */
  static void check(String passphrase, String name) {
    if (KNOWN.measure(passphrase, List.of(name, "attune")).getScore() < ENOUGH) {
      throw new InvalidInputException(
          "/passphrase",
          PHRASES.say("one-that-is-soon-guessed"),
          PHRASES.say("four-words-or-more-that"));
    }
  }
}
