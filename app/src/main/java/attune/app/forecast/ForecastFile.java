package attune.app.forecast;

import attune.app.format.Code;
import attune.core.survey.Setting;
import jakarta.annotation.Nullable;
import java.util.List;

/** The attune-forecast file. */
record ForecastFile(String format, int version, @Nullable String place, List<HourFile> hours) {
  /**
   * An hour.
   *
   * @param at local, when it begins
   * @param relativeHumidity 0 to 1
   */
  record HourFile(
      String at,
      double airTempC,
      double relativeHumidity,
      @Nullable Double airSpeedMs,
      @Code(Setting.Sun.class) @Nullable String sun) {}
}
