package attune.core.run;

import attune.core.check.Coded;
import java.util.List;

/** What is looked at when a step is done, and what can be seen there (docs/trade, model 8). */
public enum Look implements Coded {
  TEST_SPOT(Seen.SOIL, Seen.CLEAN, Seen.STUCK, Seen.COLOUR, Seen.DULLED),
  CLOTH(Seen.CLEAN, Seen.SOIL, Seen.COLOUR, Seen.DULLED, Seen.CANNOT_TELL),
  FOAM(Seen.WHITE, Seen.BROWN, Seen.COLOUR),
  SEAMS(Seen.CLEAN, Seen.SOIL, Seen.SEAM_DIRT, Seen.SEAM_DAMP, Seen.GLOSSY, Seen.COLOUR),
  METER(Seen.DRY, Seen.DAMP),
  LAMP(Seen.EVEN, Seen.HIGH_SOFT, Seen.HIGH_SET);

  private final List<Seen> canBe;

  Look(Seen... canBe) {
    this.canBe = List.of(canBe);
  }

  /** The best first, what stops the work last but one or last. */
  public List<Seen> canBe() {
    return canBe;
  }
}
