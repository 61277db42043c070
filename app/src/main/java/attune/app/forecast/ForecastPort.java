package attune.app.forecast;

import attune.core.plan.Outlook.Forecast;
import java.time.LocalDate;
import java.util.List;

/** Port to a weather service. */
interface ForecastPort {
  /** Hour by hour from midnight, two days. */
  List<Forecast> from(LocalDate day);
}
