package attune.app.planning;

import attune.core.check.Coded;
import attune.core.match.Reason.Effect;

/** What becomes of something of the shelf on a panel. */
enum ItemStanding implements Coded {
  DONE("d"),
  WOULD_DO("w"),
  CAREFUL("-"),
  NOT_ASKED("-"),
  UNDER("u"),
  UNKNOWN("?"),
  OVER("o"),
  BARRED("b");

  private final String letter;

  ItemStanding(String letter) {
    this.letter = letter;
  }

  /** As a cell of the matrix has it. */
  String letter() {
    return letter;
  }

  /** By the worst of what stands against it. */
  static ItemStanding of(Effect worst) {
    return switch (worst) {
      case NOTE, CAUTION -> CAREFUL;
      case UNDER -> UNDER;
      case UNKNOWN -> UNKNOWN;
      case OVER -> OVER;
      case BARRED -> BARRED;
    };
  }
}
