package attune.app.quote;

import attune.app.format.Code;
import attune.core.plan.Omission;
import attune.core.quote.Quote;
import attune.core.survey.Wishes;
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
      @Code(Quote.Package.class) String sold,
      String says,
      boolean optional,
      boolean taken,
      int minutes,
      long workMinor,
      long materialMinor,
      long minor,
      boolean priced) {

    /** Somebody else's work, which is in no sum. */
    boolean refers() {
      return sold.equals(Quote.Package.REFERRED.code());
    }
  }

  /**
   * What it costs as planned now, or as it was quoted.
   *
   * @param level what the shop calls what is taken; null where it is no level of the shop's
   */
  record QuoteView(
      @Nullable String level,
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
      QuoteState state,
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

  /**
   * Packages the customer leaves out.
   *
   * @param level which of the shop's levels that is, where it is one
   */
  record QuoteRequest(
      @NotNull(message = "{a-list-maybe-empty}") @Size(max = 10, message = "{at-most-10}")
          List<String> declined,
      @Nullable @Size(max = 40, message = "{at-most-40-characters}") String level) {}

  /**
   * The shop's levels, each to every standard.
   *
   * @param currency of the sums
   */
  record LevelsView(String currency, List<LevelView> levels) {}

  /**
   * A level.
   *
   * @param leavesOut packages that are not in it
   * @param prices by standard, tidy first
   */
  record LevelView(
      String name, @Code(Omission.class) List<String> leavesOut, List<PriceView> prices) {}

  /**
   * What a level comes to.
   *
   * @param minutes hands-on
   * @param current true for the standard the cabin is planned to
   */
  record PriceView(
      @Code(Wishes.Standard.class) String standard,
      boolean current,
      int minutes,
      long grossMinor,
      LocalDateTime readyAt) {}

  /** One standard of the whole cabin. */
  record StandardView(
      @Code(Wishes.Standard.class) String standard,
      boolean current,
      int workMin,
      LocalDateTime handsOffAt,
      LocalDateTime readyAt,
      long netMinor,
      String currency) {}
}
