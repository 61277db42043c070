package attune.core.simulate;

import attune.core.reference.Figures;
import attune.core.words.Phrases;
import java.util.Optional;

/**
 * Whether a sheen may be believed yet: wet hide and plastic shine, and so does a balm or coating
 * that has not settled (docs/trade, too early to judge).
 */
public final class Validity {
  private static final Phrases PHRASES = Phrases.of(Validity.class);

  private Validity() {}

  /**
   * Why a reading is not valid yet, or empty when it stands.
   *
   * @param moisture last reading of the meter, 0 to 100, where there is a fresh one
   * @param working what still goes on there, such as drying or curing, where something does
   */
  public static Optional<String> tooEarly(
      Instrument instrument, Optional<Double> moisture, Optional<String> working, Figures figures) {
    if (instrument != Instrument.GLOSS) {
      return Optional.empty();
    }
    if (working.isPresent()) {
      return Optional.of(PHRASES.say("not-valid-yet-wet-and", working.get()));
    }
    return moisture
        .filter(scale -> scale > figures.get("instrument.moisture-dry"))
        .map(
            scale ->
                PHRASES.say(
                    "not-valid-yet-the-moisture",
                    Math.round(scale),
                    Math.round(figures.get("instrument.moisture-dry"))));
  }
}
