package attune.core.check;

/** Range checks that refuse NaN and say what is allowed. */
public final class Check {
  private Check() {}

  /**
   * Returns {@code value} if {@code min <= value <= max}, with -0.0 as 0.0.
   *
   * @throws InvalidInputException otherwise, NaN included
   */
  public static double inRange(String field, double value, double min, double max, String unit) {
    if (value >= min && value <= max) { // this way round: ordering tests with NaN are false
      return value + 0.0;
    }
    throw new InvalidInputException(
        field, String.valueOf(value), (trim(min) + " to " + trim(max) + " " + unit).strip());
  }

  private static String trim(double value) {
    return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
  }
}
