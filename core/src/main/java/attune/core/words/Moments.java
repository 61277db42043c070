package attune.core.words;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Days and times of the clock as sentences have them; a customer's papers go by the shop's own. */
public final class Moments {
  private static final Locale SPOKEN =
      Phrases.language().startsWith(Phrases.ENGLISH)
          ? Locale.UK
          : Locale.forLanguageTag(Phrases.language());
  private static final DateTimeFormatter CLOCK = of("HH:mm");
  private static final DateTimeFormatter DAY_AND_CLOCK = of("EEE d MMM HH:mm");
  private static final DateTimeFormatter WHOLE_DAY_AND_CLOCK = of("EEEE d MMMM, HH:mm");
  private static final DateTimeFormatter WHOLE_DAY = of("EEEE d MMMM yyyy");
  private static final DateTimeFormatter DATE = of("d MMM yyyy");

  private Moments() {}

  private static DateTimeFormatter of(String pattern) {
    return DateTimeFormatter.ofPattern(pattern, SPOKEN);
  }

  /** "17:00". */
  public static String clock(LocalDateTime at) {
    return CLOCK.format(at);
  }

  /** "Tue 2 Jun 17:00". */
  public static String dayAndClock(LocalDateTime at) {
    return DAY_AND_CLOCK.format(at);
  }

  /** The clock alone where both are of one day: "17:00". */
  public static String beside(LocalDate day, LocalDateTime at) {
    return at.toLocalDate().equals(day) ? clock(at) : dayAndClock(at);
  }

  /** "Tuesday 2 June, 17:00". */
  public static String wholeDayAndClock(LocalDateTime at) {
    return WHOLE_DAY_AND_CLOCK.format(at);
  }

  /** "Tuesday 2 June 2026". */
  public static String wholeDay(LocalDate day) {
    return WHOLE_DAY.format(day);
  }

  /** "2 Jun 2026". */
  public static String date(LocalDate day) {
    return DATE.format(day);
  }
}
