package attune.app.bench;

import attune.app.format.Code;
import attune.core.bench.Instead;
import attune.core.bench.Workable;
import attune.core.check.InvalidInputException;
import attune.core.match.ReasonCode;
import attune.core.measure.Ratio;
import attune.core.survey.Setting;
import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.annotation.Nullable;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

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
    @Nullable @Size(max = 40, message = "{at-most-40}") List<String> ticked,
    @Nullable UsedInstead used,
    @Nullable AirNow air,
    @Nullable Map<String, Workable> windows,
    @Nullable String says,
    @Nullable String batch,
    @Nullable Double ml,
    @Nullable @Size(max = 36, message = "{an-entrys-id}") String corrects) {
  static final EntryDetail NONE = new EntryDetail(null, null, null, null, null, null, null, null);

  /** What was used instead; what is left open is as planned. */
  public record UsedInstead(
      @Nullable String productId, @Nullable String ratio, @Nullable String toolId) {

    private Instead read() {
      return new Instead(Optional.ofNullable(productId), readRatio(), Optional.ofNullable(toolId));
    }

    private Optional<Ratio> readRatio() {
      try {
        return Optional.ofNullable(ratio).map(Ratio::parse);
      } catch (InvalidInputException e) {
        return Optional.empty(); // it was said so when it was told
      }
    }
  }

  /** The room. */
  public record AirNow(
      double airTempC,
      double relativeHumidity,
      @Nullable Double airSpeedMs,
      @Code(Setting.Sun.class) @Nullable String sun) {}

  /** What was used instead, as far as it can be read. */
  Optional<Instead> instead() {
    return Optional.ofNullable(used).map(UsedInstead::read);
  }

  /** Cautions that were ticked. */
  List<ReasonCode> tickedCodes() {
    return ticked == null
        ? List.of()
        : Arrays.stream(ReasonCode.values()).filter(code -> ticked.contains(code.name())).toList();
  }

  EntryDetail in(Map<String, Workable> found) {
    return new EntryDetail(ticked, used, air, found, says, batch, ml, corrects);
  }

  EntryDetail saying(String judged) {
    return new EntryDetail(ticked, used, air, windows, judged, batch, ml, corrects);
  }

  EntryDetail from(String bottle) {
    return new EntryDetail(ticked, used, air, windows, says, bottle, ml, corrects);
  }
}
