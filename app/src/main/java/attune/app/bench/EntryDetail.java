package attune.app.bench;

import attune.app.format.Code;
import attune.core.survey.Setting;
import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.annotation.Nullable;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;

/**
 * What else there is to say of an entry; what does not apply is left out.
 *
 * @param ticked codes of the cautions that were ticked
 * @param used what was used instead of what was planned
 * @param air the room as it was measured
 * @param windows how long each panel stays workable in that air, by panel; worked out here
 * @param says what the judge says of what was used instead; worked out here
 * @param batch of the bottle that was open; noted here
 * @param ml how much went on, where it was measured
 * @param corrects id of the entry this one puts right
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record EntryDetail(
    @Nullable @Size(max = 40, message = "at most 40") List<String> ticked,
    @Nullable UsedInstead used,
    @Nullable AirNow air,
    @Nullable Map<String, Window> windows,
    @Nullable String says,
    @Nullable String batch,
    @Nullable Double ml,
    @Nullable @Size(max = 36, message = "an entry's id") String corrects) {
  static final EntryDetail NONE = new EntryDetail(null, null, null, null, null, null, null, null);

  /** UsedInstead instead; no product is dry work. */
  public record UsedInstead(
      @Nullable String productId, @Nullable String ratio, @Nullable String toolId) {}

  /** The room. */
  public record AirNow(
      double airTempC,
      double relativeHumidity,
      @Nullable Double airSpeedMs,
      @Code(Setting.Sun.class) @Nullable String sun) {}

  /**
   * How long a panel stays workable.
   *
   * @param sections it is cut into
   * @param fits false where even a small piece dries before it is wiped
   */
  public record Window(double windowS, int sections, boolean fits) {}

  EntryDetail in(Map<String, Window> found) {
    return new EntryDetail(ticked, used, air, found, says, batch, ml, corrects);
  }

  EntryDetail saying(String judged) {
    return new EntryDetail(ticked, used, air, windows, judged, batch, ml, corrects);
  }

  EntryDetail from(String bottle) {
    return new EntryDetail(ticked, used, air, windows, says, bottle, ml, corrects);
  }
}
