package attune.core.care;

import attune.core.check.Coded;
import attune.core.reference.Figures;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;

/**
 * How a vehicle is used.
 *
 * @param kmAYear empty where it was not said
 */
public record Use(OptionalInt kmAYear, Set<Habit> habits, boolean hot) {
  private static final Phrases PHRASES = Phrases.of(Use.class);

  public static final Use UNKNOWN = new Use(OptionalInt.empty(), Set.of(), false);

  /** What soils or spares a cabin more than driving does. */
  public enum Habit implements Coded {
    PETS,
    DENIM,
    CHILDREN,
    GLOVES,
    SMOKING,
    WORK_CLOTHES
  }

  public Use {
    habits = Set.copyOf(habits);
  }

  /** How much faster than usual the cabin soils, 1 as usual; the order of magnitude of a shop. */
  public double soiling(Figures figures) {
    double factor = hot ? figures.get("care.use.hot") : 1;
    if (kmAYear.isPresent()) {
      double share = kmAYear.getAsInt() / figures.get("care.km-usual");
      factor *=
          Math.min(figures.get("care.km-most"), Math.max(figures.get("care.km-least"), share));
    }
    for (Habit habit : habits) {
      factor *= figures.get("care.use." + habit.code());
    }
    return factor;
  }

  /** Why, in the shop's words; empty where it is as usual. */
  public List<String> reasons(Figures figures) {
    List<String> reasons = new ArrayList<>();
    kmAYear.ifPresent(
        km -> {
          if (km > figures.get("care.km-usual")) {
            reasons.add(PHRASES.say("many-kilometres"));
          } else if (km < figures.get("care.km-usual")) {
            reasons.add(PHRASES.say("few-kilometres"));
          }
        });
    habits.stream().sorted().map(h -> h.code().replace('-', ' ')).forEach(reasons::add);
    if (hot) {
      reasons.add(PHRASES.say("a-hot-climate"));
    }
    return reasons;
  }
}
