package attune.app.training;

import attune.core.train.CoatWork;
import attune.core.train.Exercise;
import attune.core.train.HandWork;
import attune.core.train.Means;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

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
    try {
      byte[] digest =
          MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(digest).substring(0, LENGTH);
    } catch (NoSuchAlgorithmException everyPlatformHasIt) {
      throw new IllegalStateException(everyPlatformHasIt);
    }
  }
}
