package attune.core.run;

import attune.core.run.Outcome.Next;
import attune.core.words.Phrases;

/**
 * How a step is judged by what is seen.
 *
 * @param passesHigh passes after which soil that stays is not worked on with the same treatment, 1
 *     or more
 * @param hide true on hide, where a cured coating stays as it is
 */
public record Looked(Look look, int passesHigh, boolean hide) {
  private static final Phrases PHRASES = Phrases.of(Looked.class);

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
      case COLOUR -> new Outcome(Next.REFER, PHRASES.say("stop-that-is-the-trims"));
      case DULLED -> new Outcome(Next.REFER, PHRASES.say("stop-its-coat-is-going"));
      case CANNOT_TELL -> new Outcome(Next.HIDDEN_SPOT, PHRASES.say("soil-and-this-trims-pigment"));
      case CLEAN -> clean();
      case WHITE -> new Outcome(Next.DONE, PHRASES.say("white-foam-nothing-more-comes"));
      case SOIL, BROWN -> soil(pass, firmer);
      case STUCK ->
          firmer
              ? new Outcome(Next.NEXT_RUNG, PHRASES.say("the-soil-there-does-not"))
              : new Outcome(Next.LEAVE, PHRASES.say("the-finish-stands-no-more"));
      case SEAM_DIRT -> again(pass, firmer, PHRASES.say("detail-brush-along-the-open"));
      case SEAM_DAMP -> new Outcome(Next.LIGHTER, PHRASES.say("wipe-first-then-blow-the"));
      case GLOSSY -> again(pass, firmer, PHRASES.say("shine-is-skin-oil-or"));
      case DRY -> new Outcome(Next.DONE, PHRASES.say("dry-by-the-meter-what"));
      case DAMP -> new Outcome(Next.WAIT, PHRASES.say("still-damp-move-the-air"));
      case EVEN -> new Outcome(Next.DONE, PHRASES.say("even-under-the-lamp"));
      case HIGH_SOFT -> new Outcome(Next.AGAIN, PHRASES.say("not-set-yet-a-fresh"));
      case HIGH_SET ->
          hide
              ? new Outcome(Next.STAYS, PHRASES.say("a-coating-that-has-set"))
              : new Outcome(Next.AGAIN, PHRASES.say("level-it-with-a-damp"));
    };
  }

  private Outcome clean() {
    return switch (look) {
      case TEST_SPOT -> new Outcome(Next.DONE, PHRASES.say("nothing-lifts-so-it-does"));
      case SEAMS -> new Outcome(Next.DONE, PHRASES.say("clean-seams-too"));
      default -> new Outcome(Next.DONE, PHRASES.say("the-cloth-stays-clean-done"));
    };
  }

  private Outcome soil(int pass, boolean firmer) {
    if (look == Look.TEST_SPOT) {
      return new Outcome(Next.DONE, PHRASES.say("soil-comes-and-the-colour"));
    }
    if (look == Look.SEAMS) {
      return again(pass, firmer, PHRASES.say("once-more-lightly-where-it"));
    }
    if (pass < passesHigh) {
      return new Outcome(
          Next.AGAIN,
          look == Look.FOAM
              ? PHRASES.say("brown-foam-go-on", pass + 1, passesHigh)
              : PHRASES.say("soil-go-on", pass + 1, passesHigh));
    }
    return firmer
        ? new Outcome(Next.NEXT_RUNG, PHRASES.say("soil-still-after-all-the"))
        : new Outcome(Next.LEAVE, PHRASES.say("soil-still-leave"));
  }

  private Outcome again(int pass, boolean firmer, String says) {
    if (pass < passesHigh) {
      return new Outcome(Next.LIGHTER, says);
    }
    return firmer
        ? new Outcome(Next.NEXT_RUNG, PHRASES.say("it-stays-as-it-is"))
        : new Outcome(Next.LEAVE, PHRASES.say("it-stays-leave"));
  }
}
