package attune.app.training;

import attune.core.train.CoatWork;
import attune.core.train.Exercise;
import attune.core.train.HandWork;
import attune.core.train.Means;
import org.apache.commons.codec.digest.DigestUtils;

/**
 * What an exercise was, in 16 hex digits: the same seed gives another one once shelf or house rules
 * have changed, and an answer to the one is none to the other.
 */
final class Fingerprint {
  private static final int LENGTH = 16;

  private Fingerprint() {}

  static String of(Exercise exercise) {
    return of(exercise.toString());
  }

  static String of(HandWork work) {
    return of(work.soil() + " " + work.means().stream().map(Means::text).toList());
  }

  static String of(CoatWork work) {
    return of(work.areas().toString());
  }

  private static String of(String text) {
    return DigestUtils.sha256Hex(text).substring(0, LENGTH);
  }
}
