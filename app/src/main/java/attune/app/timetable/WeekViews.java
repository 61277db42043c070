package attune.app.timetable;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;

/** A week of the shop. */
final class WeekViews {
  private WeekViews() {}

  /**
   * Seven days.
   *
   * @param people the shop's, in their order
   * @param hours of each, day by day; none for a day off
   */
  record WeekView(
      LocalDate from, List<String> people, List<ThereView> hours, List<StintView> stints) {}

  /** How long somebody is there on a day, minutes. */
  record ThereView(String person, LocalDate date, int thereMin) {}

  /**
   * Somebody's work on a job on one day.
   *
   * @param person null where nobody is named
   * @param start of the job
   * @param workMin of it, without the waits between
   * @param clash the other job they are on at the same time
   */
  record StintView(
      UUID jobId,
      String title,
      String vehicleLabel,
      @Nullable String person,
      LocalDateTime start,
      LocalDateTime from,
      LocalDateTime until,
      int workMin,
      LocalDateTime readyAt,
      boolean late,
      @Nullable String clash) {}

  /** When a job begins. */
  record StartRequest(@NotNull(message = "{a-local-time}") LocalDateTime start) {}
}
