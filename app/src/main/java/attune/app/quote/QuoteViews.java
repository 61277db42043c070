package attune.app.quote;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;

/** What goes in and out of the quote endpoints; money in minor units of the currency. */
final class QuoteViews {
  private QuoteViews() {}

  /** A package of a quote. */
  record LineView(
      String sold,
      String says,
      boolean optional,
      boolean taken,
      int minutes,
      long workMinor,
      long materialMinor,
      long minor,
      boolean priced) {}

  /** What it costs as planned now, or as it was quoted. */
  record QuoteView(
      List<LineView> lines,
      String currency,
      double taxPercent,
      long netMinor,
      long taxMinor,
      long grossMinor) {}

  /**
   * A quote that was given.
   *
   * @param differs what the plan of today costs more, or less, than was quoted
   */
  record GivenView(
      int number,
      String state,
      QuoteView quote,
      LocalDateTime quotedAt,
      @Nullable LocalDateTime agreedAt,
      @Nullable LocalDateTime doneAt,
      long differs) {}

  /**
   * The quotes of a job.
   *
   * @param hourlyRate null where the shop has none, so that work costs nothing
   * @param now as planned now
   * @param given the last first
   */
  record QuotesView(@Nullable Double hourlyRate, QuoteView now, List<GivenView> given) {}

  /** Packages the customer leaves out. */
  record QuoteRequest(
      @NotNull(message = "a list, maybe empty") @Size(max = 10, message = "at most 10")
          List<String> declined) {}

  /** One standard of the whole cabin. */
  record StandardView(
      String standard,
      boolean current,
      int workMin,
      LocalDateTime handsOffAt,
      LocalDateTime readyAt,
      long netMinor,
      String currency) {}
}
