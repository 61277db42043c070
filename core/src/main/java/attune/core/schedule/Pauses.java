package attune.core.schedule;

/**
 * What people need between two pieces of work.
 *
 * @param everyS hands-on seconds after which somebody rests at the latest; 0 for never
 * @param restS how long, seconds
 * @param shiftS a shift longer than this has a meal in it, seconds
 * @param mealS how long that is, seconds
 * @param stepS going one station further along the car, seconds
 * @param stepMostS going right across it, seconds
 */
public record Pauses(int everyS, int restS, int shiftS, int mealS, int stepS, int stepMostS) {
  public static final Pauses NONE = new Pauses(0, 0, 0, 0, 0, 0);

  public Pauses {
    boolean sound =
        everyS >= 0 && restS >= 0 && shiftS >= 0 && mealS >= 0 && stepS >= 0 && stepMostS >= 0;
    if (!sound) {
      throw new IllegalArgumentException("pauses: 0 or more is allowed");
    }
  }

  /** Seconds from one place to another. */
  public int way(Activity from, Activity to) {
    if (from.station().isEmpty() || to.station().isEmpty()) {
      return 0;
    }
    int apart = Math.abs(from.station().getAsInt() - to.station().getAsInt());
    return Math.min(stepMostS, apart * stepS);
  }
}
