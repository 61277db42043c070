package attune.app.format;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.match.ReasonCode;
import attune.core.shelf.Soil;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

class WireCodesTest {
  private static final JsonMapper MAPPER = JsonMapper.builder().addModule(new WireCodes()).build();

  private enum Moment {
    DONE,
    HALF_AND_HALF
  }

  private record Photo(Moment moment, List<Soil> soils, ReasonCode reason) {}

  @Test
  void aCodeGoesOutInSmallLettersAndAReasonAsTheFormatsHaveIt() {
    Photo photo = new Photo(Moment.HALF_AND_HALF, List.of(Soil.SKIN_OIL), ReasonCode.NEVER_MIX);
    assertThat(MAPPER.writeValueAsString(photo))
        .isEqualTo(
            "{\"moment\":\"half-and-half\",\"soils\":[\"skin-oil\"],\"reason\":\"NEVER_MIX\"}");
    assertThat(MAPPER.readValue(MAPPER.writeValueAsString(photo), Photo.class)).isEqualTo(photo);
  }

  @ParameterizedTest
  @ValueSource(strings = {"half-and-half", "HALF_AND_HALF"})
  void bothSpellingsAreRead(String spelt) {
    assertThat(MAPPER.readValue("{\"moment\":\"%s\"}".formatted(spelt), Photo.class).moment())
        .isEqualTo(Moment.HALF_AND_HALF);
  }
}
