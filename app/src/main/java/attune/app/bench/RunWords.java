package attune.app.bench;

import attune.core.bench.StepClock;
import attune.core.bench.Workable;
import attune.core.run.Look;
import attune.core.run.Seen;
import jakarta.annotation.Nullable;
import java.util.Optional;
import java.util.stream.Stream;

/** What is asked and said at the bench, in the shop's words. */
final class RunWords {
  private static final int MINUTE = 60;
  private static final int HALF = 30;
  private static final int HOUR = 3600;

  /** What sits no longer than this is wiped as it is laid. */
  private static final int AT_ONCE_S = 5;

  private RunWords() {}

  static String label(Look look, Seen seen) {
    return switch (seen) {
      case CLEAN -> look == Look.TEST_SPOT ? "Nothing at all" : "Clean";
      case SOIL ->
          switch (look) {
            case TEST_SPOT -> "Soil comes, colour stays";
            case SEAMS -> "Soil still";
            default -> "Grey or brown";
          };
      case STUCK -> "Soil that stays put";
      case COLOUR -> "The trim's colour";
      case DULLED -> "Dull or sticky";
      case CANNOT_TELL -> "Cannot tell";
      case WHITE -> "White foam";
      case BROWN -> "Brown foam";
      case SEAM_DIRT -> "Dirt in a seam";
      case SEAM_DAMP -> "A damp seam";
      case GLOSSY -> "Still shiny";
      case DRY -> "All dry";
      case DAMP -> "Damp somewhere";
      case EVEN -> "Even";
      case HIGH_SOFT -> "High spot, still soft";
      case HIGH_SET -> "High spot, set";
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
                ? "Wiped at once."
                : "Sits " + lasting(dwell) + ", wiped within " + lasting(wipeBy) + ".");
  }

  /** What other air makes of a window; nothing where it is much the same. */
  private static Optional<String> air(StepClock clock) {
    if (clock.air().isEmpty()) {
      return Optional.empty();
    }
    Workable now = clock.air().get();
    if (!now.fits()) {
      return Optional.of(
          "In this air it dries before it can be wiped: cool it, shade it, or wait.");
    }
    int planned = clock.plannedWipeByS();
    int nowS = clock.wipeByS().orElse(planned);
    if (Math.abs(nowS - planned) * 10 < planned) {
      return Optional.empty();
    }
    return Optional.of(
        "The air changed: wipe within "
            + lasting(nowS)
            + " instead of "
            + lasting(planned)
            + (now.sections() > 1 ? ", in " + now.sections() + " sections." : "."));
  }

  /** What helps once the window is past. */
  static @Nullable String late(StepClock clock) {
    return switch (clock.late()) {
      case NONE -> null;
      case DRIES ->
          "Do not scrub it dry. Mist a little of the same mix on, work, wipe at once, and take"
              + " half the area next.";
      case SETS ->
          "No need to hurry. A small damp of fresh coating re-melts it; wipe at once. What has"
              + " cured on hide stays: note it as a high spot.";
    };
  }

  /** So long in words, which nobody takes for a time of the clock. */
  static String lasting(int seconds) {
    if (seconds < 2 * MINUTE) {
      return seconds + " s";
    }
    if (seconds < HOUR) {
      int rest = seconds % MINUTE / HALF * HALF;
      return seconds / MINUTE + " min" + (rest > 0 ? " " + rest + " s" : "");
    }
    return Math.round(seconds / (double) HOUR) + " h";
  }
}
