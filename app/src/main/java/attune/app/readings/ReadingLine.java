package attune.app.readings;

import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.simulate.Instrument;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;

/** One line of an instrument's stream, as in attune-reading. */
record ReadingLine(
    String instrument,
    @Nullable Double value,
    @Nullable String colour,
    @Nullable String unit,
    @Nullable String device) {
  private static final Phrases PHRASES = Phrases.of(ReadingLine.class);

  /**
   * The value in the instrument's unit, a colour as its number.
   *
   * @param pointer of the faults
   * @throws InvalidInputException if it is missing, off the scale or in another unit
   */
  static double value(
      Instrument instrument,
      @Nullable Double value,
      @Nullable String colour,
      @Nullable String unit,
      String pointer) {
    if (unit != null && !unit.equals(instrument.unit())) {
      throw new InvalidInputException(pointer + "/unit", "\"" + unit + "\"", instrument.unit());
    }
    if (instrument == Instrument.CLOTH_COLOUR) {
      if (colour == null || !colour.matches("#[0-9a-fA-F]{6}")) {
        throw new InvalidInputException(
            pointer + "/colour", colour == null ? Fault.NOTHING : "\"" + colour + "\"", "#rrggbb");
      }
      return Integer.parseInt(colour.substring(1), 16);
    }
    if (value == null || !(value >= instrument.least() && value <= instrument.most())) {
      throw new InvalidInputException(
          pointer + "/value",
          value == null ? Fault.NOTHING : String.valueOf(value),
          PHRASES.say(
              "to", plain(instrument.least()), plain(instrument.most()), instrument.unit()));
    }
    return value;
  }

  private static String plain(double value) {
    return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
  }
}
