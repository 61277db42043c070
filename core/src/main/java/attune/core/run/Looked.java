package attune.core.run;

import attune.core.run.Outcome.Next;

/**
 * How a step is judged by what is seen.
 *
 * @param passesHigh passes after which soil that stays is not worked on with the same treatment, 1
 *     or more
 * @param hide true on hide, where a cured coating stays as it is
 */
public record Looked(Look look, int passesHigh, boolean hide) {
  public Looked {
    if (passesHigh < 1) {
      throw new IllegalArgumentException(
          "passesHigh: found " + passesHigh + "; 1 or more is allowed");
    }
  }

  /**
   * What follows.
   *
   * @param pass the pass it was seen after, from 1
   * @param firmer true where the ladder has a rung above
   * @throws IllegalArgumentException for what cannot be seen there
   */
  public Outcome after(Seen seen, int pass, boolean firmer) {
    if (!look.canBe().contains(seen)) {
      throw new IllegalArgumentException(
          "seen: found " + seen.code() + "; allowed with " + look.code() + ": " + look.canBe());
    }
    return switch (seen) {
      case COLOUR ->
          new Outcome(
              Next.REFER,
              "Stop. That is the trim's own colour, not dirt. Nothing more is done here; a repairer"
                  + " re-colours it.");
      case DULLED ->
          new Outcome(
              Next.REFER,
              "Stop. Its coat is going. Wipe it off with a damp cloth; a repairer looks at it.");
      case CANNOT_TELL ->
          new Outcome(
              Next.HIDDEN_SPOT,
              "Soil and this trim's pigment look alike: try a hidden spot before the next pass.");
      case CLEAN -> clean();
      case WHITE -> new Outcome(Next.DONE, "White foam: nothing more comes. Blot, do not rub.");
      case SOIL, BROWN -> soil(pass, firmer);
      case STUCK ->
          firmer
              ? new Outcome(
                  Next.NEXT_RUNG,
                  "The soil there does not move: the next rung, with its own test spot.")
              : new Outcome(Next.LEAVE, LEAVE);
      case SEAM_DIRT ->
          again(
              pass,
              firmer,
              "Detail brush along the open seam, wipe, then look at this seam again.");
      case SEAM_DAMP ->
          new Outcome(
              Next.LIGHTER, "Wipe first, then blow the seam out, open, and look at it again.");
      case GLOSSY ->
          again(
              pass,
              firmer,
              "Shine is skin oil or an old dressing: once more, lightly, on this part.");
      case DRY -> new Outcome(Next.DONE, "Dry by the meter: what follows can bond.");
      case DAMP ->
          new Outcome(
              Next.WAIT, "Still damp: move the air or warm the seat, and measure again later.");
      case EVEN -> new Outcome(Next.DONE, "Even under the lamp.");
      case HIGH_SOFT ->
          new Outcome(
              Next.AGAIN,
              "Not set yet: a fresh face takes it off; on a coating a small damp of its own re-melts"
                  + " it first. Wipe it at once, then the lamp again.");
      case HIGH_SET ->
          hide
              ? new Outcome(
                  Next.STAYS,
                  "A coating that has set on hide stays; buffing would only take the hide.")
              : new Outcome(
                  Next.AGAIN, "Level it with a damp cloth while it can be moved, then look again.");
    };
  }

  private Outcome clean() {
    return switch (look) {
      case TEST_SPOT ->
          new Outcome(
              Next.DONE,
              "Nothing lifts, so it does no harm here. Whether it is enough the first pass says.");
      case SEAMS -> new Outcome(Next.DONE, "Clean, seams too.");
      default -> new Outcome(Next.DONE, "The cloth stays clean: done here.");
    };
  }

  private Outcome soil(int pass, boolean firmer) {
    if (look == Look.TEST_SPOT) {
      return new Outcome(Next.DONE, "Soil comes and the colour stays: go on with it.");
    }
    if (look == Look.SEAMS) {
      return again(pass, firmer, "Once more, lightly, where it shows; then look again.");
    }
    if (pass < passesHigh) {
      return new Outcome(
          Next.AGAIN,
          (look == Look.FOAM ? "Brown foam: go on" : "Soil: go on")
              + ", pass "
              + (pass + 1)
              + " of at most "
              + passesHigh
              + ", on a clean face.");
    }
    return firmerOrLeft(firmer, "Soil still, after all the passes there should be: ");
  }

  private Outcome again(int pass, boolean firmer, String says) {
    return pass < passesHigh
        ? new Outcome(Next.LIGHTER, says)
        : firmerOrLeft(firmer, "It stays as it is: ");
  }

  private static final String LEAVE =
      "The finish stands no more than this: leave what stays, and tell the customer.";

  private Outcome firmerOrLeft(boolean firmer, String why) {
    return firmer
        ? new Outcome(Next.NEXT_RUNG, why + "the next rung, after a test spot.")
        : new Outcome(Next.LEAVE, why + LEAVE.toLowerCase(java.util.Locale.ROOT));
  }
}
