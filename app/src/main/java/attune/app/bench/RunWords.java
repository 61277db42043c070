package attune.app.bench;

import attune.core.bench.StepClock;
import attune.core.bench.Workable;
import attune.core.run.Look;
import attune.core.run.Seen;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.util.Optional;
import java.util.stream.Stream;

/** What is asked and said at the bench, in the shop's words. */
final class RunWords {
  private static final Phrases PHRASES = Phrases.of(RunWords.class);

  private static final int MINUTE = 60;
  private static final int HALF = 30;
  private static final int HOUR = 3600;

  /** What sits no longer than this is wiped as it is laid. */
  private static final int AT_ONCE_S = 5;

  private RunWords() {}

  static String label(Look look, Seen seen) {
    return switch (seen) {
      case CLEAN -> look == Look.TEST_SPOT ? PHRASES.say("nothing-at-all") : PHRASES.say("clean");
      case SOIL ->
          switch (look) {
            case TEST_SPOT -> PHRASES.say("soil-comes-colour-stays");
            case SEAMS -> PHRASES.say("soil-still");
            default -> PHRASES.say("grey-or-brown");
          };
      case STUCK -> PHRASES.say("soil-that-stays-put");
      case COLOUR -> PHRASES.say("the-trims-colour");
      case DULLED -> PHRASES.say("dull-or-sticky");
      case CANNOT_TELL -> PHRASES.say("cannot-tell");
      case WHITE -> PHRASES.say("white-foam");
      case BROWN -> PHRASES.say("brown-foam");
      case SEAM_DIRT -> PHRASES.say("dirt-in-a-seam");
      case SEAM_DAMP -> PHRASES.say("a-damp-seam");
      case GLOSSY -> PHRASES.say("still-shiny");
      case DRY -> PHRASES.say("all-dry");
      case DAMP -> PHRASES.say("damp-somewhere");
      case EVEN -> PHRASES.say("even");
      case HIGH_SOFT -> PHRASES.say("high-spot-still-soft");
      case HIGH_SET -> PHRASES.say("high-spot-set");
    };
  }

  /** How long it sits, where it is laid and wiped in one step, and what the air makes of it. */
  static Stream<String> window(StepClock clock) {
    return Stream.concat(sits(clock).stream(), air(clock).stream());
  }

  private static Optional<String> sits(StepClock clock) {
    if (clock.from().isPresent() || clock.dwellS().isEmpty() || clock.wipeByS().isEmpty()) {
      return Optional.empty();
    }
    int dwell = clock.dwellS().get();
    int wipeBy = clock.wipeByS().get();
    return wipeBy >= StepClock.DAY_S
        ? Optional.empty()
        : Optional.of(
            dwell < AT_ONCE_S
                ? PHRASES.say("wiped-at-once")
                : PHRASES.say("sits-wiped-within", lasting(dwell), lasting(wipeBy)));
  }

  /** What other air makes of a window; nothing where it is much the same. */
  private static Optional<String> air(StepClock clock) {
    if (clock.air().isEmpty()) {
      return Optional.empty();
    }
    Workable now = clock.air().get();
    if (!now.fits()) {
      return Optional.of(PHRASES.say("in-this-air-it-dries"));
    }
    int planned = clock.plannedWipeByS();
    int nowS = clock.wipeByS().orElse(planned);
    if (Math.abs(nowS - planned) * 10 < planned) {
      return Optional.empty();
    }
    return Optional.of(
        now.sections() > 1
            ? PHRASES.say("in-sections", lasting(nowS), lasting(planned), now.sections())
            : PHRASES.say("the-air-changed-wipe-within", lasting(nowS), lasting(planned)));
  }

  /** What helps once the window is past. */
  static @Nullable String late(StepClock clock) {
    return switch (clock.late()) {
      case NONE -> null;
      case DRIES -> PHRASES.say("do-not-scrub-it-dry");
      case SETS -> PHRASES.say("no-need-to-hurry-a");
    };
  }

  /** So long in words, which nobody takes for a time of the clock. */
  static String lasting(int seconds) {
    if (seconds < 2 * MINUTE) {
      return seconds + " s";
    }
    if (seconds < HOUR) {
      int rest = seconds % MINUTE / HALF * HALF;
      return PHRASES.say("min", seconds / MINUTE, rest > 0 ? " " + rest + " s" : "");
    }
    return Math.round(seconds / (double) HOUR) + " h";
  }
}
