package attune.core.care;

import attune.core.reference.Figures;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * When something is due: after each of some days, or every so many.
 *
 * @param afterDays days after the visit, rising; empty for what is repeated
 * @param everyDays days between, 1 or more
 */
public record Interval(List<Integer> afterDays, OptionalInt everyDays) {
  /** What is done when a cabin has soiled again, and so by what visits found. */
  public static final String DEEP_CLEAN = "deep-clean";

  public Interval {
    afterDays = List.copyOf(afterDays);
  }

  /**
   * The same for a vehicle used like this: what is repeated comes sooner or later with how fast it
   * soils, but what is done every few days never more rarely; a ladder of days after a treatment
   * stays, as it goes by the hide.
   */
  public Interval with(Use use, Figures figures) {
    if (everyDays.isEmpty()) {
      return this;
    }
    double faster = use.soiling(figures);
    boolean often = everyDays.getAsInt() <= figures.get("care.touch-days");
    double days = everyDays.getAsInt() / (often ? Math.max(1, faster) : faster);
    return new Interval(
        afterDays,
        OptionalInt.of(
            (int)
                Math.max(
                    figures.get("care.days-least"),
                    Math.min(figures.get("care.days-most"), Math.round(days)))));
  }

  /**
   * The next day it is due.
   *
   * @param visit when the work was done
   * @param done how often it was done since, and when last
   * @return empty when a ladder is through
   */
  public Optional<LocalDate> next(LocalDate visit, int done, Optional<LocalDate> last) {
    if (everyDays.isPresent()) {
      return Optional.of(last.orElse(visit).plusDays(everyDays.getAsInt()));
    }
    return done < afterDays.size()
        ? Optional.of(visit.plusDays(afterDays.get(done)))
        : Optional.empty();
  }

  /**
   * Days between deep cleans that would have met moderate soil, from what this visit found.
   *
   * @param before the visit before
   * @param amount soil found, as the figures count it
   * @return empty where too little time is between them to say
   */
  public static OptionalInt adapted(
      LocalDate before, LocalDate now, double amount, Figures figures) {
    long between = ChronoUnit.DAYS.between(before, now);
    if (between < figures.get("care.days-least") || amount <= 0) {
      return OptionalInt.empty();
    }
    double days = between * figures.get("cleaning.soil.moderate") / amount;
    return OptionalInt.of(
        (int)
            Math.max(
                figures.get("care.deep-least"),
                Math.min(figures.get("care.days-most"), Math.round(days))));
  }
}
