package attune.app.bench;

import attune.app.bench.EntryDetail.Window;
import attune.core.run.Look;
import attune.core.run.Seen;
import jakarta.annotation.Nullable;

/** What is asked and said at the bench, in the shop's words. */
final class RunWords {
  private static final int MINUTE = 60;
  private static final int HALF = 30;
  private static final int HOUR = 3600;

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

  /** What other air makes of a window; nothing where it is much the same. */
  static @Nullable String air(int plannedS, int nowS, Window window) {
    if (!window.fits()) {
      return "In this air it dries before it can be wiped: cool it, shade it, or wait.";
    }
    if (Math.abs(nowS - plannedS) * 10 < plannedS) {
      return null;
    }
    return "The air changed: wipe within "
        + lasting(nowS)
        + " instead of "
        + lasting(plannedS)
        + (window.sections() > 1 ? ", in " + window.sections() + " sections." : ".");
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
